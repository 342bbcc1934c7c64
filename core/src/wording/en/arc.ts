import type { FumeReminder } from '../../arc/fume.ts'
import type { Limit } from '../../procedures/gives.ts'
import type { Confidence } from '../../base/sources.ts'
import type { Group } from '../../families/groups.ts'
import type { HeatConvention } from '../../arc/limits.ts'
import type { StartNote, StartSettings } from '../../procedures/start.ts'
import type { Transfer } from '../../terms/terms.ts'
import type { Banded } from '../../arc/volts.ts'
import { formatFlow, formatLength, formatSpeed, type UnitSystem } from '../../units/format.ts'
import type { ChartRow } from '../../machine/chart.ts'
import { FAMILY_NAMES, mixtureText, POSITION_NAMES, sizeText } from './names.ts'
import { OWN_NAMES } from './sources.ts'

export const TRANSFER_NAMES: Record<Transfer, string> = {
  'short-arc': 'short arc',
  globular: 'globular',
  spray: 'spray',
  slag: 'cored wire',
}

/** No more figures than such a band knows: 5 A, half a volt. */
const amps = (a: number) => `${Math.round(a / 5) * 5} A`
const volts = (v: number) => `${Math.round(v * 2) / 2} V`

/** A wire speed to what its band knows: a tenth of a m/min, 5 ipm. */
export const feedSpeed = (mPerMin: number, units: UnitSystem): string =>
  units === 'metric' ? formatSpeed(mPerMin, units) : `${Math.round(mPerMin / 0.0254 / 5) * 5} ipm`

/** A distance by eye: whole millimetres, sixteenths of an inch. */
const byEye = (mm: number, units: UnitSystem): string => {
  if (units === 'metric') return `${Math.round(mm)} mm`
  const sixteenths = Math.max(1, Math.round((mm / 25.4) * 16))
  const part = [8, 4, 2, 1].find((k) => sixteenths % k === 0)!
  return sixteenths % 16 === 0 ? `${sixteenths / 16} in` : `${sixteenths / part}/${16 / part} in`
}

export type StartKey = 'currentA' | 'voltageV' | 'wireSpeedMPerMin' | 'gasFlowLPerMin' | 'tipToWorkMm'
const SAY: Record<StartKey, (value: number, units: UnitSystem) => string> = {
  currentA: amps,
  voltageV: volts,
  wireSpeedMPerMin: feedSpeed,
  gasFlowLPerMin: formatFlow,
  tipToWorkMm: byEye,
}
export const START_NAMES: Record<StartKey, string> = {
  currentA: 'Current',
  voltageV: 'Volts',
  wireSpeedMPerMin: 'Wire speed',
  gasFlowLPerMin: 'Gas flow',
  tipToWorkMm: 'Tip to work',
}
/** A figure alone: `17.5 V`. */
export const startValue = (key: StartKey, b: Banded, units: UnitSystem): string => SAY[key](b.value, units)
/** Two figures as a band, the unit once: `16 to 19 V`. */
export function bandWords(low: string, high: string): string {
  const unit = / [^ \d].*$/.exec(high)?.[0]
  return `${unit && low.endsWith(unit) ? low.slice(0, -unit.length) : low} to ${high}`
}
/** Its band: `16 to 19 V`. */
export const startBand = (key: StartKey, b: Banded, units: UnitSystem): string =>
  bandWords(SAY[key](b.low, units), SAY[key](b.high, units))

const NOTES: Record<StartNote, string> = {
  'wire-range-low':
    'This wire does not run well at less; the metal would have less. Travel faster, or take a thinner wire.',
  'wire-range-high': 'The metal would have more than this wire carries.',
  'held-below-spray':
    'Held near the top of short arc: above it the metal falls in coarse drops until the gas and the current spray it.',
  'coarse-drops': 'Coarse drops, more spatter: the ordinary way across on plate under this gas.',
  'laps-cold':
    'Short arc on thick plate laps cold; AWS D1.1 does not prequalify it, though a tested procedure may use it.',
  'held-in-position': 'Held at short arc: in this position the puddle of a spray runs away.',
  'machine-output': 'Held at what the machine gives.',
  'machine-volts': 'The machine gives no more volts: current and wire speed are worked out from them.',
  'over-duty': 'More than the machine bears for three minutes in ten: weld shorter, and let it cool.',
  'wire-speed-high': 'Held at the machine’s fastest feed: current and volts are worked out from it.',
  'wire-speed-low': 'Held at the machine’s slowest feed: current and volts are worked out from it.',
  'several-passes': 'More than one pass.',
  'between-sizes': 'No row for this size: between the rows of the sizes beside it, so less sure.',
  'from-flat': 'No row for this position: the flat row’s figures, so less sure. Begin at its lower end.',
  'little-known': 'Recalled with little certainty: a wide band. The wire maker’s sheet comes first.',
  'kind-not-said': 'The rows are of a near relation of this wire or gas, so less sure: read the box.',
  'no-row':
    'No row is known for this wire here: take the settings from the wire maker’s sheet, and enter them as your own.',
  'gas-sprays-too-hot':
    'This gas sprays, and spray burns through metal so thin: 75/25, 80/20 or CO2 has a start here.',
  'no-row-gas': 'The rows of this wire are for other gases.',
  'no-row-position': 'The rows of this wire are for other positions.',
  'no-volts': 'Volts of this wire are not known here: see the wire maker’s sheet.',
  'no-speed': 'Wire speed of this wire is not known here: see the wire maker’s sheet.',
  'long-stick-out':
    'So long an extension wants an insulated guide at the gun’s end and a gun rated for the current.',
  'knob-machine':
    'This machine sets volts by one knob or by its pulse: use its own figure and trim; no volts are given here.',
  'co2-heater':
    'A CO2 cylinder gives about 12 L/min for long and 16 for a while, less when cold or part full: above that a heater or two cylinders.',
  'own-outside': 'Your own figures lie far from the handbook’s; they are taken as you entered them.',
}
export const startNote = (note: StartNote): string => NOTES[note]
export const startNotes = (s: StartSettings): string[] => s.notes.map(startNote)

