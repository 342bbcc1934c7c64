import { feedChances } from '../feed/monteCarlo.ts'
import { pressureWindow } from '../feed/pressureWindow.ts'
import { windowCentreN } from '../feed/scale.ts'
import { feedSetupOf } from '../feed/setup.ts'
import { DRAUGHT_LIMIT_M_PER_S } from '../gas/flow.ts'
import { startFor } from '../changeover/plan/startFor.ts'
import { conditionVerdict, type MatchContext } from '../match/finding.ts'
import { cautions } from '../stations/obstacles.ts'
import type { StationFinding, StationRule } from '../stations/index.ts'
import type { Origin } from '../base/facts.ts'
import { CAUSES, causeRow, causesOfRule, SINCE_FACTOR, type Cause } from './causes.ts'
import type { Check } from './checks.ts'
import type { Finds, Told } from './request.ts'
import type { Symptom } from './symptoms.ts'

/** Why a cause weighs more or less than usual; `wording` says it. */
export type Because =
  'usual' | 'mismatch' | 'model' | 'setting' | 'history' | 'last-change' | 'since' | 'lead' | 'own-finds'
/** What is known of one cause before anything is looked at. */
export interface Weight {
  weight: number
  because: Because
  origin: Origin
  /** The finding that says so. */
  finding?: { finding: StationFinding; rule: StationRule }
}
export interface Known {
  weights: Readonly<Record<Cause, Weight>>
  /** Looks whose answer is known already. */
  checks: ReadonlySet<Check>
}

/** A wire that stands runs no better into the air: that look is answered. */
const STANDS: readonly Symptom[] = ['birdnest', 'feed-stops', 'rolls-slip', 'end-will-not-pass-tip']

/** What a reading settles: the causes that are absent where it was read and not found wrong, and the looks it saves. */
interface Reading {
  read: (c: MatchContext, told: Told) => boolean
  causes: readonly Cause[]
  checks: readonly Check[]
}
const READINGS: readonly Reading[] = [
  {
    read: (c) => c.fitted.contactTip != null,
    causes: ['tip-too-small', 'tip-too-large'],
    checks: ['read-tip-stamp'],
  },
  { read: (c) => c.fitted.liner != null, causes: ['liner-wrong'], checks: ['read-liner'] },
  {
    read: (c) =>
      c.fitted.driveRolls != null &&
      (c.fitted.driveRolls.active !== undefined || c.fitted.driveRolls.grooves.length === 1),
    causes: ['rolls-wrong-profile', 'rolls-wrong-groove'],
    checks: ['read-roll-groove'],
  },
  { read: (c) => c.fitted.outletGuide?.gapMm !== undefined, causes: ['guide-gap'], checks: [] },
  { read: (c) => c.fitted.gun?.rolls != null, causes: ['gun-rolls-wrong'], checks: [] },
  { read: (c) => c.fitted.hubBrake != null, causes: ['brake-tight', 'brake-loose'], checks: ['feel-brake'] },
  { read: (c) => c.fitted.spool?.pinEngaged !== undefined, causes: ['pin-out'], checks: ['spool-pin'] },
  {
    read: (c) => c.fitted.spool?.leaves !== undefined && c.machine.wireEntry !== undefined,
    causes: ['spool-wrong-side'],
    checks: ['spool-side'],
  },
  {
    read: (c) => c.fitted.polarity != null && c.wire.polarity.length > 0 && !c.wire.open,
    causes: ['polarity-wrong'],
    checks: ['trace-work-lead', 'read-box'],
  },
  { read: (c) => c.fitted.gas != null, causes: ['gas-wrong'], checks: ['read-gas'] },
  {
    read: (c) => (c.fitted.gasFlowLPerMin ?? 0) > 0,
    causes: ['flow-low', 'flow-high'],
    checks: ['read-flow'],
  },
  {
    read: (c) => c.job !== undefined,
    causes: ['wire-thick-for-metal', 'wire-thin-for-metal'],
    checks: ['measure-metal'],
  },
  { read: (c) => c.job?.draughtMPerS !== undefined, causes: ['draught'], checks: ['draught'] },
  { read: (_c, told) => told.lead !== undefined, causes: ['lead-bent'], checks: ['lead-straight'] },
  { read: (c) => c.fitted.conditions?.workClamp === 'new', causes: ['work-clamp'], checks: ['work-clamp'] },
  { read: (c) => c.fitted.conditions?.studs === 'tight', causes: ['cable-loose'], checks: ['cable-tight'] },
  { read: (_c, told) => told.setting?.tipToWorkMm !== undefined, causes: [], checks: ['tip-distance'] },
]

/** A mismatch that was read weighs so much more than what is only possible. common practice, no source */
const MISMATCH = 60
/** Blown out each so many days, a tip used for so many hours, a spool open for so many months. common practice, no source */
const LINER_DAYS = 30
const TIP_HOURS = 12
const SPOOL_MONTHS = 6
const within = (low: number, value: number, high: number) => Math.min(high, Math.max(low, value))
/** Draws of the feed model; the same each time, so that the same question has the same answer. */
const DRAWS = 400
const SEED = 17

