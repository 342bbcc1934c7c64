import { seeded } from '../../core/src/base/random.ts'

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

export interface Drawn {
  /** A page of 1000 by 760 px. */
  html: string
  classification: string
  size: string
}
/**
 * Boxes as a camera sees them: tilted, blurred, in glare, with words of other makers in three languages. Made before the
 * reading was looked at, and not changed for it.
 * @param seed another seed, other boxes
 */
export function drawnBoxes(seed: number): () => Drawn {
  const random = seeded(seed)
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!
  const between = (low: number, high: number) => low + random() * (high - low)

  return () => {
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
}
