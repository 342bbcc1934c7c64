import { tipsFor } from '../match/contactTip.ts'
import { stampTakes } from '../match/sizes.ts'
import type { After, Finding, MatchContext } from '../match/finding.ts'
import { FAMILY_SHEETS } from '../families/index.ts'
import type { Station } from '../machine/stations.ts'
import type { Step } from './step.ts'

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
    couponClean: false,
    caseOpen: false,
    solenoid: gasGear ? 'wired' : 'none',
    hose: gasGear,
    clickProved: gasGear,
  }
}

/** What a step does to the machine, and whether the machine lets it. */
interface Action {
  can?: (b: Bench, c: MatchContext) => boolean
  does: (b: Bench, after: (station: Station) => After, c: MatchContext) => Partial<Bench>
}

/** Lays a station's end state over a setup; conditions lie side by side. */
export const lay = (fitted: After, after: After): After => ({
  ...fitted,
  ...after,
  ...(after.conditions && { conditions: { ...fitted.conditions, ...after.conditions } }),
})

/** A wire end passes a tip that is off, or one that stays on by the shop's school and fits. */
const tipLetsWirePass = (b: Bench, c: MatchContext): boolean => !b.tipOn || tipMayStay(b, c)

/** Bore of the fitted tip is one the new wire takes. */
export const tipIsRight = (b: Bench, c: MatchContext): boolean =>
  b.fitted.contactTip != null &&
  tipsFor(c).some((choice) => stampTakes(b.fitted.contactTip!.stamp, Number(choice.stamp)))

/** A school leaves a right tip on while stiff wire is threaded with a straight clean end. */
export const tipMayStay = (b: Bench, c: MatchContext): boolean =>
  c.practice.tipWhileThreading === 'on' && !softWire(c) && tipIsRight(b, c)

const nothing: Action = { does: () => ({}) }
const set = (station: Station): Action => ({
  does: (b, after) => ({ fitted: lay(b.fitted, after(station)) }),
})
const clearWay = (b: Bench) => b.inGun === 'none' && b.end !== 'in-rolls' && b.end !== 'in-hand'
const whenClear = (action: Action): Action => ({ ...action, can: clearWay })

/** One piece of the gun set right, the rest of it as it is. */
const gunPiece = (...names: string[]): Action => ({
  can: clearWay,
  does: (b, after) => {
    const wanted = (after('gun').gun ?? {}) as Record<string, unknown>
    return {
      fitted: {
        ...b.fitted,
        gun: {
          ...(b.fitted.gun as After['gun'] & object),
          ...Object.fromEntries(names.filter((n) => n in wanted).map((n) => [n, wanted[n]])),
        },
      },
    }
  },
})
const none = (b: Bench) => b.spool === 'none' && b.end === 'none'

