import { halve } from '../base/halve.ts'
import { burnOffBand, currentOfSpeedA, extensionAtMm, wireSpeedMPerMin } from '../arc/burnOff.ts'
import { transitionCurrentA } from '../arc/transfer.ts'
import { arcGasParts } from '../gas/arcGas.ts'
import { type Transfer } from '../terms/terms.ts'
import { FAMILY_SHEETS } from '../families/index.ts'
import { banded, type Banded, type FigureOrigin } from '../arc/volts.ts'
import type { Material, Position } from '../terms/terms.ts'
import {
  choices,
  groupsOf,
  named,
  PLATE_MM,
  type StartJob,
  type StartMachine,
  type StartWire,
} from './choices.ts'
import type { OwnSetting } from './own.ts'
import type { Confidence } from '../base/sources.ts'
import { lessSure, LYING, type Span } from './row.ts'
import { type Group } from '../families/groups.ts'
import { ALL_ROWS, alongCurve, rowFor, type FoundRow } from './table.ts'
import { isForPosition, isStainlessCored, usabilityOf } from './usability.ts'

/**
 * Current for a thickness of metal, A: c t^p, t in mm. Fitted to the handbook rows that the tests list, each within
 * 15 %. The trade's amp a thousandth of an inch is the same for sheet of 3 mm, and less below it.
 */
const BY_THICKNESS: Record<Material, { c: number; p: number }> = {
  'mild-steel': { c: 75, p: 0.58 },
  'low-alloy-steel': { c: 75, p: 0.58 },
  'galvanised-steel': { c: 75, p: 0.58 },
  'stainless-steel': { c: 66, p: 0.55 },
  aluminium: { c: 71, p: 0.55 },
  'copper-alloy': { c: 85, p: 0.55 },
  // Nobody gives a figure for iron: it is brazed, or welded in short cold beads by the maker’s sheet.
  'cast-iron': { c: 75, p: 0.58 },
}
/** Out of position a weld takes less. common practice: 10 to 15 % less vertical up */
const BY_POSITION: Record<Position, number> = {
  flat: 1,
  horizontal: 1,
  'vertical-up': 0.88,
  'vertical-down': 1,
  overhead: 0.9,
}

export type StartNote =
  | 'wire-range-low'
  | 'wire-range-high'
  | 'held-below-spray'
  | 'coarse-drops'
  | 'laps-cold'
  | 'held-in-position'
  | 'machine-output'
  | 'machine-volts'
  | 'over-duty'
  | 'wire-speed-high'
  | 'wire-speed-low'
  | 'several-passes'
  | 'between-sizes'
  | 'from-flat'
  | 'little-known'
  | 'kind-not-said'
  | 'no-row'
  | 'no-row-gas'
  | 'gas-sprays-too-hot'
  | 'no-row-position'
  | 'no-volts'
  | 'no-speed'
  | 'long-stick-out'
  | 'knob-machine'
  | 'own-outside'
  | 'co2-heater'

/** What the settings stand on. */
export interface RowRef {
  group: Group
  sizeMm: number
  between?: readonly [number, number]
  fromFlat?: true
  confidence: Confidence
  currentA: Span
  position: Position
}

/** Settings to start from, each with its band; `null` where no row is known: the wire maker's sheet has it. */
export interface StartSettings {
  currentA: Banded | null
  voltageV: Banded | null
  wireSpeedMPerMin: Banded | null
  tipToWorkMm: Banded | null
  transfer: Transfer | null
  row: RowRef | null
  /** A row of the shop's own that came first, and its marks. */
  own: OwnSetting | null
  /** The other way across that may be wanted instead. */
  beside: Pick<
    StartSettings,
    'currentA' | 'voltageV' | 'wireSpeedMPerMin' | 'tipToWorkMm' | 'transfer' | 'row'
  > | null
  /** What holds the figures from where the metal would have them, and what is not known. */
  notes: StartNote[]
}

