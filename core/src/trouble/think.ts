import type { Place } from '../steps/places.ts'
import { walkMinutes } from '../steps/places.ts'
import { cureRow, type Cause } from './causes.ts'
import { checkRow, type Check, type LookOutcome } from './checks.ts'
import { answerIf, hereIf } from './reason.ts'

/** Where one stands, and whether the machine is on, after the last look; nothing where none was made. */
export interface Standing {
  place?: Place
  on?: boolean | undefined
}
/** Minutes to switch off or on between two looks. common practice, no source */
const SWITCH_MINUTES = 0.3

export const needsOn = (check: Check): boolean => checkRow(check).first.includes('machine-on')
export const needsOff = (check: Check): boolean => checkRow(check).first.includes('machine-off')

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
export const standingAt = (standing: Standing, check: Check): Standing => ({
  place: checkRow(check).place,
  on: needsOn(check) ? true : needsOff(check) ? false : standing.on,
})

/** How sure one must be to name a cause. */
export const MORE_THAN_THE_REST = 0.5
/** Share of what a look shows that one cause must hold for the look to settle it. common practice, no source */
const SETTLES = 0.6
/** How far it thinks ahead, and how many looks it weighs first and at each further step. */
const AHEAD = 3
const WIDTH = 5
const FIRST_WIDTH = 12
/** Among many, a look that shows so much less for its minutes than the best is not weighed. */
const WORTH_SHARE = 0.5
const MANY = 8
/** Chance below which it is not thought through. */
const SELDOM = 0.03

/**
 * Thinks some looks ahead: minutes still to go, each answer by its chance. Chances are masses, one a cause, that shrink
 * with each answer; they lie in plain arrays, since it is asked some ten thousand times for one look.
 */
export class Thinking {
  /** Causes by the place of their mass, that a look shows. */
  private readonly finds: readonly (readonly number[])[]
  private readonly shows: readonly Float64Array[]
  /** Chance of each answer that it shows, by cause. */
  private readonly answers: readonly (readonly Float64Array[])[]
  private readonly seldom: Float64Array
  private readonly cure: Float64Array
  private readonly times = new Map<string, Float64Array>()
  private readonly sure: Float64Array
  private readonly order: Int32Array
  private readonly free: Uint8Array

  /** @param masses chance of each cause, in their order */
  constructor(
    causes: readonly Cause[],
    private readonly masses: Float64Array,
    private readonly checks: readonly Check[],
    comesAndGoes: boolean,
  ) {
    this.finds = checks.map((check) => {
      const { finds } = checkRow(check)
      return causes.flatMap((cause, i) => (finds.includes(cause) ? [i] : []))
    })
    this.shows = checks.map((check) =>
      Float64Array.from(causes, (cause) => hereIf(cause, check, comesAndGoes)),
    )
    this.answers = checks.map((check) => {
      const ways = Object.keys(checkRow(check).ways ?? {}) as LookOutcome[]
      const plain = Float64Array.from(causes, (cause) => hereIf(cause, check, comesAndGoes))
      return ways.length === 0
        ? [plain]
        : ways.map((way) => Float64Array.from(causes, (cause) => answerIf(cause, check, way, comesAndGoes)))
    })
    this.seldom = Float64Array.from(checks, (check) => checkRow(check).seldom ?? 0)
    this.cure = Float64Array.from(causes, (cause) => cureRow(cause).minutes)
    this.sure = new Float64Array(causes.length)
    this.order = new Int32Array(causes.length)
    this.free = new Uint8Array(causes.length)
  }

  /** The look after which the fewest minutes are left to go; nothing where none is open. */
  best(standing: Standing): { check: Check; minutes: number; settles: number; cost: number } | null {
    const made = new Uint8Array(this.checks.length)
    let best: { check: Check; minutes: number; settles: number; cost: number } | null = null
    for (const i of this.worthMost(this.masses, made, standing, FIRST_WIDTH)) {
      const cost = this.costOfLook(this.masses, i, made, standing, AHEAD - 1)
      if (best && cost >= best.cost - 1e-9) continue
      const settles = this.shows[i]!.reduce((sum, p, c) => sum + p * this.masses[c]!, 0)
      const check = this.checks[i]!
      best = { check, minutes: minutesFrom(standing, check), settles, cost }
    }
    return best
  }

  /** Minutes that naming the likeliest costs where it is another: its cure for nothing, and the rest still to find. */
  costOfNaming(standing: Standing): number {
    return this.named(this.masses, new Uint8Array(this.checks.length), standing, AHEAD - 1)
  }

