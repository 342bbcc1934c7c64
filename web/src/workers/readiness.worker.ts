import '../zod.ts'
import { expose } from 'comlink'
import {
  readiness,
  readinessMinutes,
  type Machine,
  type MatchContext,
  type Part,
  type Practice,
  type Readiness,
} from '@pepper-knot/core'

export interface BoardQuestion {
  machines: Machine[]
  store: Part[]
  practice: Practice
  minutes: MatchContext['minutes']
}
export interface BoardMinutes {
  row: string
  machineId: string
  minutes: number
}

/** A later question ends the one under way. */
let newest = 0
const breathe = () => new Promise((resolve) => setTimeout(resolve))
/** Work between two looks at the clock, ms: a new question waits no longer than this. */
const SLICE_MS = 60

const board = {
  /**
   * Verdicts first, then exact minutes as they are found.
   * @returns false when a later question overtook this one
   */
  async ask(
    question: BoardQuestion,
    onBoard: (board: Readiness) => void,
    onMinutes: (found: BoardMinutes[]) => void,
  ): Promise<boolean> {
    const mine = ++newest
    const { machines, store, practice, minutes } = question
    const verdicts = readiness(machines, store, practice)
    onBoard(verdicts)
    let found: BoardMinutes[] = []
    let since = performance.now()
    for (const one of readinessMinutes(verdicts, machines, store, practice, minutes)) {
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
