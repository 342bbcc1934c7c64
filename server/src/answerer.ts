import { answer, type Answer, type Asked } from './answer.ts'

/** More is asked for than can be done or kept waiting. */
export class Busy extends Error {
  constructor() {
    super('busy')
    this.name = 'Busy'
  }
}

/** Who answers requests that carry a body. */
export interface Answerer {
  /** @throws Busy when the queue is full */
  ask: (asked: Asked) => Promise<Answer>
  close: () => Promise<void>
}

/** Answers on the thread that asks: for tests of what is answered. */
export const answerHere: Answerer = {
  ask: (asked) => Promise.resolve(answer(asked) as Answer),
  close: () => Promise.resolve(),
}
