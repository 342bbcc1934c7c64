import { CAUSES, causeRow, type Cause, cureRow } from './causes.ts'
import type { CureWork } from './cures.ts'
import { CHECKS, checkRow, pointsTo, showsIt, type Check, type First } from './checks.ts'
import { UNDONE, type Undone } from './look.ts'
import type { Known } from './known.ts'
import { FALSE_ALARM, hereIf, showsPartly, type Chances } from './reason.ts'
import { lastAnswers } from './answers.ts'
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

/** What the looks made so far have left off or open. */
export function undoneBy(told: Pick<Told, 'checks'>): Undone[] {
  const undone = new Set<Undone>()
  for (const { id, outcome } of told.checks ?? []) {
    if (outcome === 'cannot') continue
    for (const part of putBackFor(id)) undone.delete(part)
    for (const part of checkRow(id).undoes ?? []) undone.add(part)
  }
  return UNDONE.filter((part) => undone.has(part))
}
/** To strike an arc everything is back; to feed, what the wire goes through. */
function putBackFor(check: Check): readonly Undone[] {
  const { hazards, undoes = [], place } = checkRow(check)
  const needs: readonly Undone[] = hazards.includes('arc')
    ? UNDONE
    : hazards.includes('feeding-wire')
      ? ['arm', 'gun', 'wire', 'plug']
      : needsOn(check)
        ? ['gun', 'plug']
        : check === 'pull-wire-by-hand' || (place === 'gun' && undoes.includes('tip'))
          ? ['wire', 'gun']
          : []
  return needs.filter((part) => !undoes.includes(part))
}
/** What was left off or open by the looks before, and is put back for this one. */
export const putBackBefore = (told: Pick<Told, 'checks'>, check: Check): Undone[] =>
  undoneBy(told).filter((part) => putBackFor(check).includes(part))

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

const likeliest = (chances: Chances): Cause =>
  CAUSES.reduce((a, b) => (chances.of[b] > chances.of[a] ? b : a))
/** A look that mends what it looks at in a moment, at what Match or the model points to. */
const isFreeTry = (known: Known, chances: Chances, check: Check): boolean => {
  const { mends, minutes, finds } = checkRow(check)
  return (
    mends === true &&
    minutes <= FREE_MINUTES &&
    finds.some((cause) => known.weights[cause].because === 'lead' && chances.of[cause] > WORTH)
  )
}
const FREE_MINUTES = 1
const FREE_TIMES = 4

/** Looks still to be made: possible, not made, and worth it; where none is left, those that may have missed it. */
export function openChecks(known: Known, told: Told, chances: Chances): Check[] {
  const made = new Map<Check, number>()
  for (const { id } of told.checks ?? []) made.set(id, (made.get(id) ?? 0) + 1)
  const shown = (check: Check) => checkRow(check).finds.reduce((sum, cause) => sum + chances.of[cause], 0)
  const open = CHECKS.filter((check) => !known.checks.has(check) && !made.has(check) && shown(check) >= WORTH)
  // What fits the complaint first: a look at nothing that shows such a thing waits until those are made.
  const fitting = open.filter((check) =>
    checkRow(check).finds.some(
      (cause) =>
        chances.of[cause] > UNLIKELY && told.symptoms.some((s) => causeRow(cause).shows[s] !== undefined),
    ),
  )
  if (fitting.length) return fitting
  if (open.length) return open
  return lastAnswers(told.checks).flatMap(({ id, outcome }) =>
    outcome === 'not-here' && made.get(id) === 1 && !known.checks.has(id) && shown(id) >= WORTH_TWICE
      ? [id]
      : [],
  )
}
/** A look is made a second time only where so much speaks for what it shows. */
const WORTH_TWICE = 0.15

function thinkingOf(open: readonly Check[], chances: Chances, comesAndGoes: boolean): Thinking {
  const live = CAUSES.filter((cause) => chances.of[cause] > UNLIKELY)
  return new Thinking(
    live,
    Float64Array.from(live, (cause) => chances.of[cause]),
    open,
    comesAndGoes,
  )
}

/**
 * One cause holds more than the rest and nothing has shown it: of the looks that would, the one that parts it from
 * others best for its minutes.
 */
function shows(told: Told, chances: Chances, open: readonly Check[], standing: Standing) {
  const top = likeliest(chances)
  if (chances.of[top] <= MORE_THAN_THE_REST || seenAt(told, top)) return undefined
  const would = open.filter((check) => checkRow(check).finds.includes(top))
  const score = (check: Check) => {
    const { ways = {}, finds } = checkRow(check)
    const beside = Object.values(ways).find((way) => way.includes(top)) ?? finds
    const all = beside.reduce((sum, cause) => sum + chances.of[cause], 0)
    return (minutesFrom(standing, check) * all) / (chances.of[top] * hereIf(top, check) ** 2)
  }
  const [check] = [...would].sort((a, b) => score(a) - score(b))
  if (!check) return undefined
  const settles = checkRow(check).finds.reduce(
    (sum, cause) => sum + chances.of[cause] * hereIf(cause, check),
    0,
  )
  const minutes = minutesFrom(standing, check)
  return { check, minutes, settles, cost: minutes }
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
  const best = shows(told, chances, open, standing) ?? thinkingOf(open, chances, comesAndGoes).best(standing)
  const free = open.find((check) => isFreeTry(known, chances, check))
  if (best && free && best.check !== free)
    return { ...best, check: free, minutes: minutesFrom(standing, free) }
  // The feed is cleared before the tuning: it is run into the air before a knob is turned.
  if (best && checkRow(best.check).knob && open.includes(AIR) && hasFeedFault(chances) > FEED_FIRST)
    return { ...best, check: AIR, minutes: minutesFrom(standing, AIR) }
  return best
}

