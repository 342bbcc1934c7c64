import type { Step, Task } from './step.ts'

/** What only sets a station right: where it was read as right, it is left out. */
const SKIPPED: readonly Task[] = [
  'inletGuideChange',
  'inletGuideSet',
  'outletGuideChange',
  'outletGuideSet',
  'outletGuideOut',
  'rollsChange',
  'rollsTurn',
  'rollsClean',
  'gunRollsChange',
  'gunRollsTurn',
  'gunRollsClean',
  'innerLiner',
  'innerLinerClean',
  'linerOut',
  'linerIn',
  'linerTrim',
  'gunOff',
  'gunBack',
  'hosesOff',
  'hosesOn',
  'gunSwap',
  'nozzleOff',
  'tipOff',
  'swapStuds',
  'swapPlugs',
  'turnSwitch',
  'unplug',
  'waitDischarge',
  'plugIn',
  'regulatorOff',
  'chainCylinder',
  'crackValve',
  'regulatorOn',
  'purgeGas',
  'fitAdapter',
  'adapterOff',
  'seatSpool',
]

/** Whether a step is left out where its station was read as right. */
export const maySkip = ({ task, facts }: Pick<Step, 'task' | 'facts'>): boolean =>
  facts.ifNeeded === true && SKIPPED.includes(task)

/** The station whose reading decides it. */
export const skippedFor = ({ station, facts }: Pick<Step, 'station' | 'facts'>): string | undefined =>
  station ?? (facts.unless as string | undefined)
