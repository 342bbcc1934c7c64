import { defineStore } from 'pinia'
import { computed } from 'vue'
import type { Part } from '@pepper-knot/core/machine'
import { asKept } from './kept.ts'
import { newId, useShop } from './shop.ts'

/** What lies in the store: parts, spools, cylinders. */
export const useParts = defineStore('parts', () => {
  const shop = useShop()
  const list = computed<readonly Part[]>(() => shop.shop.store)
  const put = (next: Part) => shop.put('store', asKept({ ...next, id: next.id ?? newId() }))
  /** What a job or a delivery made of the store: every part as it lies now. */
  const lay = (store: readonly Part[]) =>
    shop.lay(
      'store',
      store.map((part) => asKept(part.id === undefined ? { ...part, id: newId() } : part)),
    )
  const remove = (id: string, label: string) =>
    shop.undoable(label, () => shop.drop('store', (p) => p.id === id))
  return { list, put, lay, remove }
})
