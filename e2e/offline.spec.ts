/** The network goes; the program stays. A server of its own, so that it can be stopped and brought up anew. */
import { spawn, type ChildProcess } from 'node:child_process'
import { appendFileSync, cpSync, mkdtempSync, rmSync } from 'node:fs'
import { hostname, tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { expect, test, type Page } from '@playwright/test'
import { decide, doStep, gatherAndBegin, open, runAll, unfold } from './bench.ts'
import { lookUntilFound, press } from './look.ts'
import { wrongWithSheet } from './sheet.ts'
import { written } from './store.ts'

/** Whole walks: `npm run bench -- long`. */
const LONG = process.env.LONG === '1'
const root = fileURLToPath(new URL('..', import.meta.url))
/** Of the ports that no connection is given as its own: between two servers it stays free. */
const portOfLane = () => Number(process.env.E2E_PORT ?? 4599) + 100 + test.info().parallelIndex
async function serve(webRoot: string): Promise<{ url: string; stop: () => Promise<void> }> {
  const server: ChildProcess = spawn(process.execPath, [join(root, 'server/dist/main.js')], {
    env: { ...process.env, PORT: String(portOfLane()), WEB_ROOT: webRoot, DEMO: '1' },
    stdio: ['ignore', 'pipe', 'pipe'],
  })
  const url = await new Promise<string>((found, failed) => {
    let said = ''
    server.stderr!.on('data', (text: Buffer) => (said += text.toString()))
    server.on('exit', (code) => failed(new Error(`The server ended with ${code}: ${said}`)))
    server.stdout!.on('data', (text: Buffer) => {
      const address = /http:\/\/\S+/.exec(text.toString())
      if (address) found(address[0])
    })
  })
  return {
    url,
    stop: () =>
      new Promise((gone) => {
        // Stopped twice is stopped: otherwise the wait for an end that came long ago hides what went wrong.
        if (server.exitCode !== null || server.signalCode !== null) return gone()
        server.on('exit', () => gone())
        server.kill('SIGKILL')
      }),
  }
}

/** A change whose wire stops part way, its cause found and cured, and the change signed off. */
async function changeWithTrouble(page: Page) {
  await decide(page, 'Dunlin', 'E71T-1M 1.2', 'mild steel', '8')
  await gatherAndBegin(page)
  const say = page.getByTestId('say')
  for (let n = 0; n < 60; n++) {
    await expect(page.getByTestId('buttons').first()).toBeVisible()
    if (/^Feed the wire through/.test((await say.textContent({ timeout: 500 }).catch(() => '')) ?? '')) break
    await doStep(page)
  }
  const stopped = (await page.getByTestId('say').textContent())!
  await press(page, 'Something’s wrong')
  await press(page, /^Birdnest at the rolls/)
  await page.getByLabel('Search, in any word for it').fill('part way')
  await press(page, /^Feed stops part way/)
  await press(page, 'Look for it')
  let cause = await lookUntilFound(page)
  while (cause !== 'Liner kinked') {
    await press(page, 'It is not that')
    await expect(page.getByTestId('found').getByTestId('say').filter({ hasText: cause })).toHaveCount(0)
    cause = await lookUntilFound(page)
  }
  await press(page, 'Begin the cure')
  await expect(page.getByTestId('sheet')).toBeVisible()
  const gone = page.getByRole('heading', { name: 'Is it gone?' })
  for (let n = 0; n < 60 && !(await gone.isVisible()); n++) {
    await expect(page.getByTestId('buttons').first().or(gone)).toBeVisible()
    if (!(await gone.isVisible())) await doStep(page)
  }
  await press(page, 'Gone')
  await page.getByRole('link', { name: 'Back to the run sheet' }).last().click()
  await expect(page.getByTestId('say')).toHaveText(stopped)
  // What was just done can be taken back, and says so beside what is to be done next, not over it.
  expect(await wrongWithSheet(page)).toEqual([])
  await runAll(page)
  await page.getByRole('button', { name: 'Sign off and save' }).click()
  await expect(page.getByRole('heading', { level: 1, name: /^Dunlin/ })).toBeVisible()
  await written(page)
}
/** Each screen and each worker was fetched in idle time. */
async function allFetched(page: Page) {
  await page.waitForFunction(() =>
    ['trouble', 'feed', 'file'].every((name) =>
      performance.getEntriesByType('resource').some((file) => file.name.includes(`/${name}.worker`)),
    ),
  )
  await page.waitForLoadState('networkidle')
}

/** A box of wire as a picture. */
async function boxOf(page: Page): Promise<Buffer> {
  const studio = await page
    .context()
    .browser()!
    .newPage({ viewport: { width: 900, height: 500 } })
  await studio.setContent(
    '<body style="margin:60px;font:bold 64px Arial,sans-serif">AWS E71T-11<br>.035 in<br>15 kg</body>',
  )
  const picture = await studio.screenshot()
  await studio.close()
  return picture
}
async function readBox(page: Page, buffer: Buffer) {
  await page.getByRole('button', { name: 'Photograph the box' }).click()
  const box = page.getByRole('dialog')
  await box.locator('input[type=file]').setInputFiles({ name: 'box.png', mimeType: 'image/png', buffer })
  await expect(box.getByText(/^Read: E71T-11.*0\.9 mm/)).toBeVisible({ timeout: 60_000 })
  await box.getByRole('button', { name: 'Cancel' }).click()
}
async function cardOf(page: Page, address: string): Promise<Buffer> {
  await page.goto(address)
  await expect(page.getByRole('img', { name: 'Code of this setup' })).toBeVisible()
  return page.getByTestId('card').screenshot()
}
async function scanCard(page: Page, buffer: Buffer) {
  await page.getByRole('heading', { name: 'Read a card' }).click()
  await page
    .locator('section[aria-label="Read a card"] input[type=file]')
    .setInputFiles({ name: 'card.png', mimeType: 'image/png', buffer })
  await expect(page.getByText('Gull stands just as the card says.')).toBeVisible()
}

test.describe('kept on the device', () => {
  test.use({ serviceWorkers: 'allow' })
  test('with the server gone every screen opens, a change is done, and a newer version waits until the run is left', async ({
    page,
  }) => {
    const faults: string[] = []
    page.on('pageerror', (error) => faults.push(error.message))
    const webRoot = mkdtempSync(join(tmpdir(), 'pepper-knot-web-'))
    cpSync(join(root, 'web/dist'), webRoot, { recursive: true })
    let server = await serve(webRoot)
    const { origin } = new URL(server.url)
    try {
      await open(page, origin)
      // All of it is kept once the browser says so.
      await expect
        .poll(() =>
          page.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.active?.state),
        )
        .toBe('activated')
      await page.reload()
      await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true)
      // What few ask for and weighs much is kept once it was used.
      const box = await boxOf(page)
      await readBox(page, box)
      const card = await cardOf(page, `${origin}/card/gull`)
      await scanCard(page, card)
      await server.stop()

      await page.goto(origin)
      await readBox(page, box)
      await page.goto(`${origin}/card/gull`)
      await scanCard(page, card)
      await page.goto(origin)
      await page.reload()
      await expect(page.getByRole('heading', { level: 1, name: 'Saltbarrow Slip' })).toBeVisible()
      for (const path of [
        '/change',
        '/trouble',
        '/feed',
        '/desk',
        '/store',
        '/log',
        '/card',
        '/shop',
        '/words',
      ]) {
        await page.goto(`${origin}${path}`)
        await expect(page.locator('main h1').first()).toBeVisible()
      }
      await page.goto(origin)
      if (LONG) {
        await changeWithTrouble(page)
        await page.goto(origin)
      }
      await decide(page, 'Tern', 'E71T-11 .030 10 lb', 'mild steel', '1/8')
      await gatherAndBegin(page)
      for (let i = 0; i < 3; i++) await doStep(page)
      const head = page.getByTestId('head')
      const step = /step \d+ of \d+/.exec((await head.textContent())!)![0]
      await written(page)
      await page.reload()
      await expect(head).toContainText(step)
      await unfold(page)
      await page
        .getByRole('link', { name: 'Something’s wrong' })
        .or(page.getByRole('button', { name: 'Something’s wrong' }))
        .first()
        .click()
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
      await page.goBack()
      await expect(head).toContainText(step)

      // A newer version comes while the run is on: nothing of it is taken, and nothing is asked before the sheet is left.
      appendFileSync(join(webRoot, 'sw.js'), '\n// newer\n')
      server = await serve(webRoot)
      await page.evaluate(async () => void (await navigator.serviceWorker.getRegistration())!.update())
      await expect
        .poll(() =>
          page.evaluate(async () => (await navigator.serviceWorker.getRegistration())!.waiting?.state),
        )
        .toBe('installed')
      await doStep(page)
      await expect(page.getByTestId('newer')).toHaveCount(0)
      await expect(head).toBeVisible()
      await page.getByRole('link', { name: 'Bench' }).first().click()
      await expect(page.getByTestId('newer')).toBeVisible()
      await page.getByRole('button', { name: 'Use it now' }).click()
      await expect(page.getByTestId('newer')).toHaveCount(0)
      await expect(page.getByRole('link', { name: /Go on: Tern/ })).toBeVisible()
      expect(faults).toEqual([])
    } finally {
      await server.stop().catch(() => undefined)
      rmSync(webRoot, { recursive: true, force: true })
    }
  })
})

