import { parseMixture } from '../gas/mixture.ts'
import { chartRowSchema, type ChartRow } from '../machine/chart.ts'
import { problemsOf } from '../base/check.ts'
import { refuse, type Read } from '../base/problem.ts'
import { gaugeScaleOf } from '../units/gauge.ts'
import { parseLengthMm } from '../units/length.ts'
import { M_PER_MIN, typedNumber, parseQuantity } from '../units/parse.ts'
import type { Position } from '../terms/terms.ts'
import { readLabel } from '../wire/label.ts'
import { say } from '../base/codes.ts'

/** Characters of one row, and rows of one paste. */
const LONGEST_ROW = 300
const MOST_ROWS = 500

const POSITION_WORDS: readonly (readonly [RegExp, Position])[] = [
  [/\bvertical[\s-]+up\b|\bv-?up\b|\bPF\b/i, 'vertical-up'],
  [/\bvertical[\s-]+down\b|\bv-?down\b|\bPG\b/i, 'vertical-down'],
  [/\boverhead\b|\bPE\b/i, 'overhead'],
  [/\bhorizontal\b|\bP[BC]\b/i, 'horizontal'],
  [/\bflat\b|\bPA\b/i, 'flat'],
]
const NUMBER = '\\d*[.,]?\\d+'
const VOLTS = new RegExp(`(?<![\\w.])(${NUMBER})\\s*V(?:olts?)?(?![\\w-])`, 'i')
const SPEED = new RegExp(`(?<![\\w.])(${NUMBER})\\s*(m\\s*/\\s*min|mpm|ipm|in\\s*/\\s*min)(?!\\w)`, 'i')
const TAP = /\btap\s*:?\s*([\w.-]{1,20})/i
const KNOB = new RegExp(`\\bknob\\s*:?\\s*(-?${NUMBER})`, 'i')
const DIAL = new RegExp(`\\bdial\\s*:?\\s*(-?${NUMBER})`, 'i')
const THICKNESS =
  /\b(?:on|for)\s+((?:\d+[\s-]+)?\d+\s*\/\s*\d+\s*(?:"|in(?:ch)?\b)?|\d*[.,]?\d+\s*(?:mm|ga(?:uge)?\b|"|in(?:ch)?\b)?)/i
const GAS =
  /(?<![\w.])(\d{1,2}(?:[.,]\d+)?\/\d{1,2}(?:[.,]\d+)?(?:\/\d{1,2}(?:[.,]\d+)?)?(?:\s*(?:Ar|CO2|O2|He)(?:\/(?:Ar|CO2|O2|He))*)?|C-?\d{2}|argon|CO2)(?![\w])/i
/**
 * Reads one row of a chart as it is written: wire and size, `on` a thickness, then gas, position and figures or the
 * machine's own marks in any order: `ER70S-6 0.9 on 2 mm 75/25 17.5 V 5.2 m/min`, `E71T-11 .030 on 16 ga tap C dial 45`.
 */
export function readChartLine(line: string): Read<ChartRow> {
  if (line.length > LONGEST_ROW) return refuse('', say('chart.tooLong'))
  let rest = ` ${line.normalize('NFKC').trim()} `
  const take = (form: RegExp): RegExpExecArray | null => {
    const found = form.exec(rest)
    if (found) rest = rest.replace(found[0], ' ')
    return found
  }
  const thickness = take(THICKNESS)?.[1]
  const speed = take(SPEED)
  const volts = take(VOLTS)?.[1]
  const tap = take(TAP)?.[1]
  const knob = take(KNOB)?.[1]
  const dial = take(DIAL)?.[1]
  const place = POSITION_WORDS.find(([form]) => take(form))?.[1]
  const gas = take(GAS)?.[1]
  const wire = wireOf(rest.replace(/[,;|]+/g, ' ').trim())
  if (!wire.ok) return wire
  return rowOf({
    wire: wire.value,
    thickness,
    gas,
    position: place,
    volts,
    speed: speed ? `${speed[1]} ${speed[2]!.replace(/\s/g, '')}` : undefined,
    tap,
    knob,
    dial,
  })
}

interface Cells {
  wire: { classification: string; sizeMm: number; metal: string | undefined }
  thickness: string | undefined
  gas: string | undefined
  position: Position | undefined
  volts: string | undefined
  speed: string | undefined
  tap: string | undefined
  knob: string | undefined
  dial: string | undefined
}

