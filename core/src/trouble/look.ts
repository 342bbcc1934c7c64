import type { Place } from '../steps/places.ts'
import type { Hazard } from '../steps/step.ts'

/** What must be true before it is done. */
export const FIRSTS = [
  'machine-off',
  'machine-on',
  'plug-out',
  'clamp-off',
  'gas-shut',
  'gas-open',
  'arm-open',
  'cooled',
] as const
export type First = (typeof FIRSTS)[number]

/** What a look leaves undone, and the next one may want back. */
export const UNDONE = ['clamp', 'arm', 'tip', 'nozzle', 'gun', 'wire', 'plug'] as const
export type Undone = (typeof UNDONE)[number]

/** One look or try. Minutes without the walk: common practice, no source. */
export interface LookRow {
  minutes: number
  place: Place
  first: readonly First[]
  hazards: readonly Hazard[]
  /** Something is changed and tried, not only looked at. */
  isTry?: true
  /** Where it gets better, it is mended with that. */
  mends?: true
  /** A setting is turned. */
  knob?: true
  /** What is off or open after it. */
  undoes?: readonly Undone[]
  /** It wants something that is seldom at hand: the chance that it cannot be made. */
  seldom?: number
}
