/**
 * One batch at a time, whichever tab it comes from. Browsers give a lock to pages that came over a safe way; over
 * plain http a lease in the store stands for it.
 */
const NAME = 'pepper-knot'

export type Locked = <T>(work: () => Promise<T>) => Promise<T>

export const browserLock = (): Locked =>
  typeof navigator !== 'undefined' && 'locks' in navigator
    ? (work) => navigator.locks.request(NAME, work) as Promise<Awaited<ReturnType<typeof work>>>
    : leased

/** A holder that has not moved its lease for so long is gone, ms. It renews it four times as often. */
const GONE_MS = 4000
const LOOK_MS = 15

interface Lease {
  owner: string
  beat: number
}
const BASE = `${NAME}-lease`

/** One step that nothing comes between: what is there is looked at and put in the same transaction. */
async function step(
  change: (lease: Lease | undefined) => Lease | null | undefined,
): Promise<Lease | undefined> {
  const base = await new Promise<IDBDatabase>((resolve, reject) => {
    const opening = indexedDB.open(BASE, 1)
    opening.onupgradeneeded = () => opening.result.createObjectStore('lease')
    opening.onsuccess = () => resolve(opening.result)
    opening.onerror = () => reject(opening.error ?? new Error('no lease'))
  })
  try {
    return await new Promise<Lease | undefined>((resolve, reject) => {
      const transaction = base.transaction('lease', 'readwrite')
      const store = transaction.objectStore('lease')
      let there: Lease | undefined
      const asked = store.get('lease')
      asked.onsuccess = () => {
        there = asked.result as Lease | undefined
        const next = change(there)
        if (next === null) store.delete('lease')
        else if (next) store.put(next, 'lease')
      }
      transaction.oncomplete = () => resolve(there)
      transaction.onabort = () => reject(transaction.error ?? new Error('no lease'))
    })
  } finally {
    base.close()
  }
}
const pause = (ms: number) => new Promise((done) => setTimeout(done, ms))
const id = () => [...crypto.getRandomValues(new Uint8Array(8))].map((n) => n.toString(36)).join('')

/** Inside one page its own works wait for each other. */
let last: Promise<unknown> = Promise.resolve()
function leased<T>(work: () => Promise<T>): Promise<T> {
  const mine = last.then(() => withLease(work))
  last = mine.catch(() => undefined)
  return mine
}

async function withLease<T>(work: () => Promise<T>): Promise<T> {
  const owner = id()
  // How long another's lease has stood still is measured here, by a clock that nobody sets.
  let seen = ''
  let since = performance.now()
  for (;;) {
    let got = false
    await step((lease) => {
      const standing = lease ? `${lease.owner} ${lease.beat}` : ''
      if (standing !== seen) {
        seen = standing
        since = performance.now()
      }
      got = !lease || performance.now() - since > GONE_MS
      return got ? { owner, beat: 0 } : undefined
    })
    if (got) break
    await pause(LOOK_MS)
  }
  const beating = setInterval(() => {
    void step((lease) => (lease?.owner === owner ? { owner, beat: lease.beat + 1 } : undefined)).catch(
      () => undefined,
    )
  }, GONE_MS / 4)
  try {
    return await work()
  } finally {
    clearInterval(beating)
    await step((lease) => (lease?.owner === owner ? null : undefined)).catch(() => undefined)
  }
}
