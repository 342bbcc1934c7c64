import type { Station } from '../machine/stations.ts'
import type { StationRule } from '../stations/index.ts'
import type { CureRow } from './cures.ts'
import type { LookRow } from './look.ts'
import type { Phase, Symptom } from './symptoms.ts'

/** How often a cause shows a symptom, in the words a welder would use. */
export const HOW_OFTEN = { usually: 0.75, often: 0.4, sometimes: 0.12 } as const
export type HowOften = keyof typeof HOW_OFTEN

/** How a cause comes about: wrongly set up, worn or soiled, something that happened, or the hand. */
export type Comes = 'setup' | 'wear' | 'event' | 'hand'
/** What it touches first: the wire’s way to the tip, the current, the gas, or how it is set and held. */
export type Side = 'feed' | 'current' | 'gas' | 'setting' | 'technician'

/** One cause. Every figure: common practice, no source, unless a source stands beside it. */
export interface CauseRow {
  /** Where on the wire line it stands. */
  at: Station | 'work'
  side: Side
  comes: Comes
  /** How common it is against the others, when nothing is known. */
  weight: number
  shows: Partial<Record<Symptom, HowOften>>
  /** It shows only then. */
  only?: readonly Phase[]
  /** What helps. */
  cure: CureRow
  /** The look that shows this cause and no other. */
  look?: LookRow & { id: string }
  /** What Match says of the same fault. */
  means?: readonly StationRule[]
}
