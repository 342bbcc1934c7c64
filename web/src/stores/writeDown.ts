import { jobOf, settleJob } from '@pepper-knot/core/jobs'
import { useI18n } from 'vue-i18n'
import { settleWords } from '../screens/changeover/settleWords.ts'
import { useMachines } from './machines.ts'
import { useParts } from './parts.ts'
import { useRuns } from './runs.ts'
import { useSettings } from './settings.ts'

/** Writes down what the steps done so far have made of machine and store: the job they belonged to is over. */
export function useWriteDown() {
  const { t } = useI18n()
  const machines = useMachines()
  const parts = useParts()
  const runs = useRuns()
  const settings = useSettings()
  return (runId: string) => {
    const run = runs.byId(runId)
    const job = run && jobOf(run)
    const before = job && machines.recorded(run.machineId)
    if (!job || !before || (job.done.length === 0 && job.corrections.length === 0)) return
    const words = settleWords(t, settings.units)
    const { machine, store } = settleJob(job, before, parts.list, new Date().toISOString(), words)
    // In the middle of a change the machine is that change’s to write down.
    if (machines.jobs(run.machineId)[0]?.run.id === runId)
      machines.record(JSON.parse(JSON.stringify(machine)))
    parts.lay(store)
  }
}
