import { AT_STATIONS } from './fitted/fitted.ts'

type Key = keyof typeof AT_STATIONS
/** A station by its name; the flow bears its unit where it is fitted, and the circuit is not the machine’s own. */
export type Station = Exclude<Key, 'gasFlowLPerMin'> | 'gasFlow' | 'supply'
/** Stations in the order the wire meets them, from spool to puddle, and the circuit last. */
export const STATIONS = [
  ...Object.keys(AT_STATIONS).map((key) => (key === 'gasFlowLPerMin' ? 'gasFlow' : key)),
  'supply',
] as unknown as readonly [Station, ...Station[]]

export const VERDICTS = ['change', 'adjust', 'fits', 'unknown'] as const
export type Verdict = (typeof VERDICTS)[number]

/** Stations a part of the store can go on at, instead of the usual: their parts bear their name, the gas its cylinder. */
export const USE_STATIONS = [
  'inletGuide',
  'driveRolls',
  'outletGuide',
  'liner',
  'contactTip',
  'nozzle',
  'gun',
  'gas',
] as const satisfies readonly Station[]
export type UseStation = (typeof USE_STATIONS)[number]

/** Whether a station still is one: a plan kept by an earlier version may name another. */
export const isStation = (name: string): name is Station => (STATIONS as readonly string[]).includes(name)
