import type { FumeReminder } from '../arc/fume.ts'
import type { Limit } from '../arc/gives.ts'
import type { HeatConvention } from '../arc/limits.ts'
import type { StartNote } from '../arc/start.ts'
import type { Transfer } from '../arc/transfer.ts'
import type { Banded } from '../arc/volts.ts'
import type { Start } from '../changeover/startFor.ts'
import { formatFlow, formatSpeed, type UnitSystem } from '../units/format.ts'

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
  'held-below-globular':
    'Held near the top of short arc: above it the metal falls in coarse drops, or sprays where the gas has the argon for it.',
  'coarse-drops':
    'Under this gas a wire this thick falls in coarse drops: take one with 80 % argon or more, or a thinner wire.',
  'held-in-position': 'Held at short arc: in this position the puddle of a spray runs away.',
  'not-in-position':
    'A wire this thick does not short-circuit: weld it flat, or take a thinner or a slag-carrying wire.',
  'machine-output': 'Held at what the machine gives.',
  'wire-speed-high': 'Held at the machine’s fastest feed.',
  'wire-speed-low': 'Held at the machine’s slowest feed.',
  'several-passes': 'More than one pass.',
  'no-handbook-rows': 'No handbook rows are known for this: the band is wide.',
}
export const startNote = (note: StartNote): string => NOTES[note]

/** Settings to start from in one line. */
export const startSentence = (s: Start, units: UnitSystem): string =>
  `Start at about ${startValue('voltageV', s.voltageV, units)} and ${startValue('wireSpeedMPerMin', s.wireSpeedMPerMin, units)} (near ${startValue('currentA', s.currentA, units)}, ${TRANSFER_NAMES[s.transfer]}), tip ${startValue('tipToWorkMm', s.tipToWorkMm, units)} from the work.`

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
    'Keep the head out of the plume; 100 ft/min (0.5 m/s) at a local hood, or 2,000 cu ft/min (57 m³/min) for each welder in a small or low room (29 CFR 1910.252).',
  galvanised:
    'Galvanised: grind the zinc off both sides and use local exhaust. Zinc fume gives fever within hours; limit 5 mg/m³ (29 CFR 1910.1000).',
  chromium: 'Stainless: local exhaust. The fume holds chromium(VI), limit 5 µg/m³ (29 CFR 1910.1026).',
  'self-shielded':
    'A wire that shields itself smokes most of all: local exhaust indoors, fluorides and manganese in the fume.',
  cored: 'Cored wire smokes more than solid: local exhaust indoors, manganese in the fume.',
  aluminium:
    'Aluminium: the bright arc makes ozone, limit 0.1 ppm (29 CFR 1910.1000). Cover skin and eyes well.',
  copper: 'Copper in the fume gives fever like zinc: local exhaust.',
  co2: 'CO2 makes carbon monoxide in the arc and displaces air: never in a closed space without supplied air.',
  inert: 'Shielding gas displaces air: in a closed space the oxygen must stay above 19.5 %.',
}
export const fumeText = (reminder: FumeReminder): string => FUME[reminder]
