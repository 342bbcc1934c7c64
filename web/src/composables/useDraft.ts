import { ref, type Ref } from 'vue'

const drafts = new Map<string, Ref<unknown>>()

/**
 * Something typed that belongs to no record yet: it is there again when the page is come back to, until the window is
 * closed. Two parts that name the same draft share it.
 * @param key where it stands, such as `feed.label`
 */
export function useDraft<T>(key: string, initial: T): Ref<T> {
  const kept = drafts.get(key) ?? (ref(initial) as Ref<unknown>)
  drafts.set(key, kept)
  return kept as Ref<T>
}
