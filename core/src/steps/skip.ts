import type { Step } from './step.ts'
import { TASK_ROWS } from './taskTable.ts'

/** Whether a step is left out where its station was read as right. */
export const maySkip = ({ task, facts }: Pick<Step, 'task' | 'facts'>): boolean =>
  facts.ifNeeded === true && TASK_ROWS[task].unless === true

/** The station whose reading decides it. */
export const skippedFor = ({ station, facts }: Pick<Step, 'station' | 'facts'>): string | undefined =>
  station ?? (facts.unless as string | undefined)
