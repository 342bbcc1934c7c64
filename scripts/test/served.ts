import { spawn, type ChildProcess } from 'node:child_process'
import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

export const root = fileURLToPath(new URL('../..', import.meta.url))
/** The browser that is measured in. */
export const executablePath = [
  process.env.CHROMIUM,
  '/usr/bin/chromium',
  '/usr/bin/chromium-headless-shell',
].find((path): path is string => path !== undefined && existsSync(path))!

/** The server over a built app, with the demo. @param webRoot the app’s own for nothing */
export function serve(webRoot?: string): Promise<{ url: string; server: ChildProcess }> {
  const server = spawn('node', [join(root, 'server/dist/main.js')], {
    env: { ...process.env, PORT: '0', DEMO: '1', ...(webRoot && { WEB_ROOT: webRoot }) },
    stdio: ['ignore', 'pipe', 'inherit'],
  })
  return new Promise((done) =>
    server.stdout.on('data', (text: Buffer) => {
      const url = /http:\/\/\S+/.exec(text.toString())
      if (url) done({ url: url[0], server })
    }),
  )
}
export const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[values.length >> 1]!
