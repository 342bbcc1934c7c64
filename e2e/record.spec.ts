import { readFile } from 'node:fs/promises'
import { hostname } from 'node:os'
import type { Page } from '@playwright/test'
import { decide, doStep, expect, expectNoAxeFindings, gatherAndBegin, open, test } from './bench.ts'
import { beforeOpening, inStore, kept, put, writeBefore, written } from './store.ts'

const LONG = process.env.LONG !== undefined
const saved = (page: Page) => expect(page.getByRole('status').filter({ hasText: /^saved$/ })).toBeVisible()
const version1 = () =>
  readFile(new URL('../core/test/kept/version-1.pepperknot.json', import.meta.url), 'utf8')
const name = (page: Page) => page.getByRole('textbox', { name: 'Name of the shop' })
async function begin(page: Page) {
  await open(page)
  await decide(page, 'Tern', 'E71T-11 .030 10 lb', 'mild steel', '1/8')
  await gatherAndBegin(page)
}
/** A seeded die. */
const dice = (seed: number) => () => ((seed = (seed * 1103515245 + 12345) % 2147483648), seed / 2147483648)

test('a tab killed after a touch that was said to be saved: the touch is there', async ({ context }) => {
  test.setTimeout(900_000)
  const roll = dice(5)
  let page = await context.newPage()
  await begin(page)
  const address = page.url()
  const stepOf = async () => Number(/step (\d+) of/.exec((await page.getByTestId('head').textContent())!)![1])
  let step = await stepOf()
  for (let i = 0; i < (LONG ? 40 : 2); i++) {
    const head = page.getByTestId('head')
    await expect(head).toContainText(`step ${step} of`)
    // With one hand on the wire several are passed at once; back is one.
    if (step > 1 && roll() < 0.4) await page.keyboard.press('Backspace')
    else await doStep(page)
    await expect(head).not.toContainText(`step ${step} of`)
    await saved(page)
    step = await stepOf()
    // Dead at once: nothing of the page runs on.
    const session = await context.newCDPSession(page)
    await Promise.race([session.send('Page.crash').catch(() => undefined), page.waitForEvent('crash')])
    await page.close().catch(() => undefined)
    page = await context.newPage()
    await page.goto(address)
  }
  await expect(page.getByTestId('head')).toContainText(`step ${step} of`)
})

// The sample is the harder one, where there is no lock of the browser’s.
for (const [where, address] of [
  ...(LONG ? [['at this computer’s own address', ''] as const] : []),
  ['over plain http at a second address', `http://${hostname()}:${process.env.E2E_PORT ?? 4599}`],
] as const)
  test(`two tabs edit one shop ${where}: no update is lost`, async ({ context }) => {
    test.setTimeout(900_000)
    const [a, b] = [await context.newPage(), await context.newPage()]
    await open(a, `${address}/store/machines`)
    if (address) expect(await a.evaluate(() => 'locks' in navigator || 'randomUUID' in crypto)).toBe(false)
    await kept(a, 'machine/gull')
    await open(b, `${address}/store/parts`)
    const until = Date.now() + (LONG ? 60_000 : 2_500)
    const more = b.getByRole('button', { name: /^One more/ })
    const wanted = new Map<string, number>()
    const parts = async () =>
      (await inStore(b)).records.flatMap(([key, r]) =>
        key.startsWith('part/') ? [[key, Number(r.versions[0]!.content.count)] as const] : [],
      )
    for (const [key, count] of await parts()) wanted.set(key, count)
    const total = () => [...wanted.values()].reduce((sum, n) => sum + n, 0)
    const before = total()
    let touches = 0
    const counts = (async () => {
      const buttons = await more.count()
      for (let i = 0; Date.now() < until; i++) {
        // Told as a click: while the other tab turns the units the rows move under a mouse.
        await more.nth(i % Math.min(buttons, 5)).dispatchEvent('click')
        touches++
      }
    })()
    let units = 0
    while (Date.now() < until) {
      await a.keyboard.press('u')
      units++
    }
    await counts
    await expect
      .poll(async () => (await parts()).reduce((sum, [, n]) => sum + n, 0), { timeout: 60_000 })
      .toBe(before + touches)
    await written(a)
    const settings = (await inStore(a)).records.find(([key]) => key === 'settings/settings')![1]
    expect(settings.versions.map((v) => v.content.units)).toEqual([units % 2 ? 'inch' : 'metric'])
    // What one tab did the other shows, without being loaded anew.
    await a.keyboard.press('u')
    await expect(
      b.getByRole('navigation').getByText(units % 2 ? 'mm' : 'inch', { exact: true }),
    ).toBeVisible()
    expect(touches + units).toBeGreaterThan(5)
  })