/** The wire a row is for. */
function wireOf(text: string): Read<Cells['wire']> {
  const label = readLabel(text)
  if (!label.ok) return refuse('classification', say('chart.wire'))
  const { classification, diameterMm, joins } = label.value.wire
  if (diameterMm === null) return refuse('sizeMm', say('chart.size'))
  return { ok: true, value: { classification: classification ?? '', sizeMm: diameterMm, metal: joins[0] } }
}

function rowOf(c: Cells): Read<ChartRow> {
  if (!c.thickness?.trim()) return refuse('thicknessMm', say('chart.thickness'))
  const scale = gaugeScaleOf(c.wire.metal)
  const mm = parseLengthMm(c.thickness, scale ? { gaugeScale: scale } : {})
  if (!mm.ok) return mm
  const gas = c.gas?.trim() ? parseMixture(c.gas) : undefined
  if (gas && !gas.ok) return gas
  const speed = c.speed?.trim() ? parseQuantity(c.speed, M_PER_MIN, 'm/min') : undefined
  if (speed && !speed.ok) return speed
  const number = (text: string | undefined) => typedNumber(text ?? '')
  const figures = {
    voltageV: number(c.volts?.replace(/\s*v(olts?)?$/i, '')),
    knob: number(c.knob),
    dial: number(c.dial),
  }
  const row = chartRowSchema.safeParse({
    classification: c.wire.classification,
    sizeMm: c.wire.sizeMm,
    thicknessMm: Math.round(mm.value * 1000) / 1000,
    ...(c.position && { position: c.position }),
    ...(gas?.ok && { gas: gas.value }),
    ...Object.fromEntries(Object.entries(figures).filter(([, v]) => v !== undefined)),
    ...(c.tap?.trim() && { tap: c.tap.trim() }),
    ...(speed?.ok && { wireSpeedMPerMin: Math.round(speed.value * 1000) / 1000 }),
  })
  return row.success ? { ok: true, value: row.data } : { ok: false, problems: problemsOf(row.error) }
}

/** Headings of a table, as they are written. common practice */
const HEADINGS: readonly (readonly [RegExp, keyof Cells | 'size' | 'label'])[] = [
  [/^(?:wire|class(?:ification)?|electrode)$/i, 'label'],
  [/^(?:size|dia(?:meter)?|ø)\b/i, 'size'],
  [/^(?:thick(?:ness)?|metal|plate|on)\b/i, 'thickness'],
  [/^gas\b/i, 'gas'],
  [/^pos(?:ition)?\b/i, 'position'],
  [/^(?:volts?|v|voltage)\b/i, 'volts'],
  [/^(?:speed|wire speed|wfs|feed|m\/min|ipm)\b/i, 'speed'],
  [/^tap\b/i, 'tap'],
  [/^knob\b/i, 'knob'],
  [/^dial\b/i, 'dial'],
]

/**
 * Reads a chart that was typed or pasted: a table with a header row (tabs, semicolons or bars between), or a row a
 * line. Each row comes back as it was written with what was read of it, or why not.
 */
export function readChart(text: string): { line: string; read: Read<ChartRow> }[] {
  const lines = text.split(/\r?\n/).filter((line) => line.trim() !== '')
  const over = lines.slice(MOST_ROWS)
  const cut = (line: string) => line.split(/\t|;|\|/).map((cell) => cell.trim())
  const heads = cut(lines[0] ?? '').map((cell) => HEADINGS.find(([form]) => form.test(cell))?.[1])
  const table = heads.length > 2 && heads.filter(Boolean).length >= 3
  const rows = (table ? lines.slice(1) : lines).slice(0, MOST_ROWS)
  const read = rows.map((line) => ({ line, read: table ? readCells(heads, cut(line)) : readChartLine(line) }))
  return over.length
    ? [...read, { line: over.join('\n'), read: refuse('', say('chart.tooMany', MOST_ROWS)) }]
    : read
}

function readCells(heads: readonly (string | undefined)[], cells: readonly string[]): Read<ChartRow> {
  const at = (name: string) => cells[heads.indexOf(name)]
  const wire = wireOf(`${at('label') ?? ''} ${at('size') ?? ''}`)
  if (!wire.ok) return wire
  const said = at('position')
  return rowOf({
    wire: wire.value,
    thickness: at('thickness'),
    gas: at('gas'),
    position: said ? POSITION_WORDS.find(([form]) => form.test(said))?.[1] : undefined,
    volts: at('volts'),
    speed: at('speed'),
    tap: at('tap'),
    knob: at('knob'),
    dial: at('dial'),
  })
}
