import { useNow } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { type Step } from '@pepper-knot/core/jobs'
import { useRun } from './useRun.ts'

/** When this page saw the plug of a run pulled, by a clock that nobody can set, ms. */
const pulledAt = new Map<string, number>()
export const pulled = (run: string): void => void pulledAt.set(run, performance.now())

/**
 * The time a waiting step still asks for. It is counted from when the plug came out, else from when the step was first
 * shown, over a reload too; while the page is open by a clock that nobody can set.
 */
export function useWait(step: () => Step) {
  const { run, set } = useRun()
  const now = useNow({ interval: 500 })
  const waits = computed(() => step().task === 'waitDischarge')
  const total = computed(() => Number(step().facts.waits ?? step().facts.minutes ?? step().minutes) * 60)
  const entry = computed(() => run.value.waits?.find((w) => w.step === step().id))
  /** Seconds that had passed when this page first showed the step, and its own clock then. */
  const seen = ref({ passed: 0, at: performance.now() })
  const put = (reason?: string) => {
    const since = entry.value?.since ?? new Date().toISOString()
    const waits = [
      ...(run.value.waits ?? []).filter((w) => w.step !== step().id),
      { step: step().id, since, ...(reason !== undefined && { reason }) },
    ]
    set({ waits: waits.slice(-50) })
  }
  watch(
    () => step().id,
    () => {
      if (!waits.value) return
      if (!entry.value) put()
      const here = pulledAt.get(run.value.id)
      const passed =
        here === undefined
          ? (Date.now() - Date.parse(entry.value!.since)) / 1000
          : (performance.now() - here) / 1000
      // A clock that was set since tells nothing: the wait begins anew.
      seen.value = { passed: passed >= 0 && passed < 86_400 ? passed : 0, at: performance.now() }
    },
    { immediate: true },
  )
  const left = computed(() => {
    if (!waits.value || entry.value?.reason !== undefined) return 0
    void now.value
    const passed = seen.value.passed + (performance.now() - seen.value.at) / 1000
    return Math.max(0, Math.ceil(total.value - passed))
  })
  return { left, endBy: put }
}
