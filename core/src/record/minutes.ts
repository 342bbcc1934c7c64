import type { Task } from '../steps/step.ts'
import { TASK_ROWS } from '../steps/taskTable.ts'
import type { TaskTimes } from './digest.ts'

/** Fewer readings than this say nothing. common practice */
const LEAST_READINGS = 3
/** A step that took so many times its default was a tea break, not work. common practice, no source */
const BREAK_TIMES = 5

/**
 * Median minutes of each task in this shop's own signed-off changes, where it has been done three times or more; a
 * step in which somebody plainly walked away is left out.
 */
export function ownMinutes(times: TaskTimes): Partial<Record<Task, number>> {
  const usual = (task: string, minutes: number) =>
    minutes > 0 && minutes <= Math.max(2, TASK_ROWS[task as Task].minutes) * BREAK_TIMES
  const medians = Object.entries(times).flatMap(([task, row]) => {
    const counts = Object.entries(row)
      .map(([text, n]): [number, number] => [Number(text), n])
      .filter(([minutes]) => task in TASK_ROWS && usual(task, minutes))
    const readings = counts.reduce((sum, [, n]) => sum + n, 0)
    return readings >= LEAST_READINGS
      ? [[task, median(counts.flatMap(([m, n]) => Array<number>(n).fill(m)))]]
      : []
  })
  return Object.fromEntries(medians)
}

/** Middle of a list; the mean of the two middles of an even one. @throws RangeError for an empty list */
export function median(values: readonly number[]): number {
  if (values.length === 0) throw new RangeError('no median of nothing')
  const sorted = [...values].sort((a, b) => a - b)
  const half = sorted.length >> 1
  return sorted.length % 2 ? sorted[half]! : (sorted[half - 1]! + sorted[half]!) / 2
}
