/**
 * Boxes drawn, photographed badly and read: how many classifications and sizes come out right, and how many wrong ones
 * nobody would notice. `npm run bench -- photo`; `COUNT=20` for a quick look. The drawing was made before the reading
 * was looked at, and is not changed for it.
 */
import { chromium } from '@playwright/test'
import { existsSync } from 'node:fs'
import { createRequire } from 'node:module'
import { dirname } from 'node:path'
import { createWorker, OEM, PSM } from 'tesseract.js'
import { readLabel } from '@pepper-knot/core/wire'
import { photographed } from '../../core/src/wire/photographed.ts'
import { seeded } from '../../core/src/base/random.ts'

const COUNT = Number(process.env.COUNT ?? 200)
const random = seeded(Number(process.env.SEED ?? 1))
const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!
const between = (low: number, high: number) => low + random() * (high - low)

const WIRES: readonly (readonly [string, readonly string[]])[] = [
  ['ER70S-6', ['.025', '.030', '.035', '.045', '0.6 mm', '0.8 mm', '0.9 mm', '1.0 mm', '1.2 mm']],
  ['ER70S-3', ['.030', '.035', '.045']],
  ['E71T-11', ['.030', '.035', '.045', '0.8 mm', '0.9 mm']],
  ['E71T-GS', ['.030', '.035', '0.8 mm', '0.9 mm']],
  ['E71T-1M', ['.045', '1/16', '1.2 mm', '1.6 mm']],
  ['E70C-6M', ['.045', '1.2 mm']],
  ['ER308LSi', ['.030', '.035', '0.8 mm', '1.0 mm']],
  ['ER316LSi', ['.035', '.045', '1.0 mm', '1.2 mm']],
  ['ER4043', ['.030', '.035', '3/64', '0.8 mm', '1.0 mm', '1.2 mm']],
  ['ER5356', ['.035', '3/64', '1.0 mm', '1.2 mm']],
  ['ERCuSi-A', ['.030', '.035', '0.8 mm', '1.0 mm']],
]
const MASSES = ['2 lb', '10 lb', '11 lb', '33 lb', '44 lb', '0.9 kg', '5 kg', '7 kg', '15 kg', '18 kg']
/** Other words on a box, in three languages; invented. */
const NOISE = [
  'WELDING WIRE',
  'KEEP DRY',
  'SCHWEISSDRAHT',
  'TROCKEN LAGERN',
  'HILO DE SOLDAR',
  'GUARDAR EN LUGAR SECO',
  'LOT 48213-7',
  'MADE WITH CARE',
  'SHIELDING GAS 80/20',
  'DCEP',
  'NET WEIGHT',
  'READ THE DATA SHEET',
  'NO. 5530912',
]
const FONTS = [
  'Arial, sans-serif',
  'Georgia, serif',
  '"Courier New", monospace',
  'Verdana, sans-serif',
  'sans-serif',
]

interface Drawn {
  html: string
  classification: string
  size: string
}
function drawn(): Drawn {
  const [classification, sizes] = pick(WIRES)
  const size = pick(sizes)
  const dark = random() < 0.25
  const contrast = between(0.45, 1)
  const ink = dark ? 255 : Math.round(255 * (1 - contrast))
  const ground = dark ? Math.round(255 * (1 - contrast)) : 255
  const tilt = between(-8, 8)
  const blur = between(0, 1.4)
  const glare = random() < 0.3
  const wrinkle = random() < 0.3
  const px = between(26, 54)
  const lines = [
    `<b style="font-size:${px * 1.5}px">AWS ${classification}</b>`,
    `<span style="font-size:${px * 1.2}px">${size.includes('mm') ? 'Ø ' : ''}${size}${/^[.\d/]+$/.test(size) ? ' in' : ''}</span>`,
    `<span style="font-size:${px}px">${pick(MASSES)}</span>`,
    ...Array.from(
      { length: 2 + Math.floor(random() * 4) },
      () => `<i style="font-size:${px * 0.6}px;font-style:normal">${pick(NOISE)}</i>`,
    ),
  ]
  // The first three stand in their order, the others between them.
  const order = lines.slice(0, 3)
  for (const line of lines.slice(3)) order.splice(Math.floor(random() * (order.length + 1)), 0, line)
  const html = `<body style="margin:0;width:1000px;height:760px;overflow:hidden;background:rgb(${ground - 20},${ground - 24},${ground - 30})">
<div style="position:absolute;inset:90px;transform:rotate(${tilt}deg)${wrinkle ? ` skewX(${between(-4, 4)}deg)` : ''};filter:blur(${blur}px);background:rgb(${ground},${ground},${ground});color:rgb(${ink},${ink},${ink});font-family:${pick(FONTS)};padding:30px;display:flex;flex-direction:column;gap:14px">${order.join('\n')}</div>
${glare ? `<div style="position:absolute;left:${between(0, 700)}px;top:${between(0, 500)}px;width:300px;height:220px;background:radial-gradient(closest-side,rgba(255,255,255,.75),transparent)"></div>` : ''}</body>`
  return { html, classification, size }
}
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
  const readings: string[] = []
  const picture = await page.screenshot()
  for (const mode of [PSM.AUTO, PSM.SPARSE_TEXT]) {
    await worker.setParameters({ tessedit_pageseg_mode: mode })
    readings.push((await worker.recognize(picture, { rotateAuto: true })).data.text)
  }
  const text = photographed(readings)
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
