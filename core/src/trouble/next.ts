import { CAUSES, causeRow, type Cause, cureRow } from './causes.ts'
import { CHECKS, checkRow, type Check, type First } from './checks.ts'
import type { Known } from './known.ts'
import { FALSE_ALARM, hereIf, lastAnswers, type Chances } from './reason.ts'
import type { Told } from './request.ts'
import { minutesFrom, MORE_THAN_THE_REST, needsOff, needsOn, Thinking, type Standing } from './think.ts'

/** Where the looks made so far leave one. */
export function standingAfter(told: Pick<Told, 'checks'>): Standing {
  const made = (told.checks ?? []).filter((c) => c.outcome !== 'cannot')
  const last = made.at(-1)
  const switched = made.findLast(({ id }) => needsOn(id) || needsOff(id))
  return {
    ...(last && { place: checkRow(last.id).place }),
    ...(switched && { on: needsOn(switched.id) }),
  }
}

/** What must be done first, in words that `wording` knows: only what is not so already. */
export const firstOf = (standing: Standing, check: Check): First[] =>
  checkRow(check).first.filter(
    (f) => !(f === 'machine-off' && standing.on === false) && !(f === 'machine-on' && standing.on === true),
  )

/** Chance below which a look is not worth its steps, and a cause is left out of the thinking. */
const WORTH = 0.02
const UNLIKELY = 0.002
/** Chance of a faulty feed above which no knob is turned before the feed is seen to run. */
const FEED_FIRST = 0.1
/** So many times longer than a look, a cure is not begun unseen. common practice, no source */
const MUCH = 8
/** Two faults: the one that was seen is cleared from this chance on. */
const CONTRADICTED = 0.35
const AIR: Check = 'feed-into-air'

export const hasFeedFault = (chances: Chances): number =>
  CAUSES.reduce((sum, cause) => sum + (causeRow(cause).side === 'feed' ? chances.of[cause] : 0), 0)

/** Looks still to be made: not known, not made, and worth it. */
export function openChecks(known: Known, told: Told, chances: Chances): Check[] {
  const made = new Set(lastAnswers(told.checks).map((c) => c.id))
  return CHECKS.filter((check) => {
    if (known.checks.has(check) || made.has(check)) return false
    return checkRow(check).finds.reduce((sum, cause) => sum + chances.of[cause], 0) >= WORTH
  })
}

function thinkingOf(open: readonly Check[], chances: Chances, comesAndGoes: boolean): Thinking {
  const live = CAUSES.filter((cause) => chances.of[cause] > UNLIKELY)
  return new Thinking(
    live,
    Float64Array.from(live, (cause) => chances.of[cause]),
    open,
    comesAndGoes,
  )
}

/** The look after which the fewest minutes are left to go, each answer by its chance. */
export function nextCheck(
  known: Known,
  told: Told,
  chances: Chances,
  comesAndGoes: boolean,
  standing: Standing = standingAfter(told),
): { check: Check; minutes: number; settles: number; cost: number } | null {
  const open = openChecks(known, told, chances)
  const best = thinkingOf(open, chances, comesAndGoes).best(standing)
  // The feed is cleared before the tuning: it is run into the air before a knob is turned.
  if (best && checkRow(best.check).knob && open.includes(AIR) && hasFeedFault(chances) > FEED_FIRST)
    return { ...best, check: AIR, minutes: minutesFrom(standing, AIR) }
  return best
}

const seenAt = (told: Pick<Told, 'checks'>, cause: Cause): boolean =>
  lastAnswers(told.checks).some((c) => c.outcome === 'here' && checkRow(c.id).finds.includes(cause))

/** The cause to name now, if there is one: it was seen, or curing it costs less than any look that is left. */
export function causeToName(
  known: Known,
  told: Told,
  chances: Chances,
  standing: Standing = standingAfter(told),
  {
    contradicted = false,
    goes = false,
    look = () => nextCheck(known, told, chances, goes, standing),
  }: { contradicted?: boolean; goes?: boolean; look?: () => ReturnType<typeof nextCheck> } = {},
): { cause: Cause; by: 'seen' | 'mismatch' | 'left-over' } | null {
  const top = CAUSES.reduce((a, b) => (chances.of[b] > chances.of[a] ? b : a))
  const chance = chances.of[top]
  if (chance === 0) return null
  const seen = seenAt(told, top)
  // Two faults: the likelier that was seen is cleared first, whatever the other takes of the chances.
  if (contradicted && seen && chance > CONTRADICTED) return { cause: top, by: 'seen' }
  const open = openChecks(known, told, chances)
  if (chance > MORE_THAN_THE_REST) {
    if (known.weights[top].because === 'mismatch') return { cause: top, by: 'mismatch' }
    // Not yet seen: a look that would show it for a small part of its cure is made first.
    const cheaper = open.some(
      (check) =>
        hereIf(top, check) > FALSE_ALARM && MUCH * minutesFrom(standing, check) < cureRow(top).minutes,
    )
    if (!seen && cheaper) return null
    // Named, unless the looks that tell it from the rest cost less than being wrong would.
    const next = look()
    if (!next || thinkingOf(open, chances, goes).costOfNaming(standing) <= next.cost)
      return { cause: top, by: seen ? 'seen' : 'left-over' }
  }
  if (open.length > 0) return null
  // Nothing is left to look at: what gives most for its minutes is cured next, unless something else leads them all.
  if (chances.other > MORE_THAN_THE_REST) return null
  const worth = (cause: Cause) => chances.of[cause] / cureRow(cause).minutes
  const left = CAUSES.reduce((a, b) => (worth(b) > worth(a) ? b : a))
  return { cause: left, by: seenAt(told, left) ? 'seen' : 'left-over' }
}
