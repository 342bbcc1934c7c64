import { defineStore } from 'pinia'
import { computed } from 'vue'
import type { GatherLine } from '@pepper-knot/core/jobs'
import type { Part } from '@pepper-knot/core/machine'
import type { Run } from '@pepper-knot/core/record'
import { leftOf, planOf, type RunPlan, type Taken } from './plan.ts'
import { useMachines } from './machines.ts'
import { useShop } from './shop.ts'

/** A changeover that is not signed off, with its plan and the parts it has. */
export interface Promised {
  run: Run
  read: RunPlan
  /** Ids of the parts it has. */
  parts: string[]
}

/** Runs that only look, or whose wire or job is not said, hold nothing. */
const plans = (run: Run): boolean =>
  run.kind === 'put-right' || (run.kind !== 'convert' && run.label.trim() !== '')

const idsOf = (store: readonly Part[] | undefined, gather: readonly GatherLine[]): string[] =>
  gather.flatMap(({ storeIndex }) => {
    const id = storeIndex === null ? undefined : store?.[storeIndex]?.id
    return id === undefined ? [] : [id]
  })

/**
 * What open changeovers have of the store: those under way first, then the planned ones by when they were started.
 * Two are not both promised the only set.
 */
export const usePromised = defineStore('promised', () => {
  const shop = useShop()
  const machines = useMachines()
  const all = computed<Promised[]>(() => {
    const open = shop.shop.runs.filter((run) => run.signedOffAt === undefined && (run.planned || plans(run)))
    const order = [...open].sort(
      (a, b) =>
        Number(a.planned === undefined) - Number(b.planned === undefined) ||
        a.startedAt.localeCompare(b.startedAt) ||
        a.id.localeCompare(b.id),
    )
    const taken = new Map<string, number>()
    return order.map((run) => {
      const read = planOf(run, machines.shopNow, shop.digest, run.planned ? undefined : new Map(taken))
      const plan = run.planned ?? read.plan
      const gather = (plan?.gather ?? []) as unknown as GatherLine[]
      const parts = idsOf((plan?.context as { store?: Part[] } | undefined)?.store, gather)
      for (const id of parts) taken.set(id, (taken.get(id) ?? 0) + 1)
      return { run, read, parts }
    })
  })
  /** Parts that other changeovers have before this one. */
  function takenFor(id: string): Taken {
    const taken = new Map<string, number>()
    for (const { run, parts } of all.value) {
      if (run.id === id) break
      for (const part of parts) taken.set(part, (taken.get(part) ?? 0) + 1)
    }
    return taken
  }
  const taken = computed<Taken>(() => {
    const sum = new Map<string, number>()
    for (const { parts } of all.value) for (const id of parts) sum.set(id, (sum.get(id) ?? 0) + 1)
    return sum
  })
  /** The store without what is promised. */
  const left = computed(() => (taken.value.size ? leftOf(shop.shop.store, taken.value) : shop.shop.store))
  /** Changeovers that have a part. */
  const holders = (partId: string, but?: string): Run[] =>
    all.value.filter(({ run, parts }) => run.id !== but && parts.includes(partId)).map(({ run }) => run)
  return { all, takenFor, taken, left, holders }
})
