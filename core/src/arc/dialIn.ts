import type { Machine } from '../machine/schema.ts'

/** What a test weld shows, by eye, ear and hand. */
export const SYMPTOMS = ['good', 'stubbing', 'long-arc', 'burnback', 'too-cold', 'too-hot', 'porous'] as const
export type Symptom = (typeof SYMPTOMS)[number]

export interface Try {
  voltageV: number
  wireSpeedMPerMin: number
  symptom: Symptom
}

/** Where to look first: the model's settings, and how its volts go with its wire speed. */
export interface DialInModel {
  voltageV: number
  wireSpeedMPerMin: number
  /** V for every m/min. */
  slope: number
}

/** What the machine can be set to. */
export interface DialInLimits {
  minV: number
  maxV: number
  minMPerMin: number
  maxMPerMin: number
}

export type Proposal =
  | { done: true }
  | {
      done: false
      voltageV: number
      wireSpeedMPerMin: number
      /** Which of the two is turned; `neither` repeats, to see whether it holds or whether the gas was at fault. */
      turn: 'volts' | 'speed' | 'neither'
      why: 'start' | 'to-the-window' | 'likeliest' | 'confirm' | 'check-gas' | 'at-the-limit'
    }

/**
 * What is assumed of welds, on this side of the bench alone: how far a table may be off, how wide "good" is, and how
 * often a welder misreads. common practice, no source
 */
const OFF_BY = { volts: 2.4, speed: 0.24 }
const GOOD = { volts: 0.85, speed: 0.13 }
const BURNS_BACK_FROM = 3.5
const MISREAD = 0.12
/** How softly one symptom passes into the next. */
const SOFT = { volts: 0.5, speed: 0.06, burn: 1 }
/** Volts that a doubled wire speed wants, from machine to machine. */
const COUPLINGS = [4, 6, 8]

/** Farther from the model than this, the next try goes there first. */
const FAR_VOLTS = 3
const FAR_SPEED = 0.35
/** A change smaller than this is not worth a weld. */
const LEAST_VOLTS = 0.2

const clamp = (n: number, low: number, high: number) => Math.min(high, Math.max(low, n))
/** From 0 to 1 across the soft edge of a threshold. */
const over = (x: number, edge: number, soft: number) => clamp((x - edge) / soft + 0.5, 0, 1)

/** How likely a report is where volts lie `x` above the best for their speed, and heat `h` above the best. */
function likelihood(symptom: Symptom, x: number, h: number): number {
  const low = over(-x, GOOD.volts, SOFT.volts)
  const high = over(x, GOOD.volts, SOFT.volts)
  const burn = over(x, BURNS_BACK_FROM, SOFT.burn)
  const rest = (1 - low) * (1 - high)
  const hot = rest * over(h, GOOD.speed, SOFT.speed)
  const cold = rest * over(-h, GOOD.speed, SOFT.speed)
  const truth: Record<Symptom, number> = {
    stubbing: low,
    'long-arc': high * (1 - burn),
    burnback: high * burn,
    'too-hot': hot,
    'too-cold': cold,
    good: rest - hot - cold,
    porous: 0,
  }
  return (1 - MISREAD) * Math.max(0, truth[symptom]) + MISREAD / 6
}

/** Where the best may lie: off the model by so many volts and such a share of speed. */
interface Belief {
  volts: number
  speed: number
  coupling: number
  weight: number
}
function beliefs(tries: readonly Try[], model: DialInModel): Belief[] {
  const steps = (most: number, n: number) =>
    Array.from({ length: n }, (_, i) => most * ((2 * i) / (n - 1) - 1))
  const all = steps(OFF_BY.volts, 17).flatMap((volts) =>
    steps(OFF_BY.speed, 13).flatMap((speed) =>
      COUPLINGS.map((coupling) => ({ volts, speed, coupling, weight: 1 })),
    ),
  )
  for (const b of all)
    for (const t of tries)
      if (t.symptom !== 'porous')
        b.weight *= likelihood(t.symptom, ...offOf(b, model, t.voltageV, t.wireSpeedMPerMin))
  const sum = all.reduce((total, b) => total + b.weight, 0)
  return all.map((b) => ({ ...b, weight: b.weight / sum })).filter((b) => b.weight > 1e-4)
}
/** Volts over the best for the speed, and speed over the best. */
const offOf = (b: Belief, model: DialInModel, volts: number, speed: number): [number, number] => {
  const h = speed / (model.wireSpeedMPerMin * (1 + b.speed)) - 1
  return [volts - model.voltageV - b.volts - b.coupling * h, h]
}

/** What a try that cannot be finished in one turn is worth, against one that can. */
const LATER = 0.35

/**
 * The next test weld: one variable at a time. Every report narrows where the best may lie, as far as reports can be
 * trusted; the next try is where a good weld is likeliest, or from where one turn of the other knob would make it so.
 * Done when two in a row are good. Never outside the machine.
 * @param limits volts and speeds the machine can be set to, low below high
 * @throws RangeError for limits in the wrong order
 */
