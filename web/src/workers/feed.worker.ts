import '../zod.ts'
import { expose } from 'comlink'
import { DRAWS, startRun, type FeedChances, type FeedSetup } from '@pepper-knot/core/trouble'

/** Draws between two looks at whether it was stopped. */
const PIECE = 2500
let newest = 0
const breathe = () => new Promise((resolve) => setTimeout(resolve))

const feed = {
  /** @returns the chances, or nothing when a later question or a stop overtook it */
  async chances(
    setup: FeedSetup,
    rollForceN: number,
    seed: number,
    onProgress: (share: number) => void,
  ): Promise<FeedChances | null> {
    const mine = ++newest
    const run = startRun(setup, rollForceN, seed)
    while (run.done < DRAWS) {
      run.advance(PIECE)
      onProgress(run.done / DRAWS)
      await breathe()
      if (mine !== newest) return null
    }
    return run.result()
  },
  stop() {
    newest++
  },
}
export type FeedWorker = typeof feed

expose(feed)
