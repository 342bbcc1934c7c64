import type { Station } from '../machine/stations.ts'
import type { After, MatchContext } from '../match/finding.ts'
import type { Task } from '../steps/step.ts'
import { lay, type Bench } from './bench.ts'

/** What a step does to the machine, and whether the machine lets it. */
export interface Action {
  can?: (b: Bench, c: MatchContext) => boolean
  /** @param after how a station reads once it is right; as its part comes, before work on it, or a piece of a gun */
  does: (
    b: Bench,
    after: (station: Station, as?: 'comes' | 'piece') => After,
    c: MatchContext,
  ) => Partial<Bench>
}
/** What the steps of one room do. */
export type Acts = Partial<Record<Task, Action>>

export const nothing: Action = { does: () => ({}) }
/** A station set right. */
export const set = (station: Station): Action => ({
  does: (b, after) => ({ fitted: lay(b.fitted, after(station)) }),
})
/** No wire in the gun, and none in rolls or hand. */
export const clearWay = (b: Bench): boolean =>
  b.inGun === 'none' && b.end !== 'in-rolls' && b.end !== 'in-hand'
export const whenClear = (action: Action): Action => ({ ...action, can: clearWay })
