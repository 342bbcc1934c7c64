import type { Page } from '@playwright/test'
import { decide, expect, expectNoAxeFindings, gatherAndBegin, open, runAll, test } from './bench.ts'

/** One try in three touches: the bead, the arc, written down. */
async function write(page: Page, bead: string, arc?: string) {
  await page.getByRole('button', { name: new RegExp(`^${bead}`) }).click()
  if (arc) await page.getByRole('radio', { name: new RegExp(`^${arc}`) }).click()
  await page.getByRole('button', { name: 'Write it down' }).click()
}
const toDialIn = async (page: Page) => {
  await page.getByRole('button', { name: 'Dial in', exact: true }).first().click()
  await expect(page.getByRole('heading', { name: 'Dial in', level: 1 })).toBeVisible()
}
const said = (page: Page) =>
  page
    .getByRole('status')
    .filter({ hasText: /m\/min|ipm/ })
    .first()
const rows = (page: Page) => page.locator('tbody tr')

test('tries narrow to two good ones, the settings are kept, and the next change begins from them', async ({
  page,
}) => {
  await open(page)
  await decide(page, 'Gull', 'ER70S-6 0.9 mm 15 kg', 'mild steel', '4 mm')
  await gatherAndBegin(page)
  await runAll(page)
  await expect(page.getByText('No good test weld is written down.')).toBeVisible()
  await toDialIn(page)
  await expect(said(page)).toContainText(/Begin at \d/)
  await page.getByRole('button', { name: 'Write it down' }).click()
  await expect(page.getByText('Touch a bead, and what you heard.')).toBeVisible()

  await page.getByRole('button', { name: /^Undercut/ }).click()
  await page.getByRole('radio', { name: /^Stubs/ }).click()
  await expect(page.getByText('These two seldom go together.')).toBeVisible()
  await write(page, 'Cold', 'Stubs')
  await expect(said(page)).toContainText('More volts')
  await write(page, 'Hot', 'Steady')
  await expect(said(page)).toContainText(/Less wire|Fewer volts/)
  await write(page, 'Porous', 'Steady')
  await expect(said(page)).toContainText('Leave the knobs')
  await page.getByRole('button', { name: 'Take back the last' }).click()
  await expect(rows(page)).toHaveCount(2)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(rows(page)).toHaveCount(3)
  await page.getByRole('radio', { name: /^Burns back/ }).click()
  await expect(page.getByRole('button', { name: /^Good/ })).toBeDisabled()
  await page.getByRole('radio', { name: /^Steady/ }).click()

  await page.getByRole('textbox', { name: 'Volts' }).fill('90')
  await write(page, 'Good')
  await expect(page.getByText('Volts and wire speed are needed too.')).toBeVisible()
  await expect(rows(page)).toHaveCount(3)
  await page.getByRole('textbox', { name: 'Volts' }).fill('19.8')
  // What was turned by hand and touched stays, whatever is proposed meanwhile.
  await page.getByRole('radio', { name: 'Tack' }).click()
  await page.getByRole('radio', { name: 'Bead', exact: true }).click()
  await expect(page.getByRole('textbox', { name: 'Volts' })).toHaveValue('19.8')
  await expect(page.getByRole('button', { name: /^Good/ })).toHaveAttribute('aria-pressed', 'true')
  await page.getByRole('textbox', { name: 'Wire speed' }).fill('240 ipm')
  await page.getByRole('button', { name: 'Write it down' }).click()
  await expect(said(page)).toContainText('The same again: 19.8 V, 6.1 m/min')
  await write(page, 'Good')
  await expect(said(page)).toHaveText('Dialled in: 19.8 V, 6.1 m/min.')
  // What is said to be saved is there after a reload.
  await expect(page.getByText('saved', { exact: true })).toBeVisible()
  await page.reload()
  await expect(rows(page)).toHaveCount(5)
  await expectNoAxeFindings(page)
  await page.getByRole('button', { name: 'Sign off', exact: true }).last().click()
  await expect(page.getByText('Ran well at 19.8 V, 6.1 m/min. 5 test welds are written down.')).toBeVisible()
  await page.getByRole('button', { name: 'Sign off and save' }).click()
  // Sign off says it too: only the card can be printed.
  await expect(page.getByRole('button', { name: /Print/ })).toBeVisible()
  await expect(page.getByText('Ran well at 19.8 V, 6.1 m/min.')).toBeVisible()

  await page.getByRole('navigation', { name: 'Main' }).getByRole('link', { name: 'Bench' }).click()
  await decide(page, 'Gull', 'ER70S-6 0.9 mm 15 kg', 'mild steel', '4.5 mm')
  await gatherAndBegin(page)
  await toDialIn(page)
  await expect(said(page)).toContainText('Begin at 19.8 V, 6.1 m/min')
  await expect(page.getByText('Starts from what ran well here on')).toBeVisible()
})

