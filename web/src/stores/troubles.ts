import { defineStore } from 'pinia'
import { isRun, lastChanged, planKept, type Run } from '@pepper-knot/core/record'
import { type Told } from '@pepper-knot/core/trouble'
import { useRuns } from './runs.ts'
import { useShop } from './shop.ts'

/** Troubles under way: each a run of its own, so that it is kept, resumed and taken back like one. */
export const useTroubles = defineStore('troubles', () => {
  const runs = useRuns()
  const shop = useShop()
  /** What the log says of a machine’s last change, where it was a short while ago. */
  const changedOf = (machineId: string) => lastChanged(shop.digest, machineId, new Date().toISOString())
  /** Of a change under way: the stations it has come by, and what is being done. */
  function under({ planned, done, stage }: Run): Pick<Told, 'at' | 'since' | 'lastChange'> {
    const steps = planned ? planKept(planned).steps : []
    const stations = steps.flatMap(({ id, station }) => (station && done.includes(id) ? [station] : []))
    const now = steps.find(({ id }) => !done.includes(id))
    const at =
      stage === 'dial-in'
        ? 'welding'
        : stage === 'feed' || now?.task === 'feedThrough'
          ? 'threading'
          : undefined
    // Where nothing was worked on yet it may always have been so.
    const since = stations.length ? ('since-change' as const) : undefined
    return { ...(at && { at }), ...(since && { since }), lastChange: [...new Set(stations)] }
  }
  /** @param given the change it came in the middle of; where one is under way on the machine, that one */
  function start(machineId: string, given?: Run): Run {
    const begun = runs.begunOn(machineId)
    const from = given ?? (begun && isRun(begun, 'change', 'put-right') ? begun : undefined)
    const open = runs.open.find(
      (r) => isRun(r, 'cure') && r.machineId === machineId && r.trouble.from === from?.id,
    )
    if (open) return open
    const { lastChange, ...known } = from ? under(from) : { lastChange: changedOf(machineId)?.stations }
    return runs.start(machineId, 'cure', {
      stage: 'swap',
      job: from ? (JSON.parse(JSON.stringify(from.job)) as Run['job']) : {},
      trouble: {
        told: { symptoms: [], ...known, ...(lastChange?.length && { lastChange }) },
        ...(from && { from: from.id }),
      },
    })
  }
  return { start, changedOf }
})
