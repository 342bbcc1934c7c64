import { FAMILY_SHEETS } from '../families/index.ts'
import { feedChances } from '../feed/monteCarlo.ts'
import { pressureWindow } from '../feed/pressureWindow.ts'
import { windowCentreN } from '../feed/scale.ts'
import { feedSetupOf } from '../feed/setup.ts'
import { DRAUGHT_LIMIT_M_PER_S } from '../gas/flow.ts'
import { startFor } from '../changeover/plan/startFor.ts'
import { conditionVerdict, type MatchContext } from '../match/finding.ts'
import { cautions, type CautionRule } from '../stations/obstacles.ts'
import type { StationFinding, StationRule } from '../stations/index.ts'
import type { Origin } from '../base/facts.ts'
import { CAUSES, causeRow, causesOfRule, SINCE_FACTOR, type Cause } from './causes.ts'
import { CHECKS, checkRow, type Check } from './checks.ts'
import { outcomeOfCheck } from './answers.ts'
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
  /** Looks that cannot be made on this machine as it stands. */
  checks: ReadonlySet<Check>
}

/** Looks at the feeder’s line, which the wire of a spool gun does not meet. */
const OF_THE_FEEDER: readonly Check[] = [
  ...(['lead-straight', 'read-liner', 'liner-reach', 'blow-out-liner', 'liner-out-look'] as const),
  ...(['guide-gap', 'spool-side'] as const),
]
const AT_THE_TIP: readonly Check[] = ['tip-off-and-jog', 'read-tip-stamp', 'look-tip-bore', 'tip-tight']
const AT_THE_HUB: readonly Check[] = ['feel-brake', 'spool-pin', 'spool-side']
/** What there is of gas and spool, for causes and looks alike. */
function gearOf(c: MatchContext) {
  const gasless = !c.wire.gas.needed && !c.wire.open
  return {
    gasless,
    /** No cylinder at all: there is nothing that could be shut, empty or lost on its way. */
    noCylinder: c.fitted.gas === null,
    /** On a drum, where the spool was read or the box says so: no hub, no brake, no pin. */
    drum: (c.fitted.spool?.type ?? c.spool.type) === 'drum',
  }
}
/** Looks that cannot be made here and now: nothing is out of the gun while threading, a fused wire is not pulled. */
function cannotLook(c: MatchContext, told: Told): Set<Check> {
  const { contactTip, gun } = c.fitted
  const noInductance = c.machine.inductance === false
  const { gasless, noCylinder, drum } = gearOf(c)
  const threading = told.at === 'threading'
  const says = (...ids: Symptom[]) => told.symptoms.some((s) => ids.includes(s))
  const made = (check: Check) => told.checks?.some(({ id, outcome }) => id === check && outcome !== 'cannot')
  const tipWasOff = told.checks?.some(({ id, outcome }) => AT_THE_TIP.includes(id) && outcome !== 'cannot')
  return new Set(
    CHECKS.filter((check) => {
      const { hazards, finds } = checkRow(check)
      const only = (is: (cause: Cause) => boolean) => finds.every(is)
      return (
        (contactTip === null && [...AT_THE_TIP, 'tip-off-to-thread'].includes(check)) ||
        (gun?.kind === 'spool-gun' && OF_THE_FEEDER.includes(check)) ||
        (gun != null && gun.kind === 'push' && check === 'read-gun-rolls') ||
        (gun === null && checkRow(check).place === 'gun') ||
        (noInductance && check === 'turn-inductance') ||
        (drum && AT_THE_HUB.includes(check)) ||
        ((gasless || noCylinder) && only((cause) => causeRow(cause).side === 'gas')) ||
        (threading &&
          (hazards.includes('arc') ||
            check === 'pull-wire-by-hand' ||
            only((cause) => !['feed', 'technician'].includes(causeRow(cause).side)))) ||
        (told.at === 'feeding' && hazards.includes('arc')) ||
        (check === 'tip-off-to-thread' &&
          (told.at === undefined ? !says('end-will-not-pass-tip', 'feed-stops') : !threading)) ||
        // With the tip off it ran: pulled by hand it tells no more.
        (check === 'pull-wire-by-hand' && outcomeOfCheck(told, 'tip-off-and-jog') === 'here') ||
        // Fused into the tip it comes out with the tip alone.
        (check === 'pull-wire-by-hand' && says('burnback') && !tipWasOff) ||
        // A wire that stands runs no better into the air; what is seen at the rolls needs no trial.
        (check === 'feed-into-air' &&
          (told.symptoms.some((s) => STANDS.includes(s) || AT_THE_ROLLS.includes(s)) ||
            made('tip-off-and-jog'))) ||
        (check === 'feel-brake' && says('brake-no-effect'))
      )
    }),
  )
}
/** Seen at the feeder with the machine standing. */
const AT_THE_ROLLS: readonly Symptom[] = [
  ...(['wire-flattened', 'shavings', 'plastic-shavings', 'wire-bends-at-guide'] as const),
  ...(['no-pull-at-gun', 'spool-runs-on', 'brake-no-effect'] as const),
]
/** A wire that stands. */
const STANDS: readonly Symptom[] = ['birdnest', 'feed-stops', 'rolls-slip', 'end-will-not-pass-tip']