test('taps and a dial without figures, in inches on a phone; a simulated machine to practise on', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await open(page)
  await page.keyboard.press('u')
  // By links: a page left at once is left before it is kept.
  await page.getByRole('link', { name: 'Store' }).click()
  await page.getByRole('button', { name: 'More for Tern' }).click()
  await page.getByRole('menuitem', { name: 'Edit' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByText('What it gives, and how it is set').click()
  await expect(dialog.getByLabel('Most current')).toHaveValue('140 A')
  await dialog.getByLabel('Volt taps').fill('A B C D E')
  await dialog.getByLabel('Lowest mark on the feed dial').fill('12')
  await expect(dialog.getByText('Two marks, the lower first.')).toBeVisible()
  await dialog.getByLabel('Lowest mark on the feed dial').fill('1')
  await dialog.getByRole('button', { name: 'Save' }).click()
  await expect(dialog).toHaveCount(0)
  await page.getByRole('link', { name: 'Bench' }).click()
  await decide(page, 'Tern', 'E71T-11 .030 10 lb', 'mild steel', '.090')
  await gatherAndBegin(page)
  await toDialIn(page)
  await expect(said(page)).toContainText(/Begin at tap B \(about 17 V\), dial \d\.?\d? \(about \d+ ipm\)/)
  for (const [mark, length] of [
    ['3', '12 in'],
    ['7', '32 in'],
  ] as const) {
    await page.getByLabel('Dial stood at').fill(mark)
    await page.getByLabel('Wire run out').fill(length)
    await page.getByRole('button', { name: 'Add the run-out' }).click()
    await expect(page.getByText(`${mark}: ${Number.parseInt(length) * 10} ipm`)).toBeVisible()
  }
  await expect(page.getByText('Learned from 2 run-outs.')).toBeVisible()
  await page.getByRole('textbox', { name: 'Feed dial' }).fill('5')
  await expect(page.getByText('about 220 ipm', { exact: true })).toBeVisible()
  await page.getByRole('textbox', { name: 'Feed dial' }).fill('44')
  await expect(page.getByText('The dial goes from 1 to 10.')).toBeVisible()
  await page.getByRole('textbox', { name: 'Feed dial' }).fill('4')
  await page.getByText('Practise without a machine').click()
  await page.getByRole('button', { name: 'Weld it on the simulated machine' }).click()
  await expect(rows(page)).toHaveCount(1)
  await expect(rows(page).first()).toContainText('simulated')
  await expectNoAxeFindings(page)
})

test('on the wire that is on: from the Bench, another thickness, by keyboard, written to the machine’s log', async ({
  page,
}) => {
  const press = async (name: string | RegExp) => {
    await page.getByRole('button', { name }).first().focus()
    await page.keyboard.press('Enter')
  }
  await open(page)
  await press('Dial in on Gull, the wire stays')
  await expect(page.getByRole('heading', { name: 'Dial in', level: 1 })).toBeVisible()
  await expect(page.getByText('Metal and thickness first')).toBeVisible()
  await page.getByLabel('Thickness').fill('4 mm')
  await expect(said(page)).toContainText(/Begin at \d/)
  for (const size of [
    { width: 390, height: 844 },
    { width: 1280, height: 800 },
  ]) {
    await page.setViewportSize(size)
    await expectNoAxeFindings(page)
  }
  for (let n = 0; n < 2; n++) {
    await press(/^Good/)
    await press('Write it down')
  }
  await expect(said(page)).toContainText('Dialled in')
  await page.getByRole('button', { name: 'Sign off', exact: true }).last().press('Enter')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Sign off')
  await press('Sign off and save')
  await expect(page.getByText('ER70S-6 0.9').first()).toBeVisible()
  // The card of the door and the log say what it ran at.
  await page.getByRole('link', { name: 'Setup card' }).click()
  await expect(page.getByTestId('card')).toContainText(/Volts\s*21 V/)
  await page.getByRole('navigation', { name: 'Main' }).getByRole('link', { name: 'Log' }).click()
  await expect(page.getByText(/Ran well at 21 V/)).toBeVisible()
  await page.getByRole('heading', { name: 'Charts' }).click()
  await page.getByText('As a table').click()
  await expect(page.getByRole('columnheader', { name: 'put right' })).toBeVisible()
  await expectNoAxeFindings(page)
  // The same again: what was good here last time stands at once.
  await page.getByRole('link', { name: 'Bench' }).first().click()
  await press('Dial in on Gull, the wire stays')
  await page.getByLabel('Thickness').fill('4 mm')
  await expect(page.getByText('Starts from what ran well here')).toBeVisible()
  // On another metal it is the nearest, and said which that was.
  await page.getByLabel('Thickness').fill('9 mm')
  await expect(page.getByTestId('last-good')).toHaveText(
    /^Ran well at 21 V.* Here, on mild steel, 4 mm, flat, /,
  )
})
