import { wrap, type Remote } from 'comlink'
import { onScopeDispose, ref, shallowRef, watch, type ComputedRef } from 'vue'
import type { Problem } from '@pepper-knot/core/trade'
import type { CurePlan, Trouble, TroubleRequest } from '@pepper-knot/core/trouble'
import type { CureFrom, TroubleWorker } from '../workers/trouble.worker.ts'

/** A question, and what its cure is planned from. */
export interface Question {
  request: TroubleRequest
  from: CureFrom
}

/** The finder’s answer to a question, from the worker; of several under way only the last one counts. */
export function useTrouble(question: ComputedRef<Question | undefined>) {
  const answer = shallowRef<Trouble>()
  const cure = shallowRef<CurePlan | null>(null)
  const problems = shallowRef<Problem[]>([])
  const state = ref<'working' | 'done' | 'failed'>('working')
  let raw: Worker | undefined
  let worker: Remote<TroubleWorker> | undefined
  let asked = 0

  async function ask() {
    const mine = ++asked
    if (!question.value) {
      answer.value = undefined
      cure.value = null
      return
    }
    state.value = 'working'
    try {
      if (!worker) {
        raw = new Worker(new URL('../workers/trouble.worker.ts', import.meta.url), { type: 'module' })
        raw.onerror = () => (state.value = 'failed')
        worker = wrap<TroubleWorker>(raw)
      }
      const { request, from } = JSON.parse(JSON.stringify(question.value)) as Question
      const found = await worker.find(request, from)
      if (mine !== asked) return
      answer.value = found.ok ? found.value.trouble : undefined
      cure.value = found.ok ? found.value.cure : null
      problems.value = found.ok ? [] : found.problems
      state.value = 'done'
    } catch {
      if (mine === asked) state.value = 'failed'
    }
  }
  watch(() => JSON.stringify(question.value), ask, { immediate: true })
  onScopeDispose(() => raw?.terminate())
  return { answer, cure, problems, state, ask }
}
