import { defineStore } from 'pinia'
import { computed } from 'vue'
import type { Run, WireByHand } from '@pepper-knot/core'
import { newId, useShop } from './shop.ts'

/** Changeovers, under way and signed off. */
export const useRuns = defineStore('runs', () => {
  const shop = useShop()
  const list = computed<Run[]>({
    get: () => shop.shop.runs,
    set: (next) => (shop.shop.runs = next),
  })
  const open = computed(() => list.value.filter((r) => r.signedOffAt === undefined))
  const byId = (id: string) => list.value.find((r) => r.id === id)
  function start(machineId: string, label = '', byHand?: WireByHand, more: Partial<Run> = {}): Run {
    const fresh: Run = {
      id: newId(),
      machineId,
      startedAt: new Date().toISOString(),
      stage: 'decide',
      label,
      ...(byHand && { byHand }),
      job: { position: 'flat', draughtMPerS: 0 },
      gathered: [],
      done: [],
      ...more,
    }
    list.value.push(fresh)
    return fresh
  }
  const remove = (id: string, label: string) =>
    shop.undoable(label, () => (list.value = list.value.filter((r) => r.id !== id)))
  return { list, open, byId, start, remove }
})
