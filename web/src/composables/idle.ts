/** When the browser has nothing else to do, ms at the latest. */
export const idle = (atMost = 20_000): Promise<unknown> =>
  new Promise((done) =>
    'requestIdleCallback' in globalThis
      ? requestIdleCallback(done, { timeout: atMost })
      : setTimeout(done, Math.min(atMost, 2000)),
  )