const GROUP_NAMES: Record<Group, string> = {
  'solid-short-arc': 'solid wire, short arc',
  'solid-coarse': 'solid wire, coarse arc on plate',
  'solid-spray': 'solid wire, spray',
  'stainless-short-arc': 'stainless, short arc under argon',
  'stainless-short-arc-helium': 'stainless, short arc under helium',
  'stainless-spray': 'stainless, spray',
  'metal-cored-short-arc': 'metal-cored, short arc',
  'metal-cored-spray': 'metal-cored, spray',
  'gas-cored': 'gas-shielded cored',
  'stainless-gas-cored': 'stainless cored under gas',
  'T-3': 'self-shielded T-3',
  'T-4': 'self-shielded T-4',
  'T-6': 'self-shielded T-6',
  'T-7': 'self-shielded T-7',
  'T-5': 'gas-shielded cored, basic T-5',
  'T-8': 'self-shielded T-8',
  'T-13': 'self-shielded T-13',
  'T-11': 'self-shielded T-11',
  'T-14': 'self-shielded T-14',
  'stainless-self-shielded': 'stainless, self-shielded',
  aluminium: 'aluminium under argon',
  'bronze-brazing': 'bronze, brazing sheet',
  'bronze-spray': 'bronze, spray',
}
const SURE: Record<Confidence, string> = {
  H: 'reliable',
  'M-H': 'fairly reliable',
  M: 'fairly reliable',
  'M-L': 'unsure',
  L: 'unsure',
}
/** The row a start stands on: `gas-shielded cored 1.2 mm, vertical up, 140 to 225 A; handbook, reliable`. */
export function startRow(s: StartSettings, units: UnitSystem): string | null {
  if (s.own)
    return `${OWN_NAMES[s.own.from]}, ${s.own.thicknessMm.map((mm) => formatLength(mm, units)).join(' to ')}`
  if (!s.row) return null
  const { group, sizeMm, between, fromFlat, confidence, currentA, position } = s.row
  const unit = units === 'metric' ? ' mm' : ''
  const size = between
    ? `between ${between.map((mm) => sizeText(mm, units)).join(' and ')}${unit}`
    : `${sizeText(sizeMm, units)}${unit}`
  const place = fromFlat ? 'flat' : POSITION_NAMES[position]
  return `${GROUP_NAMES[group]} ${size}, ${place}, ${Math.round(currentA[0])} to ${Math.round(currentA[1])} A; handbook, ${SURE[confidence]}`
}

/** The machine's own marks of a setting: `tap C, dial 4.5, knob 6`. */
export const ownMarks = (s: StartSettings): string =>
  s.own
    ? [
        s.own.tap !== undefined && `tap ${s.own.tap}`,
        s.own.knob !== undefined && `knob ${s.own.knob}`,
        s.own.dial !== undefined && `dial ${s.own.dial}`,
      ]
        .filter(Boolean)
        .join(', ')
    : ''

/** Settings to start from in one line; what is not known is sent to the sheet. */
export function startSentence(s: StartSettings, units: UnitSystem): string {
  const marks = ownMarks(s)
  const figures = [
    ...(s.voltageV ? [startValue('voltageV', s.voltageV, units)] : []),
    ...(s.wireSpeedMPerMin ? [startValue('wireSpeedMPerMin', s.wireSpeedMPerMin, units)] : []),
    ...(marks ? [marks] : []),
  ]
  if (figures.length === 0 && !s.currentA) return NOTES['no-row']
  const current = s.currentA && `near ${startValue('currentA', s.currentA, units)}`
  const near = [current, s.transfer && TRANSFER_NAMES[s.transfer]].filter(Boolean).join(', ')
  const tip = s.tipToWorkMm ? `, tip ${startValue('tipToWorkMm', s.tipToWorkMm, units)} from the work` : ''
  return figures.length
    ? `Start at about ${figures.join(' and ')}${near ? ` (${near})` : ''}${tip}.`
    : `Start ${near}${tip}; volts and wire speed by the wire maker’s sheet.`
}

