import type { StationFinding, StationRule } from '../../stations/index.ts'
import type { Step, Task } from '../../steps/step.ts'
import type { UnitSystem } from '../../units/format.ts'
import { faultWords } from './findings.ts'
import { stepWhy } from './steps.ts'

/** Which findings of its station a task answers: each that asks for something, or these only. */
const ANSWERS: Partial<Record<Task, 'each' | readonly StationRule[]>> = {
  fitAdapter: 'each',
  setBrake: ['brake-loose', 'brake-tight', 'brake-for-other-spool'],
  inletGuideChange: 'each',
  outletGuideChange: 'each',
  inletGuideSet: 'each',
  outletGuideSet: 'each',
  outletGuideOut: 'each',
  rollsChange: 'each',
  rollsTurn: ['other-groove-active'],
  rollsClean: ['grooves-dirty'],
  linerIn: 'each',
  blowOutLiner: ['liner-dirty'],
  gunSwap: ['gun-missing', 'gun-worn', 'no-push-by-practice', 'push-too-long'],
  gunClean: ['gun-dirty'],
  oRing: ['o-ring-cracked', 'o-ring-dirty'],
  gunRollsTurn: ['gun-other-groove-active'],
  gunRollsClean: ['gun-grooves-dirty'],
  innerLinerClean: ['gun-liner-dirty', 'gun-liner-after-rusty-wire', 'gun-steel-liner-not-clean'],
  fitTip: 'each',
  tipClean: ['tip-dirty'],
  fitNozzle: 'each',
  nozzleClean: ['nozzle-dirty'],
  chainCylinder: 'each',
  setFlow: ['flow-high', 'flow-low'],
  supplyFix: 'each',
  clampMend: ['work-clamp-dirty', 'work-clamp-worn'],
}

/**
 * Why this step: what was found at its station, where the step is the answer to it, else its own reason. What was not
 * read is no reason.
 * @returns one or two sentences, or nothing
 */
export function stepReason(step: Step, findings: readonly StationFinding[], units: UnitSystem): string {
  const answers = ANSWERS[step.task]
  const finding = findings.find((f) => f.station === step.station)
  if (!answers || !finding || finding.verdict === 'unknown') return stepWhy(step, units)
  const fault = [finding, ...(finding.also ?? [])].find(
    ({ rule, verdict }) =>
      verdict !== 'fits' && verdict !== 'unknown' && (answers === 'each' || answers.includes(rule)),
  )
  return fault ? faultWords(finding, fault, units).why : stepWhy(step, units)
}
