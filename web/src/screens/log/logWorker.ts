import { wrap, type Remote } from 'comlink'
import { spoken } from '../../messages/language.ts'
import type { LogWorker } from '../../workers/log.worker.ts'

/** The worker that knows the whole log. */
export function startLog(): { raw: Worker; log: Remote<LogWorker> } {
  const raw = new Worker(new URL('../../workers/log.worker.ts', import.meta.url), { type: 'module' })
  return { raw, log: wrap<LogWorker>(raw) }
}
/** Fetches all that it needs, for a time without a network. */
export async function warmLog(): Promise<void> {
  const { raw, log } = startLog()
  const failed = new Promise((_, reject) => (raw.onerror = reject))
  await Promise.race([log.warm(spoken()), failed]).finally(() => raw.terminate())
}
