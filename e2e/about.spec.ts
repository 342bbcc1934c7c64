/** Getting about: stages are addresses with titles of their own, and a page that cannot be fetched says so. */
import { hostname } from 'node:os'
import { choose, decide, expect, open, test } from './bench.ts'
import { inStore, written } from './store.ts'

test('stages are addresses: Back goes a stage back, each has its title, and its heading has the focus', async ({
  page,
}) => {
  await open(page)
  await decide(page, 'Tern', 'E71T-11 .030 10 lb', 'mild steel', '1/8')
  await expect(page).toHaveURL(/\/match$/)
  await expect(page).toHaveTitle(/^Match: Tern to E71T-11 0\.8 mm · Pepper Knot$/)
  await expect(page.getByRole('heading', { level: 1 })).toBeFocused()
  await expect(page.getByTestId('arrived')).toHaveText(/Match: Tern/)
  await page.keyboard.press('n')
  await expect(page).toHaveURL(/\/gather$/)
  await expect(page).toHaveTitle(/^Gather/)
  await page.goBack()
  await expect(page).toHaveURL(/\/match$/)
  await page.goBack()
  await expect(page).toHaveURL(/\/decide$/)
  await expect(page.getByRole('button', { name: 'Match it' })).toBeVisible()
  await page.goForward()
  await written(page)
  await page.reload()
  await expect(page).toHaveURL(/\/match$/)
  // A stage that is not reached yet is the one where the change was left, once that is kept.
  await expect(page.getByText('saved', { exact: true })).toBeVisible()
  await page.goto(page.url().replace('/match', '/sign-off'))
  await expect(page).toHaveURL(/\/match$/)
  for (const [path, title] of [
    ['/', 'Bench'],
    ['/feed', 'Feed bench'],
    ['/desk', 'Gas and arc'],
    ['/store/parts', 'Store'],
    ['/shop', 'Shop'],
    ['/words?word=sputter', 'Words'],
  ] as const) {
    await page.goto(path)
    await expect(page).toHaveTitle(new RegExp(`^${title}.* · Pepper Knot$`))
  }
})

test('what was typed is not dropped unasked, and is there again when the page is come back to', async ({
  page,
}) => {
  await open(page, '/store/machines')
  // The demo shop is written a moment after it is shown.
  await expect.poll(async () => (await inStore(page)).records.length).toBeGreaterThan(4)
  await page.getByRole('button', { name: 'More for Gull' }).click()
  await page.getByRole('menuitem', { name: 'Edit' }).click()
  await page.getByLabel('Note').fill('bought in spring')
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Keep typing' }).click()
  await expect(page.getByLabel('Note')).toHaveValue('bought in spring')
  await page.getByRole('button', { name: 'Cancel' }).click()
  await page.getByRole('button', { name: 'Drop it' }).click()
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await page.getByRole('button', { name: 'More for Gull' }).click()
  await page.getByRole('menuitem', { name: 'Edit' }).click()
  await expect(page.getByLabel('Name')).toBeFocused()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await page.getByRole('link', { name: 'Work out' }).click()
  await page.getByLabel('What does the box say?').fill('ER4043 1.2')
  await page.getByRole('link', { name: 'Bench', exact: true }).click()
  await expect(page.getByLabel('What does the box say?')).toHaveValue('')
  await page.getByRole('link', { name: 'Work out' }).click()
  await expect(page.getByLabel('What does the box say?')).toHaveValue('ER4043 1.2')
})

test('a part of the program that cannot be fetched says so, and the page can be loaded anew', async ({
  browser,
}) => {
  const page = await browser.newPage()
  await open(page)
  await page.route(/\/assets\/ShopScreen/, (route) => route.abort())
  await page.getByRole('link', { name: 'Shop', exact: true }).click()
  await expect(page.getByTestId('stale')).toContainText('could not be fetched')
  await page.unroute(/\/assets\/ShopScreen/)
  await page.getByRole('button', { name: 'Reload' }).click()
  await page.getByRole('link', { name: 'Shop', exact: true }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Shop' })).toBeVisible()
  await page.close()
})

test('over plain http a machine and a part are added, and what the browser forbids there is said', async ({
  page,
  baseURL,
}) => {
  await open(page, `http://${hostname()}:${new URL(baseURL!).port}/shop`)
  await expect(page.getByText('plain http')).toBeVisible()
  await expect(page.getByText(`this browser at ${hostname()}`)).toBeVisible()
  await page.getByRole('link', { name: 'Store' }).click()
  await page.getByRole('button', { name: 'Add a machine' }).click()
  for (const answer of ['portable', 'empty', 'studs inside', 'no, gasless only', 'push, 3 m'])
    await page.getByRole('radio', { name: answer, exact: true }).first().click()
  await page.getByRole('button', { name: 'Add it and change its wire' }).click()
  await expect(page.getByRole('heading', { level: 1, name: /^Which wire goes on/ })).toBeVisible()
  await choose(page, 'Metal', 'mild steel')
})

test('what is touched on the bench stays where it is while the board is worked out', async ({ page }) => {
  await page.addInitScript(() => {
    const seen = { sum: 0 }
    Object.assign(window, { seen })
    new PerformanceObserver((list) => {
      for (const shift of list.getEntries() as (PerformanceEntry & { value: number })[])
        seen.sum += shift.value
    }).observe({ type: 'layout-shift', buffered: true })
  })
  await open(page)
  await expect(page.getByRole('table').getByText('loaded').first()).toBeVisible()
  await expect(page.getByRole('table').getByText('…')).toHaveCount(0)
  // The W3C's Layout Instability figure; good pages stay below 0.1 (Core Web Vitals).
  expect(await page.evaluate(() => (window as unknown as { seen: { sum: number } }).seen.sum)).toBeLessThan(
    0.1,
  )
})

test('a run’s link opened where there is no such run leads to the code that fetches it', async ({ page }) => {
  await open(page, '/change/not-of-this-device')
  await page.getByRole('link', { name: 'Fetch it by a code' }).click()
  const code = page.getByLabel('Code of six figures')
  await expect(code).toBeFocused()
  await expect(code).toBeInViewport()
})
