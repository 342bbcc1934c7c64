import type { Step } from '../steps/step.ts'

/** A run of steps done in one go; the order is searched over these. */
export interface Block {
  id: string
  steps: Step[]
  /** Blocks that must be done before. */
  after: string[]
}
