import type { Place } from '../steps/places.ts'
import { walkMinutes } from '../steps/places.ts'
import { CAUSES, causeRow, type Cause } from './causes.ts'
import { CHECKS, checkRow, type Check, type First } from './checks.ts'
import { cureRow } from './cures.ts'
import type { Known } from './known.ts'
import { FALSE_ALARM, hereIf, lastAnswers, type Chances } from './reason.ts'
import type { Told } from './request.ts'

/** Where one stands, and whether the machine is on, after the last look; nothing where none was made. */
export interface Standing {
  place?: Place
  on?: boolean | undefined
}
/** Minutes to switch off or on between two looks. common practice, no source */
const SWITCH_MINUTES = 0.3

export const needsOn = (check: Check): boolean => checkRow(check).first.includes('machine-on')
export const needsOff = (check: Check): boolean => checkRow(check).first.includes('machine-off')

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

/** Minutes of a look from where one stands: the walk and the switch with it. */
export function minutesFrom(standing: Standing, check: Check): number {
  const { minutes, place } = checkRow(check)
  const walk = standing.place ? walkMinutes(standing.place, place) : 0
  const turn =
    (standing.on === true && needsOff(check)) || (standing.on === false && needsOn(check))
      ? SWITCH_MINUTES
      : 0
  return minutes + walk + turn
}
/** What must be done first, in words that `wording` knows: only what is not so already. */
export const firstOf = (standing: Standing, check: Check): First[] =>
  checkRow(check).first.filter(
    (f) => !(f === 'machine-off' && standing.on === false) && !(f === 'machine-on' && standing.on === true),
  )

/** Chance below which a look is not worth its steps. */
const WORTH = 0.02
/** Chance of a faulty feed above which no knob is turned before the feed is seen to run. */
const FEED_FIRST = 0.1

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

interface Surest {
  minutes: number
  /** By curing it: nothing is lost where it is the right one. */
  byCure: boolean
}
/**
 * Minutes still to go with these chances: every cause by its cheapest look or cure, in the order of chance over time,
 * which is the best for one fault and looks that know nothing of each other; the last is named without a look.
 * published: Smith’s rule for a single machine, Naval Research Logistics Quarterly 3 (1956), recalled from memory
 */
function toGo(chances: Live, surest: ReadonlyMap<Cause, Surest>): number {
  const list = chances
    .map(([cause, chance]) => ({ chance, ...surest.get(cause)! }))
    .sort((a, b) => b.chance / b.minutes - a.chance / a.minutes)
  let clock = 0
  let sum = 0
  list.forEach(({ chance, minutes, byCure }, i) => {
    const free = byCure || i === list.length - 1
    sum += chance * (free ? clock : clock + minutes)
    clock += minutes
  })
  return sum
}
type Live = readonly (readonly [Cause, number])[]

/** Share of what a look shows that one cause must hold for the look to settle it. common practice, no source */
const SETTLES = 0.6
/** Minutes of the cheapest way to be sure of each cause: a look that settles it, or its cure. */
function cheapestLooks(chances: Live, open: readonly Check[], from: Standing): Map<Cause, Surest> {
  const of = new Map(chances)
  const surest = new Map<Cause, Surest>(
    chances.map(([cause]) => [cause, { minutes: cureRow(cause).minutes, byCure: true }]),
  )
  for (const check of open) {
    const { finds } = checkRow(check)
    const sum = finds.reduce((total, cause) => total + (of.get(cause) ?? 0), 0)
    const minutes = minutesFrom(from, check)
    for (const cause of finds)
      if ((of.get(cause) ?? 0) > SETTLES * sum && minutes < surest.get(cause)!.minutes)
        surest.set(cause, { minutes, byCure: false })
  }
  return surest
}

/** So many times longer than a look, a cure is not begun unseen. common practice, no source */
const MUCH = 8
/** How sure one must be to name a cause. */
const MORE_THAN_THE_REST = 0.5
/** How far it thinks ahead, and how many it weighs at each further step. */
const AHEAD = 3
const WIDTH = 5
const FIRST_WIDTH = 12
/** Chance below which a cause is left out of the thinking. */
const UNLIKELY = 0.002
/** Chance below which it is not thought through. */
const SELDOM = 0.03
const massOf = (live: Live) => live.reduce((sum, [, mass]) => sum + mass, 0)
const afterLook = (live: Live, check: Check, here: boolean, comesAndGoes: boolean): Live =>
  live.map(([cause, mass]) => {
    const p = hereIf(cause, check, comesAndGoes)
    return [cause, mass * (here ? p : 1 - p)] as const
  })
const standingAt = (standing: Standing, check: Check): Standing => ({
  place: checkRow(check).place,
  on: needsOn(check) ? true : needsOff(check) ? false : standing.on,
})

