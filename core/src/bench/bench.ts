import type { After } from '../match/finding.ts'

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
}

/** The machine as it stands, at its most dangerous: plugged in, on, hot, valve open, lead coiled, clamp on. */
export function benchAtStart(fitted: After, oldWireOn: boolean, gasGear = true): Bench {
  return {
    fitted,
    plugged: true,
    on: true,
    discharged: false,
    gunHot: true,
    gunOn: true,
    tipOn: fitted.contactTip !== null,
    nozzleOn: fitted.nozzle !== null,
    leadStraight: false,
    clampOff: false,
    armOpen: false,
    end: oldWireOn ? 'in-rolls' : 'none',
    heldBy: null,
    spool: oldWireOn ? 'old' : 'none',
    inGun: oldWireOn ? 'old' : 'none',
    regulatorOn: fitted.gas != null,
    screwOut: false,
    chained: fitted.gas != null,
    valveOpen: fitted.gas != null,
    flowSet: false,
    pressureTested: false,
    brakeSet: false,
    welded: false,
    trimmed: false,
    areaClear: false,
    gaugesDrained: fitted.gas == null,
    couponClean: false,
    caseOpen: false,
    solenoid: gasGear ? 'wired' : 'none',
    hose: gasGear,
    clickProved: gasGear,
  }
}

/** Lays a station's end state over a setup; conditions lie side by side. */
export const lay = (fitted: After, after: After): After => ({
  ...fitted,
  ...after,
  ...(after.conditions && { conditions: { ...fitted.conditions, ...after.conditions } }),
})
