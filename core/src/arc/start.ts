import type { Machine } from '../machine/schema.ts'
import type { Family, Material } from '../wire/families.ts'
import type { SizedWire } from '../wire/wire.ts'
import { burnOffBand, usualExtensionMm, wireSpeedMPerMin } from './burnOff.ts'
import { SHORT_ARC_TO_A, SHORT_ARC_UPRIGHT_TO_A, transferAt, type Transfer } from './transfer.ts'
import { arcVolts, banded, type Banded } from './volts.ts'

/**
 * Current for a thickness of metal, A: c t^p, t in mm. Fitted to the handbook rows that the tests list, each within
 * 15 %. The trade's amp a thousandth of an inch is the same for sheet of 3 mm, and less below it.
 */
const BY_THICKNESS: Record<Material, { c: number; p: number; row: boolean }> = {
  'mild-steel': { c: 75, p: 0.58, row: true },
  'low-alloy-steel': { c: 75, p: 0.58, row: true },
  'galvanised-steel': { c: 75, p: 0.58, row: true },
  'stainless-steel': { c: 66, p: 0.55, row: true },
  aluminium: { c: 71, p: 0.55, row: true },
  'copper-alloy': { c: 85, p: 0.55, row: false },
}

/**
 * Useful current of each wire, A, by family and trade size: least and most. published: AWS C5.6 short-arc range and
 * handbook spray rows (steel), handbook rows (aluminium, E71T-1, E71T-11), recalled from memory; other sizes common
 * practice, no source.
 */
const RANGE_A: Readonly<Record<string, Readonly<Record<number, readonly [number, number]>>>> = {
  solid: {
    0.6: [30, 100],
    0.8: [50, 150],
    0.9: [55, 200],
    1.0: [80, 250],
    1.2: [100, 330],
    1.4: [180, 400],
    1.6: [250, 450],
  },
  'flux-cored-self-shielded': {
    0.8: [30, 110],
    0.9: [40, 140],
    1.0: [60, 160],
    1.2: [90, 200],
    1.6: [140, 280],
    1.7: [150, 300],
    1.8: [160, 320],
    2.0: [180, 350],
    2.4: [220, 450],
  },
  'flux-cored-gas-shielded': {
    0.9: [80, 200],
    1.0: [100, 220],
    1.2: [120, 290],
    1.4: [150, 330],
    1.6: [180, 350],
    2.0: [220, 420],
    2.4: [280, 500],
  },
  'metal-cored': { 1.0: [80, 260], 1.2: [110, 320], 1.4: [150, 380], 1.6: [190, 450] },
  aluminium: {
    0.8: [50, 140],
    0.9: [60, 170],
    1.0: [70, 190],
    1.2: [90, 250],
    1.6: [150, 330],
    2.4: [220, 420],
  },
}

/** Least and most current a wire runs well at, A; between listed sizes the nearest. */
export function wireRangeA(wire: Pick<SizedWire, 'family' | 'diameterMm'>): readonly [number, number] {
  const table = RANGE_A[wire.family] ?? RANGE_A.solid!
  const sizes = Object.keys(table).map(Number)
  const nearest = sizes.reduce((a, b) =>
    Math.abs(b - wire.diameterMm) < Math.abs(a - wire.diameterMm) ? b : a,
  )
  return table[nearest]!
}

export type StartNote =
  | 'wire-range-low'
  | 'wire-range-high'
  | 'held-below-globular'
  | 'coarse-drops'
  | 'held-in-position'
  | 'not-in-position'
  | 'machine-output'
  | 'wire-speed-high'
  | 'wire-speed-low'
  | 'several-passes'
  | 'no-handbook-rows'

/** Settings to start from, each with its band. */
export interface StartSettings {
  currentA: Banded
  voltageV: Banded
  wireSpeedMPerMin: Banded
  tipToWorkMm: Banded
  transfer: Transfer
  /** What holds the figures from where the metal would have them. */
  notes: StartNote[]
}

/** Arc length between wire and work, mm. common practice: 3 to 6 */
const ARC_MM = 4
/** Out of position a weld takes less. common practice: 10 to 15 % less vertical up */
const BY_POSITION: Record<string, number> = {
  flat: 1,
  horizontal: 1,
  'vertical-up': 0.88,
  'vertical-down': 1,
  overhead: 0.9,
}

