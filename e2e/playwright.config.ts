import { existsSync } from 'node:fs'
import { hostname } from 'node:os'
import { defineConfig } from '@playwright/test'

/** The browser without its window, where it is there. */
const SHELL = '/usr/bin/chromium-headless-shell'
export const chromiumPath = (): string =>
  process.env.CHROMIUM ?? (existsSync(SHELL) ? SHELL : '/usr/bin/chromium')
const port = Number(process.env.E2E_PORT ?? 4599)

/** The real server with the built app and the demo shop, and the machine's own Chromium. */
export default defineConfig({
  testDir: '.',
  testMatch: '*.spec.ts',
  timeout: 300_000,
  // Shared machines can be slow for minutes; a wrong page is still wrong after twenty seconds.
  expect: { timeout: 20_000 },
  workers: 2,
  fullyParallel: true,
  forbidOnly: true,
  reporter: process.env.PW_JSON ? [['list'], ['json', { outputFile: process.env.PW_JSON }]] : [['list']],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    // Parts of a screen that have no name of their own: never a class.
    testIdAttribute: 'data-part',
    // Kept on the device the whole program is fetched at every visit: one test of its own does that.
    serviceWorkers: 'block',
    // What moves is waited for at every press: where hands are tried it moves, elsewhere it stands.
    contextOptions: { reducedMotion: 'reduce' },
    trace: 'off',
    launchOptions: {
      executablePath: chromiumPath(),
      args: [
        '--no-sandbox',
        // A page here lives for seconds: compiling it twice over costs more than it gives.
        '--js-flags=--interrupt-budget=1000000 --interrupt-budget-for-maglev=300000',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        // The same server at an address that a browser does not trust: plain http, as over a workshop’s network.
        `--host-resolver-rules=MAP ${hostname()} 127.0.0.1`,
      ],
    },
  },
  webServer: [
    {
      command: 'node ../server/dist/main.js',
      url: `http://127.0.0.1:${port}/api/v1/info`,
      env: { PORT: String(port), DEMO: '1' },
      reuseExistingServer: false,
    },
  ],
})