/** Causes that cannot be on this machine with this wire. */
function cannotBe(cause: Cause, c: MatchContext): boolean {
  const { side, at } = causeRow(cause)
  const gasless = !c.wire.gas.needed && !c.wire.open
  if (gasless && (side === 'gas' || cause === 'gas-wrong')) return true
  // No cylinder at all: there is nothing that could be shut, empty or lost on its way.
  if (side === 'gas' && cause !== 'gas-wrong' && c.fitted.gas === null) return true
  const gun = c.fitted.gun
  if ((cause === 'gun-rolls-wrong' || cause === 'gun-rolls-open') && gun != null && gun.kind === 'push')
    return true
  if ((cause === 'push-too-long' || cause === 'lead-bent') && gun?.kind === 'spool-gun') return true
  if (cause === 'push-too-long' && gun?.kind === 'push-pull') return true
  const spool = c.fitted.spool?.type
  if (spool === 'drum' && ['brake-tight', 'brake-loose', 'pin-out', 'spool-wrong-side'].includes(cause))
    return true
  if (cause === 'pin-out' && c.machine.hubLocator === 'none') return true
  if (cause === 'polarity-wrong' && c.machine.polarityChange === 'fixed' && c.fitted.polarity != null)
    return c.wire.polarity.includes(c.fitted.polarity)
  return at === 'nozzle' && gasless
}

/**
 * What is known before anything is looked at: how much each cause weighs, by what Match finds, by the feed model on
 * this very line, by the settings in use, by the history and by when it began; and the looks that need no more making.
 * @param c the machine as it was seen, with the wire that is on
 */
export function knownOf(
  c: MatchContext,
  findings: readonly StationFinding[],
  told: Told,
  finds: Finds = [],
): Known {
  const weights = {} as Record<Cause, Weight>
  const set = (cause: Cause, factor: number, because: Because, origin: Origin = 'common practice') => {
    const before = weights[cause]
    weights[cause] = {
      ...before,
      weight: before.weight * factor,
      ...(factor > 1.5 && before.because === 'usual' && { because, origin }),
    }
  }
  for (const cause of CAUSES)
    weights[cause] = {
      weight: cannotBe(cause, c) ? 0 : causeRow(cause).weight,
      because: 'usual',
      origin: 'common practice',
    }
  byTelling(told, set)
  byFeed(c, set)
  bySetting(c, findings, told, set)
  byCondition(c, set)
  // What was read and is right is not at fault; what was read and is wrong is nearly found.
  const checks = new Set<Check>()
  const absent = new Set<Cause>()
  for (const reading of READINGS)
    if (reading.read(c, told)) {
      for (const check of reading.checks) checks.add(check)
      for (const cause of reading.causes) absent.add(cause)
    }
  // A gun to try is in the store, or it is not.
  if (c.store && !c.store.some((p) => p.kind === 'gun' && p.part === 'whole' && p.count > 0))
    checks.add('short-gun')
  if (told.symptoms.some((s) => STANDS.includes(s))) checks.add('feed-into-air')
  for (const finding of findings)
    for (const rule of [finding.rule, ...(finding.also ?? []).map((f) => f.rule)])
      for (const cause of causesOfRule(rule)) {
        if (weights[cause].weight === 0) continue
        absent.delete(cause)
        weights[cause] = {
          weight: Math.max(weights[cause].weight, causeRow(cause).weight) * MISMATCH,
          because: 'mismatch',
          origin: finding.origin,
          finding: { finding, rule },
        }
      }
  for (const { rule } of cautions(c))
    if (rule === 'wire-thick-for-metal' || rule === 'wire-thin-for-metal') {
      absent.delete(rule)
      set(rule, MISMATCH, 'mismatch')
    }
  if ((c.job?.draughtMPerS ?? 0) > DRAUGHT_LIMIT_M_PER_S) {
    absent.delete('draught')
    set('draught', MISMATCH, 'mismatch', 'published')
  }
  if (told.lead !== undefined && told.lead !== 'straight') {
    absent.delete('lead-bent')
    set('lead-bent', told.lead === 'looped' ? 3 : 12, 'lead')
    checks.delete('lead-straight')
  }
  for (const cause of absent) weights[cause] = { ...weights[cause], weight: 0 }
  byFinds(weights, finds)
  return { weights, checks }
}

type Set1 = (cause: Cause, factor: number, because: Because, origin?: Origin) => void

