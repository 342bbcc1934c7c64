/** Whether the browser keeps the shop also when room is short; `unknown` where it does not say. */
export type Persisted = boolean | 'unknown'

const manager = () =>
  typeof navigator !== 'undefined' && 'storage' in navigator && 'persist' in navigator.storage
    ? navigator.storage
    : undefined
/** Asks the browser not to clear what it keeps; it may refuse. */
export const askToPersist = async (): Promise<Persisted> =>
  (await manager()
    ?.persist()
    .catch(() => false)) ?? 'unknown'
export const isPersisted = async (): Promise<Persisted> =>
  (await manager()
    ?.persisted()
    .catch(() => false)) ?? 'unknown'
