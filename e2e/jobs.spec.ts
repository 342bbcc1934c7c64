import type { Page } from '@playwright/test'
import {
  choose,
  decide,
  doStep,
  expect,
  expectNoAxeFindings,
  gatherAndBegin,
  moreWays,
  open,
  runAll,
  test,
} from './bench.ts'
import { machineOf, written } from './store.ts'

/** Whole walks take a minute each: they are walked in the long bench. */
const long = process.env.LONG === '1'

const sign = async (page: Page) => {
  await page.getByRole('button', { name: 'Sign off and save' }).click()
  await expect(page.getByText(/^Signed off/)).toBeVisible()
}
/** On to the sign-off, however many steps are left. */
async function toTheEnd(page: Page): Promise<string[]> {
  const said = await runAll(page)
  return said
}

test('put right: the worn tip is changed, nothing else, and the wire stays', async ({ page }) => {
  await open(page)
  await page.getByRole('button', { name: /^Put \d right on Skua/ }).click()
  await expect(page.getByRole('heading', { level: 1, name: /^Skua put right/ })).toBeVisible()
  await gatherAndBegin(page)
  const said = (await toTheEnd(page)).join(' ')
  expect(said).toContain('Screw the tip on')
  expect(said).not.toMatch(/Cut the wire|Mount the new spool|pressure arm/)
  // Dialled in on the wire that stays, by keys, as wide as a phone and as a desk.
  await page.getByRole('button', { name: 'Dial in', exact: true }).press('Enter')
  await page.getByLabel('Thickness').fill('5 mm')
  for (const size of [
    { width: 390, height: 844 },
    { width: 1280, height: 800 },
  ]) {
    await page.setViewportSize(size)
    await expectNoAxeFindings(page)
  }
  const proposal = page
    .getByRole('status')
    .filter({ hasText: /m\/min|ipm/ })
    .first()
  for (const said of [/Begin at \d/, /The same again/]) {
    await expect(proposal).toContainText(said)
    await page.getByRole('button', { name: /^Good/ }).press('Enter')
    await page.getByRole('button', { name: 'Write it down' }).press('Enter')
  }
  await expect(proposal).toContainText('Dialled in')
  await page.getByRole('button', { name: 'Sign off', exact: true }).first().press('Enter')
  await sign(page)
  const tip = async () => JSON.stringify((await machineOf(page, 'Skua')).fitted.contactTip)
  await expect.poll(tip).not.toContain('worn')
  const { fitted } = await machineOf(page, 'Skua')
  expect(fitted.contactTip).toMatchObject({ stamp: '1.2', aluminiumBore: true })
  expect(fitted.wire).toEqual({ label: 'ER5356 1.2 mm' })
})

test('going on with what there is: a missing guide is left, what hurts cannot be, and the card says so', async ({
  page,
}) => {
  await open(page, '/store/parts')
  await open(page)
  await decide(page, 'Tern', 'ER4043 0.9 mm 2 kg', 'aluminium', '3 mm')
  await page.getByRole('button', { name: 'Gather', exact: true }).last().click()
  const begin = page.getByRole('button', { name: 'Begin the run' })
  await expect(begin).toBeDisabled()
  const ways = page.getByRole('button', { name: /^Another way for/ })
  while ((await ways.count()) > 0) {
    const before = await ways.count()
    await ways.first().click()
    const box = page.getByRole('dialog')
    const open = box.getByRole('radio').and(box.locator(':enabled'))
    if ((await open.count()) === 0) {
      await box.getByRole('button', { name: 'Cancel' }).click()
      await page.getByRole('button', { name: 'I have found one' }).first().click()
    } else {
      await open.first().check()
      const sure = box.getByLabel('I have read what comes of it')
      if (await sure.isVisible()) await sure.check()
      await box.getByRole('button', { name: 'Choose this' }).click()
    }
    await expect(ways).toHaveCount(before - 1)
  }
  await expect(begin).toBeEnabled()
  if (!long) return
  await begin.click()
  await toTheEnd(page)
  await sign(page)
})

