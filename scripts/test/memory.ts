/**
 * What the log costs with 50,000 entries, 48,000 jobs and 2,000 notes, against one with 100: until its first rows
 * stand, until all of it is known, a search at once and one a while later, one with a slip of the finger, a machine chosen, the charts, the end of what
 * is listed, a setup card; medians of pairs in turn, in one browser. And the longest task of the page in each of them on a
 * processor slowed four times. `npm run bench -- memory`; `PAIRS=3` for a quick look.
 */
import { chromium, type Page } from '@playwright/test'
import { digestOf, readContent, type Content, type Run } from '@pepper-knot/core/internal'
import { demoShop } from '@pepper-knot/core/demo'
import { logLine } from '@pepper-knot/core/record'
import { dice } from '../../core/test/otherSetups.ts'
import { executablePath, median, serve } from './served.ts'

const PAIRS = Number(process.env.PAIRS ?? 7)
const [JOBS, NOTES] = [48_000, 2000]
const at = new Date()
const demo = demoShop(at.toISOString())
const WIRES = [
  'ER70S-6 0.8',
  'ER70S-6 1.0',
  'E71T-1C 1.2',
  'E71T-11 .035',
  'ER5356 1.2',
  'ER4043 1.0',
  'ER316LSi 0.9',
]
const SAID = [
  'fed rough at first',
  'tip was worn oval',
  'regulator hissed',
  'cap off, all well',
  'ran hot on the thin end',
]

/** Jobs as the store keeps them, a few a day, the last one today. */
function shop(jobs: number, notes: number) {
  const d = dice(7)
  const when = (n: number, of: number) => new Date(at.getTime() - ((of - n) * 6 + 1) * 600_000).toISOString()
  const runs = Array.from({ length: jobs }, (_, n): Run => {
    const machine = d.of(demo.machines)
    const label = d.of(WIRES)
    return {
      id: `job${n}`,
      kind: d.of(['change', 'change', 'change', 'put-right']),
      machineId: machine.id,
      startedAt: when(n, jobs),
      stage: 'sign-off',
      label,
      job: { material: 'mild-steel', thicknessMm: 1 + d.below(12) },
      gathered: [],
      done: [],
      signedOffAt: when(n, jobs),
      minutesTaken: 10 + d.below(40),
      minutesPlanned: 24,
      ...(d.chance(0.3) && { note: d.of(SAID) }),
      ...(d.chance(0.2) && { by: d.of(['K. B.', 'A. M.']) }),
      outcome: {
        machine: machine.name,
        wire: { label },
        used: [],
        before: {},
        end: {},
        findings: [],
        returned: [],
        scrapped: [],
        minutes: [{ task: 'tipOff', minutes: 0.5 }],
        ...(d.chance(0.5) && {
          ran: {
            voltageV: 18 + d.below(90) / 10,
            wireSpeedMPerMin: 4 + d.below(80) / 10,
            weld: 'bead',
            arc: 'steady',
            bead: 'good',
          },
        }),
      },
    } as unknown as Run
  })
  for (const run of runs.slice(-50)) {
    const read = readContent('run', run as unknown as Content)
    if (!read.ok) throw new Error(JSON.stringify(read.problems))
  }
  const kept = (kind: string, content: { id: string }, n: number) => ({
    kind,
    id: content.id,
    since: n,
    versions: [{ clock: { big: 1 }, at: at.toISOString(), content }],
  })
  const { machines } = demo
  return {
    runs: runs.map((run, n) => kept('run', run, n)),
    notes: Array.from({ length: notes }, (_, n) =>
      kept(
        'log',
        {
          id: `note${n}`,
          at: when(n * (jobs / notes), jobs),
          what: d.of(['note', 'part-fitted', 'spool-emptied', 'cylinder-changed']),
          machineId: d.of(machines).id,
          text: d.of(SAID),
          kg: 15,
        } as { id: string },
        n,
      ),
    ),
    digest: digestOf(runs),
    past: { signed: runs.map((run) => logLine(run)!).reverse(), removed: [] },
  }
}
/** In the page: puts it all into the store, as if it had been done there. */
const FILL = `({ runs, notes, digest, past }) => new Promise((done, failed) => {
  const opening = indexedDB.open('pepper-knot-store')
  opening.onsuccess = () => {
    const work = opening.result.transaction(['runs', 'meta', 'records'], 'readwrite')
    const put = (box, row) => work.objectStore(box).put(row, row.kind + '/' + row.id)
    for (const row of runs) put('runs', row)
    for (const row of notes) put('records', row)
    const meta = work.objectStore('meta')
    meta.put(digest, 'digest')
    meta.delete('past/5')
    meta.put(past, 'past/4')
    meta.put([], 'open-runs')
    const head = meta.get('head')
    head.onsuccess = () => meta.put({ ...head.result, seq: head.result.seq + 1, recent: [] }, 'head')
    work.oncomplete = () => { opening.result.close(); done() }
    work.onerror = () => failed(work.error)
  }
})`

