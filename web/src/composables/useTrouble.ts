import { wrap, type Remote } from 'comlink'
import { onScopeDispose, ref, shallowRef, watch, type ComputedRef } from 'vue'
import type { Problem, Trouble, TroubleRequest } from '@pepper-knot/core'
import type { TroubleWorker } from '../workers/trouble.worker.ts'

/** The finder’s answer to a question, from the worker; of several under way only the last one counts. */
export function useTrouble(question: ComputedRef<TroubleRequest | undefined>) {
  const answer = shallowRef<Trouble>()
  const problems = shallowRef<Problem[]>([])
  const state = ref<'working' | 'done' | 'failed'>('working')
  let raw: Worker | undefined
  let worker: Remote<TroubleWorker> | undefined
  let asked = 0

  async function ask() {
    const mine = ++asked
    if (!question.value) {
      answer.value = undefined
      return
    }
    state.value = 'working'
    try {
      if (!worker) {
        raw = new Worker(new URL('../workers/trouble.worker.ts', import.meta.url), { type: 'module' })
        raw.onerror = () => (state.value = 'failed')
        worker = wrap<TroubleWorker>(raw)
      }
      const found = await worker.find(JSON.parse(JSON.stringify(question.value)) as TroubleRequest)
      if (mine !== asked) return
      answer.value = found.ok ? found.value : undefined
      problems.value = found.ok ? [] : found.problems
      state.value = 'done'
    } catch {
      if (mine === asked) state.value = 'failed'
    }
  }
  watch(() => JSON.stringify(question.value), ask, { immediate: true })
  onScopeDispose(() => raw?.terminate())
  return { answer, problems, state, ask }
}
