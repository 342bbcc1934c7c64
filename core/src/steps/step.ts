import type { Station } from '../machine/stations.ts'
import type { Facts } from '../base/facts.ts'
import type { Place } from './places.ts'

import type { Hazard } from './hazard.ts'
import type { Task } from './taskTable.ts'

export type { Hazard } from './hazard.ts'
export { isTask, TASKS, type Task } from './taskTable.ts'

export interface Step {
  /** Unique in the plan; the task, with the station where a task is done at several. */
  id: string
  task: Task
  place: Place
  /** Minutes, with the walk to get there. */
  minutes: number
  hazards: readonly Hazard[]
  /** Must be pressed and held: nothing goes on until it is sure. */
  hold: boolean
  /** One hand holds the wire: no aimed touch, no hold point. */
  captive: boolean
  /** The station this step sets right, where it sets one. */
  station?: Station
  /** Who does it, where two share the work. */
  who?: 'gun' | 'feeder'
  facts: Facts
}
