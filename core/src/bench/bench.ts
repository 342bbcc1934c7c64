import { mayBeOn } from '../machine/part.ts'
import { leftWith, ranOut, wireInGunOf, type MachineStanding } from '../machine/standing.ts'
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
  /** On a machine that wants it so, the end of the spool that goes on has passed the inlet. */
  readonly inletPassed: boolean
  /** The wire of a drum lies in its conduit up to the feeder. */
  readonly conduitLed: boolean
  /** Water hoses are on the gun. */
  readonly hosesOn: boolean
  /** Wire stands out of the gun. */
  readonly fed: boolean
  readonly gunRollsOpen: boolean
  /** Plug and motor lead of the gun that is on. */
  readonly gunConnected: boolean
  readonly linerTrimmed: boolean
  /** Blown out in this work. */
  readonly linerBlown: boolean
  /** Cut to the rolls as they stand now. */
  readonly linerCutAtRolls: boolean
  /** The dust is blown out of the valve that the regulator goes on. */
  readonly cracked: boolean
  readonly leakChecked: boolean
  /** The gas in hose and gun is the one that is connected. */
  readonly purged: boolean
  /** An adapter, or hardware of its own, carries the spool. */
  readonly adapter: boolean
  readonly preheated: boolean
  readonly watched: boolean
  /** A tag hangs on it: somebody stopped in the middle. */
  readonly tagged: boolean
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
  /** How it was left in the middle. */
  standing?: MachineStanding | undefined
}

/**
 * The machine as it stands; what nobody wrote down is taken at its most dangerous: plugged in, on, hot, valve open, lead
 * coiled, clamp on.
 */
export function benchAtStart({
  fitted,
  wireOn,
  gasGear = true,
  wireStays = false,
  standing,
}: BenchStart): Bench {
  const left = (end: Parameters<typeof leftWith>[1]) => leftWith(standing, end)
  const inGun = wireInGunOf(standing, wireOn)
  const stays = wireStays && wireOn
  const gasOn = fitted.gas != null
  const valveOpen = gasOn && standing?.valve !== 'shut'
  const gunOn = fitted.gun !== null && !left('gun-off')
  const armOpen = standing?.arm === 'open'
  // A spool that has run out has no end that must be held; its last wire lies in the gun.
  const empty = !wireStays && standing?.wireEnd === undefined && ranOut(fitted.spool)
  const end = empty
    ? 'none'
    : (standing?.wireEnd ?? (inGun === 'whole' ? 'in-rolls' : wireOn ? 'tucked' : 'none'))
  const solenoid = left('solenoid-not-wired') ? 'fitted' : gasGear ? 'wired' : 'none'
  return {
    fitted,
    plugged: standing?.plugged ?? true,
    on: standing?.on ?? true,
    discharged: false,
    gunHot: true,
    gunOn,
    tipOn: fitted.gun !== null && fitted.contactTip !== null && !left('tip-off'),
    nozzleOn: fitted.gun !== null && mayBeOn(fitted.nozzle) && !left('nozzle-off'),
    leadStraight: false,
    clampOff: standing?.clamp === 'off',
    armOpen,
    end,
    heldBy: end === 'in-hand' ? 'one' : null,
    // A hub may carry a spool that has run out, or one whose wire was never threaded.
    spool: wireOn || fitted.spool != null ? 'old' : 'none',
    inGun: inGun === 'none' ? 'none' : 'old',
    regulatorOn: gasOn,
    // A valve that was shut was shut with its screw out.
    screwOut: gasOn && !valveOpen,
    // Nobody has looked yet whether it is.
    chained: false,
    valveOpen,
    flowSet: stays && valveOpen && !left('flow-not-set') && (fitted.gasFlowLPerMin ?? 0) > 0,
    pressureTested: stays && inGun === 'whole' && !armOpen && !left('pressure-not-set'),
    brakeSet:
      stays &&
      !left('brake-not-set') &&
      (fitted.spool?.type === 'drum' || (fitted.hubBrake ?? 'set') === 'set'),
    welded: left('fire-not-watched'),
    trimmed: stays && !left('not-trimmed'),
    areaClear: false,
    gaugesDrained: !gasOn || (!valveOpen && !left('not-drained')),
    couponClean: false,
    caseOpen: left('case-open'),
    solenoid,
    hose: gasGear && !left('hose-not-fitted'),
    clickProved: gasGear && !left('click-not-tried'),
    gathered: end === 'in-hand' || end === 'free',
    // Whoever holds the wire has them on.
    protected: end === 'in-hand' || end === 'free',
    ball: inGun !== 'none',
    whole: inGun === 'whole' && !empty,
    endCut: false,
    inletPassed: false,
    conduitLed: false,
    hosesOn: gunOn && fitted.gun?.cooling === 'water' && !left('hoses-off'),
    fed: stays && inGun === 'whole' && !left('not-fed'),
    gunRollsOpen: left('gun-rolls-open'),
    gunConnected: gunOn && !left('gun-not-connected'),
    linerBlown: false,
    linerTrimmed: !left('liner-not-trimmed'),
    linerCutAtRolls: false,
    cracked: false,
    leakChecked: !left('not-leak-checked'),
    purged: !left('not-purged'),
    adapter: wireOn || fitted.spool != null ? (fitted.spool?.adapter ?? false) : left('adapter-on-hub'),
    preheated: false,
    watched: false,
    boxAsked: false,
    tagged: left('tagged'),
  }
}

/** With a pin that is missing or poor a fault makes the case live. */
export const earthIsPoor = ({ fitted }: Pick<Bench, 'fitted'>): boolean =>
  ['missing', 'damaged', 'worn'].includes(String(fitted.conditions?.earthPin))

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
  b.nozzleOn || (c.wireStays === true && !mayBeOn(b.fitted.nozzle))

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
