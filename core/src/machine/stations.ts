/** Stations in the order the wire meets them, from spool to puddle. */
export const STATIONS = [
  'spool',
  'hubBrake',
  'inletGuide',
  'driveRolls',
  'rollPressure',
  'outletGuide',
  'liner',
  'gun',
  'contactTip',
  'nozzle',
  'polarity',
  'gas',
  'gasFlow',
  'supply',
] as const
export type Station = (typeof STATIONS)[number]

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
