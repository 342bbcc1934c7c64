import { defineStore } from 'pinia'
import { computed } from 'vue'
import type { Part } from '@pepper-knot/core/internal'
import { asKept } from './kept.ts'
import { newId, useShop } from './shop.ts'

/** What lies in the store: parts, spools, cylinders. */
export const useParts = defineStore('parts', () => {
  const shop = useShop()
  const list = computed<Part[]>({
    get: () => shop.shop.store,
    set: (next) => (shop.shop.store = next.map(asKept)),
  })
  function put(next: Part) {
    const at = list.value.findIndex((p) => p.id !== undefined && p.id === next.id)
    if (at < 0) list.value.push(asKept({ ...next, id: next.id ?? newId() }))
    else list.value[at] = asKept(next)
  }
  const remove = (id: string, label: string) =>
    shop.undoable(label, () => (list.value = list.value.filter((p) => p.id !== id)))
  return { list, put, remove }
})
