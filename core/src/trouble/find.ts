import { read, refuse, type Read } from '../base/problem.ts'
import { say } from '../base/codes.ts'
import { seenOnly } from '../machine/assumed.ts'
import type { Machine } from '../machine/machine.ts'
import type { OpenEnd } from '../machine/standing.ts'
import { contextStaying, readWire } from '../match/prepare.ts'
import type { MatchContext } from '../match/finding.ts'
import { match, type StationFinding } from '../stations/index.ts'
import { isSized } from '../wire/wire.ts'
import type { Place } from '../steps/places.ts'
import { CAUSES, type Cause, cureRow } from './causes.ts'
import { checkRow, pointsTo, showsIt, type Check, type First } from './checks.ts'
import { knownOf, type Known, type Weight } from './known.ts'
import type { Undone } from './look.ts'
import {
  causeToName,
  firstOf,
  hasFeedFault,
  nextCheck,
  putBackBefore,
  standingAfter,
  undoneBy,
} from './next.ts'
import { chancesOf, comesAndGoes, explains, type Chances } from './reason.ts'
import { lastAnswers, outcomeOfCheck } from './answers.ts'
import type { Checked, Finds, Told, TroubleRequest } from './request.ts'

/** What is to be said beside the answer; `wording` has the sentences. */
export type TroubleNote =
  | {
      note:
        | 'comes-and-goes'
        | 'do-not-know'
        | 'gasless-no-gas'
        | 'feed-first'
        | 'not-the-feed'
        | 'as-written-down'
    }
  | { note: 'two-faults'; first: Check; second: Check }
  | { note: 'technician'; cause: Cause }
  /** Several things are written down as wrong: the free ones first. */
  | { note: 'also-wrong'; causes: readonly Cause[] }
  /** What the looks left off or open. */
  | { note: 'put-back'; parts: readonly Undone[] }

export interface Ranked extends Weight {
  cause: Cause
  chance: number
}
export interface NextLook {
  check: Check
  place: Place
  /** With the walk and the switch. */
  minutes: number
  /** What must be made true first; only what is not so already. */
  first: readonly First[]
  /** What the looks before left off or open, and this one wants back. */
  putBack: readonly Undone[]
  /** It was made once, and may have missed it. */
  again: boolean
  /** The machine was just switched off for the look before. */
  switchOn: boolean
  /** Chance that it shows the fault. */
  settles: number
}
export interface FoundCause {
  cause: Cause
  /** A look showed it, Match found it, or nothing else is left that costs less than curing it. */
  by: 'seen' | 'mismatch' | 'left-over'
  weight: Weight
}
/** What the colleague says: facts only. */
export interface Trouble {
  context: MatchContext
  findings: StationFinding[]
  known: Known
  chances: Chances
  /** Likeliest first; what cannot be is left out. */
  causes: Ranked[]
  other: number
  next: NextLook | null
  found: FoundCause | null
  notes: TroubleNote[]
  /** The looks it stands on. */
  checks: readonly Checked[]
}

const ALSO = 0.02

/** Two looks that showed faults no one cause explains. */
export function contradiction(told: Pick<Told, 'checks' | 'cured'>): [Checked, Checked] | null {
  const here = lastAnswers(told.checks).filter(
    (c) => showsIt(c.outcome) && !explains(c.id, c.outcome, told.cured ?? []),
  )
  for (const [i, a] of here.entries())
    for (const b of here.slice(i + 1))
      if (!pointsTo(a.id, a.outcome).some((cause) => pointsTo(b.id, b.outcome).includes(cause))) return [a, b]
  return null
}

/**
 * From what is seen, heard and felt to the next look, or to the cause.
 * @param c the machine as it was seen, with the wire that is on
 */