/** The other way across, where one may be wanted instead. */
export function besideSentence(s: StartSettings, units: UnitSystem): string {
  const b = s.beside
  if (!b?.currentA || !b.voltageV || !b.transfer) return ''
  const speed = b.wireSpeedMPerMin ? `, ${startValue('wireSpeedMPerMin', b.wireSpeedMPerMin, units)}` : ''
  return `Or ${TRANSFER_NAMES[b.transfer]}: about ${startValue('voltageV', b.voltageV, units)}${speed}, near ${startValue('currentA', b.currentA, units)}${b.transfer === 'short-arc' ? '. ' + NOTES['laps-cold'] : '.'}`
}

export const LIMIT_NAMES: Record<Limit, string> = {
  wire: 'what the wire carries',
  feed: 'the feeder’s fastest speed',
  output: 'the machine’s output',
  duty: 'the duty cycle, with the arc on a third of the time',
  breaker: 'the breaker',
  cord: 'the cord, at 5 % of the volts',
}
/** What ends the current first, and then: `the breaker at about 115 A, then the machine’s output at 140 A`. */
export const givesSentence = (list: readonly { limit: Limit; currentA: number }[]): string => {
  const [first, second] = list
  if (!first) return ''
  const say = (x: { limit: Limit; currentA: number }) =>
    `${LIMIT_NAMES[x.limit]}, at about ${amps(x.currentA)}`
  return `First to give: ${say(first)}${second ? `; then ${say(second)}` : ''}.`
}

export const HEAT_NAMES: Record<HeatConvention, string> = {
  'en-1011': 'EN 1011-1, k = 0.8',
  'aws-d1-1': 'AWS D1.1 and ASME IX, without k',
}

const FUME: Record<FumeReminder, string> = {
  always:
    'Keep the head out of the plume. Draw 100 ft/min (0.5 m/s) at a local hood; in a small or low room 2,000 cu ft/min (57 m³/min) a welder (29 CFR 1910.252).',
  beryllium:
    'Beryllium: limit 0.2 µg/m³ (29 CFR 1910.1024). No arc without extraction made for it and medical watch.',
  lead: 'Lead: limit 50 µg/m³ (29 CFR 1910.1025): local exhaust or supplied air.',
  chromium: 'Local exhaust: the fume holds chromium(VI), limit 5 µg/m³ (29 CFR 1910.1026).',
  nickel: 'Local exhaust: the fume holds nickel, limit 1 mg/m³ (29 CFR 1910.1000).',
  zinc: 'Zinc off both sides of the joint, and local exhaust. Its fume gives fever within hours; limit 5 mg/m³ (29 CFR 1910.1000).',
  barium: 'Many wires of this class hold barium: local exhaust, and the data sheet.',
  fluorides: 'Fluorides in the fume: local exhaust indoors.',
  manganese: 'Manganese in the fume harms the nerves over years: keep out of the plume.',
  copper: 'Copper in the fume gives fever like zinc: local exhaust.',
  ozone: 'Aluminium: the bright arc makes ozone, limit 0.1 ppm (29 CFR 1910.1000). Cover skin and eyes well.',
  'self-shielded':
    'A wire that shields itself smokes most of all: local exhaust indoors, fluorides and manganese in the fume.',
  cored: 'Cored wire smokes more than solid: local exhaust indoors, manganese in the fume.',
  co2: 'CO2 makes carbon monoxide in the arc and displaces air: never in a closed space without supplied air.',
  inert: 'Shielding gas displaces air: in a closed space the oxygen must stay above 19.5 %.',
}
export const fumeText = (reminder: FumeReminder): string => FUME[reminder]

/** A row of a chart as a line that can be read again: `ER70S-6 0.9 on 2 mm, 75/25, 17.5 V, 5.2 m/min`. */
export function chartLine(row: ChartRow, units: UnitSystem): string {
  const size = units === 'metric' ? `${sizeText(row.sizeMm, units)} mm` : sizeText(row.sizeMm, units)
  const thick =
    units === 'metric'
      ? `${Math.round(row.thicknessMm * 100) / 100} mm`
      : `${(row.thicknessMm / 25.4).toFixed(3)} in`
  const speed =
    row.wireSpeedMPerMin === undefined
      ? undefined
      : units === 'metric'
        ? `${Math.round(row.wireSpeedMPerMin * 100) / 100} m/min`
        : `${Math.round(row.wireSpeedMPerMin / 0.0254)} ipm`
  return [
    `${row.classification ?? (row.family ? FAMILY_NAMES[row.family] : '')} ${size} on ${thick}`,
    row.gas && mixtureText(row.gas),
    row.position && POSITION_NAMES[row.position],
    row.voltageV !== undefined && `${row.voltageV} V`,
    row.tap !== undefined && `tap ${row.tap}`,
    row.knob !== undefined && `knob ${row.knob}`,
    speed,
    row.dial !== undefined && `dial ${row.dial}`,
  ]
    .filter(Boolean)
    .join(', ')
}
