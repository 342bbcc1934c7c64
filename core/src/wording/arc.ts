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
  wireSpeedMPerMin: formatSpeed,
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
/** Its band: `16 V to 19 V`. */
export const startBand = (key: StartKey, b: Banded, units: UnitSystem): string =>
  `${SAY[key](b.low, units)} to ${SAY[key](b.high, units)}`

const NOTES: Record<StartNote, string> = {
  'wire-range-low':
    'This wire does not run well at less; the metal would have less. Travel faster, or take a thinner wire.',
  'wire-range-high': 'The metal would have more than this wire carries.',
  'held-below-globular':
    'Held at the top of short arc: between that and spray the metal falls in coarse drops.',
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
