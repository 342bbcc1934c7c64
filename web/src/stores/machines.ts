import { defineStore } from 'pinia'
import { computed } from 'vue'
import type { Machine } from '@pepper-knot/core'
import { asKept } from './kept.ts'
import { useShop } from './shop.ts'

export const useMachines = defineStore('machines', () => {
  const shop = useShop()
  const list = computed<Machine[]>({
    get: () => shop.shop.machines,
    set: (next) => (shop.shop.machines = next.map(asKept)),
  })
  const byId = (id: string) => list.value.find((m) => m.id === id)
  /** With all that was learned of it since a sheet began, but fitted as the sheet goes by. */
  const asPlanned = (planned: Machine): Machine => ({
    ...(byId(planned.id) ?? planned),
    fitted: planned.fitted,
  })
  function put(next: Machine) {
    const at = list.value.findIndex((m) => m.id === next.id)
    if (at < 0) list.value.push(asKept(next))
    else list.value[at] = asKept(next)
  }
  /** With its changeovers under way; what was signed off stays. */
  const remove = (id: string, label: string) =>
    shop.undoable(label, () => {
      list.value = list.value.filter((m) => m.id !== id)
      shop.shop.runs = shop.shop.runs.filter((r) => r.machineId !== id || r.signedOffAt !== undefined)
    })
  return { list, byId, asPlanned, put, remove }
})