test('where nothing is kept on the device, a change with a trouble in it goes to its end with the network gone', async ({
  page,
  context,
}) => {
  const faults: string[] = []
  page.on('pageerror', (error) => faults.push(error.message))
  // Plain http at another name, where a browser keeps no program on the device.
  await open(page, `http://${hostname()}:${process.env.E2E_PORT ?? 4599}/`)
  expect(await page.evaluate(() => window.isSecureContext)).toBe(false)
  await allFetched(page)
  await context.setOffline(true)
  await changeWithTrouble(page)
  expect(faults).toEqual([])
})

/** With LONG=1 a whole change, and the network goes at each of its steps; else a short job, and one step in five. */
const ONE_IN = LONG ? 1 : 5
test('the network goes at one step after another of a run, on a page opened at that step, and the run goes on', async ({
  page,
  context,
}) => {
  const faults: string[] = []
  page.on('pageerror', (error) => faults.push(error.message))
  await open(page)
  if (LONG) await decide(page, 'Dunlin', 'E71T-1M 1.2', 'mild steel', '8')
  else await page.getByRole('button', { name: /^Put \d right on Skua/ }).click()
  await gatherAndBegin(page)
  const end = page.getByRole('heading', { name: 'Sign off', level: 1 })
  const at = async () =>
    /step \d+/.exec((await page.getByTestId('head').textContent({ timeout: 5000 })) ?? '')?.[0]
  for (let n = 0; n < 80 && !(await end.isVisible()); n++) {
    await expect(page.getByTestId('buttons').first().or(end)).toBeVisible()
    if (await end.isVisible()) break
    if (n % ONE_IN !== 0) {
      await doStep(page)
      continue
    }
    await written(page)
    const before = await at()
    await page.reload()
    await expect.poll(at).toBe(before)
    await allFetched(page)
    await context.setOffline(true)
    await doStep(page)
    await written(page)
    await context.setOffline(false)
  }
  await context.setOffline(true)
  await page.getByRole('button', { name: 'Sign off and save' }).click()
  await expect(page.getByText(/^Signed off/)).toBeVisible()
  await written(page)
  expect(faults).toEqual([])
})