export function nextTry(tries: readonly Try[], model: DialInModel, limits: DialInLimits): Proposal {
  if (!(limits.minV < limits.maxV) || !(limits.minMPerMin < limits.maxMPerMin))
    throw new RangeError('limits in the wrong order')
  const volts = (v: number) => clamp(v, limits.minV, limits.maxV)
  const speed = (s: number) => clamp(s, limits.minMPerMin, limits.maxMPerMin)
  const last = tries.at(-1)
  const home = { voltageV: volts(model.voltageV), wireSpeedMPerMin: speed(model.wireSpeedMPerMin) }
  if (!last) return { done: false, ...home, turn: 'neither', why: 'start' }
  const { voltageV: v, wireSpeedMPerMin: s, symptom } = last
  const same = { done: false as const, voltageV: v, wireSpeedMPerMin: s, turn: 'neither' as const }
  if (symptom === 'good')
    return tries.at(-2)?.symptom === 'good' ? { done: true } : { ...same, why: 'confirm' }
  if (symptom === 'porous') return { ...same, why: 'check-gas' }
  // Far from where the model would begin, symptoms say little: speed first, then the volts that go with it.
  if (Math.abs(s / home.wireSpeedMPerMin - 1) > FAR_SPEED)
    return {
      done: false,
      voltageV: v,
      wireSpeedMPerMin: home.wireSpeedMPerMin,
      turn: 'speed',
      why: 'to-the-window',
    }
  const lineV = volts(model.voltageV + model.slope * (s - model.wireSpeedMPerMin))
  if (Math.abs(v - lineV) > FAR_VOLTS && tries.length < 4)
    return { done: false, voltageV: lineV, wireSpeedMPerMin: s, turn: 'volts', why: 'to-the-window' }

  const known = beliefs(tries, model)
  const good = (tv: number, ts: number) =>
    known.reduce((sum, b) => {
      const [x, h] = offOf(b, model, tv, ts)
      return sum + (Math.abs(x) < GOOD.volts && Math.abs(h) < GOOD.speed ? b.weight : 0)
    }, 0)
  const grid = (low: number, high: number, n: number) =>
    Array.from({ length: n }, (_, i) => low + ((high - low) * i) / (n - 1))
  const someV = [...new Set([...grid(model.voltageV - 4.5, model.voltageV + 4.5, 25).map(volts), v])]
  const someS = [...new Set([...grid(0.72, 1.3, 15).map((k) => speed(model.wireSpeedMPerMin * k)), s])]
  // How likely a good weld is at every pair of the two.
  const chance = someV.map((tv) => someS.map((ts) => good(tv, ts)))
  const atS = someS.indexOf(s)
  const atV = someV.indexOf(v)
  const byV = someV.map((tv, i) => ({ tv, now: chance[i]![atS]!, later: Math.max(...chance[i]!) }))
  const byS = someS.map((ts, k) => ({
    ts,
    now: chance[atV]![k]!,
    later: Math.max(...chance.map((row) => row[k]!)),
  }))
  const score = (o: { now: number; later: number }) => o.now + LATER * o.later
  const bestV = byV.filter((o) => Math.abs(o.tv - v) >= LEAST_VOLTS).sort((a, b) => score(b) - score(a))[0]
  const bestS = byS.filter((o) => Math.abs(o.ts / s - 1) >= 0.02).sort((a, b) => score(b) - score(a))[0]
  if (bestV && (!bestS || score(bestV) >= score(bestS)))
    return { done: false, voltageV: bestV.tv, wireSpeedMPerMin: s, turn: 'volts', why: 'likeliest' }
  if (bestS) return { done: false, voltageV: v, wireSpeedMPerMin: bestS.ts, turn: 'speed', why: 'likeliest' }
  return { ...same, why: 'at-the-limit' }
}

/**
 * Volts of each tap of a machine that marks them 1-5 or A-E, spread evenly over its rated range: a guess to begin
 * with. common practice, no source
 */
export function tapVolts(
  taps: NonNullable<Machine['voltTaps']>,
  minV: number,
  maxV: number,
): { tap: string; voltageV: number }[] {
  const names =
    typeof taps === 'number' ? Array.from({ length: taps }, (_, i) => String(i + 1)) : taps.map(String)
  return names.map((tap, i) => ({
    tap,
    voltageV: names.length === 1 ? minV : minV + ((maxV - minV) * i) / (names.length - 1),
  }))
}

/** Wire run out in six seconds, inches, to a speed, m/min: inches times ten is inches a minute. common practice */
export const speedOfRunOut = (inchesInSixSeconds: number): number => inchesInSixSeconds * 10 * 0.0254

/** A feed dial learned from timed run-outs: a straight line through two or more, which differ. */
export function learnDial(
  runs: readonly { dial: number; wireSpeedMPerMin: number }[],
): { speedAt: (dial: number) => number; dialFor: (mPerMin: number) => number } | undefined {
  const n = runs.length
  const meanX = runs.reduce((a, r) => a + r.dial, 0) / n
  const meanY = runs.reduce((a, r) => a + r.wireSpeedMPerMin, 0) / n
  const sxx = runs.reduce((a, r) => a + (r.dial - meanX) ** 2, 0)
  const slope = runs.reduce((a, r) => a + (r.dial - meanX) * (r.wireSpeedMPerMin - meanY), 0) / sxx
  if (n < 2 || !(slope > 0)) return undefined
  return {
    speedAt: (dial) => meanY + slope * (dial - meanX),
    dialFor: (mPerMin) => meanX + (mPerMin - meanY) / slope,
  }
}