test('an idle tab takes nothing from a run in another, and shows where it stands', async ({ context }) => {
  const [a, b] = [await context.newPage(), await context.newPage()]
  await open(b, '/store/machines')
  await kept(b, 'machine/gull')
  await a.bringToFront()
  await begin(a)
  await doStep(a)
  await doStep(a)
  await saved(a)
  await b.keyboard.press('u')
  await kept(b, '"units":"inch"')
  await b.goto('/change')
  await expect(b.getByText('2 steps done')).toBeVisible()
  await b.goto(a.url())
  await expect(b.getByTestId('head')).toContainText('step 3 of')
  await doStep(b)
  await expect(a.getByTestId('head')).toContainText('step 4 of')
})

test('two devices change one machine: the file brings both, and a person picks', async ({
  browser,
  page,
}) => {
  await open(page, '/shop')
  await name(page).fill('Quay')
  await kept(page, '"Quay"')
  const save = async (from: Page) => {
    const [file] = await Promise.all([
      from.waitForEvent('download'),
      from.getByRole('button', { name: 'Export the shop as a file' }).click(),
    ])
    return (await file.path())!
  }
  const other = await (await browser.newContext()).newPage()
  await open(other, '/shop')
  await other.locator('input[type=file]').setInputFiles(await save(page))
  await other.getByRole('radio', { name: 'Put the file in its place' }).click()
  await other.getByRole('button', { name: 'Import it' }).click()
  await expect(name(other)).toHaveValue('Quay')
  // Both go on, each for itself: the same field, and another.
  await name(page).fill('Quayside')
  await kept(page, '"Quayside"')
  await name(other).fill('Quay west')
  await other.keyboard.press('Escape')
  await other.getByRole('heading', { name: 'Your data' }).click()
  await other.keyboard.press('u')
  await kept(other, '"Quay west"')
  const theirs = await save(other)
  const bringIn = async () => {
    await page.locator('input[type=file]').setInputFiles(theirs)
    await expect(page.getByText('one to choose')).toBeVisible()
    await page.getByRole('button', { name: 'Import it' }).click()
    await expect(page.getByText(/Which is right\?/)).toBeVisible()
  }
  await bringIn()
  // Taken back, nothing is left to pick; brought in again it is as the first time.
  await page.getByRole('button', { name: 'Undo: File imported' }).click()
  await expect(page.getByText(/Which is right\?/)).toHaveCount(0)
  await bringIn()
  // What only the other changed has followed.
  await kept(page, '"units":"inch"')
  await page.getByRole('button', { name: 'Look and choose' }).click()
  const dialog = page.getByRole('dialog', { name: 'Which is right?' })
  await expect(dialog.getByText('Quayside')).toBeVisible()
  await expectNoAxeFindings(page)
  await dialog.getByRole('radio', { name: 'Quay west' }).check()
  await dialog.getByRole('button', { name: 'Keep what I chose' }).click()
  await expect(page.getByText(/Which is right\?/)).toHaveCount(0)
  await expect(name(page)).toHaveValue('Quay west')
  // The whole import is one undo, and it is there after the page is loaded anew.
  await name(page).fill('Quay north')
  await kept(page, '"Quay north"')
  await page.reload()
  await page.getByRole('button', { name: 'Undo: File imported' }).click()
  await expect(page.getByRole('dialog', { name: 'Changed again since' })).toBeVisible()
  await page.getByRole('radio', { name: 'Quayside' }).check()
  await page.getByRole('button', { name: 'Take back' }).click()
  await expect(name(page)).toHaveValue('Quayside')
  await kept(page, '"units":"metric"')
  await other.context().close()
})

