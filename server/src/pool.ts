import { availableParallelism } from 'node:os'
import { Tinypool } from 'tinypool'
import { HEAVY, type Answer, type Asked } from './answer.ts'
import { Busy, type Answerer } from './answerer.ts'

/** Bodies up to this size may be light work; larger ones are read by those who have time. */
const LIGHT_BYTES = 32_000
/** Requests that may wait, in number: a heavy one waits for four others at most a worker. */
const MOST_WAITING = { light: 200, heavyAWorker: 4 }

/**
 * A pool of workers, cores less one, for heavy work: plans for two people, large bodies. Light work has one worker
 * of its own, so that it never waits behind a heavy plan. The thread that takes requests does neither.
 * @param file the bundled worker
 */
export function startPool(file: string, cores = availableParallelism()): Answerer {
  const pool = (threads: number, maxQueue: number) =>
    new Tinypool({ filename: file, minThreads: threads, maxThreads: threads, maxQueue, idleTimeout: 60_000 })
  const threads = Math.max(1, cores - 1)
  const heavy = pool(threads, threads * MOST_WAITING.heavyAWorker)
  const light = pool(1, MOST_WAITING.light)
  const run = async (lane: Tinypool, asked: Asked): Promise<Answer | typeof HEAVY> => {
    try {
      return (await lane.run(asked)) as Answer | typeof HEAVY
    } catch (error) {
      if (error instanceof Error && /queue/i.test(error.message)) throw new Busy()
      throw error
    }
  }
  return {
    async ask(asked) {
      if (asked.body.length <= LIGHT_BYTES) {
        const quick = await run(light, { ...asked, lightOnly: true })
        if (quick !== HEAVY) return quick
      }
      return (await run(heavy, asked)) as Answer
    },
    close: async () => void (await Promise.all([heavy.destroy(), light.destroy()])),
  }
}
