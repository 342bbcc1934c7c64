import { clearWay, nothing, type Acts } from '../../bench/action.ts'
import { isRightSpool, isRightWire, type Bench } from '../../bench/bench.ts'
import { keeps, type After, type MatchContext } from '../../match/finding.ts'
import { gunLetsWirePass } from '../../stations/gun/acts.ts'
import { tipMayStay } from '../../stations/contactTip/acts.ts'

/** A wire end passes a tip that is off, or one that stays on by the shop's school and fits. */
const tipLetsWirePass = (b: Bench, c: MatchContext): boolean => !b.tipOn || (tipMayStay(b, c) && !b.ball)

const none = (b: Bench) => b.spool === 'none' && b.end === 'none'

/** The new wire in the words of `fitted`; one that stays is the wire it was. */
export const wireWords = (c: MatchContext): After['wire'] =>
  c.wireStays
    ? c.fitted.wire
    : c.wire.classification !== null
      ? { label: `${c.wire.classification} ${c.wire.diameterLabel}` }
      : c.wire.open
        ? { family: c.wire.family, tubular: true, diameterMm: c.wire.diameterMm }
        : {
            family: c.wire.family,
            diameterMm: c.wire.diameterMm,
            polarity: [...c.wire.polarity],
            gas: [...c.wire.gas.designations],
          }

/** What belongs to no station: the machine off and on, the wire out and through, the case, the test weld. */
export const FRAME_ACTS = {
  readWire: nothing,
  readStation: nothing,
  gatherParts: { does: () => ({ gathered: true }) },
  protect: { does: () => ({ protected: true }) },
  switchOff: { does: () => ({ on: false }) },
  unplug: { can: (b) => !b.on, does: () => ({ plugged: false }) },
  waitDischarge: { can: (b) => !b.plugged, does: () => ({ discharged: true }) },
  coolGun: { can: (b) => !b.on, does: () => ({ gunHot: false }) },
  clampOff: { does: () => ({ clampOff: true }) },
  snipBall: { can: (b) => !b.nozzleOn, does: () => ({ ball: false }) },
  layLeadStraight: { does: () => ({ leadStraight: true }) },
  takeOldWire: {
    can: (b) => b.spool !== 'new',
    does: (b) => ({ armOpen: true, pressureTested: false, ...(!none(b) && { end: 'in-hand' as const }) }),
  },
  holdOldWire: { can: (b) => b.spool !== 'new', does: (b) => (none(b) ? {} : { end: 'in-hand' }) },
  openArm: {
    does: (b) => ({
      armOpen: true,
      pressureTested: false,
      ...(b.end === 'in-rolls' && { end: 'free' as const }),
    }),
  },
  cutOldWire: {
    can: (b) => b.armOpen && (b.end === 'in-hand' || none(b)),
    does: () => ({ whole: false }),
  },
  windBack: {
    can: (b, c) =>
      b.armOpen &&
      tipLetsWirePass(b, c) &&
      (b.leadStraight || !b.gunOn || b.fitted.gun?.kind === 'spool-gun') &&
      gunLetsWirePass(b) &&
      (b.end === 'in-hand' || none(b)),
    does: () => ({ inGun: 'none', fed: false, whole: false }),
  },
  tuckOldEnd: {
    can: (b) => b.armOpen && !b.whole,
    does: (b) => (none(b) ? {} : { end: 'tucked' }),
  },
  pullOldWire: {
    can: (b, c) =>
      b.armOpen &&
      tipLetsWirePass(b, c) &&
      gunLetsWirePass(b) &&
      !b.whole &&
      b.end !== 'in-hand' &&
      !b.fitted.conditions?.birdnest,
    does: () => ({ inGun: 'none', fed: false, leadStraight: true }),
  },
  lookOver: { can: clearWay, does: () => ({}) },
  takeNewEnd: {
    can: (b, c) => isRightSpool(b, c) && b.brakeSet && b.end === 'tucked' && b.inGun === 'none',
    does: () => ({ end: 'in-hand', armOpen: true, pressureTested: false, endCut: true }),
  },
  leadConduit: {
    can: (b) => b.end === 'in-hand' && b.fitted.spool?.type === 'drum',
    does: () => ({ conduitLed: true }),
  },
  freeNewEnd: {
    can: (b, c) => isRightSpool(b, c) && b.brakeSet && b.end === 'tucked',
    does: () => ({ end: 'in-hand', armOpen: true }),
  },
  cutNewEnd: {
    can: (b, c) => b.end === 'in-hand' && b.inGun === 'none' && (isRightSpool(b, c) || b.spool === 'none'),
    does: () => ({ endCut: true }),
  },
  threadNewWire: {
    can: (b, c) =>
      b.end === 'in-hand' &&
      isRightSpool(b, c) &&
      b.endCut &&
      (b.conduitLed || b.fitted.spool?.type !== 'drum') &&
      b.armOpen &&
      b.gunOn &&
      (b.linerTrimmed || b.fitted.gun?.kind === 'spool-gun') &&
      b.inGun === 'none',
    does: () => ({ inGun: 'new', whole: true, ball: false }),
  },
  closeArm: {
    can: (b, c) => b.inGun === 'new' || (isRightWire(b, c) && b.whole),
    does: () => ({ armOpen: false, end: 'in-rolls' }),
  },
  plugIn: { can: (b) => !b.on, does: () => ({ plugged: true, discharged: false }) },
  switchOn: { can: (b) => b.plugged && b.end !== 'in-hand', does: () => ({ on: true }) },
  feedThrough: {
    can: (b, c) =>
      b.on &&
      b.end === 'in-rolls' &&
      isRightWire(b, c) &&
      b.whole &&
      b.gunOn &&
      b.gunConnected &&
      gunLetsWirePass(b),
    does: (b, _after, c) => ({ fitted: { ...b.fitted, wire: wireWords(c) }, trimmed: false, fed: true }),
  },
  trimWire: { can: (b) => b.tipOn && b.fed, does: () => ({ trimmed: true, ball: false }) },
  hotWork: { does: () => ({ areaClear: true }) },
  fireWatch: { can: (b) => b.welded, does: () => ({ watched: true }) },
  cleanCoupon: { does: () => ({ couponClean: true }) },
  preheat: { can: (b) => b.couponClean, does: () => ({ preheated: true }) },
  clampOn: { does: () => ({ clampOff: false }) },
  testWeld: {
    can: (b, c) => b.on && (b.pressureTested || keeps(c, 'rollPressure')) && !b.clampOff && b.couponClean,
    does: () => ({ welded: true, gunHot: true }),
  },
  askBox: { does: () => ({ boxAsked: true }) },
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
  tuckNewEnd: {
    can: (b) => b.end === 'in-hand' || none(b),
    does: (b) => (none(b) ? {} : { end: 'tucked' }),
  },
  hangTag: { does: () => ({ tagged: true }) },
  takeTagOff: { does: () => ({ tagged: false }) },
} satisfies Acts