const ACTIONS: Record<Step['task'], Action> = {
  readWire: nothing,
  readStation: nothing,
  gatherParts: nothing,
  protect: nothing,
  shutCylinder: {
    does: (b, after, c) => ({
      valveOpen: false,
      screwOut: true,
      flowSet: false,
      ...(!c.wire.gas.needed && { fitted: lay(b.fitted, { ...after('gas'), gasFlowLPerMin: 0 }) }),
    }),
  },
  switchOff: { does: () => ({ on: false }) },
  unplug: { can: (b) => !b.on, does: () => ({ plugged: false }) },
  waitDischarge: { can: (b) => !b.plugged, does: () => ({ discharged: true }) },
  coolGun: { can: (b) => !b.on, does: () => ({ gunHot: false }) },
  clampOff: { does: () => ({ clampOff: true }) },
  nozzleOff: { does: () => ({ nozzleOn: false }) },
  snipBall: { can: (b) => !b.nozzleOn, does: () => ({}) },
  tipOff: { can: (b) => !b.nozzleOn, does: () => ({ tipOn: false }) },
  layLeadStraight: { does: () => ({ leadStraight: true }) },
  holdOldWire: { can: (b) => b.spool !== 'new', does: (b) => (none(b) ? {} : { end: 'in-hand' }) },
  openArm: { does: (b) => ({ armOpen: true, ...(b.end === 'in-rolls' && { end: 'free' as const }) }) },
  cutOldWire: { can: (b) => b.armOpen && b.end !== 'in-rolls', does: () => ({}) },
  windBack: {
    can: (b, c) => b.armOpen && tipLetsWirePass(b, c) && b.end !== 'in-rolls',
    does: () => ({ inGun: 'none' }),
  },
  tuckOldEnd: { can: (b) => b.armOpen, does: (b) => (none(b) ? {} : { end: 'tucked' }) },
  pullOldWire: {
    can: (b, c) =>
      b.armOpen &&
      tipLetsWirePass(b, c) &&
      b.leadStraight &&
      b.end !== 'in-hand' &&
      !b.fitted.conditions?.birdnest,
    does: () => ({ inGun: 'none' }),
  },
  clearTangle: {
    can: (b) => b.armOpen && b.end !== 'in-rolls' && b.end !== 'in-hand',
    does: (b) => ({ fitted: lay(b.fitted, { conditions: { birdnest: false } }) }),
  },
  spoolOff: {
    can: (b) => b.spool !== 'new',
    does: (b) => ({ spool: 'none', end: b.end === 'tucked' ? 'none' : b.end === 'none' ? 'none' : 'free' }),
  },
  lookOver: { can: clearWay, does: () => ({}) },
  gunOff: { can: clearWay, does: () => ({ gunOn: false }) },
  gunSwap: { can: (b) => !b.gunOn, does: (b, after) => ({ fitted: lay(b.fitted, after('gun')) }) },
  linerOut: { can: (b) => !b.gunOn && clearWay(b), does: (b) => ({ fitted: { ...b.fitted, liner: null } }) },
  linerIn: {
    can: (b) => !b.gunOn && !b.tipOn && b.fitted.liner === null,
    does: (b, after) => ({ fitted: lay(b.fitted, after('liner')) }),
  },
  linerTrim: { can: (b) => b.fitted.liner != null, does: () => ({}) },
  oRing: { ...gunPiece('oRing'), can: (b) => !b.gunOn },
  oRingCheck: { can: (b) => !b.gunOn, does: () => ({}) },
  gunBack: { can: (b) => !b.gunOn, does: () => ({ gunOn: true }) },
  blowOutLiner: { can: (b) => !b.tipOn, does: (b, after) => ({ fitted: lay(b.fitted, after('liner')) }) },
  innerLiner: gunPiece('innerLiner'),
  innerLinerClean: gunPiece('innerLiner'),
  gunClean: gunPiece('condition'),
  inletGuideChange: whenClear(set('inletGuide')),
  inletGuideSet: whenClear(set('inletGuide')),
  outletGuideChange: whenClear(set('outletGuide')),
  outletGuideSet: whenClear(set('outletGuide')),
  rollsChange: whenClear(set('driveRolls')),
  rollsTurn: whenClear(set('driveRolls')),
  rollsClean: whenClear(set('driveRolls')),
  gunRollsChange: gunPiece('rolls'),
  gunRollsTurn: gunPiece('rolls'),
  gunRollsClean: gunPiece('rolls'),
  swapStuds: set('polarity'),
  swapPlugs: set('polarity'),
  turnSwitch: set('polarity'),
  tightenStuds: set('polarity'),
  regulatorOff: { can: (b) => !b.valveOpen, does: () => ({ regulatorOn: false, chained: false }) },
  chainCylinder: { can: (b) => !b.regulatorOn, does: () => ({ chained: true }) },
  crackValve: { can: (b) => !b.regulatorOn, does: () => ({}) },
  regulatorOn: {
    can: (b) => b.chained && !b.valveOpen,
    does: (b, after) => ({ regulatorOn: true, screwOut: true, fitted: lay(b.fitted, after('gas')) }),
  },
  fitAdapter: { can: (b) => b.spool === 'none', does: () => ({}) },
  mountSpool: {
    can: (b) => b.spool === 'none',
    does: (b, after) => ({ spool: 'new', end: 'tucked', fitted: lay(b.fitted, after('spool')) }),
  },
  setBrake: {
    can: (b) => b.spool === 'new',
    does: (b, after) => ({ brakeSet: true, fitted: lay(b.fitted, after('hubBrake')) }),
  },
  freeNewEnd: {
    can: (b) => b.spool === 'new' && b.brakeSet,
    does: () => ({ end: 'in-hand', armOpen: true }),
  },
  cutNewEnd: { can: (b) => b.end === 'in-hand', does: () => ({}) },
  threadNewWire: {
    can: (b) => b.end === 'in-hand' && b.armOpen && b.gunOn && b.inGun === 'none',
    does: () => ({ inGun: 'new' }),
  },
  closeArm: { can: (b) => b.inGun === 'new', does: () => ({ armOpen: false, end: 'in-rolls' }) },
  supplyFix: { can: (b) => !b.plugged, does: (b, after) => ({ fitted: lay(b.fitted, after('supply')) }) },
  plugIn: { can: (b) => !b.on, does: () => ({ plugged: true, discharged: false }) },
  switchOn: { can: (b) => b.plugged && b.end !== 'in-hand', does: () => ({ on: true }) },
  feedThrough: {
    can: (b) => b.on && b.end === 'in-rolls' && b.inGun === 'new' && b.gunOn,
    does: (b, _after, c) => ({ fitted: { ...b.fitted, wire: wireWords(c) } }),
  },
  tipClean: { ...set('contactTip'), can: (b) => !b.tipOn },
  fitTip: {
    can: (b) => b.inGun === 'new',
    does: (b, after) => ({ tipOn: true, fitted: lay(b.fitted, after('contactTip')) }),
  },
  nozzleClean: { ...set('nozzle'), can: (b) => !b.nozzleOn },
  fitNozzle: {
    can: (b) => b.tipOn,
    does: (b, after) => ({ nozzleOn: true, fitted: lay(b.fitted, after('nozzle')) }),
  },
  trimWire: { can: (b) => b.tipOn, does: () => ({}) },
  setPressure: {
    can: (b) => b.on && b.tipOn && b.end === 'in-rolls',
    does: (b, after) => ({ pressureTested: true, fitted: lay(b.fitted, after('rollPressure')) }),
  },
  openCylinder: { can: (b) => b.regulatorOn, does: () => ({ valveOpen: true }) },
  leakCheck: { can: (b) => b.valveOpen, does: () => ({}) },
  setFlow: {
    can: (b) => b.valveOpen && b.on && b.nozzleOn,
    does: (b, after) => ({ flowSet: true, screwOut: false, fitted: lay(b.fitted, after('gasFlow')) }),
  },
  clampMend: {
    can: (b) => b.clampOff,
    does: (b) => ({ fitted: lay(b.fitted, { conditions: { workClamp: 'good' } }) }),
  },
  cleanCoupon: { does: () => ({ couponClean: true }) },
  preheat: { can: (b) => b.couponClean, does: () => ({}) },
  clampOn: { does: () => ({ clampOff: false }) },
  testWeld: {
    can: (b) => b.on && b.pressureTested && !b.clampOff && b.couponClean,
    does: () => ({ welded: true }),
  },
  putAway: nothing,
  openCase: { can: (b) => !b.plugged, does: () => ({ caseOpen: true }) },
  fitSolenoid: { can: (b) => b.caseOpen && b.solenoid === 'none', does: () => ({ solenoid: 'fitted' }) },
  wireSolenoid: { can: (b) => b.caseOpen && b.solenoid === 'fitted', does: () => ({ solenoid: 'wired' }) },
  fitGasHose: { can: (b) => b.solenoid !== 'none', does: () => ({ hose: true }) },
  hoseOff: { can: (b) => b.caseOpen && !b.regulatorOn, does: () => ({ hose: false }) },
  solenoidOut: { can: (b) => b.caseOpen && !b.hose, does: () => ({ solenoid: 'none', clickProved: false }) },
  closeCase: { can: (b) => b.caseOpen, does: () => ({ caseOpen: false }) },
  clickTest: {
    can: (b) => b.on && !b.caseOpen && b.solenoid === 'wired' && !b.valveOpen,
    does: () => ({ clickProved: true }),
  },
  connectGun: { can: (b) => b.gunOn, does: () => ({}) },
}

/** The new wire in the words of `fitted`. */
export const wireWords = (c: MatchContext): After['wire'] =>
  c.wire.classification !== null
    ? { label: `${c.wire.classification} ${c.wire.diameterLabel}` }
    : {
        family: c.wire.family,
        diameterMm: c.wire.diameterMm,
        polarity: [...c.wire.polarity],
        gas: [...c.wire.gas.designations],
      }

/** Whether the machine lets a step be done now. */
export const possible = (step: Step, bench: Bench, c: MatchContext): boolean =>
  ACTIONS[step.task].can?.(bench, c) ?? true

/** The machine after a step. */
export function perform(
  step: Step,
  bench: Bench,
  findings: ReadonlyMap<Station, Finding>,
  c: MatchContext,
): Bench {
  const after = (station: Station): After => findings.get(station)!.after
  const next = { ...bench, ...ACTIONS[step.task].does(bench, after, c) }
  const heldBy = next.end !== 'in-hand' ? null : bench.end === 'in-hand' ? bench.heldBy : (step.who ?? 'one')
  return { ...next, heldBy }
}

export const softWire = (c: MatchContext): boolean => FAMILY_SHEETS[c.wire.family].soft