test('aluminium without a polymer outlet guide: the liner is led up, trimmed for it and written down', async ({
  page,
}) => {
  await open(page)
  await decide(page, 'Gull', 'ER5356 1.2 mm 7 kg', 'aluminium', '4 mm')
  await page.getByText('This change', { exact: true }).click()
  await page.getByText('Ways of working for this change').click()
  await choose(page, 'Soft wire after the rolls', 'the liner itself, led up to the rolls')
  await page.getByRole('button', { name: 'Gather', exact: true }).last().click()
  await expect(page.getByRole('main')).toContainText('polymer inlet guide')
  await expect(page.getByRole('main')).not.toContainText('outlet guide')
  if (!long) return
  await page.getByRole('button', { name: 'Begin the run' }).click()
  const said = (await toTheEnd(page)).join(' ')
  expect(said).toMatch(/outlet tube out/)
  expect(said).toMatch(/Trim the liner at the roll end/)
  await sign(page)
  const { fitted } = await machineOf(page, 'Gull')
  expect(fitted).toMatchObject({ outletGuide: null, gun: { linerTrim: 'long' } })
})

test('stopped in the middle: the steps to a safe stop, and the machine as it then stands', async ({
  page,
}) => {
  await open(page)
  await decide(page, 'Tern', 'E71T-11 .030 10 lb', 'mild steel', '1/8')
  await gatherAndBegin(page)
  for (let said = ''; !/pull the old wire out/.test(said);) said = await doStep(page)
  await moreWays(page)
  await page.getByRole('button', { name: 'Stop here' }).click()
  const box = page.getByRole('dialog')
  await expect(box.getByText('Hang a tag on the machine', { exact: false })).toBeVisible()
  await box.getByRole('button', { name: 'Stop, and show these steps' }).click()
  await toTheEnd(page)
  await sign(page)
  await expect(page.getByText('Broken off before its end')).toBeVisible()
  const tern = await machineOf(page, 'Tern')
  // The old spool is still on, its wire out of the gun: what is open stays with the machine.
  expect(tern.fitted).toMatchObject({
    wire: { label: 'ER70S-6 .025' },
    polarity: 'DCEP',
    driveRolls: { active: '.025' },
  })
  expect(tern.standing).toMatchObject({ on: false, wireEnd: 'tucked', clamp: 'off' })
  expect(tern.standing?.openEnds).toEqual(expect.arrayContaining(['tagged', 'not-threaded', 'tip-off']))
  // From what is signed off: the same again, or back as it was.
  const card = page.url()
  await page.getByRole('button', { name: 'Do it again' }).click()
  await expect(page.getByRole('textbox', { name: 'What does the box say?' })).toHaveValue(
    'E71T-11 .030 10 lb',
  )
  await written(page)
  await page.goto(card)
  await page.getByRole('button', { name: 'Put it back as it was' }).click()
  await expect(page.getByRole('textbox', { name: 'What does the box say?' })).toHaveValue('ER70S-6 .025')
})

test('the only set is promised once: the second change is told which has it', async ({ page }) => {
  await open(page)
  await decide(page, 'Gull', 'E70C-6M 1.2 mm 15 kg', 'mild steel', '6 mm')
  await open(page)
  await decide(page, 'Dunlin', 'E70C-6M 1.2 mm 15 kg', 'mild steel', '6 mm')
  await page.getByRole('button', { name: 'Gather', exact: true }).last().click()
  await expect(page.getByText(/promised to: Gull to E70C-6M/).first()).toBeVisible()
  // One list to buy from, for all that is planned: the second change asks for what the first has.
  await open(page, '/change')
  await expect(
    page
      .getByRole('region', { name: 'To buy for every planned change' })
      .getByRole('row', { name: /E70C-6M.*Dunlin/ }),
  ).toBeVisible()
})

test('a cell of the board is looked at, and leaves nothing behind', async ({ page }) => {
  await open(page)
  const cell = page.getByRole('button', { name: /: missing / }).first()
  await cell.click()
  const box = page.getByRole('dialog')
  await expect(box.getByRole('heading', { name: 'What it asks for' })).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(box).toBeHidden()
  await expect(page.getByRole('region', { name: 'Changeovers under way' })).toHaveCount(0)
})