/** What a reading makes unlikely where it was read and not found wrong: written down once is not true for ever. */
interface Reading {
  read: (c: MatchContext, told: Told) => boolean
  causes: readonly Cause[]
}
/** What is left of a suspicion where it was read and is right. common practice, no source */
const WRITTEN = 0.12
const READINGS: readonly Reading[] = [
  {
    read: (c) => c.fitted.contactTip != null,
    causes: ['tip-too-small', 'tip-too-large'],
  },
  { read: (c) => c.fitted.liner != null, causes: ['liner-wrong'] },
  { read: (c) => c.fitted.driveRolls != null, causes: ['rolls-wrong-profile'] },
  {
    read: (c) =>
      c.fitted.driveRolls != null &&
      (c.fitted.driveRolls.active !== undefined || c.fitted.driveRolls.grooves.length === 1),
    causes: ['rolls-wrong-groove'],
  },
  { read: (c) => c.fitted.outletGuide?.gapMm !== undefined, causes: ['guide-gap'] },
  { read: (c) => c.fitted.gun?.rolls != null, causes: ['gun-rolls-wrong'] },
  { read: (c) => c.fitted.hubBrake != null, causes: ['brake-tight', 'brake-loose'] },
  { read: (c) => c.fitted.spool?.pinEngaged !== undefined, causes: ['pin-out'] },
  {
    read: (c) => c.fitted.spool?.leaves !== undefined && c.machine.wireEntry !== undefined,
    causes: ['spool-wrong-side'],
  },
  {
    read: (c) => c.fitted.polarity != null && c.wire.polarity.length > 0 && !c.wire.open,
    causes: ['polarity-wrong'],
  },
  { read: (c) => c.fitted.gas != null, causes: ['gas-wrong'] },
  {
    read: (c) => (c.fitted.gasFlowLPerMin ?? 0) > 0,
    causes: ['flow-low', 'flow-high'],
  },
  {
    read: (c) => c.job !== undefined,
    causes: ['wire-thick-for-metal', 'wire-thin-for-metal'],
  },
  { read: (c) => c.job?.draughtMPerS !== undefined, causes: ['draught'] },
  { read: (_c, told) => told.lead !== undefined, causes: ['lead-bent'] },
  { read: (c) => c.fitted.conditions?.workClamp === 'new', causes: ['work-clamp'] },
  { read: (c) => c.fitted.conditions?.studs === 'tight', causes: ['cable-loose'] },
]

/** A mismatch that was read weighs so much more than what is only possible. common practice, no source */
const MISMATCH = 60
/** What Match says beside its findings, by how much it weighs here. common practice, no source */
const MEANT_BY_CAUTION: Partial<Record<CautionRule, { cause: Cause; factor: number }>> = {
  'wire-thick-for-metal': { cause: 'wire-thick-for-metal', factor: MISMATCH },
  'wire-thin-for-metal': { cause: 'wire-thin-for-metal', factor: MISMATCH },
  'wire-for-stitches-only': { cause: 'wire-thick-for-metal', factor: MISMATCH },
  'wire-off-usual': { cause: 'wire-thick-for-metal', factor: 3 },
  'zinc-fume': { cause: 'metal-dirty', factor: 12 },
  'single-pass-on-plate': { cause: 'base-metal', factor: 4 },
  'parent-never': { cause: 'base-metal', factor: MISMATCH / 3 },
  'parent-unlisted': { cause: 'base-metal', factor: 6 },
  'parent-unknown': { cause: 'base-metal', factor: 3 },
  'parent-no-wire': { cause: 'base-metal', factor: MISMATCH / 3 },
  'parent-warmth': { cause: 'base-metal', factor: 4 },
  'metal-hot-cracks': { cause: 'base-metal', factor: 6 },
  'metal-leaded-cracks': { cause: 'base-metal', factor: MISMATCH / 3 },
  'over-duty': { cause: 'duty-cut-out', factor: 12 },
  'output-small': { cause: 'wire-thick-for-metal', factor: 3 },
  'new-wire-rusty': { cause: 'wire-rusty', factor: MISMATCH / 4 },
  'new-wire-spoiled': { cause: 'wire-damp', factor: MISMATCH / 4 },
  'liner-shared-with-steel': { cause: 'liner-dirty', factor: 6 },
  'nozzle-narrow': { cause: 'flow-low', factor: 3 },
}
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
  const { gasless, noCylinder, drum } = gearOf(c)
  if (gasless && (side === 'gas' || cause === 'gas-wrong')) return true
  if (side === 'gas' && cause !== 'gas-wrong' && noCylinder) return true
  const gun = c.fitted.gun
  if ((cause === 'gun-rolls-wrong' || cause === 'gun-rolls-open') && gun != null && gun.kind === 'push')
    return true
  if ((cause === 'push-too-long' || cause === 'lead-bent') && gun?.kind === 'spool-gun') return true
  if (cause === 'push-too-long' && gun?.kind === 'push-pull') return true
  if (gun?.kind === 'spool-gun' && (at === 'liner' || at === 'outletGuide' || at === 'driveRolls'))
    return true
  // Moisture sits in the powder; on solid wire it is the rust that counts.
  if (cause === 'wire-damp' && !FAMILY_SHEETS[c.wire.family].tubular && !c.wire.open) return true
  if (drum && ['brake-tight', 'brake-loose', 'pin-out', 'spool-wrong-side'].includes(cause)) return true
  if (cause === 'inductance' && c.machine.inductance === false) return true
  if (cause === 'pin-out' && c.machine.hubLocator === 'none') return true
  if (cause === 'polarity-wrong' && c.machine.polarityChange === 'fixed' && c.fitted.polarity != null)
    return c.wire.polarity.includes(c.fitted.polarity)
  return (at === 'nozzle' || at === 'gasFlow') && gasless
}