/** What is said of when and since when. */
function byTelling(told: Told, set: Set1) {
  for (const cause of CAUSES) {
    const row = causeRow(cause)
    if (told.since) set(cause, SINCE_FACTOR[told.since][row.comes], 'since')
    // Only the wire’s way can be at fault while nothing burns.
    if (
      (told.at === 'threading' || told.at === 'feeding') &&
      row.side !== 'feed' &&
      row.side !== 'technician'
    )
      set(cause, cause === 'tip-worn' ? 0.2 : 0.01, 'since')
    if (row.only && told.at !== undefined && !row.only.includes(told.at)) set(cause, 0.01, 'since')
    // Said of no phase, what shows only while threading is the less likely.
    if (row.only && told.at === undefined) set(cause, 0.4, 'since')
    if (row.at !== 'work' && told.lastChange?.includes(row.at)) set(cause, 5, 'last-change')
  }
  const { daysSinceLinerBlowOut: days, tipHours: hours, spoolOpenMonths: months } = told.history ?? {}
  if (days !== undefined) set('liner-dirty', within(0.3, days / LINER_DAYS, 5), 'history')
  if (hours !== undefined) set('tip-worn', within(0.3, hours / TIP_HOURS, 5), 'history')
  if (months !== undefined) {
    set('wire-rusty', within(0.3, months / SPOOL_MONTHS, 5), 'history')
    set('wire-damp', within(0.3, months / SPOOL_MONTHS, 5), 'history')
  }
}

/** The feed model’s chances of slip, fold and crush for this very line. */
function byFeed(c: MatchContext, set: Set1) {
  const { setup } = feedSetupOf(c.machine, c.fitted, c.wire)
  const pressure = pressureWindow(setup)
  const chances = feedChances(setup, windowCentreN(pressure), SEED, DRAWS)
  const by = (cause: Cause, chance: number) => set(cause, 0.6 + 3 * chance, 'model', 'model')
  by('pressure-low', chances.slip)
  by('rolls-dirty-or-worn', chances.slip)
  by('brake-tight', pressure.lower === 'brake' ? chances.slip : 0)
  by('pressure-high', chances.crush)
  by('guide-gap', chances.birdnest)
  by('lead-bent', 1 - chances.opens)
  set('push-too-long', 0.2 + 4 * (1 - chances.opens), 'model', 'model')
}

/** Settings in use against where the wire would be started on this metal. */
function bySetting(c: MatchContext, findings: readonly StationFinding[], told: Told, set: Set1) {
  const start = startFor(c, findings)
  const { voltageV, wireSpeedMPerMin: speed, tipToWorkMm: distance } = told.setting ?? {}
  const off = (
    value: number | undefined,
    band: { value: number; low: number; high: number } | null | undefined,
  ) =>
    value === undefined || !band || !Number.isFinite(band.value)
      ? 0
      : (value - band.value) / Math.max(0.01, (band.high - band.low) / 2)
  const pull = (low: Cause, high: Cause, by: number) => {
    if (by === 0) return
    set(low, by < 0 ? 1 + 2 * Math.min(4, -by) : 1 / (1 + by), 'setting', 'published')
    set(high, by > 0 ? 1 + 2 * Math.min(4, by) : 1 / (1 - by), 'setting', 'published')
  }
  pull('volts-low', 'volts-high', off(voltageV, start?.voltageV))
  pull('speed-low', 'speed-high', off(speed, start?.wireSpeedMPerMin))
  pull('too-close', 'too-far', off(distance, start?.tipToWorkMm))
}

/** What is written down of the state of things. */
function byCondition(c: MatchContext, set: Set1) {
  const { contactTip: tip, liner, wire, conditions } = c.fitted
  if (tip?.condition === 'new') set('tip-worn', 0.3, 'history')
  if (liner?.condition === 'new') {
    set('liner-dirty', 0.2, 'history')
    set('liner-kinked', 0.5, 'history')
  }
  const rusty = conditionVerdict(c.wireCondition ?? wire?.condition) !== 'fits'
  if (rusty) set('wire-rusty', MISMATCH / 4, 'mismatch')
  if (conditions?.workClamp === 'good') set('work-clamp', 0.5, 'history')
}

/** A shop’s own finds weigh in after three, the more of them there are. */
const FINDS_FROM = 3
const FINDS_HALF = 12
function byFinds(weights: Record<Cause, Weight>, finds: Finds) {
  const total = finds.reduce((sum, f) => sum + f.count, 0)
  if (total < FINDS_FROM) return
  const usual = CAUSES.reduce((sum, cause) => sum + causeRow(cause).weight, 0)
  const share = total / (total + FINDS_HALF)
  for (const cause of CAUSES) {
    const own = finds.filter((f) => f.cause === cause).reduce((sum, f) => sum + f.count, 0)
    const factor = 1 - share + (share * (own / total)) / (causeRow(cause).weight / usual)
    const before = weights[cause]
    weights[cause] = {
      ...before,
      weight: before.weight * factor,
      ...(factor > 1.5 &&
        before.because === 'usual' && { because: 'own-finds' as const, origin: 'measured' as const }),
    }
  }
}
