import { markRaw } from 'vue'
import type { Run } from '@pepper-knot/core/record'

function freeze(value: unknown): void {
  if (typeof value !== 'object' || value === null || Object.isFrozen(value)) return
  Object.freeze(value)
  for (const key in value) freeze((value as Record<string, unknown>)[key])
}
/**
 * A machine or a part as it stands in a list: nobody changes it where it lies, it is put anew. So a long list is no
 * dearer to watch than a short one.
 */
export function asKept<T extends object>(value: T): T {
  if (Object.isFrozen(value)) return value
  const kept = markRaw(JSON.parse(JSON.stringify(value)) as T)
  freeze(kept)
  return kept
}
/** What a field of a run says: it is never changed, only said anew. */
export const asField = <T>(value: T): T =>
  typeof value === 'object' && value !== null ? (asKept(value) as T) : value
/** A run whose fields are said anew and never changed. */
export const fieldwise = (run: Run): Run =>
  Object.fromEntries(Object.entries(run).map(([key, value]) => [key, asField(value as unknown)])) as Run
/** Things as they were read of the store, which are many and held by nobody else: shown first, held fast afterwards. */
export function keptAsRead<T extends object>(values: T[], shown: Promise<unknown>): T[] {
  void shown.then(() => values.forEach(freeze))
  return values.map(markRaw)
}
/** A run as it was read: its fields are held fast, the run is not. */
export function fieldwiseAsRead(run: Run, shown: Promise<unknown>): Run {
  keptAsRead(
    Object.values(run).filter((value) => typeof value === 'object' && value !== null) as object[],
    shown,
  )
  return { ...run }
}
