import { defineStore } from 'pinia'
import type { Run } from '@pepper-knot/core'
import { useRuns } from './runs.ts'

/** Troubles under way: each a run of its own, so that it is kept, resumed and taken back like one. */
export const useTroubles = defineStore('troubles', () => {
  const runs = useRuns()
  /** @param from the change it came in the middle of, with its stage there */
  function start(machineId: string, from?: Run): Run {
    const open = runs.open.find((r) => r.trouble && r.machineId === machineId && r.trouble.from === from?.id)
    if (open) return open
    const at = from?.stage === 'dial-in' ? ('welding' as const) : undefined
    return runs.start(machineId, '', undefined, {
      stage: 'swap',
      job: from ? (JSON.parse(JSON.stringify(from.job)) as Run['job']) : {},
      trouble: { told: { symptoms: [], ...(at && { at }) }, ...(from && { from: from.id }) },
    })
  }
  return { start }
})