/**
 * What is known before anything is looked at: how much each cause weighs, by what Match finds, by the feed model on
 * this very line, by the settings in use, by the history and by when it began; and the looks that cannot be made.
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
  if (c.practice.tipWhileThreading === 'on') set('tip-on-while-threading', 3, 'history')
  // What was read and is right is seldom at fault; what was read and is wrong is nearly found.
  const checks = cannotLook(c, told)
  const absent = new Set<Cause>()
  for (const reading of READINGS)
    if (reading.read(c, told)) for (const cause of reading.causes) absent.add(cause)
  // A gun to try is in the store, or it is not.
  if (c.store && !c.store.some((p) => p.kind === 'gun' && p.part === 'whole' && p.count > 0))
    checks.add('short-gun')
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
  for (const { rule } of cautions(c)) {
    const meant = MEANT_BY_CAUTION[rule]
    if (!meant || weights[meant.cause].weight === 0) continue
    absent.delete(meant.cause)
    set(meant.cause, meant.factor, 'mismatch')
  }
  if ((c.job?.draughtMPerS ?? 0) > DRAUGHT_LIMIT_M_PER_S) {
    absent.delete('draught')
    set('draught', MISMATCH, 'mismatch', 'published')
  }
  if (told.lead !== undefined && told.lead !== 'straight') {
    absent.delete('lead-bent')
    set('lead-bent', told.lead === 'looped' ? 3 : 12, 'lead')
  }
  for (const cause of absent) weights[cause] = { ...weights[cause], weight: weights[cause].weight * WRITTEN }
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
    // What was touched last is looked at first: how it was put together, sooner than how it wore.
    if (row.at !== 'work' && told.lastChange?.includes(row.at))
      set(cause, row.comes === 'setup' || row.comes === 'hand' ? 8 : 4, 'last-change')
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

/** Half widths of its band in which a setting is right, and what that leaves of the suspicion. common practice, no source */
const IN_BAND = 1
const SUITS = 0.35

/** Settings in use against where the wire would be started on this metal. */
function bySetting(c: MatchContext, findings: readonly StationFinding[], told: Told, set: Set1) {
  const start = startFor(c, findings)
  const { voltageV, wireSpeedMPerMin: speed, tipToWorkMm: distance } = told.setting ?? {}
  const off = (
    value: number | undefined,
    band: { value: number; low: number; high: number } | null | undefined,
  ) =>
    value === undefined || !band || !Number.isFinite(band.value)
      ? undefined
      : (value - band.value) / Math.max(0.01, (band.high - band.low) / 2)
  const pull = (low: Cause, high: Cause, by: number | undefined) => {
    if (by === undefined) return
    // Within its band it is no suspect: what is said is where such a wire is run.
    if (Math.abs(by) <= IN_BAND) {
      set(low, SUITS, 'setting', 'published')
      set(high, SUITS, 'setting', 'published')
      return
    }
    const over = Math.min(4, Math.abs(by) - IN_BAND)
    set(by < 0 ? low : high, 2 + 3 * over, 'setting', 'published')
    set(by < 0 ? high : low, 1 / (2 + over), 'setting', 'published')
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
