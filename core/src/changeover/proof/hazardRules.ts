import type { MatchContext } from '../../match/finding.ts'
import { takesGas } from '../../gas/suits.ts'
import type { Bench } from '../../bench/bench.ts'
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
  { id: 'curl-test-insulated', broken: (b, s) => s.task === 'setPressure' && !b.clampOff },
  {
    id: 'cylinder-chained-screw-out',
    broken: (b, s) =>
      ((s.task === 'openCylinder' || s.task === 'crackValve') && !b.chained) ||
      (s.task === 'openCylinder' && !b.screwOut),
  },
  { id: 'no-arc-before-proved', broken: (b, s, _after, c) => s.task === 'testWeld' && !provedForArc(b, c) },
  { id: 'no-arc-on-a-curl', broken: (b, s) => s.task === 'testWeld' && !b.trimmed },
  { id: 'no-arc-near-what-burns', broken: (b, s) => s.task === 'testWeld' && !b.areaClear },
  { id: 'regulator-off-without-pressure', broken: (b, s) => s.task === 'regulatorOff' && !b.gaugesDrained },
  { id: 'hot-parts-cool-first', broken: (b, s) => HOT_TASKS.includes(s.task) && b.gunHot },
  {
    id: 'case-only-isolated',
    broken: (b, s, after) =>
      (CASE_TASKS.includes(s.task) && (b.plugged || !b.discharged)) || (after.caseOpen && after.plugged),
  },
  { id: 'solenoid-proved-before-gas', broken: (b, s) => s.task === 'openCylinder' && !b.clickProved },
  { id: 'air-only-through-empty-liner', broken: (b, s) => s.task === 'blowOutLiner' && b.inGun !== 'none' },
]

/** Tip, nozzle, polarity and gas are on and right. */
function provedForArc(b: Bench, c: MatchContext): boolean {
  const { polarity, gas } = b.fitted
  const tipRight = b.tipOn && tipIsRight(b, c)
  const gasRight = c.wire.gas.needed
    ? gas != null && b.valveOpen && b.flowSet && takesGas(c.wire, gas)
    : !b.valveOpen
  return tipRight && b.nozzleOn && polarity != null && c.wire.polarity.includes(polarity) && gasRight
}
