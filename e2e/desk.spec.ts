import { choose, decide, expect, expectNoAxeFindings, moreWays, open, test } from './bench.ts'

test('four questions, each answered in a line, in both unit systems', async ({ page }) => {
  await open(page, '/desk')
  const panel = (name: string) => page.getByRole('region', { name })
  // Four answers at once; what each stands on is behind its own touch.
  await expect(page.getByLabel('Breaker, A')).toBeHidden()
  for (const n of [1, 2, 3]) await page.getByText('Inputs', { exact: true }).nth(n).click()
  await expect(panel('What settings?').getByRole('status')).toContainText(/20 V .* short arc/)
  await expect(panel('What flow?').getByRole('status')).toContainText('L/min')
  await expect(panel('How long will the cylinder last?').getByRole('status')).toContainText(
    /minutes \(.* to .*\) at .* welds/,
  )
  await expect(panel('Will the circuit hold?').getByRole('status')).toContainText('It holds')
  await page.getByLabel('What does the box say?').fill('E71T-11 .035')
  await expect(panel('What flow?').getByRole('status')).toContainText('None: this wire shields itself')
  await page.getByLabel('What does the box say?').fill('ER70S-6 .045')
  await page.getByLabel('Gas', { exact: true }).fill('CO2')
  await expect(panel('How long will the cylinder last?')).toContainText('Weigh the cylinder')
  await page.getByLabel('Draught or wind').fill('10 mph')
  await expect(panel('What flow?').getByRole('status')).toContainText('Shelter, or a self-shielded wire')
  // How much of it a weld takes, and whether what stands there is enough.
  await page.getByLabel('Length of weld').fill('900 ft')
  const enough = page.getByRole('region', { name: 'Enough wire?' })
  await expect(enough.getByText(/kg of wire for it\./)).toBeVisible()
  await expect(enough.getByRole('listitem').first()).toContainText(/enough|short|not weighed|No spool/)
  await page.getByLabel('Breaker, A').fill('6')
  await expect(panel('Will the circuit hold?').getByRole('status')).toContainText('It trips')
  await page.getByLabel('Breaker, A').fill('many')
  await expect(panel('Will the circuit hold?').getByRole('status')).toContainText('as numbers')
  await page.getByLabel('Breaker, A').fill('16')
  await page.getByLabel('Cord section').fill('12 AWG')
  await expect(panel('Will the circuit hold?')).toContainText('read as 3.3 mm² (12 AWG)')
  await expect(panel('Will the circuit hold?')).toContainText('First to give:')
  await page.getByLabel('Travel, if measured').fill('12 ipm')
  await expect(panel('What settings?')).toContainText('read as 300 mm/min')
  await expect(panel('What settings?')).toContainText(/Heat input .* kJ\/mm \(EN 1011-1, k = 0.8\)/)
  await page.getByRole('radio', { name: 'Butt' }).click()
  await page.getByLabel('Groove angle').fill('400')
  await expect(panel('What settings?')).toContainText('Between 0 and 120 degrees.')
  await page.getByLabel('Groove angle').fill('60')
  await page.getByLabel('Thickness').fill('25 mm')
  await expect(panel('What settings?')).toContainText(/[2-9] passes, at the least/)
  for (const ask of [
    'What settings?',
    'What flow?',
    'How long will the cylinder last?',
    'Will the circuit hold?',
  ]) {
    await panel(ask).getByText('Every figure, its band and where it comes from').click()
    await expect(panel(ask).getByRole('table')).toBeVisible()
  }
  await page.getByText('Does it leak?').click()
  await page.getByLabel('Gauge fell by').fill('2 bar')
  await expect(panel('What flow?')).toContainText(/lost: .* in a month left open/)
  await expectNoAxeFindings(page)
  await page.getByRole('heading', { level: 1 }).click()
  await page.keyboard.press('u')
  await expect(panel('What settings?').getByRole('status').first()).toContainText('ipm')
  await expect(panel('How long will the cylinder last?').getByLabel('CO2 in it')).toHaveValue('5 kg')
  await expect(panel('How long will the cylinder last?')).toContainText('read as 11 lb (5 kg)')
})

test('what was worked out begins a changeover, whose sheet and card carry the settings', async ({ page }) => {
  await open(page, '/desk')
  await choose(page, 'Machine', 'Tern')
  await page.getByLabel('What does the box say?').fill('E71T-11 .030 10 lb')
  await page.getByLabel('Thickness').fill('1/8')
  await page.getByRole('button', { name: 'Begin a changeover on Tern with this' }).click()
  await expect(page.getByRole('heading', { name: 'Which wire goes on Tern?' })).toBeVisible()
  await expect(page.getByLabel('What does the box say?')).toHaveValue('E71T-11 .030 10 lb')
  await page.getByRole('button', { name: 'Match it' }).click()
  await page.getByRole('button', { name: 'Gather', exact: true }).last().click()
  await page.getByRole('button', { name: 'Begin the run' }).click()
  await moreWays(page)
  await page.getByRole('button', { name: 'Show the whole list' }).click()
  await expect(
    page.getByText(/Set about \d+(\.5)? V( \(tap \d\))? and [\d.]+ m\/min, and weld a test/),
  ).toBeVisible()
})