  private named(masses: Float64Array, made: Uint8Array, standing: Standing, ahead: number): number {
    let top = 0
    for (let i = 1; i < masses.length; i++) if (masses[i]! > masses[top]!) top = i
    const rest = masses.slice()
    rest[top] = 0
    return sumOf(rest) * this.cure[top]! + this.toGo(rest, made, standing, ahead)
  }

  private minutes(standing: Standing): Float64Array {
    const key = `${standing.place} ${standing.on}`
    let row = this.times.get(key)
    if (!row) {
      row = Float64Array.from(this.checks, (check) => minutesFrom(standing, check))
      this.times.set(key, row)
    }
    return row
  }

  /** The looks that show most for their minutes. */
  private worthMost(masses: Float64Array, made: Uint8Array, standing: Standing, width: number): number[] {
    const minutes = this.minutes(standing)
    const worth = this.finds.map((finds, i) => {
      if (made[i]) return -1
      let sum = 0
      for (const c of finds) sum += masses[c]!
      return ((1 - this.seldom[i]!) * sum) / minutes[i]!
    })
    const least = this.checks.length >= MANY ? WORTH_SHARE * Math.max(...worth) : 0
    return worth
      .map((_, i) => i)
      .filter((i) => !made[i] && worth[i]! >= least)
      .sort((a, b) => worth[b]! - worth[a]!)
      .slice(0, width)
  }

  /** The best of what can be done next, as far as it thinks ahead. */
  private toGo(masses: Float64Array, made: Uint8Array, standing: Standing, ahead: number): number {
    const mass = sumOf(masses)
    if (mass < 1e-6) return 0
    const plain = this.oneByOne(masses, made, standing)
    if (ahead === 0 || mass < SELDOM) return plain
    let most = 0
    for (const m of masses) if (m > most) most = m
    const named = most > MORE_THAN_THE_REST * mass ? this.named(masses, made, standing, ahead - 1) : Infinity
    const looks = this.worthMost(masses, made, standing, WIDTH)
    let least = looks.length ? named : Math.min(named, plain)
    for (const i of looks) least = Math.min(least, this.costOfLook(masses, i, made, standing, ahead - 1))
    return least
  }

  private costOfLook(
    masses: Float64Array,
    i: number,
    made: Uint8Array,
    standing: Standing,
    ahead: number,
  ): number {
    const shows = this.shows[i]!
    const not = masses.map((m, c) => m * (1 - shows[c]!))
    const then = standingAt(standing, this.checks[i]!)
    made[i] = 1
    let cost = sumOf(masses) * this.minutes(standing)[i]! + this.toGo(not, made, then, ahead)
    for (const answer of this.answers[i]!)
      cost += this.toGo(
        masses.map((m, c) => m * answer[c]!),
        made,
        then,
        ahead,
      )
    const seldom = this.seldom[i]!
    const all =
      seldom === 0
        ? cost
        : (1 - seldom) * cost + seldom * this.toGo(masses, made, standing, Math.min(ahead, 1))
    made[i] = 0
    return all
  }

  /**
   * Every cause by its cheapest look or cure, in the order of chance over time, which is the best for one fault and
   * looks that know nothing of each other; the last is named without a look. published: Smith’s rule for a single
   * machine, Naval Research Logistics Quarterly 3 (1956), recalled from memory
   */
  private oneByOne(masses: Float64Array, made: Uint8Array, standing: Standing): number {
    const { sure, order, free, cure } = this
    const minutes = this.minutes(standing)
    sure.set(cure)
    free.fill(1)
    for (let i = 0; i < this.finds.length; i++) {
      if (made[i]) continue
      const finds = this.finds[i]!
      let sum = 0
      for (const c of finds) sum += masses[c]!
      for (const c of finds)
        if (masses[c]! > SETTLES * sum && minutes[i]! < sure[c]!) {
          sure[c] = minutes[i]!
          free[c] = 0
        }
    }
    let n = 0
    for (let c = 0; c < masses.length; c++) {
      if (masses[c] === 0) continue
      const worth = masses[c]! / sure[c]!
      let at = n++
      while (at > 0 && masses[order[at - 1]!]! / sure[order[at - 1]!]! < worth) {
        order[at] = order[at - 1]!
        at--
      }
      order[at] = c
    }
    let clock = 0
    let total = 0
    for (let at = 0; at < n; at++) {
      const c = order[at]!
      total += masses[c]! * (free[c] || at === n - 1 ? clock : clock + sure[c]!)
      clock += sure[c]!
    }
    return total
  }
}

function sumOf(masses: Float64Array): number {
  let sum = 0
  for (const m of masses) sum += m
  return sum
}
