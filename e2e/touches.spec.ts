/** What the hands have to do, counted by the page itself: a touch one, a typed letter one, a held press one. */
import type { Page } from '@playwright/test'
import { choose, countHands, expect, expectNoAxeFindings, open, test } from './bench.ts'
import { atRest } from './rest.ts'

test.use({ contextOptions: { reducedMotion: 'no-preference' } })

const tap = (page: Page, name: string | RegExp) => page.getByRole('button', { name, exact: true }).click()

/** One touch where the large button is; a hold point is held. */
async function touchOn(page: Page) {
  const go = page.getByTestId('chain-go')
  const anywhere = page.getByTestId('anywhere')
  const head = await page.getByTestId('head').textContent()
  if (await anywhere.isVisible()) {
    const on = await page.getByTestId('captive-on').textContent()
    // A hand waits until it sees the next step.
    await page.evaluate(() => new Promise((done) => setTimeout(done, 400)))
    await anywhere.click()
    await expect
      .poll(() =>
        page
          .getByTestId('captive-on')
          .textContent({ timeout: 100 })
          .catch(() => ''),
      )
      .not.toBe(on)
    return
  }
  if (await go.isVisible()) return go.click()
  await page.evaluate(() => new Promise((done) => setTimeout(done, 400)))
  const hold = page.locator('[data-hold]')
  if (await hold.isVisible()) {
    const box = (await hold.boundingBox())!
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
    await page.mouse.down()
    await expect(page.getByText(/step \d+ of/.exec(head!)![0])).toHaveCount(0)
    await page.mouse.up()
  } else await page.getByTestId('done').click()
}

test.describe('a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } })
  test('from an empty shop to a signed-off first change: at most 70', async ({ page }) => {
    const hands = await countHands(page)
    await open(page, '/shop')
    await page.getByRole('button', { name: 'Start an empty shop' }).click()
    await page.getByRole('alert').getByRole('button', { name: 'Start an empty shop' }).click()
    await expect(page.getByText('Shop replaced', { exact: true }).first()).toBeVisible()
    await page.getByRole('link', { name: 'Bench' }).click()
    const before = await hands()
    // What is read on the way: each screen once, as it stands when it comes.
    let read = 0
    const each: number[] = []
    const seen = async () => {
      // What fades in is read once it stands.
      let words = 0
      await expect(async () => {
        const now = (await atRest(page)).words
        const stands = now > 0 && now === words
        words = now
        expect(stands).toBe(true)
      }).toPass()
      each.push(words)
      read += words
    }
    await seen()
    await page.getByRole('link', { name: 'Add a machine' }).click()
    await expect(page.getByRole('radio', { name: 'cabinet', exact: true })).toBeVisible()
    await seen()
    for (const answer of ['cabinet', 'a wire', 'ER70S-6', '0.9', 'plugs on the front', 'yes', 'push, 3 m'])
      await page.getByRole('radio', { name: answer, exact: true }).click()
    await tap(page, 'Add it and change its wire')
    await expect(page.getByLabel('Thickness')).toBeVisible()
    await seen()
    await choose(page, 'Metal', 'mild steel')
    await page.getByLabel('Thickness').click()
    await page.keyboard.type('2')
    await page.getByText('Which wire would suit?').click()
    await page
      .getByRole('button', { name: /^ER70S-/ })
      .filter({ hasNotText: '0.9' })
      .first()
      .click()
    await tap(page, 'Match it')
    const entered = await hands()
    await expect(page.getByRole('button', { name: 'I have looked: all as assumed' })).toBeVisible()
    await seen()
    await tap(page, 'I have looked: all as assumed')
    await page.getByRole('button', { name: 'Gather', exact: true }).last().click()
    const missing = page.getByRole('region', { name: 'Missing parts' })
    const begin = page.getByRole('button', { name: 'Begin the run', disabled: false })
    // What is missing is worked out a moment after the stage is shown.
    await expect(missing).toBeVisible()
    await seen()
    while (await missing.isVisible())
      await missing.getByRole('button', { name: 'I have found one' }).first().click()
    await begin.click()
    const begun = await hands()
    await expect(page.getByTestId('sheet')).toBeVisible()
    await seen()
    expect(begun.all - before.all).toBeLessThanOrEqual(45)
    console.log(each.join(' + '))
    expect(read).toBeLessThanOrEqual(600)
    const end = page.getByRole('button', { name: 'Sign off and save' })
    while (!(await end.isVisible())) await touchOn(page)
    await expectNoAxeFindings(page)
    await end.click()
    await expect(page.getByRole('button', { name: 'Take this sign-off back' })).toBeVisible()
    await expectNoAxeFindings(page)
    const done = await hands()
    console.log(
      `entered ${entered.all - before.all}, to the run ${begun.all - entered.all}, the run ${done.all - begun.all}, all ${done.all - before.all}; words read on the way ${each.join(' + ')} = ${read}`,
    )
    expect(done.all - before.all).toBeLessThanOrEqual(70)
  })
})

test('a practised shop changes one wire: at most 8 touches to the run', async ({ page }) => {
  const hands = await countHands(page)
  await open(page)
  await page
    .getByRole('complementary', { name: 'On the shelf' })
    .getByRole('button', { name: 'E71T-11 .030 10 lb' })
    .click()
  await page.getByRole('button', { name: 'Put it on Tern' }).click()
  await page.getByLabel('Thickness').click()
  await page.keyboard.type('3')
  await tap(page, 'Match it')
  await page.getByRole('button', { name: 'Gather', exact: true }).last().click()
  await tap(page, 'Begin the run')
  await expect(page.getByTestId('head')).toBeVisible()
  const { all } = await hands()
  console.log(`touches to the run: ${all}`)
  expect(all).toBeLessThanOrEqual(8)
})

test('the same by keyboard: at most 30 strokes', async ({ page }) => {
  const hands = await countHands(page)
  await open(page)
  const key = async (name: string, until?: () => Promise<void>) => {
    await page.keyboard.press(name)
    await until?.()
  }
  const focused = (name: string) => () => expect(page.locator(':focus')).toHaveText(name)
  await expect(page.getByLabel('What does the box say?')).toBeVisible()
  await key('/', () => expect(page.getByLabel('What does the box say?')).toBeFocused())
  await page.keyboard.type('E71T-11 .030')
  await expect(page.getByText('now choose the machine')).toBeVisible()
  await key('Enter', focused('Gull'))
  await key('Tab', focused('Tern'))
  await key('Enter', () =>
    expect(page.getByRole('heading', { name: 'Which wire goes on Tern?' })).toBeFocused(),
  )
  const metal = page.getByRole('combobox', { name: 'Metal' })
  for (let i = 0; i < 9 && !(await metal.evaluate((e) => e === document.activeElement)); i++) await key('Tab')
  await key('m', () => expect(page.getByText('mild steel').first()).toBeVisible())
  await key('Tab')
  await key('3')
  await key('Enter', () => expect(page.getByRole('heading', { level: 1, name: 'Tern to' })).toBeVisible())
  await key('n', () => expect(page.getByRole('heading', { level: 1, name: 'Gather' })).toBeVisible())
  // One letter goes to the button that begins, and begins nothing.
  await key('n', focused('Begin the run'))
  await key('Enter', () => expect(page.getByTestId('head')).toBeVisible())
  const { touches, keys } = await hands()
  console.log(`strokes to the run: ${keys}`)
  expect(touches).toBe(0)
  expect(keys).toBeLessThanOrEqual(30)
})