test('a cord of no length is a length', async ({ page }) => {
  await open(page, '/store/machines')
  await page.getByRole('button', { name: 'What is fitted on Gull' }).click()
  await page.getByRole('button', { name: /^Mains supply/ }).click()
  await expect(page.getByRole('dialog')).toContainText('read as 0 m')
  await page.getByRole('dialog').getByRole('button', { name: 'Save' }).click()
  await expect(page.getByRole('dialog')).toHaveCount(0)
})

test('a machine’s own chart, typed or pasted, comes before the rows and is named as what a start stands on', async ({
  page,
}) => {
  await open(page, '/store/machines')
  await page.getByRole('button', { name: 'What is fitted on Gull' }).click()
  const chart = page.getByRole('region', { name: 'Own settings of Gull' })
  await chart.getByRole('textbox').fill('ER70S-6 0.9 on 3 mm 18.2 V 6.1 m/min\nER70S-6 17 V')
  await expect(chart.getByText('The wire has no size')).toBeVisible()
  await chart.getByRole('button', { name: 'Add a row' }).click()
  // What could not be read stays in the field.
  await expect(chart.getByRole('textbox')).toHaveValue('ER70S-6 17 V')
  await expect(chart.getByText('on 3 mm, 18.2 V, 6.1 m/min')).toBeVisible()
  await expectNoAxeFindings(page)
  await page.getByRole('link', { name: 'Work out' }).click()
  await page.getByRole('link', { name: 'Gas and arc' }).click()
  await page.getByLabel('What does the box say?').fill('ER70S-6 0.9')
  await expect(page.getByText('Start at about 18 V and 6.1 m/min')).toBeVisible()
  await expect(page.getByText('the machine’s own chart, 3 mm')).toBeVisible()
  await page.getByRole('link', { name: 'Store' }).click()
  await page.getByRole('link', { name: 'Machines', exact: true }).click()
  await page.getByRole('button', { name: 'What is fitted on Gull' }).click()
  await chart.getByRole('button', { name: /^Remove/ }).click()
  await expect(chart.getByText('on 3 mm')).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(chart.getByText('on 3 mm')).toBeVisible()
  // Out as a file, and in again.
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    chart.getByRole('button', { name: 'Save as CSV' }).click(),
  ])
  await chart.getByRole('button', { name: /^Remove/ }).click()
  await expect(chart.getByText('on 3 mm')).toHaveCount(0)
  await chart.locator('input[type=file]').setInputFiles(await file.path())
  // Its columns are known by their headings, and can be said otherwise.
  const columns = page.getByRole('dialog')
  await expect(columns.getByText('1 of 1 rows can be read so.')).toBeVisible()
  await columns.getByRole('button', { name: 'Into the field' }).click()
  await chart.getByRole('button', { name: 'Add a row' }).click()
  await expect(chart.getByText('on 3 mm, 18.2 V, 6.1 m/min')).toBeVisible()
})

test('a metal by the shop’s own row is written down, read as a grade, and comes first', async ({ page }) => {
  await open(page, '/store/metals')
  await page.getByRole('button', { name: 'Add a metal' }).click()
  await page.getByRole('button', { name: 'Save the metal' }).click()
  await expect(page.getByText('A metal needs a name.')).toBeVisible()
  await page.getByLabel('Name', { exact: true }).fill('Harbour plate')
  await page.getByLabel('Wires, best first').fill('ER80S-D2, HB-600')
  await expect(page.getByText('Not read as wires, kept as typed: HB-600')).toBeVisible()
  await page.getByLabel('It is like').fill('A36')
  await page.getByLabel('Preheat to at least').fill('150 F')
  await expectNoAxeFindings(page)
  await page.getByRole('button', { name: 'Save the metal' }).click()
  await expect(page.getByText('ER80S-D2, HB-600 · like A36 · preheat 66 °C')).toBeVisible()
  await page.getByRole('link', { name: 'Bench' }).click()
  await decide(page, 'Gull', 'ER70S-6 0.8', 'mild steel', '6')
  await page.getByRole('button', { name: 'Decide' }).click()
  await page.getByText('Grade, position, wind, two metals').click()
  await page.getByLabel('Grade, where it is known').fill('harbour plate')
  await expect(page.getByText('Your own row is read for it.')).toBeVisible()
  await page.getByRole('button', { name: 'Match it' }).click()
  await expect(page.getByText('harbour plate: preheat to 66 °C at least')).toBeVisible()
  await expect(page.getByText('Harbour plate stands by the shop’s own row.')).toBeVisible()
})
