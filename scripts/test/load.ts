/**
 * The first load against an empty app of the same framework: bytes sent for every response up to the load event, and
 * time to the heading, in the same browser, from the same server, service workers off and the cache empty. Medians of
 * nine pairs in turn. `npm run bench -- load`; `PAIRS=3` for a quick look.
 */
import { chromium, type Browser } from '@playwright/test'
import { spawn, type ChildProcess } from 'node:child_process'
import { existsSync, mkdtempSync, rmSync, symlinkSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import { build } from 'vite'
import vuetify from 'vite-plugin-vuetify'

const root = fileURLToPath(new URL('../..', import.meta.url))
const PAIRS = Number(process.env.PAIRS ?? 9)
const CHROMIUM = [process.env.CHROMIUM, '/usr/bin/chromium', '/usr/bin/chromium-headless-shell'].find(
  (path) => path && existsSync(path),
)

/** The empty app: bar, card, button, router, pinia, whole styles and the same font. */
const EMPTY: Readonly<Record<string, string>> = {
  'index.html': `<!doctype html><html lang="en"><head><meta charset="utf-8"><meta id="vuetify-theme-stylesheet"><title>Empty</title></head><body><div id="app"></div><script type="module" src="/main.ts"></script></body></html>`,
  'main.ts': `import 'vuetify/styles'
import '@fontsource-variable/atkinson-hyperlegible-next'
import './font.css'
import { createPinia } from 'pinia'
import { createApp } from 'vue'
import { createRouter, createWebHistory } from 'vue-router'
import { createVuetify } from 'vuetify'
import App from './App.vue'
import Home from './Home.vue'
const router = createRouter({ history: createWebHistory(), routes: [{ path: '/:rest(.*)*', component: Home }] })
createApp(App).use(createPinia()).use(router).use(createVuetify()).mount('#app')
`,
  'font.css': `body { font-family: 'Atkinson Hyperlegible Next Variable', sans-serif }`,
  'App.vue': `<template><v-app><v-app-bar title="Empty" /><v-main><router-view /></v-main></v-app></template>`,
  'Home.vue': `<template><v-card title="Empty"><h1>Empty</h1><v-btn>Press</v-btn></v-card></template>`,
}

async function buildEmpty(): Promise<string> {
  const folder = mkdtempSync(join(tmpdir(), 'pepper-knot-empty-'))
  for (const [name, text] of Object.entries(EMPTY)) writeFileSync(join(folder, name), text)
  symlinkSync(join(root, 'node_modules'), join(folder, 'node_modules'))
  await build({
    root: folder,
    configFile: false,
    logLevel: 'error',
    plugins: [vue(), vuetify({ autoImport: true })],
    build: { assetsInlineLimit: 0, outDir: join(folder, 'dist') },
  })
  return folder
}

/** The same server over a built app. */
function serve(webRoot: string): Promise<{ url: string; server: ChildProcess }> {
  const server = spawn('node', [join(root, 'server/dist/main.js')], {
    env: { ...process.env, PORT: '0', WEB_ROOT: webRoot, DEMO: '1' },
    stdio: ['ignore', 'pipe', 'inherit'],
  })
  return new Promise((done) =>
    server.stdout!.on('data', (text: Buffer) => {
      const url = /http:\/\/\S+/.exec(text.toString())
      if (url) done({ url: url[0], server })
    }),
  )
}

/** As text: what the runner makes of a function may need helpers that the page has not. */
const MARK_HEADING = `(function look() {
  if (document.querySelector('h1')) performance.mark('heading')
  else requestAnimationFrame(look)
})()`

interface Load {
  bytes: number
  headingMs: number
  /** Bytes that came after the load event or for a worker: listed, not counted. */
  laterBytes: number
  files: [string, number][]
}

async function load(browser: Browser, url: string): Promise<Load> {
  const context = await browser.newContext({
    serviceWorkers: 'block',
    viewport: { width: 1280, height: 800 },
  })
  const page = await context.newPage()
  const session = await context.newCDPSession(page)
  await session.send('Network.enable')
  await session.send('Network.setCacheDisabled', { cacheDisabled: true })
  const names = new Map<string, string>()
  const files: [string, number][] = []
  let loaded = false
  let laterBytes = 0
  session.on('Network.responseReceived', ({ requestId, response }) => names.set(requestId, response.url))
  session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    const name = (names.get(requestId) ?? '').replace(url, '')
    if (loaded) laterBytes += encodedDataLength
    else files.push([name, encodedDataLength])
  })
  // Marked in the frame that shows it, counted from the beginning of the navigation.
  await page.addInitScript({ content: MARK_HEADING })
  page.on('load', () => (loaded = true))
  await page.goto(url, { waitUntil: 'load' })
  await page.waitForFunction(() => performance.getEntriesByName('heading').length > 0)
  const headingMs = await page.evaluate(() => performance.getEntriesByName('heading')[0]!.startTime)
  await context.close()
  return {
    bytes: files.reduce((sum, [, n]) => sum + n, 0),
    headingMs,
    laterBytes,
    files,
  }
}

const median = (values: number[]) => [...values].sort((a, b) => a - b)[values.length >> 1]!

const empty = await buildEmpty()
const ours = await serve(join(root, 'web/dist'))
const theirs = await serve(join(empty, 'dist'))
const browser = await chromium.launch({
  executablePath: CHROMIUM!,
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
})
try {
  const pairs: [Load, Load][] = []
  await load(browser, ours.url)
  await load(browser, theirs.url)
  for (let i = 0; i < PAIRS; i++) {
    const first = i % 2 === 0
    const a = first ? await load(browser, ours.url) : undefined
    const b = await load(browser, theirs.url)
    pairs.push([a ?? (await load(browser, ours.url)), b])
  }
  const of = (which: 0 | 1, key: 'bytes' | 'headingMs' | 'laterBytes') =>
    median(pairs.map((p) => p[which][key]))
  const [bytes, emptyBytes] = [of(0, 'bytes'), of(1, 'bytes')]
  const [ms, emptyMs] = [of(0, 'headingMs'), of(1, 'headingMs')]
  for (const [name, size] of pairs[0]![0].files.sort((a, b) => b[1] - a[1])) console.log(`  ${size} ${name}`)
  console.log(
    `bytes to the load event: ${bytes}, empty app ${emptyBytes}: ${(bytes / emptyBytes).toFixed(2)} times (aim 1.6)`,
  )
  console.log(
    `time to the heading: ${ms.toFixed(0)} ms, empty app ${emptyMs.toFixed(0)} ms: ${(ms / emptyMs).toFixed(2)} times (aim 1.5)`,
  )
  console.log(
    `after the load event, and workers: ${of(0, 'laterBytes')} bytes; empty app ${of(1, 'laterBytes')}`,
  )
} finally {
  await browser.close()
  ours.server.kill()
  theirs.server.kill()
  rmSync(empty, { recursive: true, force: true })
}
