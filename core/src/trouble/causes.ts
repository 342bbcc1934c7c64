import type { Comes, CauseRow } from './causeRow.ts'
import type { LookRow } from './look.ts'
import type { Since } from './symptoms.ts'
import type { StationRule } from '../stations/index.ts'
import type { CureRow } from './cures.ts'
import { TIP_CAUSES } from './causes/tip.ts'
import { LINER_CAUSES } from './causes/liner.ts'
import { ROLLS_CAUSES } from './causes/rolls.ts'
import { SPOOL_CAUSES } from './causes/spool.ts'
import { CURRENT_CAUSES } from './causes/current.ts'
import { GAS_CAUSES } from './causes/gas.ts'
import { INSIDE_CAUSES } from './causes/inside.ts'
import { HAND_CAUSES } from './causes/hand.ts'

/** What may be at fault, a row each, from the tip backwards as the trade goes. */
const ROWS = {
  ...TIP_CAUSES,
  ...LINER_CAUSES,
  ...ROLLS_CAUSES,
  ...SPOOL_CAUSES,
  ...CURRENT_CAUSES,
  ...GAS_CAUSES,
  ...INSIDE_CAUSES,
  ...HAND_CAUSES,
} as const satisfies Record<string, CauseRow>

export type Cause = keyof typeof ROWS
type LookOf<R> = R extends { look: { id: infer I extends string } } ? I : never
/** Looks that stand in the row of the one cause they show. */
export type OwnLook = { [C in Cause]: LookOf<(typeof ROWS)[C]> }[Cause]
/** Causes with a look of their own. */
export type LookedFor = { [C in Cause]: LookOf<(typeof ROWS)[C]> extends never ? never : C }[Cause]
export const CAUSES = Object.keys(ROWS) as [Cause, ...Cause[]]
export const causeRow = (cause: Cause): CauseRow => ROWS[cause]
export const OWN_LOOKS = Object.fromEntries(
  CAUSES.flatMap((cause) => {
    const { id, ...look } = causeRow(cause).look ?? {}
    return id === undefined ? [] : [[id, { ...(look as LookRow), finds: [cause] }]]
  }),
) as Record<OwnLook, LookRow & { finds: [Cause] }>
export const cureRow = (cause: Cause): CureRow => causeRow(cause).cure

const MEANT = new Map<StationRule, Cause[]>()
for (const cause of CAUSES)
  for (const rule of causeRow(cause).means ?? []) MEANT.set(rule, [...(MEANT.get(rule) ?? []), cause])
/** Causes that a rule of Match is another name of. */
export const causesOfRule = (rule: StationRule): readonly Cause[] => MEANT.get(rule) ?? []

/** How a cause fits with when it began. common practice, no source */
export const SINCE_FACTOR: Readonly<Record<Since, Readonly<Record<Comes, number>>>> = {
  always: { setup: 2, wear: 0.5, event: 0.5, hand: 1.5 },
  'since-change': { setup: 3, wear: 0.4, event: 1, hand: 1 },
  suddenly: { setup: 0.5, wear: 0.5, event: 3, hand: 0.7 },
  slowly: { setup: 0.3, wear: 4, event: 0.5, hand: 0.7 },
}