test('two devices that show the demo, begun on two days: bringing both together asks nothing', async ({
  browser,
  page,
}) => {
  const other = await (await browser.newContext()).newPage()
  await other.clock.setSystemTime(new Date(Date.now() - 5 * 86_400_000))
  for (const one of [page, other]) {
    await open(one, '/shop')
    await kept(one, 'machine/gull')
  }
  await name(other).fill('Quay')
  await kept(other, '"Quay"')
  const [file] = await Promise.all([
    other.waitForEvent('download'),
    other.getByRole('button', { name: 'Export the shop as a file' }).click(),
  ])
  await page.locator('input[type=file]').setInputFiles((await file.path())!)
  await expect(page.getByRole('button', { name: 'Import it' })).toBeVisible()
  await expect(page.getByText('to choose')).toHaveCount(0)
  await page.getByRole('button', { name: 'Import it' }).click()
  await expect(name(page)).toHaveValue('Quay')
  await expect(page.getByText(/Which is right\?/)).toHaveCount(0)
  await other.context().close()
})

test('undo after the page was loaded anew; a removed machine is found and put back', async ({ page }) => {
  await open(page, '/store/machines')
  await page.getByRole('button', { name: 'More for Gull' }).click()
  await page.getByRole('menuitem', { name: 'Remove' }).click()
  await expect(page.getByRole('heading', { name: 'Gull' })).toHaveCount(0)
  await kept(page, '"was"')
  await page.goto('/shop')
  await page.getByRole('button', { name: 'Put back: Gull' }).click()
  await expect(page.getByRole('button', { name: /^Undo: Gull put back/ })).toBeVisible()
  await page.goto('/store/machines')
  await expect(page.getByRole('heading', { name: 'Gull' })).toBeVisible()
  await page.goto('/shop')
  await page.getByRole('button', { name: /^Undo: Gull put back/ }).click()
  await expect(page.getByRole('button', { name: /^Undo: Gull put back/ })).toHaveCount(0)
  await page.goto('/store/machines')
  await expect(page.getByRole('heading', { name: 'Skua' })).toBeVisible()
  await expect(page.getByRole('heading', { name: 'Gull' })).toHaveCount(0)
})

test('a run open across an update keeps its steps as they were planned', async ({ page }) => {
  await begin(page)
  const first = await doStep(page)
  await saved(page)
  // As another version planned it: the next two steps the other way round.
  const [key] = (await inStore(page)).runs.find(([k]) => k.startsWith('plan/'))!
  await put(page, 'runs', key, (plan) => {
    const steps = plan.versions[0]!.content.steps as unknown[]
    steps.splice(1, 2, steps[2], steps[1])
  })
  const wanted = (await inStore(page)).runs.find(([k]) => k === key)![1].versions[0]!.content.steps as {
    id: string
  }[]
  await page.reload()
  await expect(page.getByTestId('head')).toContainText('step 2 of')
  const second = await doStep(page)
  await saved(page)
  const done = (await inStore(page)).entries.flatMap(([, page]) =>
    (page as unknown as { id: string }[]).map((e) => e.id),
  )
  expect(done.filter((id) => id.startsWith('done/')).sort()).toEqual(
    [`done/${wanted[0]!.id}`, `done/${wanted[1]!.id}`].sort(),
  )
  expect(second).not.toBe(first)
})

test('what the version before this one kept is there, and what its open tab still writes comes in', async ({
  page,
}) => {
  const text = await version1()
  await beforeOpening(page, text)
  await page.goto('/shop')
  await expect(name(page)).toHaveValue('Quay')
  await expect(page.getByRole('navigation').getByText('inch', { exact: true })).toBeVisible()
  await page.goto('/change/run-open')
  const head = page.getByTestId('head')
  await expect(head).toContainText('step 6 of')
  await doStep(page)
  await saved(page)
  const step = /step \d+ of/.exec((await head.textContent())!)![0]
  await page.goto('/change/run-signed')
  await expect(page.getByText('Signed off Nov 23')).toBeVisible()
  await expect(page.getByText('ran well', { exact: true })).toBeVisible()
  await page.goto('/shop')
  await expect(name(page)).toHaveValue('Quay')
  const later = JSON.parse(text) as { machines: { id: string; note: string }[] }
  later.machines.find((m) => m.id === 'gull')!.note = 'written by the old tab'
  await writeBefore(page, JSON.stringify(later))
  await page.evaluate(() => window.dispatchEvent(new Event('focus')))
  await kept(page, 'written by the old tab')
  await expect(page.getByText('A page of an older version')).toBeVisible()
  await page.goto('/change/run-open')
  await expect(head).toContainText(step)
  await expect(page.getByText(/Which is right\?/)).toHaveCount(0)
})
