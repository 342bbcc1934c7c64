import {
  feedContradicts,
  forWeld,
  isDialledIn,
  isGood,
  LEAST_VOLTS,
  sameSettings,
  sameSpeed,
  seldomTogether,
  type ArcReport,
  type Bead,
  type Try,
  type WeldKind,
} from './tries.ts'
import { agrees } from './agrees.ts'

/** Where to look first: the model's settings, and how its volts go with its wire speed. */
export interface DialInModel {
  voltageV: number
  wireSpeedMPerMin: number
  /** V for every m/min. */
  slope: number
  /** The wire shields itself: pores are never the gas. */
  gasless?: boolean
  /** The plate is thicker than the band of this wire. */
  thickPlate?: boolean
  /** The machine has an inductance to turn, and the arc is a short one, where it tells. */
  inductance?: boolean
  /** The metal carries the heat off: warmed it fuses where no knob helps. */
  warmth?: boolean
}

/** What the machine can be set to. */
export interface DialInLimits {
  minV: number
  maxV: number
  minMPerMin: number
  maxMPerMin: number
  /** Volts of its taps, where it can be set to nothing between them. */
  taps?: readonly number[]
}

export type Proposal =
  | { done: true }
  | {
      done: false
      voltageV: number
      wireSpeedMPerMin: number
      /**
       * Which of the two is turned; `neither` repeats, to see whether it holds or whether the gas was at fault; `both`
       * only begins again, from far off on both; `hand`: the same settings, held or led otherwise; `inductance`: the
       * same settings, the arc softer.
       */
      turn: 'volts' | 'speed' | 'both' | 'neither' | 'hand' | 'inductance'
      why:
        | 'start'
        | 'to-the-window'
        | 'likeliest'
        | 'confirm'
        | 'check-gas'
        | 'check-metal'
        | 'feed-first'
        | 'at-the-limit'
        | 'lead-otherwise'
        | 'hold-closer'
        | 'hold-farther'
        | 'soften'
        | 'warm-it'
        | 'another-wire'
    }

/**
 * What is assumed of welds, on this side of the bench alone: how far a table may be off, how wide "good" is, and how
 * often a welder misreads. common practice, no source
 */
const OFF_BY = { volts: 2.1, speed: 0.21 }
/** A table, a guessed tap or dial may be off by twice as much, but seldom: so much less likely. */
const SELDOM = 0.02
const OFF_AT_MOST = 2
const GOOD = { volts: 0.85, speed: 0.13 }
const BURNS_BACK_FROM = 3.5
const MISREAD = 0.12
/**
 * Heat is amperes times volts: a bead that is a little cold is so by either knob, and a volt more adds a few per cent.
 * common practice, no source
 */
const HEAT_A_VOLT = 0.03
/** Heat over the best, as a share, where volts lie `x` above the best for their speed and the wire speed `h` over its own. */
const heatOf = (x: number, h: number): number => h + HEAT_A_VOLT * x
/** How softly one symptom passes into the next. */
const SOFT = { volts: 0.5, speed: 0.06, burn: 1 }
/** Volts that a doubled wire speed wants, from machine to machine. */
const COUPLINGS = [4, 6, 8]

/** Farther from the model than this, the next try goes there first. */
const FAR_VOLTS = 4
const PLAINLY_TOO_MANY_V = 2.5
const FAR_SPEED = 0.35
const clamp = (n: number, low: number, high: number) => Math.min(high, Math.max(low, n))
/** From 0 to 1 across the soft edge of a threshold. */
const over = (x: number, edge: number, soft: number) => {
  const share = (x - edge) / soft + 0.5
  return share <= 0 ? 0 : share >= 1 ? 1 : share
}

