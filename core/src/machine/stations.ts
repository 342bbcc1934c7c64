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
