import { expectNoAxeFindings, expect, open, test } from './bench.ts'

const BOX = `<body style="margin:0;background:#ddd"><div style="margin:60px;padding:40px;background:#fff;font:bold 64px Arial,sans-serif">
WELDING WIRE<br>AWS E71T-11<br>.035 in<br>10 lb</div></body>`

test('a box is photographed, its letters read on the device, and taken as the label', async ({
  page,
  browser,
}) => {
  const studio = await browser.newPage({ viewport: { width: 900, height: 600 } })
  await studio.setContent(BOX)
  const picture = await studio.screenshot()
  await studio.close()
  await open(page)
  await page.getByRole('button', { name: 'Photograph the box' }).click()
  const box = page.getByRole('dialog')
  const taken = (buffer: Buffer, name = 'box.png') =>
    box.locator('input[type=file]').setInputFiles({ name, mimeType: 'image/png', buffer })
  await taken(Buffer.from('no picture'))
  await expect(box.getByText('The letters could not be read here.')).toBeVisible()
  await taken(picture)
  await expect(box.getByText(/E71T-11.*0\.9 mm/)).toBeVisible({ timeout: 60_000 })
  await expectNoAxeFindings(page)
  await box.getByRole('button', { name: 'It is right: use it' }).click()
  await expect(page.getByLabel('What does the box say?')).toHaveValue(/^E71T-11 \.035/)
  await expect(page.getByText('now choose the machine')).toBeVisible()
})

test('a setup card is photographed and read', async ({ page, browser }) => {
  await open(page, '/card')
  await page.getByRole('button', { name: 'Gull', exact: true }).click()
  await expect(page.getByRole('img', { name: 'Code of this setup' })).toBeVisible()
  const picture = await page.getByTestId('card').screenshot()
  await page.getByRole('heading', { name: 'Read a card' }).click()
  const file = page.locator('section[aria-label="Read a card"] input[type=file]')
  const blank = await (await browser.newPage()).screenshot()
  await file.setInputFiles({ name: 'card.png', mimeType: 'image/png', buffer: blank })
  await expect(page.getByText('No code was found in the picture')).toBeVisible()
  await file.setInputFiles({ name: 'card.png', mimeType: 'image/png', buffer: picture })
  await expect(page.getByText('Gull stands just as the card says.')).toBeVisible()
})
