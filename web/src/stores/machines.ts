import { defineStore } from 'pinia'
import { computed } from 'vue'
import { correct, jobsAt, machineNow, withSeen } from '@pepper-knot/core/jobs'
import { type Machine } from '@pepper-knot/core/machine'
import { type Shop } from '@pepper-knot/core/record'
import { asKept } from './kept.ts'
import { useRuns } from './runs.ts'
import { newId, useShop } from './shop.ts'

/** The machines of the shop as they stand now: what was written down, with the steps done since folded over it. */
export const useMachines = defineStore('machines', () => {
  const shop = useShop()
  const runs = useRuns()
  const list = computed<Machine[]>(() =>
    shop.shop.machines.map((machine) => {
      const now = machineNow(machine, runs.open)
      return now === machine ? machine : asKept(now)
    }),
  )
  /** The shop with its machines as they stand. */
  const shopNow = computed<Shop>(() => ({ ...shop.shop, machines: list.value }))
  const byId = (id: string) => list.value.find((m) => m.id === id)
  /** As it was last written down, before the job that is under way. */
  const recorded = (id: string) => shop.shop.machines.find((m) => m.id === id)
  /** What is under way on a machine; two devices may have begun one each. */
  const jobs = (id: string) => jobsAt(runs.open, id)

  const record = (next: Machine) => shop.put('machines', asKept(next))
  /**
   * Somebody wrote down what is so. While a job is under way, what is fitted is its own: what was seen otherwise is
   * written beside its steps.
   */
  function put(next: Machine) {
    const [job] = jobs(next.id)
    const before = recorded(next.id)
    if (!job || !before) return record(next)
    const now = byId(next.id)!
    const { standing: _standing, ...rest } = next
    runs.change(job.run.id, (run) => correct(run, now.fitted, next.fitted, newId()))
    record({
      ...rest,
      fitted: before.fitted,
      ...(before.standing && { standing: before.standing }),
    } as Machine)
  }
  /**
   * What was read of a machine before anything was touched goes into what the job began with, and nothing of what its
   * first steps have done.
   * @returns the machine as the job then begins with it
   */
  function read(began: Machine, next: Machine): Machine {
    const now = byId(next.id) ?? began
    const seenOn = ({ fitted, standing }: Machine): Machine => {
      const { standing: _now, ...rest } = next
      return { ...rest, fitted: withSeen(fitted, now.fitted, next.fitted), ...(standing && { standing }) }
    }
    const before = recorded(next.id)
    if (before) record(seenOn(before))
    return seenOn(began)
  }
  /** With its changeovers under way; what was signed off stays. */
  const remove = (id: string, label: string) =>
    shop.undoable(label, () => {
      shop.drop('machines', (m) => m.id === id)
      shop.drop('runs', (r) => r.machineId === id && r.signedOffAt === undefined)
    })
  /** Upkeep that was done today. @param label what the undo says */
  const lookedAfter = (machine: Machine, care: keyof NonNullable<Machine['upkeep']>, label: string) =>
    shop.undoable(label, () =>
      put({ ...machine, upkeep: { ...machine.upkeep, [care]: new Date().toISOString() } }),
    )
  return { lookedAfter, list, shopNow, byId, recorded, jobs, put, record, read, remove }
})
