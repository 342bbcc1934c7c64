import { defineStore } from 'pinia'
import { asItStands } from '@pepper-knot/core/wire'
import { isRun, type Run } from '@pepper-knot/core/record'
import { useMachines } from './machines.ts'
import { useRuns } from './runs.ts'

/** Dialling in on the wire that is on: a put right whose list may be empty, with its test welds in the log. */
export const useDialIns = defineStore('dialIns', () => {
  const runs = useRuns()
  const machines = useMachines()
  /** @param job what is welded, where it is known */
  function start(machineId: string, job: Run['job'] = {}): Run {
    const open = runs.open.find(
      (r) => isRun(r, 'put-right') && r.machineId === machineId && !r.frozen && r.stage === 'dial-in',
    )
    if (open) return open
    const machine = machines.byId(machineId)
    const metal = machine && asItStands(machine).wire?.joins[0]
    return runs.start(machineId, 'put-right', {
      stage: 'dial-in',
      job: { position: 'flat', ...(metal && { material: metal }), ...job },
    })
  }
  return { start }
})