/** How far a figure may be off, by how surely its row is recalled: shares of the current and speed, volts. */
const BANDS: Record<Confidence, { current: number; volts: number; speed: number }> = {
  H: { current: 0.1, volts: 1, speed: 0.15 },
  'M-H': { current: 0.12, volts: 1.2, speed: 0.15 },
  M: { current: 0.15, volts: 1.5, speed: 0.2 },
  'M-L': { current: 0.25, volts: 2.5, speed: 0.3 },
  L: { current: 0.25, volts: 2.5, speed: 0.3 },
}
/** Share of the time the arc burns in ordinary hand work, %: three minutes in ten. common practice, no source */
export const ARC_ON_PERCENT = 30
/** A start stands this share of the window inside its ends. common practice, no source */
const INSIDE = 0.1
/** Tip to work from which the gun wants a guide of its own, mm. recalled from memory */
const LONG_STICK_OUT_MM = 35

const along = (span: Span, f: number) => span[0] + (span[1] - span[0]) * Math.min(1, Math.max(0, f))
const within = (b: Banded, [low, high]: Span): Banded => ({
  ...b,
  low: Math.max(b.low, Math.min(low, b.value)),
  high: Math.min(b.high, Math.max(high, b.value)),
})

/**
 * Lines of volts fitted to handbook rows inside a window whose corners lie apart: gas-cored wire on CO2, 18 V and 42 mV
 * an ampere at 1.14 mm, 1.5 V less on a mixture; stainless under helium. Held inside the row's volts.
 */
function voltsAlong(row: FoundRow, exactMm: number, currentA: number): number | null {
  if (!row.voltageV) return null
  const line =
    row.group === 'gas-cored'
      ? 18 + 0.042 * Math.sqrt(1.143 / exactMm) * currentA - (row.gases.includes('C1') ? 0 : 1.5)
      : row.group === 'stainless-short-arc-helium'
        ? 14.8 + 0.074 * currentA
        : along(row.voltageV, (currentA - row.currentA[0]) / (row.currentA[1] - row.currentA[0]))
  return Math.min(row.voltageV[1], Math.max(row.voltageV[0], line))
}

/** ER5xxx wants more wire speed than ER4xxx at one current: the sheet has how much. */
function moreSpeed(wire: StartWire): number {
  const series = /^(?:ER|S ?Al ?)(\d)/.exec(wire.classification ?? '')?.[1] ?? ''
  return FAMILY_SHEETS[wire.family].moreSpeed[series] ?? 1
}
/** The middle of the distance that a start shows. */
const extensionOn = ({ tipToWorkMm: [near, far] }: FoundRow) => extensionAtMm((near + far) / 2)
/** Wire speed on a row at a current, m/min: the row's own window, or the burn-off model where the row leaves it open. */
function speedAlong(row: FoundRow, wire: StartWire, currentA: number): number | null {
  if (row.wireSpeedMPerMin === null) return null
  if (row.wireSpeedMPerMin)
    return along(row.wireSpeedMPerMin, (currentA - row.currentA[0]) / (row.currentA[1] - row.currentA[0]))
  const more = moreSpeed(wire)
  return more * wireSpeedMPerMin(wire.family, wire.exactMm, currentA, extensionOn(row))
}
/** The current at which a row has a wire speed, A: the inverse. */
export function currentOnRow(row: FoundRow, wire: StartWire, speedMPerMin: number): number | null {
  if (row.wireSpeedMPerMin === null) return null
  if (row.wireSpeedMPerMin) {
    const [low, high] = row.wireSpeedMPerMin
    return row.currentA[0] + ((row.currentA[1] - row.currentA[0]) * (speedMPerMin - low)) / (high - low)
  }
  const more = moreSpeed(wire)
  return currentOfSpeedA(wire.family, wire.exactMm, speedMPerMin / more, extensionOn(row))
}

