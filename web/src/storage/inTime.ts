/** How long the browser may take before it is said that it does not answer, ms. */
const ANSWER_MS = 10_000

/** The browser took longer than it may. */
export class NoAnswer extends Error {
  constructor() {
    super('no answer')
    this.name = 'NoAnswer'
  }
}
export async function inTime<T>(work: Promise<T>, ms = ANSWER_MS): Promise<T> {
  let timer: ReturnType<typeof setTimeout> | undefined
  const late = new Promise<never>((_resolve, reject) => {
    timer = setTimeout(() => reject(new NoAnswer()), ms)
  })
  try {
    return await Promise.race([work, late])
  } finally {
    clearTimeout(timer)
  }
}