/** Minutes that naming the likeliest costs where it is another: its cure for nothing, and the rest still to find. */
function costOfNaming(
  live: Live,
  open: readonly Check[],
  standing: Standing,
  comesAndGoes: boolean,
  ahead: number,
): number {
  const [top] = live.reduce((a, b) => (b[1] > a[1] ? b : a))
  const rest = live.filter(([cause]) => cause !== top)
  return massOf(rest) * cureRow(top).minutes + minutesToGo(rest, open, standing, comesAndGoes, ahead)
}

/** The looks that show most for their minutes. */
function worthMost(live: Live, open: readonly Check[], standing: Standing, width: number): Check[] {
  const of = new Map(live)
  const worth = (check: Check) =>
    ((1 - (checkRow(check).seldom ?? 0)) *
      checkRow(check).finds.reduce((sum, cause) => sum + (of.get(cause) ?? 0), 0)) /
    minutesFrom(standing, check)
  return open
    .map((check) => [check, worth(check)] as const)
    .sort((a, b) => b[1] - a[1])
    .slice(0, width)
    .map(([check]) => check)
}

/** Minutes still to go, each cause by its chance: the best of what can be done next, as far as it thinks ahead. */
function minutesToGo(
  live: Live,
  open: readonly Check[],
  standing: Standing,
  comesAndGoes: boolean,
  ahead: number,
): number {
  const mass = massOf(live)
  if (mass < 1e-6) return 0
  const most = Math.max(...live.map(([, m]) => m))
  const plain = toGo(live, cheapestLooks(live, open, standing))
  if (ahead === 0 || mass < SELDOM) return plain
  const named =
    most > MORE_THAN_THE_REST * mass ? costOfNaming(live, open, standing, comesAndGoes, ahead - 1) : Infinity
  const best = worthMost(live, open, standing, WIDTH)
  return best.reduce(
    (least, check) => Math.min(least, costOfLook(live, check, open, standing, comesAndGoes, ahead - 1)),
    best.length ? named : Math.min(named, plain),
  )
}
const costOfLook = (
  live: Live,
  check: Check,
  open: readonly Check[],
  standing: Standing,
  comesAndGoes: boolean,
  ahead: number,
): number => {
  const rest = open.filter((c) => c !== check)
  const there = standingAt(standing, check)
  const seldom = checkRow(check).seldom ?? 0
  const made = [true, false].reduce(
    (sum, here) =>
      sum + minutesToGo(afterLook(live, check, here, comesAndGoes), rest, there, comesAndGoes, ahead),
    massOf(live) * minutesFrom(standing, check),
  )
  return seldom === 0
    ? made
    : (1 - seldom) * made + seldom * minutesToGo(live, rest, standing, comesAndGoes, Math.min(ahead, 1))
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
  const live: Live = CAUSES.filter((cause) => chances.of[cause] > UNLIKELY).map((cause) => [
    cause,
    chances.of[cause],
  ])
  let best: { check: Check; minutes: number; settles: number; cost: number } | null = null
  for (const check of worthMost(live, open, standing, FIRST_WIDTH)) {
    const cost = costOfLook(live, check, open, standing, comesAndGoes, AHEAD - 1)
    if (!best || cost < best.cost - 1e-9) {
      const settles = massOf(afterLook(live, check, true, comesAndGoes))
      best = { check, minutes: minutesFrom(standing, check), settles, cost }
    }
  }
  // The feed is cleared before the tuning: it is run into the air before a knob is turned.
  if (best && checkRow(best.check).knob && open.includes(AIR) && hasFeedFault(chances) > FEED_FIRST)
    return { ...best, check: AIR, minutes: minutesFrom(standing, AIR) }
  return best
}
const AIR: Check = 'feed-into-air'

const seenAt = (told: Pick<Told, 'checks'>, cause: Cause): boolean =>
  lastAnswers(told.checks).some((c) => c.outcome === 'here' && checkRow(c.id).finds.includes(cause))

const CONTRADICTED = 0.35

/** The cause to name now, if there is one: it was seen, or curing it costs less than any look that is left. */
export function causeToName(
  known: Known,
  told: Told,
  chances: Chances,
  standing: Standing = standingAfter(told),
  { contradicted = false, goes = false } = {},
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
    const look = nextCheck(known, told, chances, goes, standing)
    const live: Live = CAUSES.filter((cause) => chances.of[cause] > UNLIKELY).map((cause) => [
      cause,
      chances.of[cause],
    ])
    if (!look || costOfNaming(live, open, standing, goes, AHEAD - 1) <= look.cost)
      return { cause: top, by: seen ? 'seen' : 'left-over' }
  }
  if (open.length > 0) return null
  // Nothing is left to look at: what gives most for its minutes is cured next, unless something else leads them all.
  if (chances.other > MORE_THAN_THE_REST) return null
  const worth = (cause: Cause) => chances.of[cause] / cureRow(cause).minutes
  const left = CAUSES.reduce((a, b) => (worth(b) > worth(a) ? b : a))
  return { cause: left, by: seenAt(told, left) ? 'seen' : 'left-over' }
}
