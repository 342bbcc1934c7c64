import { readFileSync } from 'node:fs'
import { decide, choose, expectNoAxeFindings, expect, open, test } from './bench.ts'
import { put, written } from './store.ts'

test('a note is written, corrected, found by a slip of the finger, and taken away', async ({ page }) => {
  await open(page, '/log')
  await expect(page.getByText('Nothing is written down yet.')).toBeVisible()
  await page.getByRole('button', { name: 'Write a note' }).click()
  const box = page.getByRole('dialog')
  await box.getByRole('button', { name: 'Save' }).click()
  // The dialog is no link: pressed anywhere it stays as it is.
  await expect(box.getByRole('heading', { name: 'Write a note' })).toHaveCSS('cursor', 'auto')
  await expect(box.getByRole('alert').filter({ hasText: 'Write something, or add a photo.' })).toBeVisible()
  await box.getByRole('radio', { name: 'cylinder changed' }).click()
  await box.getByLabel('Note').fill('=1+1 regulator hisses at the nut')
  await box.getByLabel('Your name or initials').fill('K. B.')
  await expectNoAxeFindings(page)
  await box.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('=1+1 regulator hisses')).toBeVisible()
  await written(page)
  await page.reload()
  await page.getByRole('searchbox', { name: 'Find in the log' }).fill('regulater')
  await expect(page.getByText('1 entry')).toBeVisible()
  await page.getByRole('button', { name: /^More for/ }).click()
  await page.getByRole('menuitem', { name: 'Correct the note' }).click()
  await box.getByLabel('Note').fill('the regulator hissed: nut tightened')
  await box.getByRole('button', { name: 'Save' }).click()
  await page.getByText('It said before:').click()
  await expect(page.getByText('=1+1 regulator hisses')).toBeVisible()
  // The name goes off what it says and what it said.
  await page.getByText('Names in the log').click()
  await page.getByRole('button', { name: 'Take K. B. off every entry' }).click()
  await expect(page.getByText('Names in the log')).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText('Names in the log')).toBeVisible()
  await expectNoAxeFindings(page)
  await page.getByRole('button', { name: /^More for/ }).click()
  await page.getByRole('menuitem', { name: 'Remove' }).click()
  await expect(page.getByText('Nothing is written down yet.')).toBeVisible()
})

test('wire through a machine makes its upkeep due, and stands in the charts', async ({ page }) => {
  await open(page, '/store/machines')
  await page.getByRole('button', { name: 'What is fitted on Tern' }).click()
  const care = page.getByRole('region', { name: 'Upkeep' })
  await care.getByText('Upkeep').click()
  await care.getByRole('button', { name: 'look at the contact tip done today on Tern' }).click()
  await care.getByText('How often').click()
  await choose(page, 'What', 'look at the contact tip')
  await care.getByLabel('or so much wire').fill('12 stones')
  await care.getByRole('button', { name: 'Save' }).click()
  await expect(care.getByLabel('or so much wire')).toBeFocused()
  await care.getByLabel('or so much wire').fill('30 lb')
  await care.getByRole('button', { name: 'Save' }).click()
  await expect(care.getByText(/every 7 days or 14 kg of wire/)).toBeVisible()
  await expectNoAxeFindings(page)
  await written(page)
  await page.goto('/log')
  for (const kg of ['5', '9']) {
    await page.getByRole('button', { name: 'Write a note' }).click()
    const box = page.getByRole('dialog')
    await box.getByRole('radio', { name: 'spool emptied' }).click()
    await choose(page, 'Machine', 'Tern')
    await box.getByLabel('Wire that ran through').fill(kg)
    await box.getByLabel('Cost').fill('40,5')
    await box.getByRole('button', { name: 'Save' }).click()
    await expect(box).toHaveCount(0)
  }
  await expect(page.getByText('9 kg')).toBeVisible()
  // A figure put right stays in what was said before.
  await page
    .getByRole('button', { name: /^More for/ })
    .first()
    .click()
  await page.getByRole('menuitem', { name: 'Correct the note' }).click()
  await page.getByRole('dialog').getByLabel('Wire that ran through').fill('9.5 kg')
  await page.getByRole('dialog').getByRole('button', { name: 'Save' }).click()
  await page.getByText('It said before:').click()
  await expect(page.getByText(/: 9 kg · 40.50/)).toBeVisible()
  await page.getByRole('heading', { name: 'Charts' }).click()
  const money = page.getByRole('region', { name: 'Wire, gas and parts, by month' })
  await money.getByText('As a table').click()
  await expect(money.getByRole('cell', { name: '81', exact: true })).toBeVisible()
  await expectNoAxeFindings(page)
  await written(page)
  await page.goto('/')
  await expect(page.getByText(/look at the contact tip: 15 kg of wire since/)).toBeVisible()
})