const answersOn = (told: Pick<Told, 'checks'>, cause: Cause) =>
  lastAnswers(told.checks).filter(
    ({ id, outcome }) => outcome !== 'cannot' && checkRow(id).finds.includes(cause),
  )
/** A look showed it, and none that it shows at has said otherwise since. */
const seenAt = (told: Pick<Told, 'checks'>, cause: Cause): boolean =>
  answersOn(told, cause).some(({ id, outcome }) => showsIt(outcome) && pointsTo(id, outcome).includes(cause))
/** The last look at it showed that it is not so, or that it is the other way. */
function clearedOf(told: Pick<Told, 'checks'>, cause: Cause): boolean {
  const last = answersOn(told, cause)
    .filter(({ id, outcome }) => showsIt(outcome) || !showsPartly(id, cause))
    .at(-1)
  return last !== undefined && !(showsIt(last.outcome) && pointsTo(last.id, last.outcome).includes(cause))
}

/** Cures that do no harm where it was something else: nothing is turned that was right. */
const harmless = (cause: Cause): boolean => {
  const { kind, work } = cureRow(cause)
  return kind === 'hand' || (kind === 'work' && HARMLESS_WORK.includes(work!))
}
const HARMLESS_WORK: readonly CureWork[] = [
  ...(['tip-new', 'tip-tighten', 'tip-off', 'clamp', 'nozzle', 'purge', 'open-cylinder'] as const),
  ...(['gun-rolls-close', 'seat', 'seals', 'rethread', 'liner-clean', 'rolls-clean'] as const),
]
/** A cure of more than so many minutes is not begun unseen where a look was made. */
const SHORT_CURE = 5

/**
 * Whether a cause may be named that no look has shown: looking costs more than curing it, and curing it does no harm.
 * @param unmade looks that would show it and can still be made
 */
export function mayNameUnseen(cause: Cause, unmade: readonly Check[], standing: Standing): boolean {
  const cure = cureRow(cause)
  if (unmade.length === 0)
    return cure.kind === 'technician' || (harmless(cause) && cure.minutes <= SHORT_CURE)
  return harmless(cause) && unmade.every((check) => minutesFrom(standing, check) > cure.minutes)
}

type Named = { cause: Cause; by: 'seen' | 'mismatch' | 'left-over' }

/**
 * The cause to name now, if there is one: a look showed it, or what is written down says so, or looking costs more than
 * a cure that can do no harm. What a look has just cleared is never named.
 */
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
): Named | null {
  const top = likeliest(chances)
  const chance = chances.of[top]
  if (chance === 0) return null
  const seen = seenAt(told, top)
  const cleared = clearedOf(told, top)
  // Two faults: the likelier that was seen is cleared first, whatever the other takes of the chances.
  if (contradicted && seen && chance > CONTRADICTED) return { cause: top, by: 'seen' }
  const open = openChecks(known, told, chances)
  const looks = CHECKS.filter((check) => checkRow(check).finds.includes(top) && !known.checks.has(check))
  const made = new Set(lastAnswers(told.checks).map((c) => c.id))
  const unmade = looks.filter((check) => !made.has(check))
  if (chance > MORE_THAN_THE_REST && !(cleared && !seen)) {
    // What nothing else is as cheap to try is tried before a part is changed for it.
    if (known.weights[top].because === 'mismatch')
      return freeFirst(known, chances, open, top) ? null : { cause: top, by: 'mismatch' }
    const cure = cureRow(top)
    if (!seen && !mayNameUnseen(top, unmade, standing))
      return unmade.length > 0 || open.length > 0 ? null : leftOver(told, chances)
    // Seen in a look that shows much else: one that would show it for a small part of its cure is made first.
    const cheaper = open.some(
      (check) => hereIf(top, check) > FALSE_ALARM && MUCH * minutesFrom(standing, check) < cure.minutes,
    )
    if (!seen && cheaper) return null
    // Named, unless the looks that tell it from the rest cost less than being wrong would.
    const next = look()
    if (!next || thinkingOf(open, chances, goes).costOfNaming(standing) <= next.cost)
      return { cause: top, by: seen ? 'seen' : 'left-over' }
  }
  return open.length > 0 ? null : leftOver(told, chances)
}

/** Something that costs nothing to put right is tried before a part that was read as wrong is changed. */
function freeFirst(known: Known, chances: Chances, open: readonly Check[], top: Cause): boolean {
  return open.some((check) => {
    const { minutes, finds } = checkRow(check)
    return (
      isFreeTry(known, chances, check) && FREE_TIMES * minutes < cureRow(top).minutes && !finds.includes(top)
    )
  })
}

/** Nothing is left to look at: what was seen is cured, likeliest for its minutes first; else nobody here knows. */
function leftOver(told: Told, chances: Chances): Named | null {
  if (chances.other > MORE_THAN_THE_REST) return null
  const worth = (cause: Cause) => chances.of[cause] / cureRow(cause).minutes
  const able = CAUSES.filter(
    (cause) => chances.of[cause] > LEFT && seenAt(told, cause) && !clearedOf(told, cause),
  )
  const seen = able.sort((a, b) => worth(b) - worth(a))[0]
  if (seen) return { cause: seen, by: 'seen' }
  const top = likeliest(chances)
  const nobodyLooks = !CHECKS.some((check) => checkRow(check).finds.includes(top))
  return nobodyLooks && chances.of[top] > chances.other ? { cause: top, by: 'left-over' } : null
}
const LEFT = 0.05
