/**
 * Boxes drawn, photographed badly and read: how many classifications and sizes come out right, and how many wrong ones
 * nobody would notice. `npm run bench -- photo`; `COUNT=20` for a quick look. The drawing was made before the reading
 * was looked at, and is not changed for it.
 */
import { chromium } from '@playwright/test'
import { existsSync } from 'node:fs'
import { createRequire } from 'node:module'
import { dirname } from 'node:path'
import { createWorker, OEM } from 'tesseract.js'
import { readLabel } from '@pepper-knot/core/wire'
import { drawnBoxes } from './drawnBoxes.ts'
import { readByWays } from '../../web/src/storage/photoWays.ts'

const COUNT = Number(process.env.COUNT ?? 200)
const drawn = drawnBoxes(Number(process.env.SEED ?? 1))
const sized = (text: string) => {
  const read = readLabel(text)
  return read.ok ? read.value.wire : undefined
}
const flat = (name: string | null | undefined) => name?.replace(/[^A-Z0-9]/gi, '').toUpperCase()

const find = createRequire(import.meta.url).resolve
const worker = await createWorker('eng', OEM.LSTM_ONLY, {
  langPath: dirname(find('@tesseract.js-data/eng/4.0.0_best_int/eng.traineddata.gz')),
  cacheMethod: 'none',
})
const executablePath = [process.env.CHROMIUM, '/usr/bin/chromium-headless-shell', '/usr/bin/chromium'].find(
  (path) => path && existsSync(path),
)
const browser = await chromium.launch({
  executablePath: executablePath!,
  args: ['--no-sandbox', '--disable-gpu'],
})
const page = await browser.newPage({ viewport: { width: 1000, height: 760 } })
let right = 0
let asked = 0
const wrong: string[] = []
for (let i = 0; i < COUNT; i++) {
  const { html, classification, size } = drawn()
  await page.setContent(html)
  const picture = await page.screenshot()
  const { text } = await readByWays(async (way) => {
    await worker.setParameters(way)
    return (await worker.recognize(picture, { rotateAuto: true })).data.text
  })
  const want = sized(`${classification} ${size}`)!
  const got = sized(text)
  const whole =
    got?.classification !== undefined && got.classification !== null && !got.unread.includes('diameter')
  if (!whole && process.env.SHOW) console.log(`asked ${classification} ${size}: ${text.slice(0, 200)}`)
  if (!whole) asked++
  else if (
    flat(got.classification) === flat(want.classification) &&
    Math.abs(got.diameterMm! - want.diameterMm!) < 0.011
  )
    right++
  else
    wrong.push(
      `${classification} ${size}: read as ${got.classification} ${got.diameterMm} mm from “${text.slice(0, 120)}”`,
    )
}
await browser.close()
await worker.terminate()
for (const line of wrong) console.log(line)
console.log(
  `${COUNT} boxes: classification and size right ${right} (${Math.round((100 * right) / COUNT)} %, aim 90), asked ${asked}, silently wrong ${wrong.length} (at most 2)`,
)
