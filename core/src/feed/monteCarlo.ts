import { COEFFICIENTS, type Coefficient, type Coefficients } from './coefficients.ts'
import { feedModel, OUT, OUTPUTS, type Geometry } from './model.ts'
import { seeded } from '../base/random.ts'
import { coefficientsOf, geometryOf, stoppedBy, usualValues, type FeedSetup } from './setup.ts'

export const DRAWS = 20_000

/** How much of a setup is known: chances, bands, and which unknown matters most. */
export interface FeedChances {
  draws: number
  /** Of there being a pressure at which it feeds. */
  opens: number
  /** At the roll force set: slip in steady feeding, a fold when it jams, marks on the wire. */
  slip: number
  birdnest: number
  crush: number
  /** Tenth, middle and ninetieth part of the draws, N of roll force, and of the push, N. */
  low: readonly [number, number, number]
  high: readonly [number, number, number]
  push: readonly [number, number, number]
  birdnestN: readonly [number, number, number]
  /** Mean push, N, for checking against an integral. */
  meanPushN: number
  /** Window ratio with one unknown at its low and its high end, widest first: what to find out first. */
  tornado: { coefficient: Coefficient; atLow: number; atHigh: number }[]
}

/** A run that can be carried on piece by piece. */
export interface FeedRun {
  readonly done: number
  /** Draws so many more, at most to the number asked for. */
  advance: (draws: number) => void
  result: () => FeedChances
}

/**
 * Draws every coefficient from a triangle between its low, usual and high figure and asks the model. Nothing is
 * allocated in the loop; the same seed gives the same answer however it is cut up.
 * @param rollForceN roll force as set; chances at it are counted
 */
export function startRun(setup: FeedSetup, rollForceN: number, seed: number, draws = DRAWS): FeedRun {
  const run = startRunOf(geometryOf(setup), coefficientsOf(setup), rollForceN, seed, draws)
  if (!stoppedBy(setup)) return run
  // Where nothing passes the rolls slip, or the wire folds before they do.
  const stopped = () => {
    const chances = run.result()
    return { ...chances, opens: 0, slip: 1 - chances.birdnest }
  }
  return {
    get done() {
      return run.done
    },
    advance: (more) => run.advance(more),
    result: stopped,
  }
}

export function startRunOf(
  geometry: Geometry,
  coefficients: Coefficients,
  rollForceN: number,
  seed: number,
  draws = DRAWS,
): FeedRun {
  const n = COEFFICIENTS.length
  const low = Float64Array.from(COEFFICIENTS.map((name) => coefficients[name].low))
  const high = Float64Array.from(COEFFICIENTS.map((name) => coefficients[name].high))
  const mode = usualValues(coefficients)
  const span = high.map((h, i) => h - low[i]!)
  // Where the triangle turns, and the two factors under its roots.
  const turn = span.map((s, i) => (s > 0 ? (mode[i]! - low[i]!) / s : 0))
  const rise = span.map((s, i) => s * (mode[i]! - low[i]!))
  const fall = span.map((s, i) => s * (high[i]! - mode[i]!))
  const c = new Float64Array(n)
  const out = new Float64Array(OUTPUTS)
  const lows = new Float64Array(draws)
  const highs = new Float64Array(draws)
  const pushes = new Float64Array(draws)
  const folds = new Float64Array(draws)
  const random = seeded(seed)
  let done = 0
  let opens = 0
  let slip = 0
  let birdnest = 0
  let crush = 0

  return {
    get done() {
      return done
    },
    advance(more) {
      const to = Math.min(draws, done + more)
      for (; done < to; done++) {
        for (let i = 0; i < n; i++) {
          const u = random()
          c[i] = u < turn[i]! ? low[i]! + Math.sqrt(u * rise[i]!) : high[i]! - Math.sqrt((1 - u) * fall[i]!)
        }
        feedModel(geometry, c, out)
        const need = out[OUT.push]! + out[OUT.drag]!
        const grip = rollForceN * out[OUT.gripPerN]!
        if (out[OUT.ratio]! > 1 && need <= out[OUT.motor]!) opens++
        if (grip < need) slip++
        if (grip > out[OUT.birdnest]!) birdnest++
        if (rollForceN > out[OUT.crush]!) crush++
        lows[done] = out[OUT.low]!
        highs[done] = out[OUT.high]!
        pushes[done] = out[OUT.push]!
        folds[done] = out[OUT.birdnest]!
      }
    },
    result() {
      const share = (count: number) => (done ? count / done : 0)
      return {
        draws: done,
        opens: share(opens),
        slip: share(slip),
        birdnest: share(birdnest),
        crush: share(crush),
        low: band(lows, done),
        high: band(highs, done),
        push: band(pushes, done),
        birdnestN: band(folds, done),
        meanPushN: share(pushes.reduce((sum, n) => sum + n, 0)),
        tornado: tornado(geometry, coefficients),
      }
    },
  }
}

const band = (values: Float64Array, n: number): [number, number, number] => {
  const sorted = values.slice(0, n).sort()
  const at = (share: number) => sorted[Math.min(n - 1, Math.floor(share * n))] ?? 0
  return [at(0.1), at(0.5), at(0.9)]
}

/** One unknown at a time from end to end, the others at their usual value. */
function tornado(geometry: Geometry, coefficients: Coefficients): FeedChances['tornado'] {
  const out = new Float64Array(OUTPUTS)
  const ratioWith = (i: number, value: number) => {
    const c = usualValues(coefficients)
    c[i] = value
    feedModel(geometry, c, out)
    return out[OUT.ratio]!
  }
  return COEFFICIENTS.map((coefficient, i) => ({
    coefficient,
    atLow: ratioWith(i, coefficients[coefficient].low),
    atHigh: ratioWith(i, coefficients[coefficient].high),
  }))
    .filter((t) => Math.abs(t.atHigh / t.atLow - 1) > 0.005)
    .sort((a, b) => Math.abs(Math.log(b.atHigh / b.atLow)) - Math.abs(Math.log(a.atHigh / a.atLow)))
}

/** The whole run at once. */
export function feedChances(setup: FeedSetup, rollForceN: number, seed: number, draws = DRAWS): FeedChances {
  const run = startRun(setup, rollForceN, seed, draws)
  run.advance(draws)
  return run.result()
}
