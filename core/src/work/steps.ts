import type { Facts } from '../base/facts.ts'
import { FAMILY_SHEETS } from '../families/index.ts'
import { conditionVerdict, type MatchContext } from '../match/finding.ts'
import { fillerOf, isRichInMagnesium } from '../metals/filler.ts'
import { metalsOf } from '../metals/joint.ts'
import type { Step, Task } from '../steps/step.ts'
import { TASK_ROWS } from '../steps/taskTable.ts'

/** A step as its task has it, with its facts and what it does otherwise. */
export const step = (task: Task, facts: Facts = {}, over: Partial<Step> = {}): Step => {
  const row = TASK_ROWS[task]
  return {
    id: task,
    task,
    place: row.place,
    minutes: row.minutes,
    hazards: row.hazards ?? [],
    hold: row.hold ?? false,
    captive: row.captive ?? false,
    // How long the charge is given, whatever of it has passed meanwhile.
    facts: task === 'waitDischarge' ? { ...facts, waits: over.minutes ?? row.minutes } : facts,
    ...over,
  }
}

/** Says of each cylinder that is shut whether the machine is on then: without power nothing is drained. */
export function withPower(steps: readonly Step[], startsOn: boolean): Step[] {
  let on = startsOn
  return steps.map((s) => {
    if (s.task === 'switchOn' || s.task === 'switchOff') on = s.task === 'switchOn'
    return s.task === 'shutCylinder' && !on ? { ...s, facts: { ...s.facts, noPower: true } } : s
  })
}

/** What is known of the change beyond the findings, for the sentences of the steps. */
export const machineFacts = (c: MatchContext): Facts => ({
  jog: c.machine.jogButton ?? false,
  jogKnown: c.machine.jogButton !== undefined,
  locator: c.machine.hubLocator ?? 'pin',
  leaves: c.machine.wireEntry,
  inletBeforeSpool: c.machine.inletBeforeSpool ?? false,
  spoolReverse: c.machine.reverseThreads?.includes('spoolRetainer') ?? false,
  wire: c.wire.classification ?? c.wire.family,
  sizeMm: c.wire.diameterMm,
  family: c.wire.family,
  soft: FAMILY_SHEETS[c.wire.family].soft,
  gasNeeded: c.wire.gas.needed,
  school: c.practice.pressureTest,
  threading: FAMILY_SHEETS[c.wire.family].soft ? 'slow' : c.practice.threadingSpeed,
  pushPull: c.fitted.gun?.kind === 'push-pull',
  jammed:
    c.practice.jammedWire === 'by-wire'
      ? FAMILY_SHEETS[c.wire.family].soft
        ? 'slip-first'
        : 'never-slip'
      : c.practice.jammedWire,
  tipTightness: c.practice.tipTightness,
  people: c.practice.people,
  trimSchool: c.practice.linerTrim,
  metal: c.job?.material,
  thicknessMm: c.job?.thicknessMm,
  oldDrum: c.fitted.spool?.type === 'drum',
  tubular: FAMILY_SHEETS[c.wire.family].tubular,
  hand: FAMILY_SHEETS[c.wire.family].hand,
  brazes: c.wire.process === 'GMAW brazing',
  position: c.job?.position,
  richInMagnesium:
    c.job?.material === 'aluminium' &&
    (isRichInMagnesium(fillerOf(c.wire)) ||
      metalsOf(c.job).joint?.notes.some(({ note }) => note === 'not-held-warm') === true),
  wireRusty: conditionVerdict(c.wireCondition) !== 'fits',
})
