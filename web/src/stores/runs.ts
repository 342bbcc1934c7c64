import { defineStore } from 'pinia'
import { computed, toRaw } from 'vue'
import { jobsAt } from '@pepper-knot/core/jobs'
import { type JobKind, type Run } from '@pepper-knot/core/record'
import { asField, fieldwise } from './kept.ts'
import { newId, useShop } from './shop.ts'

/** Fields that runs of every kind have. */
export type RunChange = Partial<Omit<Run, 'kind' | 'id'>>
/** What is said of a run as it begins: all that its kind has of its own. */
type NewRun<K extends JobKind> = Pick<Run<K>, Exclude<keyof Run<K>, keyof Run>> & RunChange

/** Changeovers, under way and signed off. A run is changed by commands alone. */
export const useRuns = defineStore('runs', () => {
  const shop = useShop()
  const list = computed<readonly Run[]>(() => shop.shop.runs)
  const open = computed(() => list.value.filter((r) => r.signedOffAt === undefined))
  const byId = (id: string) => list.value.find((r) => r.id === id)
  /** A run that has begun on a machine, before any other. */
  const begunOn = (machineId: string) => jobsAt(open.value, machineId)[0]?.run

  /** A new run; where something is under way on the machine, that one, and never a second beside it. */
  function start<K extends JobKind>(machineId: string, kind: K, of: NewRun<K>): Run {
    const begun = kind === 'cure' ? undefined : begunOn(machineId)
    if (begun) return begun
    const fresh = {
      kind,
      id: newId(),
      machineId,
      startedAt: new Date().toISOString(),
      stage: 'decide',
      label: '',
      gathered: [],
      done: [],
      job: { position: 'flat', draughtMPerS: 0 },
      ...of,
    } as Run
    shop.put('runs', fieldwise(fresh))
    return fresh
  }
  /** Carries out a command on a run; only the fields it changed are touched. */
  function change(id: string, command: (run: Run) => Run) {
    const run = shop.shop.runs.find((r) => r.id === id)
    if (!run) return
    const raw = toRaw(run)
    const next = command(raw)
    if (next === raw) return
    const fields = run as unknown as Record<string, unknown>
    for (const key of new Set([...Object.keys(raw), ...Object.keys(next)]) as Set<keyof Run>) {
      if (next[key] === undefined) delete fields[key]
      else if (next[key] !== raw[key]) fields[key] = asField(next[key])
    }
    shop.touched(`runs/${id}`)
  }
  /** Sets fields of a run; what is set to nothing is left out. */
  const set = (id: string, more: RunChange) => change(id, (run) => ({ ...run, ...more }))
  const drop = (id: string) => shop.drop('runs', (r) => r.id === id)
  return { list, open, byId, begunOn, start, change, set, drop }
})
