import { read, refuse, type Read } from '../base/problem.ts'
import { remember } from '../base/remember.ts'
import { say } from '../base/codes.ts'

/** One trade size: what is sold as the same wire in inch and in metric. */
interface TradeSize {
  /** Trade size in mm; sizes compare by this number and by nothing else. */
  mm: number
  /** Inch stamps as printed, with the exact value in mm. */
  inch: readonly { label: string; exactMm: number }[]
  /** Other metric figures sold under this size, the exact conversions of the inch sizes among them. */
  alsoMm?: readonly number[]
}

const inch = (label: string) => {
  const [a, b] = label.split('/')
  const value = b ? Number(a) / Number(b) : Number(label)
  return { label, exactMm: Math.round(value * 25.4 * 1e4) / 1e4 }
}

/**
 * Trade pairs. published: ISO 544 diameters; inch pairs from AWS A5.02 practice, recalled from memory.
 * `.045` and 3/64 are one trade size though 1.2 mm has a tenth more area.
 */
export const TRADE_SIZES: readonly TradeSize[] = [
  { mm: 0.5, inch: [inch('.020')], alsoMm: [0.51] },
  { mm: 0.6, inch: [inch('.023'), inch('.024'), inch('.025')], alsoMm: [0.58, 0.61, 0.64] },
  { mm: 0.8, inch: [inch('.030')], alsoMm: [0.76] },
  { mm: 0.9, inch: [inch('.035')], alsoMm: [0.89] },
  { mm: 1.0, inch: [inch('.040')], alsoMm: [1.02] },
  { mm: 1.2, inch: [inch('.045'), inch('.047'), inch('3/64')], alsoMm: [1.1, 1.14, 1.19] },
  { mm: 1.4, inch: [inch('.052')], alsoMm: [1.3, 1.32] },
  { mm: 1.6, inch: [inch('1/16'), inch('.062'), inch('.063')], alsoMm: [1.57, 1.59] },
  { mm: 1.7, inch: [inch('.068')], alsoMm: [1.73] },
  { mm: 1.8, inch: [inch('.072')], alsoMm: [1.83] },
  { mm: 2.0, inch: [inch('5/64'), inch('.078')], alsoMm: [1.98] },
  { mm: 2.4, inch: [inch('3/32'), inch('.094')], alsoMm: [2.38, 2.39] },
  { mm: 2.8, inch: [inch('7/64'), inch('.109')], alsoMm: [2.78] },
  { mm: 3.2, inch: [inch('1/8'), inch('.120'), inch('.125')], alsoMm: [3.0, 3.05, 3.18] },
]

/** Sizes that tips are stamped in; "one size up" is the next of these. common practice */
const LADDER_MM = [0.5, 0.6, 0.8, 0.9, 1.0, 1.2, 1.4, 1.6, 2.0, 2.4]

/** The next trade size above, in mm; the same size at the top of the ladder. */
export const oneSizeUpMm = (tradeMm: number): number => LADDER_MM.find((mm) => mm > tradeMm) ?? tradeMm

export interface Diameter {
  /** Trade size in mm. */
  diameterMm: number
  /** What it really measures, in mm. */
  exactMm: number
  /** As the box prints it: `.035` or `0.9 mm`. */
  diameterLabel: string
}

const metricLabel = (mm: number) => `${Number.isInteger(mm) ? mm.toFixed(1) : mm} mm`

const INCH_STAMPS = TRADE_SIZES.flatMap((size) => size.inch.map((stamp) => ({ ...stamp, mm: size.mm })))

function byInch(inches: number): Diameter | undefined {
  const off = (exactMm: number) => Math.abs(exactMm - inches * 25.4)
  const near = INCH_STAMPS.reduce((a, b) => (off(b.exactMm) < off(a.exactMm) ? b : a))
  // A stamp such as .047 stands for 3/64: within a quarter of a thou it is the same mark.
  return off(near.exactMm) < 0.006
    ? { diameterMm: near.mm, exactMm: near.exactMm, diameterLabel: near.label }
    : undefined
}

function byMm(mm: number): Diameter | undefined {
  const size = TRADE_SIZES.find(
    (s) => Math.abs(s.mm - mm) < 1e-6 || s.alsoMm?.some((also) => Math.abs(also - mm) < 1e-6),
  )
  return size && { diameterMm: size.mm, exactMm: mm, diameterLabel: metricLabel(mm) }
}

/** Every size in mm that a wire may be given in. */
export const KNOWN_MM: readonly number[] = TRADE_SIZES.flatMap(({ mm, alsoMm }) => [mm, ...(alsoMm ?? [])])

