/**
 * The first load against an empty app of the same framework, in the same browser, from the same server, service workers
 * off and the cache empty: time until it is usable (the field takes text and a machine opens; there, its button), bytes
 * until then, and bytes until quiet without what is fetched ahead in idle time; on a processor slowed four times over
 * 1.6 Mbit/s with 150 ms, and unthrottled, with how long the board's cells then take. Medians of pairs in turn.
 * `npm run bench -- load`; `PAIRS=9` for a long look.
 */
import { chromium, type Browser } from '@playwright/test'
import { mkdtempSync, rmSync, symlinkSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import vue from '@vitejs/plugin-vue'
import { build } from 'vite'
import vuetify from 'vite-plugin-vuetify'
import { executablePath, median, root, serve } from './served.ts'

const PAIRS = Number(process.env.PAIRS ?? 5)

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

/** As text: what the runner makes of a function may need helpers that the page has not. */
const markWhen = (name: string, test: string) => `(function look() {
  if (${test}) performance.mark('${name}')
  else requestAnimationFrame(look)
})()`
const USABLE = `(document.querySelector('.ask :is(input, textarea)') && document.querySelector('article.machine')) || document.querySelector('.v-card .v-btn')`
const CELLS = `document.querySelector('.board button.cell') && !document.querySelector('.board span.cell')`
/** Nothing comes for so long: quiet, ms. */
const QUIET_MS = 2500

interface Load {
  usableMs: number
  cellsMs: number
  bytesUsable: number
  bytesQuiet: number
  files: [string, number][]
}

async function load(browser: Browser, url: string, slow: boolean, board: boolean): Promise<Load> {
  const context = await browser.newContext({
    serviceWorkers: 'block',
    viewport: { width: 1280, height: 800 },
  })
  const page = await context.newPage()
  const session = await context.newCDPSession(page)
  await session.send('Network.enable')
  await session.send('Network.setCacheDisabled', { cacheDisabled: true })
  // What is fetched ahead is no part of this.
  await session.send('Emulation.setDataSaverOverride', { dataSaverEnabled: true })
  if (slow) {
    await session.send('Emulation.setCPUThrottlingRate', { rate: 4 })
    await session.send('Network.emulateNetworkConditions', {
      offline: false,
      latency: 150,
      downloadThroughput: 1_600_000 / 8,
      uploadThroughput: 1_600_000 / 8,
    })
  }
  const names = new Map<string, string>()
  /** What arrived when, in the page's own time; an end brings what the pieces did not say. */
  const pieces: { id: string; at: number; bytes: number }[] = []
  const got = new Map<string, number>()
  let last = Date.now()
  let origin = 0
  session.on('Network.requestWillBeSent', ({ type, timestamp }) => {
    if (type === 'Document') origin ||= timestamp
    last = Date.now()
  })
  session.on('Network.responseReceived', ({ requestId, response }) => names.set(requestId, response.url))
  const came = (id: string, at: number, bytes: number) => {
    pieces.push({ id, at: (at - origin) * 1000, bytes })
    got.set(id, (got.get(id) ?? 0) + bytes)
    last = Date.now()
  }
  session.on('Network.dataReceived', (e) => came(e.requestId, e.timestamp, e.encodedDataLength))
  session.on('Network.loadingFinished', (e) =>
    came(e.requestId, e.timestamp, Math.max(0, e.encodedDataLength - (got.get(e.requestId) ?? 0))),
  )
  await page.addInitScript({ content: markWhen('usable', USABLE) })
  await page.addInitScript({ content: markWhen('cells', CELLS) })
  await page.goto(url, { waitUntil: 'commit' })
  await page.waitForFunction(
    (all) => ['usable', ...all].every((name) => performance.getEntriesByName(name).length > 0),
    board ? ['cells'] : [],
    { timeout: 120_000 },
  )
  if (board) {
    // It takes text, and a machine opens.
    await page.locator('.ask :is(input, textarea)').first().fill('ER70S-6 0.8')
    await page.locator('article.machine a, article.machine button').first().waitFor()
  }
  while (Date.now() - last < QUIET_MS) await page.waitForTimeout(100)
  const [usableMs, cellsMs] = await page.evaluate(() =>
    ['usable', 'cells'].map((name) => performance.getEntriesByName(name)[0]?.startTime ?? 0),
  )
  await context.close()
  const until = (ms: number) => pieces.reduce((sum, { at, bytes }) => sum + (at <= ms ? bytes : 0), 0)
  return {
    usableMs: usableMs!,
    cellsMs: cellsMs! - usableMs!,
    bytesUsable: until(usableMs!),
    bytesQuiet: until(Infinity),
    files: [...got].map(([id, bytes]) => [(names.get(id) ?? '').replace(url, ''), bytes]),
  }
}

const empty = await buildEmpty()
const ours = await serve(join(root, 'web/dist'))
const theirs = await serve(join(empty, 'dist'))
const browser = await chromium.launch({
  executablePath,
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
  for (const slow of [true, false]) {
    const pairs: [Load, Load][] = []
    await load(browser, ours.url, slow, true)
    await load(browser, theirs.url, slow, false)
    for (let i = 0; i < PAIRS; i++) {
      const first = i % 2 === 0 ? await load(browser, ours.url, slow, true) : undefined
      const b = await load(browser, theirs.url, slow, false)
      pairs.push([first ?? (await load(browser, ours.url, slow, true)), b])
    }
    const of = (which: 0 | 1, key: Exclude<keyof Load, 'files'>) => median(pairs.map((p) => p[which][key]))
    const against = (key: Exclude<keyof Load, 'files'>, what: string, most: number) =>
      console.log(
        `${what}: ${of(0, key).toFixed(0)}, empty app ${of(1, key).toFixed(0)}: ${(of(0, key) / of(1, key)).toFixed(2)} times (at most ${most})`,
      )
    console.log(
      slow ? 'processor slowed four times, 1.6 Mbit/s, 150 ms, nothing in the cache:' : 'unthrottled:',
    )
    if (slow)
      for (const [name, size] of pairs[0]![0].files.sort((a, b) => b[1] - a[1]))
        console.log(`  ${size} ${name}`)
    against('usableMs', 'ms until usable', 1.6)
    against('bytesUsable', 'bytes until usable', 1.7)
    against('bytesQuiet', 'bytes until quiet, nothing ahead', 2.2)
    console.log(
      `the board’s cells: ${of(0, 'cellsMs').toFixed(0)} ms after usable${slow ? '' : ' (at most 1500)'}`,
    )
  }
} finally {
  await browser.close()
  ours.server.kill()
  theirs.server.kill()
  rmSync(empty, { recursive: true, force: true })
}
