import { existsSync, mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Browser, Locator, Page } from '@playwright/test'
import { expectNoAxeFindings, expect, open, test } from './bench.ts'

const BOX = `<body style="margin:0;background:#ddd"><div style="margin:60px;padding:40px;background:#fff;font:bold 64px Arial,sans-serif">
WELDING WIRE<br>AWS E71T-11<br>.035 in<br>15 kg</div></body>`

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
  await expect(box.getByText(/^Read: E71T-11.*0\.9 mm/)).toBeVisible({ timeout: 60_000 })
  await expectNoAxeFindings(page)
  // Each part is compared for itself; a piece of the picture, moved by keys, is read alone.
  await box.getByRole('button', { name: 'Use it', exact: true }).click()
  await expect(
    box.getByText('Tick what you compared with the box: Classification, Diameter, On the spool.'),
  ).toBeVisible()
  await box.getByRole('button', { name: 'Read a piece of it' }).click()
  const frame = box.locator('.cropper-crop-box')
  const before = (await frame.boundingBox())!
  await box.getByRole('group', { name: 'The box as photographed' }).press('ArrowDown')
  await expect.poll(async () => (await frame.boundingBox())!.y).toBeGreaterThan(before.y)
  await box.getByRole('button', { name: 'Read this piece' }).click()
  await expect(box.getByText(/^Read: E71T-11.*0\.9 mm/)).toBeVisible({ timeout: 60_000 })
  for (const part of await box.getByRole('group').getByRole('checkbox').all()) await part.check()
  await box.getByRole('button', { name: 'Use it', exact: true }).click()
  await expect(page.getByLabel('What does the box say?')).toHaveValue(/^E71T-11 \.035/)
  await expect(page.getByText('now choose the machine')).toBeVisible()
  // Nothing of the picture was kept: nobody asked for it.
  await page.goto('/log')
  await expect(page.getByText('Picture of a box')).toHaveCount(0)
})

/** The small browser without a window knows no camera. */
const wholeBrowser = [process.env.CHROMIUM, '/usr/bin/chromium'].find(
  (path) => path && existsSync(path) && !path.includes('headless-shell'),
)
/** A browser whose camera sees one picture. */
async function withCamera(browser: Browser, picture: Buffer) {
  const file = join(mkdtempSync(join(tmpdir(), 'pepper-knot-camera-')), 'seen.mjpeg')
  writeFileSync(file, Buffer.concat(Array.from({ length: 4 }, () => picture)))
  const own = await browser.browserType().launch({
    executablePath: wholeBrowser!,
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--use-fake-device-for-media-stream',
      `--use-file-for-fake-video-capture=${file}`,
    ],
  })
  const context = await own.newContext({ permissions: ['camera'], serviceWorkers: 'block' })
  return { page: await context.newPage(), close: () => own.close() }
}

/** A browser that is short of time gives up on its camera: it is asked again. */
async function cameraOn(page: Page, then: Locator) {
  const again = page.getByRole('button', { name: 'Try again' })
  await expect(async () => {
    await expect(again.or(then).first()).toBeVisible()
    if (await again.isVisible()) await again.click()
    await expect(then).toBeVisible()
  }).toPass({ timeout: 60_000 })
}

test('a camera sees the box: its picture is read, kept where asked, and decides the change; refused, it says so', async ({
  page,
  browser,
}) => {
  test.skip(!wholeBrowser, 'only the browser without a camera is here')
  await open(page)
  const { origin } = new URL(page.url())
  const studio = await browser.newPage({ viewport: { width: 1280, height: 720 } })
  await studio.setContent(BOX)
  const picture = await studio.screenshot({ type: 'jpeg', quality: 95 })
  await studio.close()
  await page.addInitScript(() => {
    navigator.mediaDevices.getUserMedia = () => Promise.reject(new DOMException('no', 'NotAllowedError'))
  })
  await open(page)
  await page.getByRole('button', { name: 'Photograph the box' }).click()
  await page.getByRole('button', { name: 'Use the camera' }).click()
  await expect(page.getByText('The browser does not let this page use the camera.')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Try again' })).toBeVisible()
  await page.getByRole('button', { name: 'Close the camera' }).click()
  await expect(page.getByText('Choose a picture')).toBeVisible()
  const { page: at, close } = await withCamera(browser, picture)
  await open(at, `${origin}/change`)
  await at.goto(origin)
  await at.getByRole('button', { name: 'Photograph the box' }).click()
  await at.getByRole('button', { name: 'Use the camera' }).click()
  await cameraOn(at, at.getByRole('button', { name: 'Take the picture' }))
  await expectNoAxeFindings(at)
  await at.getByRole('button', { name: 'Take the picture' }).click()
  await expect(at.getByText(/^Read: E71T-11.*0\.9 mm/)).toBeVisible({ timeout: 60_000 })
  for (const part of await at.getByRole('group').getByRole('checkbox').all()) await part.check()
  await at.getByLabel('Keep the picture in the log').check()
  await at.getByRole('button', { name: 'Use it', exact: true }).click()
  await at.getByRole('main').getByRole('button', { name: /^Tern/ }).first().click()
  await expect(at).toHaveURL(/\/change\//)
  await expect(at.getByLabel('What does the box say?')).toHaveValue(/^E71T-11 \.035/)
  await at.goto(`${origin}/log`)
  await expect(at.getByText('E71T-11 .035').first()).toBeVisible()
  await close()
})

test('a card that was printed is scanned by another device: the machine stands there as it stood', async ({
  page,
  browser,
}) => {
  test.skip(!wholeBrowser, 'only the browser without a camera is here')
  await open(page, '/store/machines')
  const { origin } = new URL(page.url())
  await page.goto('/card/tern')
  await expect(page.getByRole('img', { name: 'Code of this setup' })).toBeVisible()
  await page.emulateMedia({ media: 'print' })
  await page.setViewportSize({ width: 1280, height: 720 })
  const code = page.getByRole('img', { name: 'Code of this setup' })
  await code.scrollIntoViewIfNeeded()
  const picture = await page.screenshot({ type: 'jpeg', quality: 95 })
  const { page: at, close } = await withCamera(browser, picture)
  await open(at, `${origin}/card/gull`)
  await at.getByRole('heading', { name: 'Read a card' }).click()
  await at.getByRole('button', { name: 'Scan the code' }).click()
  await cameraOn(at, at.getByText('Tern stands just as the card says.'))
  await at.getByRole('combobox', { name: 'Put it on' }).press('Enter')
  await at.getByRole('option', { name: 'Gull' }).click()
  await at.getByRole('button', { name: 'Write it down so' }).click()
  await at.getByRole('button', { name: 'Scan the code' }).click()
  await cameraOn(at, at.getByText('Gull stands just as the card says.'))
  await expect(at.getByText('Gull stands just as the card says.')).toBeVisible()
  await close()
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