test('a setup card is shown, and its text written down on a machine that stands otherwise', async ({
  page,
  context,
}) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write'])
  await open(page, '/store/machines')
  await page.getByRole('button', { name: 'More for Gull' }).click()
  await page.getByRole('menuitem', { name: 'Setup card' }).click()
  await expect(page.getByTestId('card').getByRole('heading', { name: 'Gull' })).toBeVisible()
  await expect(page.getByRole('img', { name: 'Code of this setup' })).toBeVisible()
  await expectNoAxeFindings(page)
  await page.getByRole('button', { name: 'Copy the code’s text' }).click()
  const clipboard = () => page.evaluate(() => navigator.clipboard.readText())
  await expect.poll(clipboard).not.toBe('')
  const text = await clipboard()
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'PDF', exact: true }).click(),
  ])
  expect(file.suggestedFilename()).toBe('Gull-setup.pdf')
  await page.getByRole('heading', { name: 'Read a card' }).click()
  const field = page.getByLabel('Text of a card’s code')
  await field.fill('no code at all')
  await expect(page.getByText('This is no setup code.')).toBeVisible()
  await field.fill(text)
  await expect(page.getByText('Gull stands just as the card says.')).toBeVisible()
  await page.getByRole('combobox', { name: 'Put it on' }).press('Enter')
  await page.getByRole('option', { name: 'Tern' }).click()
  await expect(page.getByText(/It would change on Tern/)).toBeVisible()
  await page.getByRole('button', { name: 'Write it down so' }).click()
  await field.fill(text)
  await expect(page.getByText('Tern stands just as the card says.')).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText(/It would change on Tern/)).toBeVisible()
})

test('a shop is handed from one device to another by six figures', async ({ page, browser }) => {
  await open(page, '/store/machines')
  await page.getByRole('button', { name: 'More for Gull' }).click()
  await page.getByRole('menuitem', { name: 'Edit' }).click()
  await page.getByRole('dialog').getByLabel('Name').first().fill('Gull the second')
  await page.getByRole('dialog').getByRole('button', { name: 'Save' }).click()
  await page.goto('/shop')
  await page.getByRole('heading', { name: 'Another phone' }).click()
  await page.getByRole('button', { name: 'Only some of it' }).click()
  await expect(page.getByText('Tick what the other device needs.')).toBeVisible()
  await expectNoAxeFindings(page)
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click()
  await page.getByRole('button', { name: 'Get a code' }).click()
  const code = (await page.getByTestId('code').textContent())!.replace(/\D/g, '').slice(0, 6)
  const other = await (await browser.newContext({ serviceWorkers: 'block' })).newPage()
  await open(other, `${new URL(page.url()).origin}/shop`)
  await other.getByRole('heading', { name: 'Another phone' }).click()
  await other.getByLabel('Code of six figures').fill('000 00')
  await expect(other.getByRole('button', { name: 'Fetch it' })).toBeDisabled()
  await other.getByLabel('Code of six figures').fill(code)
  await expectNoAxeFindings(other)
  await other.getByRole('button', { name: 'Fetch it' }).click()
  await other.getByRole('button', { name: 'Import it' }).click()
  await other.goto(`${new URL(page.url()).origin}/store/machines`)
  await expect(other.getByRole('heading', { name: 'Gull the second' })).toBeVisible()
})