export function findFrom(
  c: MatchContext,
  findings: StationFinding[],
  told: Told,
  finds: Finds = [],
): Trouble {
  const known = knownOf(c, findings, told, finds)
  const chances = chancesOf(known, told)
  const goes = comesAndGoes(told)
  const standing = standingAfter(told)
  const two = contradiction(told)
  // Thought through once, for naming and for looking on.
  let thought: ReturnType<typeof nextCheck> | undefined
  const look = () =>
    thought === undefined ? (thought = nextCheck(known, told, chances, goes, standing)) : thought
  const named = causeToName(known, told, chances, standing, { contradicted: two !== null, goes, look })
  const next = named ? null : look()
  const causes = CAUSES.filter((cause) => chances.of[cause] > 0)
    .map((cause) => ({ cause, chance: chances.of[cause], ...known.weights[cause] }))
    .sort((a, b) => b.chance - a.chance)
  const gasless = !c.wire.gas.needed && !c.wire.open
  const says = (...ids: (typeof told.symptoms)[number][]) => told.symptoms.some((s) => ids.includes(s))
  const air = outcomeOfCheck(told, 'feed-into-air')
  const undone = undoneBy(told)
  // What fits the complaint as little as anything else is not brought up with it.
  const mismatched = named
    ? causes
        .filter(
          ({ cause, because, chance }) => because === 'mismatch' && cause !== named.cause && chance > ALSO,
        )
        .map(({ cause }) => cause)
        .sort((a, b) => cureRow(a).minutes - cureRow(b).minutes)
    : []
  const notes: TroubleNote[] = [
    ...(two ? [{ note: 'two-faults' as const, first: two[0].id, second: two[1].id }] : []),
    ...(goes ? [{ note: 'comes-and-goes' as const }] : []),
    ...(gasless && says('porosity', 'porosity-at-start', 'worm-tracks')
      ? [{ note: 'gasless-no-gas' as const }]
      : []),
    ...(air === 'here' || (says('stubbing') && says('burnback') && hasFeedFault(chances) > 0.5)
      ? [{ note: 'feed-first' as const }]
      : []),
    ...(air === 'not-here' ? [{ note: 'not-the-feed' as const }] : []),
    ...(named && cureRow(named.cause).kind === 'technician'
      ? [{ note: 'technician' as const, cause: named.cause }]
      : []),
    ...(mismatched.length ? [{ note: 'also-wrong' as const, causes: mismatched }] : []),
    ...((named || !next) && undone.length ? [{ note: 'put-back' as const, parts: undone }] : []),
    ...(!named && !next ? [{ note: 'do-not-know' as const }] : []),
    ...(!named && !next && known.checks.size ? [{ note: 'as-written-down' as const }] : []),
  ]
  return {
    context: c,
    findings,
    known,
    chances,
    causes,
    other: chances.other,
    next: next && {
      check: next.check,
      place: checkRow(next.check).place,
      minutes: Math.round(next.minutes * 100) / 100,
      first: firstOf(standing, next.check),
      putBack: putBackBefore(told, next.check),
      again: told.checks?.some(({ id, outcome }) => id === next.check && outcome !== 'cannot') ?? false,
      switchOn: standing.on === false && checkRow(next.check).first.includes('machine-on'),
      settles: next.settles,
    },
    found: named && { ...named, weight: known.weights[named.cause] },
    notes,
    checks: told.checks ?? [],
  }
}

/**
 * The machine as the looks have left it: what they switched off, unplugged or took off is not done twice by the cure,
 * and is put back at its end.
 */
export function asLeftByLooks(machine: Machine, told: Pick<Told, 'checks'>): Machine {
  const { on } = standingAfter(told)
  const undone = undoneBy(told)
  if (on === undefined && undone.length === 0) return machine
  const ends = LEAVES.flatMap(([part, end]) => (undone.includes(part) ? [end] : []))
  const standing = machine.standing ?? {}
  return {
    ...machine,
    standing: {
      ...standing,
      ...(on === false && { on: false }),
      ...(undone.includes('clamp') && { clamp: 'off' as const }),
      ...(undone.includes('plug') && { on: false, plugged: false }),
      ...(ends.length && { openEnds: [...new Set([...(standing.openEnds ?? []), ...ends])] }),
    },
  }
}
const LEAVES: readonly (readonly [Undone, OpenEnd])[] = [
  ['tip', 'tip-off'],
  ['nozzle', 'nozzle-off'],
]

/** What the finder looks at, of a request; a wire that cannot be read comes back with its path. */
export function prepareTrouble(request: TroubleRequest): Read<MatchContext> {
  const seen = seenOnly(request.machine)
  const on = request.wire ?? seen.fitted.wire
  // The wire that is asked about is the one that is on.
  const machine = asLeftByLooks({ ...seen, fitted: { ...seen.fitted, ...(on && { wire: on }) } }, request)
  const path = request.wire ? 'wire' : 'machine.fitted.wire'
  const wire = on ? readWire(on, path) : undefined
  if (!wire) return refuse(path, say('trouble.wireNeeded'))
  if (!wire.ok) return wire
  if (!isSized(wire.value.wire) || wire.value.wire.open === 'solid')
    return refuse(path, say('trouble.wireNeeded'))
  const { job, store, practice } = request
  return read(contextStaying(machine, wire.value.wire, wire.value.spool, practice, { job, store }))
}

/** Answers a whole request. */
export function findTrouble(request: TroubleRequest): Read<Trouble> {
  const c = prepareTrouble(request)
  return c.ok ? read(findFrom(c.value, match(c.value), request, request.finds)) : c
}
