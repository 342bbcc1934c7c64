import type { Settings } from '@pepper-knot/core/record'
import '../zod.ts'
import { expose } from 'comlink'
import { type ChangeoverRequest, type Machine, type Part } from '@pepper-knot/core/machine'
import {
  loadedFirst,
  readinessCells,
  readinessMinutes,
  readinessRows,
  type ReadinessCell,
  type ReadinessRow,
} from '@pepper-knot/core/wire'

type Practice = Settings['practice']

export interface BoardQuestion {
  machines: Machine[]
  store: Part[]
  practice: Practice
  minutes: ChangeoverRequest['minutes']
}
export interface BoardMinutes {
  row: string
  machineId: string
  minutes: number
}

/** A later question ends the one under way. */
let newest = 0
let question: BoardQuestion
let rows: ReadinessRow[] = []
const breathe = () => new Promise((resolve) => setTimeout(resolve))
/** Work between two looks at the clock, ms: a new question waits no longer than this. */
const SLICE_MS = 60

const board = {
  /** The shop as it now is. @returns its wires; what they do on the machines is asked for as it comes into view */
  ask(asked: BoardQuestion): ReadinessRow[] {
    newest++
    question = asked
    rows = loadedFirst(readinessRows(asked.machines, asked.store))
    return rows
  },
  /**
   * Verdicts of these wires on these machines first, then exact minutes as they are found.
   * @param pairs wires by key, each with the machines it is asked for on
   * @returns false when a later question overtook this one
   */
  async cells(
    pairs: readonly (readonly [row: string, machineIds: readonly string[]])[],
    onCells: (cells: ReadinessCell[]) => void,
    onMinutes: (found: BoardMinutes[]) => void,
  ): Promise<boolean> {
    const mine = newest
    const { machines, store, practice, minutes } = question
    const byId = new Map(machines.map((m) => [m.id, m]))
    const byKey = new Map(rows.map((r) => [r.key, r]))
    const cells: ReadinessCell[] = []
    let since = performance.now()
    for (const [key, ids] of pairs) {
      const row = byKey.get(key)
      const on = ids.flatMap((id) => byId.get(id) ?? [])
      if (row) cells.push(...readinessCells([row], on, store, practice))
      if (performance.now() - since < SLICE_MS) continue
      await breathe()
      if (mine !== newest) return false
      since = performance.now()
    }
    onCells(cells)
    let found: BoardMinutes[] = []
    for (const one of readinessMinutes({ rows, cells }, machines, store, practice, minutes)) {
      found.push(one)
      if (performance.now() - since < SLICE_MS) continue
      onMinutes(found)
      found = []
      await breathe()
      if (mine !== newest) return false
      since = performance.now()
    }
    onMinutes(found)
    return true
  },
}
export type BoardWorker = typeof board

expose(board)