/** Where short arc ends, a setting stands a little inside it. common practice, no source; fits the rows of thick plate */
const SHORT_HELD = 0.95
/** Aluminium and slag hold their puddle in any position. common practice */
const RUNS_AWAY: readonly Family[] = ['solid-steel', 'solid-stainless', 'metal-cored', 'silicon-bronze']
const LYING = ['flat', 'horizontal']

/**
 * Settings to start from for a wire, a metal and a thickness, on a machine. What lies outside the wire's or the
 * machine's range is held at its edge, and said.
 * @param gas as `arcGasOf` gives it; `null` for a wire that shields itself
 */
export function startSettings(
  wire: Pick<SizedWire, 'family' | 'diameterMm' | 'exactMm'>,
  job: { material: Material; thicknessMm: number; position?: string | undefined },
  gas: string | null,
  machine: Pick<Machine, 'output' | 'wireSpeedMPerMin'> = {},
): StartSettings {
  const { family, exactMm, diameterMm } = wire
  const notes: StartNote[] = []
  const { c, p, row } = BY_THICKNESS[job.material]
  const wanted = c * job.thicknessMm ** p * (BY_POSITION[job.position ?? 'flat'] ?? 1)
  const [least, most] = wireRangeA(wire)
  const machineMost = machine.output?.maxA ?? Infinity
  const machineLeast = machine.output?.minA ?? 0
  let current = Math.min(Math.max(wanted, least), most)
  if (wanted < least) notes.push('wire-range-low')
  if (wanted > most) notes.push('wire-range-high', 'several-passes')
  if (RUNS_AWAY.includes(family) && !LYING.includes(job.position ?? 'flat')) {
    const upright = SHORT_ARC_UPRIGHT_TO_A[diameterMm]
    if (upright === undefined) notes.push('not-in-position')
    else if (current > upright) {
      current = upright
      notes.push('held-in-position', 'several-passes')
    }
  }
  // Between short arc and spray the metal falls in coarse drops: nobody sets it there on purpose.
  if (transferAt(family, diameterMm, gas, current) === 'globular') {
    const shortMost = SHORT_ARC_TO_A[diameterMm]
    if (shortMost === undefined) notes.push('coarse-drops')
    else {
      current = SHORT_HELD * shortMost
      notes.push('held-below-globular', 'several-passes')
    }
  }
  if (current > machineMost || current < machineLeast) {
    current = Math.min(Math.max(current, machineLeast), machineMost)
    notes.push('machine-output')
  }
  const transfer = transferAt(family, diameterMm, gas, current)
  const cored = family.startsWith('flux-cored') || family === 'metal-cored'
  const extension = usualExtensionMm(family, transfer)
  const known = row && family !== 'silicon-bronze' && family !== 'metal-cored'
  if (!known) notes.push('no-handbook-rows')
  const origin = known ? 'model: fitted to handbook rows' : 'model: no handbook rows known'
  const currentShare = known ? 0.15 : 0.25
  let speed = wireSpeedMPerMin(family, exactMm, current, extension)
  const limits = machine.wireSpeedMPerMin
  if (limits && speed > limits.max) notes.push('wire-speed-high')
  if (limits && speed < limits.min) notes.push('wire-speed-low')
  if (limits) speed = Math.min(Math.max(speed, limits.min), limits.max)
  const band = burnOffBand(family, exactMm)
  const tip = cored
    ? family === 'flux-cored-self-shielded'
      ? 12
      : 19
    : family === 'aluminium'
      ? 19
      : extension + ARC_MM
  const within = (b: Banded, low: number, high: number): Banded => ({
    ...b,
    low: Math.max(b.low, Math.min(low, b.value)),
    high: Math.min(b.high, Math.max(high, b.value)),
  })
  return {
    currentA: within(
      banded(current, current * currentShare, current * currentShare, origin),
      machineLeast,
      machineMost,
    ),
    voltageV: arcVolts(family, exactMm, current, transfer, gas),
    wireSpeedMPerMin: within(
      banded(speed, speed * band, speed * band, origin),
      limits?.min ?? 0,
      limits?.max ?? Infinity,
    ),
    tipToWorkMm: banded(tip, tip * 0.25, tip * 0.25, 'common practice'),
    transfer,
    notes: [...new Set(notes)],
  }
}