/** A trade size in mm as a `Diameter`, for wires entered by hand; `undefined` when no wire has it. */
export const diameterOfMm = byMm

/** Characters of a mark with two sizes, each with its unit. */
export const LONGEST_STAMP = 60

/** No welding wire is thicker, in. */
const MOST_INCHES = 0.2

const INCH_FORM =
  /^(?:0?[.,](\d{2,4})|0(\d{2})|(\d{1,2})\/(\d{2}|8)|(\d{2}),000|(\d{2})\s*(?:thou|mils?|thousandths?))\s*(?:"|″|”|''|in\.?|inch(?:es)?)?$/
const MM_FORM = /^(\d+(?:[.,]\d+)?|[.,]\d)\s*(?:mm)?$/

/**
 * Reads a wire size, a groove mark or a tip stamp: `.035`, `0.035"`, `035`, `35 thou`, `30,000`, `0.9`, `0,9 mm`,
 * `1/16`.
 * @returns the trade size, or a problem with the nearest size that is made
 */
export function readDiameter(text: string): Read<Diameter> {
  const t = text
    .normalize('NFKC')
    .trim()
    .toLowerCase()
    .replace('⁄', '/')
    .replace(/^[ø⌀]\s*/, '')
  const i = INCH_FORM.exec(t)
  if (i) {
    const [, point, bare, over, under, speech, thou] = i
    // `.9` and `0.9` are metric; an inch form has two figures or more behind a nought: .035, 0.045.
    const inches = point
      ? Number(`0.${point}`)
      : over
        ? Number(over) / Number(under)
        : Number(bare ?? speech ?? thou) / 1000
    const stamp = byInch(inches)
    if (stamp) return read(stamp)
    // `0.80` would be a wire as thick as a finger in inches: two figures behind a nought may be millimetres.
    const inMm =
      point !== undefined && !/["″”']|in/.test(t) && inches > MOST_INCHES ? byMm(inches) : undefined
    return inMm ? read(inMm) : noSuchWire(text, inches > MOST_INCHES ? inches : inches * 25.4)
  }
  const m = MM_FORM.exec(t)
  if (!m) return refuse('', say('diameter.notRead', text))
  const mm = Number(m[1]!.replace(',', '.'))
  const size = byMm(mm)
  return size ? read(size) : noSuchWire(text, mm)
}

/** A point in the wrong place, or the other system’s unit: `.35`, `0.035 mm`, `9 mm`. */
function meant(text: string): Diameter | undefined {
  const number = Number(/\d*[.,]?\d+/.exec(text)?.[0]?.replace(',', '.') ?? NaN)
  if (Number.isNaN(number)) return undefined
  if (number < 0.2) return byInch(number)
  return number < 1 ? byInch(number / 10) : byMm(number / 10)
}

function noSuchWire(text: string, mm: number): Read<never> {
  const slip = meant(text)
  if (slip)
    return refuse('', say('diameter.noSuchWire', text, slip.diameterLabel), slip.diameterLabel, text.trim())
  const near = TRADE_SIZES.reduce((a, b) => (Math.abs(b.mm - mm) < Math.abs(a.mm - mm) ? b : a))
  const label = `${near.inch[0]!.label} (${metricLabel(near.mm)})`
  return refuse('', say('diameter.noSuchWire', text, label), metricLabel(near.mm), text.trim())
}

/**
 * Reads a mark that may carry two sizes, as on rolls and tips: `.030/.035` takes both. `1/16` is one size.
 * @returns trade sizes in mm, one or more
 */
export const readStampMm: (text: string) => Read<number[]> = remember((typed) => {
  // A mark is a few figures: what is longer is none, and is not read.
  if (typed.length > LONGEST_STAMP) return refuse('', say('diameter.notRead', typed.slice(0, LONGEST_STAMP)))
  const text = typed.trim()
  const whole = readDiameter(text)
  if (whole.ok) return read([whole.value.diameterMm])
  const pieces = text.split(/\s*(?:\/|-|·|\+)\s*(?=[.0-3])/)
  if (pieces.length < 2) return whole
  const sizes: number[] = []
  for (const piece of pieces) {
    const one = readDiameter(piece)
    if (!one.ok) return whole
    sizes.push(one.value.diameterMm)
  }
  return read(sizes)
})

/** A trade size as shops of either habit write it: `0.9` or `.035`. */
export function tradeLabel(tradeMm: number, system: 'metric' | 'inch'): string {
  const size = TRADE_SIZES.find((s) => s.mm === tradeMm)
  if (system === 'metric' || !size) return Number.isInteger(tradeMm) ? tradeMm.toFixed(1) : String(tradeMm)
  return size.inch[0]!.label
}
