import { choose, decide, doStep, expect, expectNoAxeFindings, gatherAndBegin, open, test } from './bench.ts'

const answer = '.answer'

test('the feed bench answers in one sentence, at once, and a cure that is tried opens the window', async ({
  page,
}) => {
  await open(page, '/feed')
  await expect(page.locator(answer)).toContainText(/^Feeds: press between/)
  await page.getByLabel('What does the box say?').fill('ER4043 1.2')
  // The fitted tip and groove are cut for a thinner wire: nothing passes, and both can be tried.
  await expect(page.locator(answer)).toContainText('whatever the pressure')
  await page.getByRole('button', { name: /^Try: fit a new tip/ }).click()
  await page.getByRole('button', { name: /^Try: turn or fit rolls/ }).click()
  await expect(page.locator(answer)).not.toContainText('whatever the pressure')
  await page.getByRole('button', { name: 'One loop more' }).click()
  await expect(page.locator(answer)).toContainText('Will not feed')
  await expect(page.locator(answer)).toContainText('lay the lead straight')
  await expect(page.getByRole('region', { name: 'Pressure window' })).toContainText('no pressure feeds')
  await page.getByRole('button', { name: 'Try: lay the lead straight' }).click()
  await expect(page.locator(answer)).toContainText('Feeds')
  // By keyboard: the gap wide open ends the window by folding.
  const gap = page.getByRole('slider', { name: 'Gap from roll to guide' })
  await gap.focus()
  await page.keyboard.press('End')
  await expect(page.locator(answer)).toContainText('folds in the gap')
  await page.getByRole('button', { name: 'As it is fitted' }).click()
  await expect(page.locator(answer)).not.toContainText('folds in the gap')
  // The chances follow, from the worker.
  await page.getByText('How sure is it?').click()
  await expect(page.getByRole('region', { name: 'How sure is it?' })).toContainText('Find out first')
  await page.getByLabel('What does the box say?').fill('')
  await page.getByLabel('What does the box say?').blur()
  await page.keyboard.press('u')
  await expect(page.locator(answer)).toContainText('lbf')
  await expectNoAxeFindings(page)
})

test('Match carries the model’s figure, Feed its test and outcomes, and a mark that passed teaches the scale', async ({
  page,
}) => {
  await open(page)
  await decide(page, 'Gull', 'ER5356 1.2 mm 7 kg', 'aluminium', '4 mm')
  await page.getByTestId('marks').getByRole('button', { name: /liner/i }).click()
  await expect(page.getByRole('region', { name: 'Why: Liner' })).toContainText(
    /Left as it is: .*push needed \d+ N/,
  )
  await gatherAndBegin(page)
  await page.getByRole('button', { name: 'Thread and press' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Thread and press' })).toBeVisible()
  await page.getByText('How to read it, and what the model says').click()
  await expect(page.getByText('It curls into a loop of about 50 mm')).toBeVisible()
  // The mark that stands on the machine with the wire that is on is known.
  await expect(page.getByText(/Start at mark [\d.]+ \(.* from one mark/)).toBeVisible()
  await expectNoAxeFindings(page)
  await page.getByRole('button', { name: 'To the run sheet' }).click()
  while (!(await page.getByRole('heading', { name: /pressure/i, level: 1 }).isVisible())) await doStep(page)
  await page.getByLabel('Roll pressure mark').fill('1.5')
  await page.getByRole('radio', { name: 'right', exact: true }).click()
  // The keys are the step's again once its heading has the focus.
  await page.getByTestId('say').focus()
  const end = page.getByRole('heading', { name: 'Sign off', level: 1 })
  while (!(await end.isVisible())) await doStep(page)
  await page.getByRole('button', { name: 'Sign off and save' }).click()
  await page.getByRole('link', { name: 'Work out' }).click()
  await page.getByText('How hard, then?').click()
  await expect(page.getByText('Start at mark 1.5: it stands there now, with this wire.')).toBeVisible()
  await choose(page, 'Machine', 'Tern')
  await expect(page.getByText('Start at mark 3: it stands there now')).toBeVisible()
})

test('wire left by weight and by thickness; the liner’s mark and cut', async ({ page }) => {
  await open(page, '/feed')
  await page.getByText('Wire left, curl and trim').click()
  const left = page.getByRole('region', { name: 'Wire left' })
  await left.getByLabel('By weight').fill('5 kg')
  await expect(left).toContainText('5 kg left')
  await left.getByLabel('By thickness on the barrel').fill('banana')
  await expect(left).toContainText('No number could be read')
  await left.getByLabel('By thickness on the barrel').fill('20 mm')
  await expect(left).toContainText(/kg left: \d+ m/)
  const trim = page.getByRole('region', { name: 'Where the liner is cut' })
  await expect(trim).toContainText('Mark at 3012 mm')
  await trim.getByRole('radio', { name: 'the rolls (soft wire)' }).click()
  await expect(trim).not.toContainText('Mark at')
})
