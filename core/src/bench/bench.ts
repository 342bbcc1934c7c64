import { mayBeOn } from '../machine/part.ts'
import type { After, MatchContext } from '../match/finding.ts'

/** The machine as the proof sees it, between two steps. */
export interface Bench {
  readonly fitted: After
  readonly plugged: boolean
  readonly on: boolean
  /** Waited out after unplugging. */
  readonly discharged: boolean
  readonly gunHot: boolean
  readonly gunOn: boolean
  readonly tipOn: boolean
  readonly nozzleOn: boolean
  readonly leadStraight: boolean
  readonly clampOff: boolean
  readonly armOpen: boolean
  /** Where the loose end at the spool is. `free` is the accident. */
  readonly end: 'in-rolls' | 'in-hand' | 'tucked' | 'free' | 'none'
  /** Who holds the wire while it is in hand. */
  readonly heldBy: string | null
  readonly spool: 'old' | 'new' | 'none'
  /** Wire lying in rolls, liner and gun. */
  readonly inGun: 'old' | 'new' | 'none'
  readonly regulatorOn: boolean
  readonly screwOut: boolean
  readonly chained: boolean
  readonly valveOpen: boolean
  readonly flowSet: boolean
  readonly pressureTested: boolean
  readonly brakeSet: boolean
  readonly welded: boolean
  /** Cut to length since it last came out of the tip: no arc starts on a curl. */
  readonly trimmed: boolean
  /** Nothing that burns is near, and something to put it out is. */
  readonly areaClear: boolean
  /** No pressure is left between the shut valve and the solenoid. */
  readonly gaugesDrained: boolean
  readonly couponClean: boolean
  readonly caseOpen: boolean
  /** Gas gear inside the machine. */
  readonly solenoid: 'none' | 'fitted' | 'wired'
  readonly hose: boolean
  /** The solenoid was heard to click before gas was opened. */
  readonly clickProved: boolean
  /** Parts and tools lie at the machine: what is missing was found before anything was opened. */
  readonly gathered: boolean
  /** Jacket, gloves and eye protection are on. */
  readonly protected: boolean
  /** A ball of the last weld stands on the end of the wire. */
  readonly ball: boolean
  /** The wire in the gun hangs together with the spool. */
  readonly whole: boolean
  /** The end that goes through the gun is straight and clean. */
  readonly endCut: boolean
  /** Wire stands out of the gun. */
  readonly fed: boolean
  readonly gunRollsOpen: boolean
  /** Plug and motor lead of the gun that is on. */
  readonly gunConnected: boolean
  readonly linerTrimmed: boolean
  /** The dust is blown out of the valve that the regulator goes on. */
  readonly cracked: boolean
  readonly leakChecked: boolean
  /** The gas in hose and gun is the one that is connected. */
  readonly purged: boolean
  /** An adapter, or hardware of its own, carries the spool. */
  readonly adapter: boolean
  readonly preheated: boolean
  readonly watched: boolean
  readonly boxAsked: boolean
}

/** How a machine stands when the work begins. */
export interface BenchStart {
  fitted: After
  /** Wire lies in rolls and gun. */
  wireOn: boolean
  gasGear?: boolean
  /** The wire stays: it is fed, and set, as far as nothing is found wrong with it. */
  wireStays?: boolean
}

/** The machine as it stands, at its most dangerous: plugged in, on, hot, valve open, lead coiled, clamp on. */
export function benchAtStart({ fitted, wireOn, gasGear = true, wireStays = false }: BenchStart): Bench {
  const stays = wireStays && wireOn
  const gasOn = fitted.gas != null
  return {
    fitted,
    plugged: true,
    on: true,
    discharged: false,
    gunHot: true,
    gunOn: fitted.gun !== null,
    tipOn: fitted.gun !== null && fitted.contactTip !== null,
    nozzleOn: fitted.gun !== null && mayBeOn(fitted.nozzle),
    leadStraight: false,
    clampOff: false,
    armOpen: false,
    end: wireOn ? 'in-rolls' : 'none',
    heldBy: null,
    // A hub may carry a spool that has run out, or one whose wire was never threaded.
    spool: wireOn || fitted.spool != null ? 'old' : 'none',
    inGun: wireOn ? 'old' : 'none',
    regulatorOn: gasOn,
    screwOut: false,
    // Nobody has looked yet whether it is.
    chained: false,
    valveOpen: gasOn,
    flowSet: stays && gasOn && (fitted.gasFlowLPerMin ?? 0) > 0,
    pressureTested: stays,
    brakeSet: stays,
    welded: false,
    trimmed: stays,
    areaClear: false,
    gaugesDrained: !gasOn,
    couponClean: false,
    caseOpen: false,
    solenoid: gasGear ? 'wired' : 'none',
    hose: gasGear,
    clickProved: gasGear,
    gathered: false,
    protected: false,
    ball: wireOn,
    whole: wireOn,
    endCut: false,
    fed: stays,
    gunRollsOpen: false,
    gunConnected: fitted.gun !== null,
    linerTrimmed: true,
    cracked: false,
    leakChecked: true,
    purged: true,
    adapter: fitted.spool?.adapter ?? false,
    preheated: false,
    watched: false,
    boxAsked: false,
  }
}

/** Lays a station's end state over a setup; conditions lie side by side. */
export const lay = (fitted: After, after: After): After => ({
  ...fitted,
  ...after,
  ...(after.conditions && { conditions: { ...fitted.conditions, ...after.conditions } }),
})

/** The spool whose wire is wanted is on: a new one, or the one that stays. */
export const isRightSpool = (b: Bench, c: MatchContext): boolean =>
  b.spool === 'new' || (c.wireStays === true && b.spool === 'old')
/** The wire in the gun is the one that is wanted. */
export const isRightWire = (b: Bench, c: MatchContext): boolean =>
  b.inGun === 'new' || (c.wireStays === true && b.inGun === 'old')
/** A nozzle is on, or a machine whose wire stays runs without one. */
export const nozzleStands = (b: Bench, c: MatchContext): boolean =>
  b.nozzleOn || (c.wireStays === true && b.fitted.nozzle?.kind === 'none')

/** A dirty part that only had to be cleaned, and was not: putting it back on does not clean it. */
export function isPutBack(
  on: { condition?: string | undefined } | null | undefined,
  wanted: { condition?: string | undefined } | null | undefined,
): boolean {
  if (!on || !wanted || on.condition !== 'dirty' || wanted.condition !== 'good') return false
  return JSON.stringify({ ...on, condition: 'good' }) === JSON.stringify({ ...wanted, condition: 'good' })
}

interface Soiled {
  condition?: string | undefined
  grooveConditions?: readonly string[] | undefined
}
/** A part cleaned where it is: it stays what it was, and worn stays worn. */
export function cleaned<T extends Soiled | null | undefined>(part: T): T {
  if (!part) return part
  const clean = (state: string) => (state === 'dirty' ? 'good' : state)
  return {
    ...part,
    ...(part.condition && { condition: clean(part.condition) }),
    ...(part.grooveConditions && { grooveConditions: part.grooveConditions.map(clean) }),
  }
}
