import { seeded } from '../src/base/random.ts'
import { feedChances } from '../src/feed/monteCarlo.ts'
import { pressureWindow } from '../src/feed/pressureWindow.ts'
import { windowCentreN } from '../src/feed/scale.ts'
import { feedSetupOf, type FeedSetup } from '../src/feed/setup.ts'
import { simulatedArc } from '../src/arc/simulatedArc.ts'
import type { MatchContext } from '../src/match/finding.ts'
import { CAUSES, type Cause } from '../src/trouble/causes.ts'
import type { Check, LookOutcome } from '../src/trouble/checks.ts'
import type { Known } from '../src/trouble/known.ts'
import type { Symptom } from '../src/trouble/symptoms.ts'
import { SHOWN, SHOWN_BY } from './truth.ts'

/**
 * A machine with something wrong that nobody has told: it shows symptoms and answers looks, by the mechanics of the
 * feed and the simulated arc where they say something, and by a table of its own elsewhere.
 */
export interface Patient {
  readonly hidden: readonly Cause[]
  /** What is seen now: less, once a cause is cured. */
  symptoms: () => Symptom[]
  /** Whoever looks misses what is there one time in twenty, sees what is not one in fifty, and cannot one in twenty. */
  look: (check: Check) => LookOutcome
  /** @returns whether it was one of those hidden */
  cure: (cause: Cause) => boolean
  readonly well: boolean
}

const MISS = 0.05
const SEES_WHAT_IS_NOT = 0.02
const CANNOT = 0.05
/** One patient in so many has two faults. */
const TWO_IN = 10
const DRAWS = 120
/** Share of the draws in which something happens, from which it is noticed. */
const NOTICED = 0.35

/** What a fault does to the wire’s way. */
function faulty(s: FeedSetup, cause: Cause): { setup: FeedSetup; force: number } | undefined {
  switch (cause) {
    case 'tip-too-small':
      return { setup: { ...s, tip: 'too-small' }, force: 1 }
    case 'tip-blocked':
      return { setup: { ...s, tip: 'blocked' }, force: 1 }
    case 'liner-kinked':
      return { setup: { ...s, linerState: 'kinked' }, force: 1 }
    case 'liner-dirty':
      return { setup: { ...s, linerState: 'dirty' }, force: 1 }
    case 'lead-bent':
      return { setup: { ...s, loops: s.loops + 2 }, force: 1 }
    case 'push-too-long':
      return { setup: { ...s, leadM: s.leadM * 1.8 }, force: 1 }
    case 'rolls-wrong-groove':
      return { setup: { ...s, smallGroove: true }, force: 1 }
    case 'pressure-low':
      return { setup: s, force: 0.35 }
    case 'pressure-high':
      return { setup: s, force: 3 }
    case 'guide-gap':
      return { setup: { ...s, gapMm: 14 }, force: 1.6 }
    case 'brake-tight':
      return { setup: { ...s, brakeNm: s.brakeNm * 10 }, force: 1 }
    default:
      return undefined
  }
}

/** The wire's way as the mechanics see it with the fault in it; nothing where they say nothing. */
function byFeed(c: MatchContext, cause: Cause, seed: number) {
  const { setup } = feedSetupOf(c.machine, c.fitted, c.wire)
  const with1 = faulty(setup, cause)
  if (!with1) return undefined
  const healthy = pressureWindow(setup)
  const chances = feedChances(with1.setup, windowCentreN(healthy) * with1.force, seed, DRAWS)
  const sick = pressureWindow(with1.setup)
  return {
    slips: chances.slip > NOTICED,
    folds: chances.birdnest > NOTICED && chances.slip > 0.05,
    crushed: chances.crush > NOTICED,
    drags: sick.stopped !== undefined || (sick.pushN + sick.dragN) / (healthy.pushN + healthy.dragN) > 1.5,
  }
}