/** Volts that go with a wire speed on a row, V: what dialling in follows. */
export function voltsAtSpeed(row: FoundRow, wire: StartWire, speedMPerMin: number): number | null {
  const currentA = currentOnRow(row, wire, speedMPerMin)
  return currentA === null ? null : voltsAlong(row, wire.exactMm, currentA)
}

/** Volts at a current, whatever the job: the row of the wire under this gas that holds it, or the nearest. */
export function voltsAt(wire: StartWire, gas: string | null, currentA: number): number | null {
  const found = groupsOf(wire).flatMap((group) => {
    const row = rowFor({ group, sizeMm: wire.diameterMm, gas, position: 'flat', thicknessMm: 6 })
    return row?.voltageV ? [row] : []
  })
  const off = (r: FoundRow) => Math.max(r.currentA[0] - currentA, currentA - r.currentA[1], 0)
  const row = found.sort((a, b) => off(a) - off(b))[0]
  return row ? voltsAlong(row, wire.exactMm, currentA) : null
}

const NOTHING = {
  currentA: null,
  voltageV: null,
  wireSpeedMPerMin: null,
  tipToWorkMm: null,
  transfer: null,
  row: null,
  own: null,
  beside: null,
}

const originOf = (row: FoundRow): FigureOrigin => ({ source: row.origin, confidence: row.confidence })

/** Settings on one row for a wanted current, and what held them. */
function onRow(
  row: FoundRow,
  wire: StartWire,
  job: StartJob,
  wanted: number,
  machine: StartMachine,
  notes: StartNote[],
): Omit<StartSettings, 'own' | 'beside' | 'notes'> {
  const [low, high] = row.currentA
  const room = (high - low) * INSIDE
  const target = row.byThickness ? alongCurve(row.byThickness, job.thicknessMm) : wanted
  let current = Math.min(Math.max(target, low + room), high - room)
  if (target < low) notes.push('wire-range-low')
  if (target > high) {
    notes.push('wire-range-high')
    if (wire.passes !== 'single') notes.push('several-passes')
  }
  const { minA = 0, maxA = Infinity } = machine.output ?? {}
  if (current > maxA || current < minA) {
    current = Math.min(Math.max(current, Math.min(minA, maxA)), maxA)
    notes.push('machine-output')
  }
  // Volts, wire speed and current are one solution: where a limit bites, the others are worked again from it.
  const mostV = machine.output?.maxV ?? Infinity
  const isOver = (a: number) => (voltsAlong(row, wire.exactMm, a) ?? 0) > mostV
  if (isOver(current)) {
    const least = Math.min(low, current)
    current = isOver(least) ? least : halve(least, current, isOver).holds
    notes.push('machine-volts')
  }
  const limits = machine.wireSpeedMPerMin
  const asked = speedAlong(row, wire, current)
  if (limits && asked !== null && (asked > limits.max || asked < limits.min)) {
    notes.push(asked > limits.max ? 'wire-speed-high' : 'wire-speed-low')
    const reached = currentOnRow(row, wire, asked > limits.max ? limits.max : limits.min)
    if (reached !== null && reached > 0) current = Math.min(Math.max(reached, minA), maxA)
  }
  const sure = BANDS[row.confidence]
  const origin = originOf(row)
  const rowVolts = voltsAlong(row, wire.exactMm, current)
  const volts = rowVolts === null ? null : Math.min(rowVolts, mostV)
  const speed = speedAlong(row, wire, current)
  const held = limits && speed !== null ? Math.min(Math.max(speed, limits.min), limits.max) : speed
  if (volts === null) notes.push('no-volts')
  if (held === null) notes.push('no-speed')
  const { dutyAtA, dutyPercent } = machine.output ?? {}
  if (
    dutyAtA !== undefined &&
    dutyPercent !== undefined &&
    dutyPercent * (dutyAtA / current) ** 2 < ARC_ON_PERCENT
  )
    notes.push('over-duty')
  const share = row.wireSpeedMPerMin
    ? sure.speed
    : Math.max(sure.speed, burnOffBand(wire.family, wire.exactMm))
  const [near, far] = row.tipToWorkMm
  const tip = (near + far) / 2
  if (far >= LONG_STICK_OUT_MM) notes.push('long-stick-out')
  if (row.between) notes.push('between-sizes')
  if (row.fromFlat) notes.push('from-flat')
  if (row.confidence === 'L' || row.confidence === 'M-L') notes.push('little-known')
  return {
    currentA: within(
      within(banded(current, current * sure.current, current * sure.current, origin), row.currentA),
      [minA, maxA],
    ),
    voltageV:
      volts === null
        ? null
        : within(banded(volts, sure.volts, sure.volts, origin), [
            Math.min(row.voltageV![0], volts),
            Math.min(row.voltageV![1], mostV),
          ]),
    wireSpeedMPerMin:
      held === null
        ? null
        : within(
            within(
              banded(
                held,
                held * share,
                held * share,
                row.wireSpeedMPerMin ? origin : { source: 'burn-off' },
              ),
              row.wireSpeedMPerMin ?? [0, Infinity],
            ),
            [limits?.min ?? 0, limits?.max ?? Infinity],
          ),
    tipToWorkMm: { value: tip, low: near, high: far, origin },
    transfer:
      FAMILY_SHEETS[wire.family].shortBelowSpray &&
      current < (transitionCurrentA(wire.family, row.sizeMm, 'I1') ?? 0)
        ? 'short-arc'
        : row.transfer,
    row: {
      group: row.group,
      sizeMm: row.sizeMm,
      confidence: row.confidence,
      currentA: row.currentA,
      position: job.position ?? 'flat',
      ...(row.between && { between: row.between }),
      ...(row.fromFlat && { fromFlat: row.fromFlat }),
    },
  }
}
/** The row a start stands on, found again: for what follows volts along it. */
export const rowOf = (start: StartSettings, wire: StartWire, job: StartJob, gas: string | null) =>
  start.row
    ? rowFor({
        group: start.row.group,
        sizeMm: wire.diameterMm,
        gas,
        position: start.row.position,
        thicknessMm: job.thicknessMm,
      })
    : undefined

