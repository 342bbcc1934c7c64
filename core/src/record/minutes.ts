import type { Task } from '../steps/step.ts'
import type { StepTime } from './stepTime.ts'
import { TASK_ROWS } from '../steps/taskTable.ts'

/** Fewer readings than this say nothing. common practice */
const LEAST_READINGS = 3
/** A step that took so many times its default was a tea break, not work. common practice, no source */
const BREAK_TIMES = 5

/**
 * Median minutes of each task in this shop's own log, where it has been done three times or more; a step in which
 * somebody plainly walked away is left out.
 */
export function ownMinutes(times: readonly StepTime[]): Partial<Record<Task, number>> {
  const byTask = new Map<Task, number[]>()
  for (const { task, minutes } of times) {
    if (minutes <= 0 || minutes > Math.max(2, TASK_ROWS[task].minutes) * BREAK_TIMES) continue
    byTask.set(task, [...(byTask.get(task) ?? []), minutes])
  }
  return Object.fromEntries(
    [...byTask].filter(([, all]) => all.length >= LEAST_READINGS).map(([task, all]) => [task, median(all)]),
  )
}

/** Middle of a list; the mean of the two middles of an even one. @throws RangeError for an empty list */
export function median(values: readonly number[]): number {
  if (values.length === 0) throw new RangeError('no median of nothing')
  const sorted = [...values].sort((a, b) => a - b)
  const half = sorted.length >> 1
  return sorted.length % 2 ? sorted[half]! : (sorted[half - 1]! + sorted[half]!) / 2
}