/** The arc with the fault in it, at settings that would be right without; nothing where it burns as it should. */
function byArc(c: MatchContext, cause: Cause, seed: number): Symptom[] | undefined {
  const off = ARC_OFF[cause]
  if (!off) return undefined
  const arc = simulatedArc(
    {
      wire: c.wire,
      gas: c.wire.gas.needed ? 'Ar-CO2' : null,
      nominal: { voltageV: 20, wireSpeedMPerMin: 7, extensionMm: 12 },
      ...(off.fault && { faults: [off.fault] }),
    },
    seed,
  )
  const { voltageV, wireSpeedMPerMin } = arc.best
  const { report } = arc.weld(
    voltageV + (off.volts ?? 0),
    wireSpeedMPerMin * (off.speed ?? 1),
    12 + (off.mm ?? 0),
  )
  const seen: Symptom[] = []
  if (report.arc === 'stubbing') seen.push('stubbing')
  if (report.arc === 'burnback') seen.push('burnback')
  if (report.bead === 'cold') seen.push('ropey')
  if (report.bead === 'spattered') seen.push('spatter')
  if (report.bead === 'porous') seen.push('porosity')
  if (report.bead === 'hot') seen.push('burn-through')
  return seen
}
interface Off {
  volts?: number
  speed?: number
  mm?: number
  fault?: 'worn-tip' | 'wrong-polarity' | 'no-gas'
}
const ARC_OFF: Partial<Record<Cause, Off>> = {
  'volts-low': { volts: -3 },
  'volts-high': { volts: 3.2 },
  'speed-low': { speed: 0.62 },
  'speed-high': { speed: 1.4 },
  'too-far': { mm: 14 },
  'too-close': { mm: -7 },
  'tip-worn': { volts: 1.2, fault: 'worn-tip' },
  'polarity-wrong': { fault: 'wrong-polarity' },
  'cylinder-shut': { fault: 'no-gas' },
  'cylinder-empty': { fault: 'no-gas' },
}

/** Symptoms of one fault, at least one. */
function shownBy(c: MatchContext, cause: Cause, random: () => number): Symptom[] {
  const shown = new Set<Symptom>()
  for (let tries = 0; shown.size === 0 && tries < 40; tries++) {
    const feed = byFeed(c, cause, Math.floor(random() * 1e9))
    if (feed?.slips && random() < 0.8) shown.add('rolls-slip')
    if (feed?.slips && random() < 0.5) shown.add('feed-jerks')
    if (feed?.folds && random() < 0.7) shown.add('birdnest')
    if (feed?.crushed && random() < 0.7) shown.add('wire-flattened')
    if (feed?.crushed && random() < 0.4) shown.add('shavings')
    for (const s of byArc(c, cause, Math.floor(random() * 1e9)) ?? []) shown.add(s)
    for (const [symptom, percent] of Object.entries(SHOWN[cause]))
      if (random() * 100 < percent) shown.add(symptom as Symptom)
  }
  // Nobody lists all: what strikes one first, up to three.
  const all = [...shown]
  const most = 1 + Math.floor(random() * 3)
  while (all.length > most) all.splice(Math.floor(random() * all.length), 1)
  return all
}

/**
 * A seeded patient: its cause is drawn by weights that lie up to a factor of two from the finder's own, either way.
 * @param known what the finder knows of the machine before anything is said
 */
export function createPatient(c: MatchContext, known: Known, seed: number): Patient {
  const random = seeded(seed)
  const weights = CAUSES.map((cause) => known.weights[cause].weight * 2 ** (2 * random() - 1))
  const draw = (not: readonly Cause[]): Cause => {
    const left = weights.map((w, i) => (not.includes(CAUSES[i]!) ? 0 : w))
    let at = random() * left.reduce((a, b) => a + b, 0)
    const i = left.findIndex((w) => (at -= w) < 0)
    return CAUSES[Math.max(0, i)]!
  }
  const hidden: Cause[] = [draw([])]
  if (random() * TWO_IN < 1) hidden.push(draw(hidden))
  const shows = new Map(hidden.map((cause) => [cause, shownBy(c, cause, random)]))
  const left = new Set(hidden)
  const feeds = new Map(hidden.map((cause) => [cause, byFeed(c, cause, Math.floor(random() * 1e9))]))
  const truly = (check: Check, cause: Cause): boolean => {
    const feed = feeds.get(cause)
    if (feed && check === 'pull-wire-by-hand') return feed.drags
    if (feed && check === 'feed-into-air') return feed.slips || feed.folds || SHOWN_BY[check].includes(cause)
    return SHOWN_BY[check].includes(cause)
  }
  return {
    hidden,
    symptoms: () => [...new Set([...left].flatMap((cause) => shows.get(cause)!))],
    look(check) {
      if (random() < CANNOT) return 'cannot'
      const there = [...left].some((cause) => truly(check, cause))
      return (there ? random() >= MISS : random() < SEES_WHAT_IS_NOT) ? 'here' : 'not-here'
    },
    cure(cause) {
      return left.delete(cause)
    },
    get well() {
      return left.size === 0
    },
  }
}