/**
 * Settings to start from for a wire, a metal and a thickness, on a machine, from rows that a welder can point at. What
 * lies outside the wire's or the machine's range is held inside it, and said; where no row is the figure is `null`,
 * never another group's.
 * @param gas as `arcGasOf` gives it; `null` for a wire that shields itself
 * @param own the shop's own setting for this, where it has one: it comes first
 */
export function startSettings(
  wire: StartWire,
  job: StartJob,
  gas: string | null,
  machine: StartMachine = {},
  own: OwnSetting | null = null,
): StartSettings {
  const handbook = fromRows(wire, job, gas, machine)
  const knob = machine.control === 'one-knob' || machine.control === 'pulsed'
  const asShown: StartSettings = knob
    ? {
        ...handbook,
        voltageV: null,
        beside: null,
        notes: [...handbook.notes.filter((n) => n !== 'no-volts'), 'knob-machine'],
      }
    : handbook
  return own ? overlaid(asShown, handbook, own) : asShown
}

/** The shop's own figures over the handbook's; what it does not say stays as it is. */
function overlaid(shown: StartSettings, handbook: StartSettings, own: OwnSetting): StartSettings {
  const figure = (value: number, off: number): Banded =>
    banded(value, off, off, { source: 'measured', own: own.from })
  const far = (value: number | undefined, b: Banded | null, share: number) =>
    value !== undefined && b !== null && Math.abs(value / b.value - 1) > share
  const outside =
    far(own.voltageV, handbook.voltageV, 0.2) || far(own.wireSpeedMPerMin, handbook.wireSpeedMPerMin, 0.4)
  return {
    ...shown,
    ...(own.voltageV !== undefined && { voltageV: figure(own.voltageV, 0.5) }),
    ...(own.wireSpeedMPerMin !== undefined && {
      wireSpeedMPerMin: figure(own.wireSpeedMPerMin, own.wireSpeedMPerMin * 0.05),
    }),
    own,
    beside: null,
    notes: [
      ...shown.notes.filter(
        (n) => !['no-row', 'no-row-gas', 'no-row-position', 'gas-sprays-too-hot'].includes(n),
      ),
      ...(outside ? (['own-outside'] as const) : []),
    ],
  }
}

