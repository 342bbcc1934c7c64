import type { Station } from '../../machine/stations.ts'
import { keeps, type MatchContext } from '../../match/finding.ts'
import { takesGas } from '../../gas/suits.ts'
import { earthIsPoor, nozzleStands, type Bench } from '../../bench/bench.ts'
import { preheatOf } from '../../match/preheat.ts'
import { FAMILY_SHEETS } from '../../families/index.ts'
import { tipIsRight, tipMayStay } from '../../stations/contactTip/acts.ts'
import type { Place } from '../../steps/places.ts'
import type { Step } from '../../steps/step.ts'
import { TASK_ROWS, type TaskRow } from '../../steps/taskTable.ts'

/** What a task’s row says of it. */
const is = (
  s: Step,
  what: 'off' | 'hot' | 'gloves' | 'opens' | 'trigger' | 'chained' | 'sparks' | 'inside' | 'cables',
) => (TASK_ROWS[s.task] as TaskRow)[what] === true
/** The trigger is pulled: to feed, to let gas out, or to drain what stands behind a valve. */
const pullsTrigger = (b: Bench, s: Step): boolean =>
  is(s, 'trigger') || (s.task === 'shutCylinder' && b.on && !b.gaugesDrained)
/** The hand that holds a wire stays at the feeder. */
const AT_THE_WIRE: readonly Place[] = ['spool', 'cabinet']

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
      (is(s, 'inside') && (b.plugged || !b.discharged)) ||
      (is(s, 'cables') && b.plugged) ||
      (s.task === 'turnSwitch' && b.on),
  },
  { id: 'rolls-guides-liner-only-off', broken: (b, s) => is(s, 'off') && b.on },
  {
    id: 'earth-before-all',
    broken: (b, s, after) =>
      earthIsPoor(b) &&
      // A loose end is made fast first, whatever else.
      b.end !== 'in-hand' &&
      b.end !== 'free' &&
      ((b.plugged && (is(s, 'off') || pullsTrigger(b, s))) || (after.on && !b.on)),
  },
  {
    id: 'on-only-closed-with-gun',
    broken: (b, _s, after) =>
      after.on && !b.on && (b.caseOpen || (!b.gunOn && b.fitted.gun !== null) || !b.plugged),
  },
  // Who is at the store does not see who stands at the machine; after the arc the work goes on.
  {
    id: 'not-left-on',
    broken: (b, s) => s.place === 'store' && s.task !== 'readStation' && b.on && !b.welded,
  },
  { id: 'water-off-before-gun', broken: (b, _s, after) => b.gunOn && !after.gunOn && b.hosesOn },
  {
    id: 'no-arc-without-water',
    broken: (b, s) => s.task === 'testWeld' && b.fitted.gun?.cooling === 'water' && !b.hosesOn,
  },
  {
    id: 'spool-with-both-hands',
    broken: (b, _s, after) => b.spool !== after.spool && b.end === 'in-hand',
  },
  {
    id: 'hand-stays-at-the-wire',
    broken: (b, s) =>
      b.end === 'in-hand' &&
      b.heldBy === (s.who ?? 'one') &&
      !AT_THE_WIRE.includes(s.place) &&
      // A spool gun has spool and rolls in the hand.
      !(s.place === 'gun' && b.fitted.gun?.kind === 'spool-gun'),
  },
  {
    id: 'inlet-before-spool',
    broken: (b, _s, after, c) =>
      c.machine.inletBeforeSpool === true &&
      b.fitted.gun?.kind !== 'spool-gun' &&
      b.spool === 'none' &&
      after.spool === 'new' &&
      after.fitted.spool?.type !== 'drum' &&
      !b.inletPassed,
  },
  {
    id: 'liner-cut-when-rolls-are-final',
    broken: (b, _s, after) =>
      b.linerCutAtRolls &&
      (b.fitted.outletGuide !== after.fitted.outletGuide || b.fitted.driveRolls !== after.fitted.driveRolls),
  },
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
      s.task === 'feedThrough' &&
      FAMILY_SHEETS[c.wire.family].soft &&
      !b.leadStraight &&
      b.fitted.gun?.kind !== 'spool-gun',
  },
  { id: 'no-trigger-with-clamp-on', broken: (b, s) => pullsTrigger(b, s) && !b.clampOff },
  {
    id: 'cylinder-chained-screw-out',
    broken: (b, s) => (is(s, 'chained') && !b.chained) || (s.task === 'openCylinder' && !b.screwOut),
  },
  { id: 'no-arc-before-proved', broken: (b, s, _after, c) => s.task === 'testWeld' && !provedForArc(b, c) },
  { id: 'no-arc-on-a-curl', broken: (b, s) => s.task === 'testWeld' && !b.trimmed },
  { id: 'no-spark-near-what-burns', broken: (b, s) => is(s, 'sparks') && !b.areaClear },
  { id: 'regulator-off-without-pressure', broken: (b, s) => s.task === 'regulatorOff' && !b.gaugesDrained },
  { id: 'gloves-and-glasses-first', broken: (b, s) => (is(s, 'gloves') || readAtGun(s)) && !b.protected },
  { id: 'gathered-before-opened', broken: (b, s) => is(s, 'opens') && !b.gathered },
  {
    id: 'no-arc-on-leaking-gas',
    broken: (b, s) => s.task === 'testWeld' && b.valveOpen && !(b.leakChecked && b.purged),
  },
  {
    id: 'preheated-where-asked',
    broken: (b, s, _after, c) => s.task === 'testWeld' && preheatOf(c) !== undefined && !b.preheated,
  },
  { id: 'hot-parts-cool-first', broken: (b, s) => b.gunHot && (is(s, 'hot') || readAtGun(s)) },
  {
    id: 'case-only-isolated',
    broken: (_b, _s, after) => after.caseOpen && after.plugged,
  },
  { id: 'solenoid-proved-before-gas', broken: (b, s) => s.task === 'openCylinder' && !b.clickProved },
  {
    id: 'air-only-through-empty-liner',
    broken: (b, s) => s.task === 'blowOutLiner' && (b.inGun !== 'none' || b.tipOn || b.gunOn),
  },
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
  return tipRight && nozzleStands(b, c) && polarityRight && gasRight
}
