import type { Station } from '../../machine/stations.ts'
import { keeps, type MatchContext } from '../../match/finding.ts'
import { takesGas } from '../../gas/suits.ts'
import type { Bench } from '../../bench/bench.ts'
import { preheatOf } from '../../match/preheat.ts'
import { FAMILY_SHEETS } from '../../families/index.ts'
import { tipIsRight, tipMayStay } from '../../stations/contactTip/acts.ts'
import type { Step, Task } from '../../steps/step.ts'

const OFF_TASKS: readonly Task[] = [
  'lookOver',
  'rollsChange',
  'rollsTurn',
  'rollsClean',
  'gunRollsChange',
  'gunRollsTurn',
  'gunRollsClean',
  'inletGuideChange',
  'inletGuideSet',
  'outletGuideChange',
  'outletGuideSet',
  'outletGuideOut',
  'gunOff',
  'gunSwap',
  'linerOut',
  'linerIn',
  'linerTrim',
  'innerLiner',
  'innerLinerClean',
  'oRing',
  'blowOutLiner',
  'threadNewWire',
  'openArm',
  'clearTangle',
  'oRingCheck',
  'connectGun',
  'nozzleOff',
  'snipBall',
  'tipOff',
  'seatSpool',
]
const STUD_TASKS: readonly Task[] = ['swapStuds', 'tightenStuds']
const CASE_TASKS: readonly Task[] = ['openCase', 'fitSolenoid', 'wireSolenoid', 'solenoidOut', 'hoseOff']
const HOT_TASKS: readonly Task[] = [
  'nozzleOff',
  'snipBall',
  'tipOff',
  'nozzleClean',
  'tipClean',
  'innerLiner',
  'gunRollsChange',
]

/** Work with wire ends, or under the arc. */
const GLOVED_TASKS: readonly Task[] = [
  'snipBall',
  'holdOldWire',
  'openArm',
  'cutOldWire',
  'windBack',
  'tuckOldEnd',
  'clearTangle',
  'pullOldWire',
  'linerOut',
  'linerTrim',
  'blowOutLiner',
  'passInlet',
  'freeNewEnd',
  'cutNewEnd',
  'threadNewWire',
  'feedThrough',
  'trimWire',
  'setPressure',
  'testWeld',
]
/** What opens the machine, or takes something off it. */
const OPENING_TASKS: readonly Task[] = [
  'nozzleOff',
  'openArm',
  'gunOff',
  'spoolOff',
  'adapterOff',
  'regulatorOff',
  'swapStuds',
  'swapPlugs',
  'tightenStuds',
  'openCase',
]
/** What is done at a valve or a regulator. */
const CHAINED_TASKS: readonly Task[] = ['openCylinder', 'crackValve', 'regulatorOn', 'regulatorOff']
/** Gas is let through by the trigger. */
const TRIGGER_TASKS: readonly Task[] = ['purgeGas', 'setFlow', 'clickTest']

interface HazardRule {
  id: string
  /** Whether doing `step` breaks the rule. */
  broken: (before: Bench, step: Step, after: Bench, c: MatchContext) => boolean
}

/**
 * The rules that are never broken, each an invariant over every step. common practice of the trade; isolation by
 * ANSI Z49.1, recalled from memory.
 */