test('parts go out as CSV and come in again, with what cannot be taken listed', async ({ page }) => {
  await open(page, '/store/parts')
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as CSV' }).click(),
  ])
  const text = readFileSync(await file.path(), 'utf8')
  const rows = text.split('\r\n')
  // The third part counted anew, one that is new, one that nobody can read.
  const columns = rows[0]!.split(',')
  const third = rows[3]!.split(',')
  third[columns.indexOf('Count')] = '77'
  const fresh = columns.map((name) => (name === 'Part' ? 'contact tip 1.4' : name === 'Count' ? '5' : ''))
  const odd = columns.map((name) => (name === 'Part' ? 'a thing' : ''))
  const changed = [...rows.slice(0, 3), third.join(','), ...rows.slice(4, -1), fresh.join(','), odd.join(',')]
  await page.getByRole('button', { name: 'Bring in CSV' }).click()
  const box = page.getByRole('dialog')
  await box.locator('input[type=file]').setInputFiles({
    name: 'parts.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(changed.join('\r\n')),
  })
  await expect(box.getByText(/^1 new, 1 changed, \d+ as they are\.$/)).toBeVisible()
  await expect(box.getByText('One row is not taken:')).toBeVisible()
  await expectNoAxeFindings(page)
  await box.getByRole('button', { name: 'Take the others' }).click()
  await expect(page.getByRole('row', { name: /contact tip 1.4/ })).toContainText('5')
  await expect(page.getByText('77')).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText('77')).toHaveCount(0)
  await expect(page.getByRole('row', { name: /contact tip 1.4/ })).toHaveCount(0)
})

test('what must be owned for a wire on a machine is listed: on it, in which drawer, or lacking', async ({
  page,
}) => {
  await open(page, '/store/parts')
  await page.getByRole('heading', { name: 'What must I own?' }).click()
  await page.getByLabel('What does the box say?').fill('ER70S-6 0.6')
  const set = page.getByRole('group', { name: 'What must I own?' })
  await expect(set.getByRole('row', { name: /smooth V rolls 0.6/ })).toBeVisible()
  await expect(set.getByRole('row', { name: /on the machine/ }).first()).toBeVisible()
  await expectNoAxeFindings(page)
})

test('a photo goes into the log, out in a zip, into another device, and is cleared', async ({
  page,
  browser,
}) => {
  await open(page)
  const picture = await page.screenshot()
  await open(page, '/log')
  await page.getByRole('button', { name: 'Write a note' }).click()
  const box = page.getByRole('dialog')
  const file = box.locator('input[type=file]')
  await file.setInputFiles({ name: 'a.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') })
  await expect(box.getByText('That file could not be read as a photo.')).toBeVisible()
  await file.setInputFiles({ name: 'a.png', mimeType: 'image/png', buffer: picture })
  await expect(box.getByRole('button', { name: 'Photo 1 of 1' })).toBeVisible()
  await expectNoAxeFindings(page)
  await box.getByRole('button', { name: 'Save' }).click()
  await written(page)
  await page.reload()
  await page.getByRole('button', { name: 'Photo 1 of 1' }).click()
  const width = () =>
    box.getByRole('img', { name: 'Photo' }).evaluate((img: HTMLImageElement) => img.naturalWidth)
  await expect.poll(width).toBe(1280)
  await box.getByRole('button', { name: 'Close' }).click()

  await open(page, '/shop')
  await expect(page.getByText(/^1 photo on this device, 0\.\d MB\./)).toBeVisible()
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the file with photos' }).click(),
  ])
  expect(saved.suggestedFilename()).toMatch(/^saltbarrow-slip-.*\.pepperknot\.zip$/)
  const zip = readFileSync(await saved.path())
  const other = await (await browser.newContext({ serviceWorkers: 'block' })).newPage()
  await open(other, page.url())
  const choose = (buffer: Buffer) =>
    other
      .locator('.import input[type=file]')
      .setInputFiles({ name: 'shop.zip', mimeType: 'application/zip', buffer })
  await choose(zip.subarray(0, zip.length - 9))
  await expect(other.getByText('This zip holds no shop that can be read')).toBeVisible()
  await choose(zip)
  await other.getByRole('button', { name: 'Import it' }).click()
  await expect(other.getByText(/^1 photo on this device/)).toBeVisible()
  await open(other, new URL('/log', page.url()).href)
  await expect(other.getByRole('button', { name: 'Photo 1 of 1' })).toBeVisible()
  await other.context().close()

  await page.getByRole('button', { name: 'Clear photos' }).click()
  await page.getByRole('alert').getByRole('button', { name: 'Clear photos' }).click()
  await expect(page.getByText(/photo on this device/)).toHaveCount(0)
  await open(page, '/log')
  await expect(page.getByText('1 photo is not on this device.')).toBeVisible()
})

