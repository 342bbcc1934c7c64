import { HOW_OFTEN } from './causeRow.ts'
import { CAUSES, causeRow, type Cause } from './causes.ts'
import { CHECKS, checkRow, pointsTo, showsIt, type Check, type LookOutcome, type Way } from './checks.ts'
import { lastAnswers, outcomeOfCheck } from './answers.ts'
import type { Known } from './known.ts'
import type { Told } from './request.ts'
import { areaOf, type Symptom } from './symptoms.ts'

/**
 * A symptom may have a reason that is on no list; less so where the cause shows nothing of that kind at all.
 * common practice, no source
 */
const LEAK = 0.006
const LEAK_ELSEWHERE = 0.0015
/** Something else: its share before anything is known, and how readily it shows a symptom. common practice, no source */
const OTHER_SHARE = 0.004
const OTHER_SHOWS = 0.3
/** A look misses what is there once in twenty, and sees what is not once in fifty. common practice, no source */
export const MISSES = 0.05
export const FALSE_ALARM = 0.02
/** Of what it shows only now and then a look shows half. common practice, no source */
const SHOWS_PARTLY = 0.5
/** Of what comes and goes a look misses half. common practice, no source */
const MISSES_COMING_AND_GOING = 0.5

/** Chance that what a look showed was the cured cause’s, where the trouble stayed. common practice, no source */
const EXPLAINED = 0.3

/** Chances of every cause that can be, and of something else; they add to 1. */
export interface Chances {
  of: Readonly<Record<Cause, number>>
  other: number
}
/** Where a cause is seen, heard or felt at all. */
const AREAS_OF = new Map(
  CAUSES.map((cause) => [cause, new Set((Object.keys(causeRow(cause).shows) as Symptom[]).map(areaOf))]),
)
/** How one fault shows a symptom: the cause or the leak, whichever comes first. */
export const showsAt = (cause: Cause, symptom: Symptom): number => {
  const often = causeRow(cause).shows[symptom]
  const leak = AREAS_OF.get(cause)!.has(areaOf(symptom)) ? LEAK : LEAK_ELSEWHERE
  return 1 - (1 - (often ? HOW_OFTEN[often] : 0)) * (1 - leak)
}
const FINDS = new Map(CHECKS.map((check) => [check, new Set<Cause>(checkRow(check).finds)] as const))
/** Chance that a look says `here` of a cause. */
export const hereIf = (cause: Cause | null, check: Check, comesAndGoes = false): number => {
  if (cause === null || !FINDS.get(check)!.has(cause)) return FALSE_ALARM
  const sure = 1 - (comesAndGoes ? MISSES_COMING_AND_GOING : MISSES)
  return showsPartly(check, cause) ? SHOWS_PARTLY * sure : sure
}
export const showsPartly = (check: Check, cause: Cause): boolean =>
  checkRow(check).partly?.includes(cause) ?? false
/** Which way it is wrong is told right so often, where it was seen at all. common practice, no source */
const WAY_RIGHT = 0.93
/** A fault that the look shows, but none of its ways is, is said as one of them so often. */
const SAID_AS_A_WAY = 0.15
/** Chance of an answer to a look: which way it is wrong, that it shows at all, or that it does not. */
export function answerIf(
  cause: Cause | null,
  check: Check,
  outcome: LookOutcome,
  comesAndGoes = false,
): number {
  const shows = hereIf(cause, check, comesAndGoes)
  if (outcome === 'cannot') return 1
  if (outcome === 'not-here') return 1 - shows
  const ways = checkRow(check).ways
  if (outcome === 'here' || !ways) return shows
  const several = Object.keys(ways).length
  if (cause === null || !FINDS.get(check)!.has(cause)) return shows / several
  const own = (Object.keys(ways) as Way[]).filter((way) => ways[way]!.includes(cause))
  if (own.length === 0) return (shows * SAID_AS_A_WAY) / several
  return own.includes(outcome as Way)
    ? (shows * WAY_RIGHT) / own.length
    : (shows * (1 - WAY_RIGHT)) / Math.max(1, several - own.length)
}
const isKnob = (cause: Cause) =>
  cause === 'volts-low' || cause === 'volts-high' || cause === 'speed-low' || cause === 'speed-high'

/** What a cured cause explained needs no explaining by what is still there. */
export const explains = (check: Check, outcome: LookOutcome, cured: readonly Cause[]): boolean =>
  pointsTo(check, outcome).some((f) => cured.includes(f))

/** Whether it comes and goes: said so, answered both ways, or a jerk in the weld that is not there in the air. */
export function comesAndGoes(told: Told): boolean {
  if (told.comesAndGoes) return true
  const said = new Map<Check, Set<LookOutcome>>()
  for (const { id, outcome } of told.checks ?? [])
    said.set(id, (said.get(id) ?? new Set<LookOutcome>()).add(outcome))
  if ([...said.values()].some((outcomes) => outcomes.has('not-here') && [...outcomes].some(showsIt)))
    return true
  return told.symptoms.includes('feed-jerks') && outcomeOfCheck(told, 'feed-into-air') === 'not-here'
}

/**
 * What is written down as wrong weighs where it shows something of what is said: a worn tip is no reason for a spool
 * that runs on.
 */
function weightOf(known: Known, symptoms: readonly Symptom[], cause: Cause): number {
  const { weight, because } = known.weights[cause]
  const fits = symptoms.some((s) => causeRow(cause).shows[s] !== undefined)
  return because === 'mismatch' && !fits ? Math.min(weight, causeRow(cause).weight) : weight
}
/**
 * Chances of each cause, one fault assumed: its weight, times how it would show each symptom that was said, times how
 * it would have answered each look. What was not said is unknown, not normal.
 */
export function chancesOf(known: Known, told: Told): Chances {
  const cured = told.cured ?? []
  const goes = comesAndGoes(told)
  const answers = lastAnswers(told.checks)
  const jerky = outcomeOfCheck(told, 'feed-into-air') === 'here' && !explains('feed-into-air', 'here', cured)
  const symptoms = [...new Set(told.symptoms)]
  const total = CAUSES.reduce((sum, cause) => sum + known.weights[cause].weight, 0)
  const likelihood = (cause: Cause | null): number => {
    let chance = 1
    for (const s of symptoms) chance *= cause === null ? OTHER_SHOWS : showsAt(cause, s)
    for (const { id, outcome } of answers) {
      if (outcome === 'cannot') continue
      const such = answerIf(cause, id, outcome, goes)
      // What a cure should have mended may have been its fault, or this one’s all along.
      const mended = showsIt(outcome) && explains(id, outcome, cured)
      chance *= mended ? EXPLAINED + (1 - EXPLAINED) * such : such
    }
    return chance
  }
  const raw = CAUSES.map((cause) => {
    // What was cured is not it; a jerky feed is never cured by a knob.
    if (cured.includes(cause) || (jerky && isKnob(cause))) return 0
    return weightOf(known, symptoms, cause) * likelihood(cause)
  })
  const other = Math.max(total, 1) * OTHER_SHARE * likelihood(null)
  const sum = raw.reduce((a, b) => a + b, other)
  return {
    of: Object.fromEntries(CAUSES.map((cause, i) => [cause, raw[i]! / sum])) as Record<Cause, number>,
    other: other / sum,
  }
}

/** Whether a try that showed a cause has mended it with that. */
export const isMended = (told: Pick<Told, 'checks'>, cause: Cause): boolean =>
  lastAnswers(told.checks).some(
    ({ id, outcome }) =>
      showsIt(outcome) && checkRow(id).mends === true && pointsTo(id, outcome).includes(cause),
  )