export const HAZARD_RULES: readonly HazardRule[] = [
  {
    id: 'polarity-only-isolated',
    broken: (b, s) =>
      (STUD_TASKS.includes(s.task) && (b.plugged || !b.discharged)) ||
      ((s.task === 'swapPlugs' || s.task === 'supplyFix') && b.plugged) ||
      (s.task === 'turnSwitch' && b.on),
  },
  { id: 'rolls-guides-liner-only-off', broken: (b, s) => OFF_TASKS.includes(s.task) && b.on },
  {
    id: 'wire-end-never-free',
    broken: (b, s, after) =>
      after.end === 'free' ||
      (b.end === 'in-hand' && b.heldBy === (s.who ?? 'one') && !s.captive) ||
      (s.captive && s.hold),
  },
  {
    id: 'no-threading-with-tip-or-nozzle-on',
    broken: (b, s, _after, c) => s.task === 'feedThrough' && (b.nozzleOn || (b.tipOn && !tipMayStay(b, c))),
  },
  { id: 'no-threading-with-gas-open', broken: (b, s) => s.task === 'feedThrough' && b.valveOpen },
  {
    id: 'no-threading-soft-wire-through-coiled-lead',
    broken: (b, s, _after, c) =>
      s.task === 'feedThrough' && FAMILY_SHEETS[c.wire.family].soft && !b.leadStraight,
  },
  { id: 'no-threading-towards-person-or-earth', broken: (b, s) => s.task === 'feedThrough' && !b.clampOff },
  { id: 'no-trigger-with-clamp-on', broken: (b, s) => TRIGGER_TASKS.includes(s.task) && !b.clampOff },
  { id: 'curl-test-insulated', broken: (b, s) => s.task === 'setPressure' && !b.clampOff },
  {
    id: 'cylinder-chained-screw-out',
    broken: (b, s) =>
      (CHAINED_TASKS.includes(s.task) && !b.chained) || (s.task === 'openCylinder' && !b.screwOut),
  },
  { id: 'no-arc-before-proved', broken: (b, s, _after, c) => s.task === 'testWeld' && !provedForArc(b, c) },
  { id: 'no-arc-on-a-curl', broken: (b, s) => s.task === 'testWeld' && !b.trimmed },
  { id: 'no-arc-near-what-burns', broken: (b, s) => s.task === 'testWeld' && !b.areaClear },
  { id: 'regulator-off-without-pressure', broken: (b, s) => s.task === 'regulatorOff' && !b.gaugesDrained },
  { id: 'gloves-and-glasses-first', broken: (b, s) => GLOVED_TASKS.includes(s.task) && !b.protected },
  { id: 'gathered-before-opened', broken: (b, s) => OPENING_TASKS.includes(s.task) && !b.gathered },
  {
    id: 'no-arc-on-leaking-gas',
    broken: (b, s) => s.task === 'testWeld' && b.valveOpen && !(b.leakChecked && b.purged),
  },
  {
    id: 'preheated-where-asked',
    broken: (b, s, _after, c) => s.task === 'testWeld' && preheatOf(c) !== undefined && !b.preheated,
  },
  { id: 'hot-parts-cool-first', broken: (b, s) => b.gunHot && (HOT_TASKS.includes(s.task) || readAtGun(s)) },
  {
    id: 'case-only-isolated',
    broken: (b, s, after) =>
      (CASE_TASKS.includes(s.task) && (b.plugged || !b.discharged)) || (after.caseOpen && after.plugged),
  },
  { id: 'solenoid-proved-before-gas', broken: (b, s) => s.task === 'openCylinder' && !b.clickProved },
  { id: 'air-only-through-empty-liner', broken: (b, s) => s.task === 'blowOutLiner' && b.inGun !== 'none' },
]

const readAtGun = (s: Step): boolean => s.task === 'readStation' && s.place === 'gun'

/** Tip, nozzle, polarity and gas are on and right, or left as they are by choice. */
function provedForArc(b: Bench, c: MatchContext): boolean {
  const { polarity, gas } = b.fitted
  const chosen = (station: Station) => keeps(c, station) || c.use?.[station] !== undefined
  const tipRight = b.tipOn && (tipIsRight(b, c) || chosen('contactTip'))
  const gasRight = c.wire.gas.needed
    ? gas != null && b.valveOpen && b.flowSet && (takesGas(c.wire, gas) || chosen('gas'))
    : !b.valveOpen
  // One that may be kept is no wrong one: only the usual is another.
  const polarityRight = polarity != null && (c.wire.polarity.includes(polarity) || chosen('polarity'))
  return tipRight && b.nozzleOn && polarityRight && gasRight
}