test('a spool that was opened says on the shelf and in the hand how it lay, and what comes off first', async ({
  page,
}) => {
  await open(page, '/store/wires')
  await page
    .getByRole('button', { name: /^More for E71T-11 \.035/ })
    .first()
    .click()
  await page.getByRole('menuitem', { name: 'Edit' }).click()
  const box = page.getByRole('dialog')
  await box.getByLabel('Wire on the spool').fill('6 lb')
  await box.getByLabel('Opened on').fill('2026-11-12')
  await box.getByLabel('Rusty turns to take off').fill('three')
  await box.getByRole('radio', { name: 'no', exact: true }).click()
  await box.getByRole('button', { name: 'Save' }).click()
  await expect(box.getByRole('alert').first()).toBeVisible()
  await box.getByLabel('Rusty turns to take off').fill('3')
  await box.getByRole('button', { name: 'Save' }).click()
  const says = /2\.7 kg left of 4\.5 kg.*opened Nov 12, 2026.*not stored dry.*3 rusty turns/
  await expect(page.getByText(says)).toBeVisible()
  await written(page)
  await page.goto('/')
  await decide(page, 'Tern', 'E71T-11 .035', 'mild steel', '1/8')
  await page.getByRole('button', { name: 'Gather', exact: true }).last().click()
  for (const one of ['2.7 kg left of 4.5 kg', '3 rusty turns come off first'])
    await expect(page.getByText(one)).toBeVisible()
})

test('a long log lists its latest, older ones by a touch, and finds in all of it', async ({ page }) => {
  await open(page)
  await written(page)
  await page.goto('/api/v1/info')
  const at = Date.now()
  const rows = Array.from({ length: 620 }, (_, i) => ({
    id: `job${String(i).padStart(3, '0')}`,
    at: new Date(at - (i + 1) * 3_600_000).toISOString(),
    kind: 'change',
    label: 'ER5356 1.2',
    machineId: i % 2 ? 'gull' : 'tern',
    machine: i % 2 ? 'Gull' : 'Tern',
    ...(i === 610 && { note: 'liner kinked behind the shelf' }),
  }))
  const pages = [rows.slice(0, 500), rows.slice(500)]
  const last = (of: typeof rows) => ({ at: of.at(-1)!.at, id: of.at(-1)!.id })
  for (const [n, rowsOfPage] of pages.entries()) await put(page, 'meta', `past/5/page/${n}`, rowsOfPage)
  await put(page, 'meta', 'past/5/newest', rows.slice(0, 100))
  await put(page, 'meta', 'past/5', {
    pages: pages.map((of, n) => ({ n, count: of.length, last: last(of) })),
    removed: [],
  })
  await page.goto('/log')
  await expect(page.getByText('620 entries')).toBeVisible()
  await expect(page.getByText('The latest 500 of 620 are listed.')).toBeVisible()
  const older = page.getByRole('button', { name: 'Show older entries' })
  // Under a hand that comes from far above, the button still moves while the rows over it are measured.
  await expect(async () => {
    if (await older.count()) await older.click({ timeout: 1000 })
    await expect(older).toHaveCount(0, { timeout: 500 })
  }).toPass()
  // The rows that come into view are not as high as they were taken for: the end moves on once more.
  await expect(async () => {
    await page.keyboard.press('End')
    await expect(page.locator('li[aria-posinset="620"]')).toBeInViewport({ timeout: 500 })
  }).toPass()
  const find = page.getByRole('searchbox', { name: 'Find in the log' })
  await find.fill('liner kincked')
  await expect(page.getByText('1 entry')).toBeVisible()
  await expect(page.getByText('liner kinked behind the shelf')).toBeVisible()
  // Another question begins short again; a machine has half of them.
  await find.fill('')
  await expect(page.getByText('The latest 500 of 620 are listed.')).toBeVisible()
  await page.getByRole('group', { name: 'Machine' }).getByRole('button', { name: 'Gull' }).click()
  await expect(page.getByText('310 entries')).toBeVisible()
})
