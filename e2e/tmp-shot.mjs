import { chromium } from '@playwright/test'
const [,, name, path='/', w='1280', h='800', ...acts] = process.argv
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu','--disable-quic','--no-first-run','--disable-background-networking','--disable-component-update','--disable-sync'] })
const p = await b.newPage({ viewport: { width: +w, height: +h } })
p.on('console', m => ['error','warning'].includes(m.type()) && console.log('console', m.text()))
p.on('pageerror', e => console.log('pageerror', e.message))
await p.goto('http://127.0.0.1:4311' + path)
await p.waitForLoadState('networkidle')
const mod = acts[0] ? await import(acts[0]) : null
if (mod) await mod.default(p)
await p.screenshot({ path: `/tmp/${name}.png`, fullPage: acts[1] === 'full' })
await b.close()
