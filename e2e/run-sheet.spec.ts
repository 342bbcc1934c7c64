import { choose, decide, doStep, expect, gatherAndBegin, moreWays, open, test } from './bench.ts'

test.beforeEach(async ({ page }) => {
  await open(page)
  await decide(page, 'Tern', 'E71T-11 .030 10 lb', 'mild steel', '1/8')
  await gatherAndBegin(page)
})

test('a hold point wants holding: a tap does nothing, a step back is one key', async ({ page }) => {
  const hold = page.locator('[data-hold]')
  const wait = page.getByTestId('wait')
  while (!(await wait.isVisible())) await doStep(page)
  // The one after the wait.
  await doStep(page)
  const said = await page.getByTestId('say').textContent()
  await hold.click()
  await hold.press('Enter')
  await page.keyboard.press('Space')
  await expect(page.getByTestId('say')).toHaveText(said!)
  await page.keyboard.press('Backspace')
  await expect(page.getByTestId('say')).not.toHaveText(said!)
  // Who went back to a wait goes on waiting, from when the plug came out.
  await expect(wait).toBeVisible()
  await doStep(page)
  await expect(page.getByTestId('say')).toHaveText(said!)
  const box = (await hold.boundingBox())!
  await page.mouse.move(box.x + 20, box.y + 20)
  await page.mouse.down()
  await expect(page.getByText(said!, { exact: true })).toHaveCount(0)
  await page.mouse.up()
})

test('with one hand on the wire a touch anywhere goes on, Backspace goes back, Escape stops, a timer goes on by itself', async ({
  page,
}) => {
  const ready = page.getByRole('button', { name: /^Ready: start/ })
  while (!(await ready.isVisible())) await doStep(page)
  await ready.click()
  const on = page.getByTestId('captive-on')
  await expect(on).toContainText('Hold the wire')
  await expect(page.getByRole('heading', { name: /captive/ })).toBeVisible()
  await expect(async () => {
    await page.mouse.click(40, 700)
    await expect(on).toContainText('Cut the wire', { timeout: 50 })
  }).toPass()
  await page.keyboard.press('Backspace')
  await expect(on).toContainText('Hold the wire')
  await page.keyboard.press('Escape')
  await expect(page.getByTestId('captive')).toHaveCount(0)
  await choose(page, 'Or go on by itself', 'every 8 seconds')
  await page.clock.install()
  await ready.click()
  await page.clock.runFor(8100)
  await expect(on).toContainText('Cut the wire')
})

test('every step says where, and the whole list holds them all', async ({ page }) => {
  const of = Number(/of (\d+)/.exec((await page.getByTestId('head').textContent())!)![1])
  await moreWays(page)
  await page.getByRole('button', { name: 'Show the whole list' }).click()
  await expect(page.getByTestId('step-list').getByRole('listitem')).toHaveCount(of)
  await page.getByRole('button', { name: 'Show one step' }).click()
  for (let i = 0; i < 4; i++) await doStep(page)
  await expect(page.getByTestId('place')).toHaveText('At the mains plug')
  await expect(page.getByText('live as long as the plug is in')).toBeVisible()
  await moreWays(page)
  await page.getByRole('button', { name: 'Not as planned? Plan again' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Plan again' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Tern to' })).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByTestId('place')).toHaveText('At the mains plug')
})