/** What ear and hand report where volts lie `x` above the best for their speed. */
function heard(x: number): Record<ArcReport, number> {
  const low = over(-x, GOOD.volts, SOFT.volts)
  const high = over(x, GOOD.volts, SOFT.volts)
  const burn = over(x, BURNS_BACK_FROM, SOFT.burn)
  return {
    stubbing: low,
    'long-arc': high * (1 - burn),
    burnback: high * burn,
    steady: (1 - low) * (1 - high),
  }
}
/** What the eye reports, where the heat too lies `h` above the best. */
function seen(arc: Record<ArcReport, number>, h: number): Record<Bead, number> {
  const hot = arc.steady * over(h, GOOD.speed, SOFT.speed)
  const cold = arc.steady * over(-h, GOOD.speed, SOFT.speed)
  const long = arc['long-arc'] + arc.burnback
  return {
    cold: cold + 0.5 * arc.stubbing,
    spattered: 0.5 * arc.stubbing + 0.4 * long,
    undercut: 0.4 * long,
    hot: 0.8 * hot + 0.2 * long,
    'burnt-through': 0.2 * hot,
    good: arc.steady - hot - cold,
    porous: 0,
    // Worm tracks come with too many volts or too short an extension, a lack of fusion with too little of either.
    'worm-tracks': 0.4 * long + 0.3 * hot,
    'not-fused': cold + 0.3 * arc.stubbing,
  }
}
type Report = Pick<Try, 'arc' | 'bead'>
/** How likely a pair of reports is; pores say nothing of volts or wire speed, and a burnback nobody mistakes. */
function likelihood(report: Report, x: number, h: number): number {
  const arc = heard(x)
  if (report.arc === 'burnback' || report.bead === null) return 0.98 * arc.burnback + 0.005
  const may = (p: number, words: number) => (1 - MISREAD) * (p > 0 ? p : 0) + MISREAD / words
  const byEye = report.bead === 'porous' ? 1 : may(seen(arc, heatOf(x, h))[report.bead], 6)
  return may(arc[report.arc], 3) * byEye
}
/** Where the best may lie: off the model by so many volts and such a share of speed. */
interface Belief {
  volts: number
  speed: number
  coupling: number
  weight: number
}
/** Evenly from -most to most. */
const spread = (most: number, n: number) =>
  Array.from({ length: n }, (_, i) => most * ((2 * i) / (n - 1) - 1))
const PLACES: readonly Belief[] = spread(OFF_AT_MOST * OFF_BY.volts, 33).flatMap((volts) =>
  spread(OFF_AT_MOST * OFF_BY.speed, 25).flatMap((speed) =>
    COUPLINGS.map((coupling) => ({
      volts,
      speed,
      coupling,
      weight: Math.abs(volts) <= OFF_BY.volts + 1e-9 && Math.abs(speed) <= OFF_BY.speed + 1e-9 ? 1 : SELDOM,
    })),
  ),
)
/** Below this share of the likeliest a place is not worth counting. */
const NEGLIGIBLE = 1e-3
function beliefs(tries: readonly Try[], model: DialInModel): Belief[] {
  const all = PLACES.map((b) => {
    let { weight } = b
    for (const t of tries)
      weight *= likelihood(t, ...offOf(b, model, t.voltageV - forWeld(t.weld), t.wireSpeedMPerMin))
    return { ...b, weight }
  })
  const most = all.reduce((a, b) => (b.weight > a ? b.weight : a), 0)
  const known = all.filter((b) => b.weight >= NEGLIGIBLE * most)
  const sum = known.reduce((total, b) => total + b.weight, 0)
  return known.map((b) => ({ ...b, weight: b.weight / sum }))
}
/** Volts over the best for the speed, and speed over the best. */
const offOf = (b: Belief, model: DialInModel, volts: number, speed: number): [number, number] => {
  const h = speed / (model.wireSpeedMPerMin * (1 + b.speed)) - 1
  return [volts - model.voltageV - b.volts - b.coupling * h, h]
}