test('upkeep is written down without a changeover', async ({ page }) => {
  await open(page)
  const done = page.getByRole('button', { name: /done today on Gull/ })
  await done.click()
  await expect(done).toHaveCount(0)
  // Kept a moment after it is shown.
  const last = async () =>
    Object.values((await machineOf(page, 'Gull')).upkeep ?? {})
      .sort()
      .at(-1)!
  await expect.poll(async () => Date.now() - Date.parse(await last())).toBeLessThan(60_000)
})

test('a box that is lost: what is found by looking makes a plan that asks for the box at its end', async ({
  page,
}) => {
  await open(page)
  await page.getByRole('button', { name: 'Change the wire on Tern' }).click()
  await page.getByText('No box? Identify the wire').click()
  await page.getByRole('radio', { name: 'a seam, and powder inside' }).click()
  await page.getByRole('radio', { name: 'sticks', exact: true }).click()
  await page.getByLabel('Ten turns side by side on a rod').fill('8 mm')
  await page.getByLabel('Ten turns side by side on a rod').press('Tab')
  await page.getByRole('button', { name: 'Plan with what is known' }).click()
  await choose(page, 'Metal', 'mild steel')
  await page.getByLabel('Thickness').fill('3 mm')
  await page.getByRole('button', { name: 'Match it' }).click()
  await page.getByRole('button', { name: 'Gather', exact: true }).last().click()
  await expect(page.getByRole('button', { name: 'Begin the run' })).toBeVisible()
})

test('work on the machine: another gun by its own parts, nothing undefined, exchanged and unread', async ({
  page,
}) => {
  await open(page, '/store/machines')
  await page.getByRole('button', { name: 'What is fitted on Tern' }).click()
  await page.getByRole('button', { name: 'Fit another gun' }).first().click()
  await page.getByRole('radio', { name: 'push-pull gun' }).first().click()
  await expect(page.getByRole('main')).not.toContainText('undefined')
  await page
    .getByRole('button', { name: /^Go on without/ })
    .first()
    .click()
  if (!long) return
  const begin = page.getByRole('button', { name: 'Begin the run' })
  while (await begin.isDisabled())
    await page
      .getByRole('button', { name: /^Go on without/, pressed: false })
      .first()
      .click()
  await begin.click()
  const end = page.getByRole('button', { name: 'Sign off and save' })
  while (!(await end.isVisible())) expect(await doStep(page)).not.toMatch(/undefined/)
  await end.click()
  await expect(page.getByRole('heading', { level: 1, name: 'Saltbarrow Slip' })).toBeVisible()
  const { fitted } = await machineOf(page, 'Tern')
  expect(fitted).toMatchObject({ gun: { kind: 'push-pull' }, wire: null })
  // What is in and on it nobody has looked at.
  expect(fitted).not.toHaveProperty('contactTip')
})

test('folded by station: a press a card, back by the card, kept by the device, the same shop at the end', async ({
  page,
}) => {
  await open(page)
  await decide(page, 'Gull', 'ER70S-6 0.8 mm 15 kg', 'mild steel', '3 mm')
  await gatherAndBegin(page)
  await moreWays(page)
  await page.getByTestId('fold').click()
  const head = page.getByTestId('head')
  await expect(head).toContainText(/card 1 of 1[0-6]/)
  await expect(page.getByTestId('lines').getByRole('listitem')).toHaveCount(5)
  await page.keyboard.press('Space')
  await expect(head).toContainText('card 2 of')
  await page.keyboard.press('Backspace')
  await expect(head).toContainText('card 1 of')
  await expect(page.getByText('saved', { exact: true })).toBeVisible()
  await page.reload()
  await expect(head).toContainText('card 1 of')
  const end = page.getByRole('heading', { name: 'Sign off', level: 1 })
  for (let n = 0; n < 20; n++) {
    await expect(page.getByTestId('buttons').first().or(end)).toBeVisible()
    if (await end.isVisible()) break
    if (await page.getByTestId('lines').count()) {
      const now = await head.textContent()
      await page.keyboard.press('Space')
      await expect(head.filter({ hasText: `${/card \d+/.exec(now!)![0]} of` })).toHaveCount(0)
    } else await doStep(page)
  }
  await sign(page)
  const gull = await machineOf(page, 'Gull')
  expect(gull.fitted).toMatchObject({ wire: { label: 'ER70S-6 0.8 mm' }, driveRolls: { active: '0.8' } })
  expect(gull.standing).toBeUndefined()
})