/** Sheet that a spraying arc burns through. common practice, no source */
const SHEET_MM = 3
/** This far below its row’s least current a metal has no start there. */
const MUCH_BELOW = 0.8

function fromRows(wire: StartWire, job: StartJob, gas: string | null, machine: StartMachine): StartSettings {
  const position = job.position ?? 'flat'
  const lying = LYING.includes(position)
  const { c, p } = BY_THICKNESS[job.material]
  const wanted = c * job.thicknessMm ** p * BY_POSITION[position]
  const machineMost = machine.output?.maxA ?? Infinity
  if (!isForPosition(named(wire), position) && FAMILY_SHEETS[wire.family].process.startsWith('FCAW'))
    return { ...NOTHING, notes: ['no-row', 'no-row-position'] }
  const [first, second] = choices(wire, job, gas, wanted, machineMost)
  if (!first) {
    const elsewhere = groupsOf(wire).flatMap((group) =>
      ALL_ROWS.filter((r) => r.group === group && r.sizeMm === wire.diameterMm),
    )
    const gasMissing = gas !== null && elsewhere.length > 0 && !elsewhere.some((r) => r.gases.includes(gas))
    const placeMissing = elsewhere.length > 0 && !elsewhere.some((r) => r.positions.includes(position))
    return {
      ...NOTHING,
      notes: [
        'no-row',
        ...(gasMissing ? (['no-row-gas'] as const) : placeMissing ? (['no-row-position'] as const) : []),
      ],
    }
  }
  // Gas that only sprays has no start on thin steel: it would burn through at its least.
  if (
    first.group === 'solid-spray' &&
    second === undefined &&
    job.thicknessMm < SHEET_MM &&
    wanted < first.currentA[0] * MUCH_BELOW
  )
    return { ...NOTHING, notes: ['no-row', 'gas-sprays-too-hot'] }
  // Single-pass T-GS on T-11's rows, or a wire whose kind the box did not tell: a step less sure.
  const gasCored = FAMILY_SHEETS[wire.family].process === 'FCAW-G'
  const kindOpen =
    (gasCored && usabilityOf(named(wire)) === null && !isStainlessCored(named(wire))) ||
    usabilityOf(named(wire)) === 'T-GS' ||
    (gas !== null && arcGasParts(gas).group === 'M20' && gasCored)
  const row = kindOpen ? { ...first, confidence: lessSure(first.confidence) } : first
  const notes: StartNote[] = []
  const settings = onRow(row, wire, job, wanted, machine, notes)
  if (kindOpen) notes.push('kind-not-said')
  const isShort = row.transfer === 'short-arc' && row.group !== 'bronze-brazing'
  if (row.group === 'solid-coarse') notes.push('coarse-drops')
  if (isShort && wanted > row.currentA[1])
    notes.push(lying ? 'held-below-spray' : 'held-in-position', 'several-passes')
  if (
    isShort &&
    job.thicknessMm >= PLATE_MM &&
    FAMILY_SHEETS[wire.family].rolls[0] === 'smooth-v' &&
    !FAMILY_SHEETS[wire.family].tubular
  )
    notes.push('laps-cold')
  // On plate short arc may be wanted instead, with what it does there.
  const besideRow =
    row.group === 'solid-coarse' || (row.group === 'solid-spray' && job.thicknessMm >= PLATE_MM)
      ? second
      : undefined
  const besideNotes: StartNote[] = []
  return {
    ...settings,
    own: null,
    beside: besideRow ? onRow(besideRow, wire, job, wanted, machine, besideNotes) : null,
    notes: [...new Set(notes)],
  }
}
