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

/** Pauses before a failed reading is tried again, ms. */
const AGAIN_MS = [150, 500, 1500]
const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms))
/** Reading is safe to repeat: what fails once is tried again. @param final errors that another try does not mend */
export async function tried<T>(read: () => Promise<T>, final: (error: unknown) => boolean): Promise<T> {
  for (const ms of AGAIN_MS) {
    try {
      return await inTime(read())
    } catch (error) {
      if (error instanceof NoAnswer || final(error)) throw error
      await pause(ms)
    }
  }
  return inTime(read())
}
