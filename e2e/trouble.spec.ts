/** From a step of the run sheet that does not go as it should, through the cure, and back to the same step. */
import { decide, doStep, expect, expectNoAxeFindings, gatherAndBegin, moreWays, open, test } from './bench.ts'
import { lookUntilFound, press } from './look.ts'
import type { Page } from '@playwright/test'

const WIDE = { width: 1280, height: 800 }
const PHONE = { width: 390, height: 844 }
/** What axe and the width say of a screen, at a desk and on a phone. */
async function soundAtBothWidths(page: Page) {
  for (const size of [WIDE, PHONE]) {
    await page.setViewportSize(size)
    await expectNoAxeFindings(page)
    expect(
      await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth),
    ).toBeLessThanOrEqual(0)
  }
}

test('from a stopped step through a new liner and back to it, by keyboard, at both widths', async ({
  page,
}) => {
  await open(page)
  await decide(page, 'Dunlin', 'E71T-1M 1.2', 'mild steel', '8')
  await gatherAndBegin(page)
  for (let n = 0; n < 60; n++) {
    await expect(page.getByTestId('buttons').first()).toBeVisible()
    if (
      /^Feed the wire through/.test(
        (await page
          .getByTestId('say')
          .textContent({ timeout: 500 })
          .catch(() => '')) ?? '',
      )
    )
      break
    await doStep(page)
  }
  const stopped = (await page.getByTestId('say').textContent())!
  await press(page, 'Something’s wrong')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('What do you see, hear or feel?')
  await soundAtBothWidths(page)
  // Any word of the trade finds it; several at once.
  await page.getByLabel('Search, in any word for it').focus()
  await page.keyboard.type('birdnesting')
  await press(page, /^Birdnest at the rolls/)
  await page.getByLabel('Search, in any word for it').fill('part way')
  await press(page, /^Feed stops part way/)
  await press(page, 'Look for it')
  await expect(page.getByTestId('look')).toBeVisible()
  await expect(page.getByTestId('likely').getByRole('listitem').first()).toBeVisible()
  await soundAtBothWidths(page)
  // Undo and answer again; the page loaded anew goes on where it was.
  const first = (await page.getByTestId('say').textContent())!
  await page.keyboard.press('c')
  await expect(page.getByTestId('answered').getByRole('listitem')).toHaveCount(1)
  await page.keyboard.press('Backspace')
  await expect(page.getByTestId('answered')).toHaveCount(0)
  await expect(page.getByTestId('say')).toHaveText(first)
  await expect(page.getByText('saved', { exact: true })).toBeVisible()
  await page.reload()
  await expect(page.getByTestId('say')).toHaveText(first)
  let cause = await lookUntilFound(page)
  while (cause !== 'Liner kinked') {
    await press(page, 'It is not that')
    await expect(page.getByTestId('found').getByTestId('say').filter({ hasText: cause })).toHaveCount(0)
    cause = await lookUntilFound(page)
  }
  await soundAtBothWidths(page)
  await press(page, 'Begin the cure')
  const said: string[] = []
  const gone = page.getByRole('heading', { name: 'Is it gone?' })
  await expect(page.getByTestId('sheet')).toBeVisible()
  for (let n = 0; n < 60 && !(await gone.isVisible()); n++) {
    await expect(page.getByTestId('buttons').first().or(gone)).toBeVisible()
    if (!(await gone.isVisible())) said.push(await doStep(page))
  }
  const at = (what: RegExp) => said.findIndex((s) => what.test(s))
  expect(at(/liner/i)).toBeGreaterThan(at(/gun off|Take the gun off/i))
  expect(said.join(' ')).toMatch(/tangle|knot/i)
  await press(page, 'Gone')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Cured: Liner kinked')
  await soundAtBothWidths(page)
  await page.getByRole('link', { name: 'Back to the run sheet' }).last().focus()
  await page.keyboard.press('Enter')
  await expect(page.getByTestId('say')).toHaveText(stopped)
  // It is in the log.
  await open(page, '/trouble')
  await expect(page.getByText('Liner kinked')).toBeVisible()
})

test('a cure is broken off: the machine is left safe and tagged, and the finder looks again', async ({
  page,
}) => {
  await open(page, '/trouble')
  await page.getByRole('button', { name: 'Gull', exact: true }).first().click()
  await page.getByLabel('Search, in any word for it').fill('birdnest')
  await press(page, /^Birdnest at the rolls/)
  await press(page, 'Look for it')
  await lookUntilFound(page)
  const cause = (await page.getByTestId('found').getByTestId('say').textContent())!
  await press(page, 'Begin the cure')
  for (let n = 0; n < 4; n++) await doStep(page)
  await moreWays(page)
  await press(page, 'Stop here')
  await press(page, 'Stop, and show these steps')
  const found = page.getByTestId('found')
  let last = ''
  for (let n = 0; n < 20 && !(await found.isVisible()); n++) {
    await expect(page.getByTestId('buttons').first().or(found)).toBeVisible()
    if (!(await found.isVisible())) last = await doStep(page)
  }
  expect(last).toMatch(/tag/i)
  // Nothing was cured: it is still what was found.
  await expect(found.getByTestId('say')).toHaveText(cause)
  await open(page)
  await expect(page.getByTestId('left').first()).toContainText('tagged')
})

test('a look says which way it is wrong; with nothing said nothing is kept', async ({ page }) => {
  await open(page, '/trouble')
  await page.getByRole('button', { name: 'Gull' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('What do you see, hear or feel?')
  await page.getByRole('link', { name: 'Trouble' }).first().click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Trouble')
  await expect(page.getByRole('button', { name: 'Drop the trouble on Gull' })).toHaveCount(0)
  await page.getByRole('button', { name: 'Gull' }).click()
  // What is welded may be said too, by its grade.
  await page.getByText('More about it').click()
  await page.getByText('Grade, position, wind, two metals').click()
  await page.getByLabel('Grade, where it is known').fill('4140')
  await expect(page.getByTestId('known')).toContainText('4140')
  await expectNoAxeFindings(page)
  await page.getByText('More about it').click()
  await page.getByLabel('Search, in any word for it').fill('sticks')
  await press(page, /^Burns back to the tip/)
  await press(page, 'Look for it')
  const way = page.getByTestId('look').getByRole('button', { name: 'Better further off' })
  const not = page.getByTestId('look').getByRole('button', { name: /^(Not here|No better)$/ })
  for (let n = 0; n < 12 && !(await way.isVisible()); n++) {
    const said = (await page.getByTestId('look').getByTestId('say').textContent())!
    await not.click()
    await expect(page.getByTestId('look').getByTestId('say')).not.toHaveText(said)
  }
  await soundAtBothWidths(page)
  await page.keyboard.press('1')
  await expect(page.getByTestId('answered')).toContainText('Hold another distance: Better further off')
  await expect(page.getByTestId('found').getByTestId('say')).toHaveText('Held too close')
})
