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
    return readings >= LEAST_READINGS ? [[task, medianOfCounts(counts, readings)]] : []
  })
  return Object.fromEntries(medians)
}

/**
 * The middle of all readings, the mean of the two middles where they are even, without writing them out: a busy shop
 * has read a step some thousand times, at a few dozen lengths.
 * @param readings sum of all counts, 1 or more
 */
function medianOfCounts(counts: readonly [value: number, count: number][], readings: number): number {
  const sorted = [...counts].sort(([a], [b]) => a - b)
  /** Which value stands at a place of the whole list, 0 the first. */
  const at = (place: number) => {
    let past = 0
    return sorted.find(([, n]) => (past += n) > place)![0]
  }
  const half = readings >> 1
  return readings % 2 ? at(half) : (at(half - 1) + at(half)) / 2
}