/** Words of ear and eye less likely than this, by the tries before, are worth a second look. common practice, no source */
const UNEXPECTED = 0.12
/** Whether a weld was reported as the tries before hardly let expect: looking once more costs no weld. */
export function unexpected(made: Try, tries: readonly Try[], model: DialInModel): boolean {
  // A burnback nobody mistakes, and pores say nothing of the settings.
  if (made.arc === 'burnback' || made.bead === null || made.bead === 'porous') return false
  const volts = made.voltageV - forWeld(made.weld)
  const chance = beliefs(tries, model).reduce(
    (sum, b) => sum + b.weight * likelihood(made, ...offOf(b, model, volts, made.wireSpeedMPerMin)),
    0,
  )
  return chance < UNEXPECTED
}

const LOOKS_AT_MOST = 4
/**
 * A weld as it is written down by whoever can look at it again: again where its report was not to be expected or ear
 * and eye do not go together, until it is plausible or says the same twice.
 */
export function lookedAt(made: Try, again: () => Report, tries: readonly Try[], model: DialInModel): Try {
  const seen: Try[] = [made]
  while (seen.length < LOOKS_AT_MOST) {
    const last = seen.at(-1)!
    if (!seldomTogether(last) && !unexpected(last, tries, model)) break
    const { arc, bead } = again()
    const next = { ...last, arc, bead }
    const twice = seen.some((t) => t.arc === arc && t.bead === bead)
    seen.push(next)
    if (twice) break
  }
  return seen.at(-1)!
}

/** What a try that cannot be finished in one turn is worth, against one that can. */
const LATER = 0.5

/** How likely a good bead is at volts and a wire speed, of what may be believed. Asked hundreds of times a proposal. */
function chanceOf(known: readonly Belief[], model: DialInModel, volts: number, speed: number): number {
  const share = speed / model.wireSpeedMPerMin
  const over = volts - model.voltageV
  let sum = 0
  for (const b of known) {
    const h = share / (1 + b.speed) - 1
    const x = over - b.volts - b.coupling * h
    const heat = heatOf(x, h)
    if (heat >= GOOD.speed || heat <= -GOOD.speed) continue
    if (x < GOOD.volts && x > -GOOD.volts) sum += b.weight
  }
  return sum
}

/** Chance of a good bead below which a try only looks for the arc. common practice, no source */
const HARDLY = 0.05
/** A stride of volts where nothing bounds it yet. common practice, no source */
const STRIDE_V = 1.5
/** At this wire speed half way between too few volts and too many; a stride where only one side is known. */
function betweenTries(tries: readonly Try[], up: boolean): number {
  const { voltageV, wireSpeedMPerMin } = tries.at(-1)!
  const here = tries.filter((t) => sameSpeed(t.wireSpeedMPerMin, wireSpeedMPerMin))
  const other = here.filter((t) =>
    up
      ? t.arc === 'long-arc' || t.arc === 'burnback'
      : t.arc === 'stubbing' || (t.arc === 'steady' && t.bead === 'cold'),
  )
  const bound = other.map((t) => t.voltageV).filter((at) => (up ? at > voltageV : at < voltageV))
  if (bound.length) return (voltageV + (up ? Math.min(...bound) : Math.max(...bound))) / 2
  return voltageV + (up ? STRIDE_V : -STRIDE_V)
}

/** How many of the last tries in a row were such. */
function inARow(tries: readonly Try[], is: (t: Try) => boolean): number {
  const from = tries.findLastIndex((t) => !is(t))
  return tries.length - 1 - from
}

/** So many welds that did not fuse are enough on thick plate. common practice, no source */
const TIMES_NOT_FUSED = 3

const BY_SPEED: readonly (Bead | null)[] = ['hot', 'cold', 'burnt-through', 'not-fused']
/**
 * The knob that a report names: volts by ear and hand, wire speed by eye where the arc was steady. Burnt back, the
 * wire came too slowly: more of it first, fewer volts last. common practice, no source
 */
const knobOf = (t: Try): 'volts' | 'speed' =>
  t.arc === 'burnback' || (t.arc === 'steady' && BY_SPEED.includes(t.bead)) ? 'speed' : 'volts'