const STATUS = `document.querySelector('.log [role=status]')?.textContent`
const { url, server } = await serve()
const browser = await chromium.launch({ executablePath, args: ['--no-sandbox', '--disable-gpu'] })
async function opened(jobs: number, notes: number): Promise<Page> {
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block',
  })
  const page = await context.newPage()
  page.on('pageerror', (error) => console.error(error))
  await page.goto(url)
  await page.waitForSelector('main h1')
  await page.waitForTimeout(1500)
  await page.goto(`${url}/api/v1/info`)
  const { runs, notes: written, digest, past } = shop(jobs, notes)
  for (let from = 0; from < runs.length; from += 4000)
    await page.evaluate(
      `(${FILL})(${JSON.stringify({ runs: runs.slice(from, from + 4000), notes: from ? [] : written, digest, past: from + 4000 < runs.length ? {} : past })})`,
    )
  // The list is made once, and what is found good is remembered.
  await page.goto(`${url}/log`)
  for (let n = 0; ; n++) {
    const said = String(await page.evaluate(STATUS)).replaceAll(',', '')
    if (said.includes(String(jobs + notes))) break
    if (n > 120) throw new Error(`the log says ${said}`)
    await page.waitForTimeout(500)
  }
  await page.waitForTimeout(6000)
  return page
}

/** In the page: does something, and waits until what it is for stands there. */
const until = (act: string, stands: string) =>
  `new Promise((done, failed) => { const was = ${STATUS}; const from = performance.now(); ${act}; const look = () => (${stands}) ? done(performance.now() - from) : performance.now() - from > ${LONGEST_MS} ? failed(new Error('it never stood there')) : requestAnimationFrame(look); requestAnimationFrame(look) })`
/** What takes longer did not come, ms. */
const LONGEST_MS = 60_000
const typed = (text: string) =>
  `const f = document.querySelector('.log .find input'); f.value = ${JSON.stringify(text)}; f.dispatchEvent(new Event('input', { bubbles: true }))`
const TYPED = { search: 'gull regulator', slip: 'regulater' }
type Ask = (page: Page) => Promise<number>
const to =
  (path: string, stands: string): Ask =>
  async (page) => {
    await page.goto(url + path, { waitUntil: 'commit' })
    return (await page.evaluate(until('', stands))) as number
  }
const rows = `document.querySelector('.log .entries li') && !/Reading/.test(${STATUS})`
const in_ =
  (act: string, stands: string): Ask =>
  async (page) =>
    (await page.evaluate(until(act, stands))) as number
const other = `${STATUS} !== was && document.querySelector('.log .entries li')`
const ASKS: Record<string, Ask> = {
  'the log opened, its first rows': to('/log', `document.querySelector('.log .entries li')`),
  'the log opened, all of it known': to('/log', rows),
  'a search at once': in_(typed(TYPED.search), other),
  'all again': in_(typed(''), other),
  'a search': in_(typed(TYPED.search), other),
  'all after it': in_(typed(''), other),
  'a search with a slip': in_(typed(TYPED.slip), other),
  'all once more': in_(typed(''), other),
  'a machine chosen': in_(`document.querySelector('.log .chips button').click()`, other),
  'a machine left': in_(`document.querySelector('.log .chips button').click()`, other),
  'the charts': in_(
    `[...document.querySelectorAll('.log summary')].find((one) => /Charts/.test(one.textContent)).click()`,
    `document.querySelector('.drawn canvas')`,
  ),
  'the end of what is listed': in_(
    `scrollTo(0, document.querySelector('.log .entries').getBoundingClientRect().bottom - 900)`,
    `[...document.querySelectorAll('.log .entries li')].some((one) => Math.min(500, Number(one.ariaSetSize)) - Number(one.ariaPosInSet) < 8)`,
  ),
  'a setup card': to('/card/gull', `document.querySelector('[data-part=card] svg')`),
}
try {
  const [big, small] = [await opened(JOBS, NOTES), await opened(90, 10)]
  for (const slow of [false, true]) {
    if (slow)
      for (const page of [big, small]) {
        const session = await page.context().newCDPSession(page)
        await session.send('Emulation.setCPUThrottlingRate', { rate: 4 })
        await page.addInitScript(
          `new PerformanceObserver((list) => { for (const e of list.getEntries()) window.longest = Math.max(window.longest ?? 0, e.duration) }).observe({ type: 'longtask' })`,
        )
      }
    const lists = () =>
      new Map(Object.keys(ASKS).map((name) => [name, { big: [] as number[], small: [] as number[] }]))
    const [took, held] = [lists(), lists()]
    for (let i = 0; i < (slow ? 3 : PAIRS + 1); i++)
      for (const who of i % 2 ? (['big', 'small'] as const) : (['small', 'big'] as const)) {
        const page = { big, small }[who]
        for (const [name, ask] of Object.entries(ASKS)) {
          await page.evaluate('window.longest = 0')
          const ms = await ask(page)
          await page.waitForTimeout(slow ? 1200 : 400)
          // What searches look in is made behind the first answers.
          if (name === 'all again') await page.waitForTimeout(slow ? 12_000 : 4000)
          if (i) took.get(name)![who].push(ms)
          held.get(name)![who].push(Number(await page.evaluate('window.longest ?? 0')))
        }
      }
    for (const [name, { big, small }] of took) {
      const [a, b] = [median(big), median(small)]
      if (slow)
        console.log(
          `${name}, slowed four times: longest task ${Math.min(...held.get(name)!.big).toFixed(0)} ms, with 100 entries ${Math.min(...held.get(name)!.small).toFixed(0)} ms (at most 50 but drawing)`,
        )
      else
        console.log(
          `${name}: ${a.toFixed(0)} / ${b.toFixed(0)} ms = ${(a / b).toFixed(2)} times (at most 1.5)`,
        )
    }
  }
} finally {
  await browser.close()
  server.kill()
}