/** The other knob must promise so much more. */
const OTHER_KNOB = 0.9

const grid = (low: number, high: number, n: number) =>
  Array.from({ length: n }, (_, i) => low + ((high - low) * i) / (n - 1))

/**
 * The next test weld: one variable at a time. Every report narrows where the best may lie, as far as reports can be
 * trusted, so that between a try too low and a try too high it lies about half way; the next try is where a good weld
 * is likeliest, or from where one turn of the other knob would make it so. Done when two in a row are good. Never
 * outside the machine, nor between its taps.
 * @param limits volts and speeds the machine can be set to, low below high
 * @param weld what the next is to be: a tack takes a little more volts than a bead
 * @throws RangeError for limits in the wrong order
 */
export function nextTry(
  tries: readonly Try[],
  model: DialInModel,
  limits: DialInLimits,
  weld: WeldKind = 'bead',
): Proposal {
  if (!(limits.minV < limits.maxV) || !(limits.minMPerMin < limits.maxMPerMin))
    throw new RangeError('limits in the wrong order')
  const more = forWeld(weld)
  const volts = (v: number) => {
    const free = clamp(v, limits.minV, limits.maxV)
    const { taps } = limits
    return taps?.length ? taps.reduce((a, b) => (Math.abs(b - free) < Math.abs(a - free) ? b : a)) : free
  }
  const speed = (s: number) => clamp(s, limits.minMPerMin, limits.maxMPerMin)
  const last = tries.at(-1)
  const home = { voltageV: volts(model.voltageV + more), wireSpeedMPerMin: speed(model.wireSpeedMPerMin) }
  if (!last) return { done: false, ...home, turn: 'neither', why: 'start' }
  const { voltageV: v, wireSpeedMPerMin: s } = last
  const turned = (turn: 'volts' | 'speed', to: number, why: 'to-the-window' | 'likeliest'): Proposal => ({
    done: false,
    voltageV: turn === 'volts' ? to : v,
    wireSpeedMPerMin: turn === 'speed' ? to : s,
    turn,
    why,
  })
  const same = { done: false as const, voltageV: v, wireSpeedMPerMin: s, turn: 'neither' as const }
  if (isDialledIn(tries)) return { done: true }
  if (isGood(last)) return { ...same, why: 'confirm' }
  // Feed before tune: no knob cures a wire that comes by jerks.
  if (feedContradicts(tries)) return { ...same, why: 'feed-first' }
  // A porous long arc is a long arc first: too long it loses its gas.
  if (last.bead === 'porous' && last.arc !== 'long-arc') {
    const { gasless } = model
    // Still porous once gas or metal was looked at: the distance, which takes the gas off or the wire's own time.
    if (inARow(tries, (t) => t.bead === 'porous') % 2 === 0)
      return { ...same, turn: 'hand', why: gasless ? 'hold-farther' : 'hold-closer' }
    return { ...same, why: gasless ? 'check-metal' : 'check-gas' }
  }
  // Not fused again and again on plate that is too much for this wire: no knob helps.
  if (
    model.thickPlate &&
    tries.slice(-TIMES_NOT_FUSED).filter((t) => t.bead === 'not-fused').length === TIMES_NOT_FUSED
  )
    return { ...same, why: 'another-wire' }
  if (last.arc === 'steady') {
    const first = tries.at(-2)?.bead !== last.bead
    // Still a groove at the toe: the hand first, once; then the volts.
    if (last.bead === 'undercut' && first) return { ...same, turn: 'hand', why: 'lead-otherwise' }
    // A quiet arc that spatters has the right volts: softer first, once, where the machine can.
    if (last.bead === 'spattered' && model.inductance && first)
      return { ...same, turn: 'inductance', why: 'soften' }
    if (last.bead === 'not-fused' && model.warmth && first) return { ...same, turn: 'hand', why: 'warm-it' }
  }
  // Far from where the model would begin, reports say little: speed first, then the volts that go with it.
  const farSpeed = (t: Try) => Math.abs(t.wireSpeedMPerMin / home.wireSpeedMPerMin - 1) > FAR_SPEED
  if (tries.every(farSpeed)) {
    const atHome = { voltageV: v, wireSpeedMPerMin: home.wireSpeedMPerMin }
    // Far off on both knobs, or where the report asks for more of the same: begin again from the start, both at once.
    return Math.abs(v - home.voltageV) <= FAR_VOLTS && agrees(tries, atHome)
      ? turned('speed', home.wireSpeedMPerMin, 'to-the-window')
      : { done: false, ...home, turn: 'both', why: 'to-the-window' }
  }
  const lineV = volts(model.voltageV + more + model.slope * (s - model.wireSpeedMPerMin))
  if (
    Math.abs(v - lineV) > FAR_VOLTS &&
    tries.length < 4 &&
    agrees(tries, { voltageV: lineV, wireSpeedMPerMin: s })
  )
    return turned('volts', lineV, 'to-the-window')

  const known = beliefs(tries, model)
  const someV = [
    ...new Set([
      ...(limits.taps ?? grid(model.voltageV - 6, model.voltageV + 6, 33).map((x) => volts(x + more))),
      v,
    ]),
  ]
  const someS = [...new Set([...grid(0.6, 1.6, 25).map((k) => speed(model.wireSpeedMPerMin * k)), s])]
  const chance = someV.map((tv) => someS.map((ts) => chanceOf(known, model, tv - more, ts)))
  const atS = someS.indexOf(s)
  const atV = someV.indexOf(v)
  const worth = (now: number, later: number) => now + LATER * later
  const options = [
    ...someV
      .map((to, i) => ({
        turn: 'volts' as const,
        to,
        worth: worth(chance[i]![atS]!, Math.max(...chance[i]!)),
      }))
      .filter(({ to }) => Math.abs(to - v) >= LEAST_VOLTS),
    ...someS
      .map((to, k) => ({
        turn: 'speed' as const,
        to,
        worth: worth(chance[atV]![k]!, Math.max(...chance.map((row) => row[k]!))),
      }))
      .filter(({ to }) => !sameSpeed(to, s)),
  ]
  // What answers the report; nobody welds twice where it was bad, unless nothing else is left.
  const settingsOf = ({ turn, to }: (typeof options)[number]) => ({
    voltageV: turn === 'volts' ? to : v,
    wireSpeedMPerMin: turn === 'speed' ? to : s,
  })
  const answering = options.filter((o) => agrees(tries, settingsOf(o)))
  const fresh = answering.filter((o) => !tries.some((t) => sameSettings(t, { ...settingsOf(o), weld })))
  // Burnt back: more wire first; fewer volts where more wire did not cure it, or the volts are plainly too many.
  const speedFirst =
    last.arc === 'burnback' && tries.at(-2)?.arc !== 'burnback' && v - lineV <= PLAINLY_TOO_MANY_V
  const faster = speedFirst ? fresh.filter((o) => o.turn === 'speed' && o.to > s) : []
  const [first, ...rest] = faster.length ? faster : fresh.length ? fresh : answering
  if (first) {
    const named = knobOf(last)
    const value = (o: typeof first) => o.worth * (o.turn === named ? 1 : OTHER_KNOB)
    const best = rest.reduce((a, b) => (value(b) > value(a) ? b : a), first)
    const between = best.turn === 'volts' ? betweenTries(tries, best.to > v) : undefined
    if (between !== undefined && chance[someV.indexOf(best.to)]![atS]! < HARDLY) {
      const to = volts(between)
      if (Math.abs(to - v) >= LEAST_VOLTS && agrees(tries, { voltageV: to, wireSpeedMPerMin: s }))
        return turned('volts', to, 'likeliest')
    }
    return turned(best.turn, best.to, 'likeliest')
  }
  return { ...same, why: 'at-the-limit' }
}
