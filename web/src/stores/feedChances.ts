import { watchDebounced } from '@vueuse/core'
import { proxy, wrap, type Remote } from 'comlink'
import { onScopeDispose, ref, shallowRef, type ComputedRef } from 'vue'
import type { FeedChances, FeedSetup } from '@pepper-knot/core/trouble'
import type { FeedWorker } from '../workers/feed.worker.ts'

/** Same seed, same answer: what moves is the setup. */
const SEED = 20261124

/** Chances of a setup at a roll force, from the worker, a moment after the last touch. */
export function useFeedChances(question: ComputedRef<{ setup: FeedSetup; rollForceN: number }>) {
  const chances = shallowRef<FeedChances>()
  const progress = ref(0)
  const state = ref<'working' | 'done' | 'stopped' | 'failed'>('working')
  let raw: Worker | undefined
  let worker: Remote<FeedWorker> | undefined

  async function ask() {
    state.value = 'working'
    progress.value = 0
    try {
      if (!worker) {
        raw = new Worker(new URL('../workers/feed.worker.ts', import.meta.url), { type: 'module' })
        raw.onerror = () => (state.value = 'failed')
        worker = wrap<FeedWorker>(raw)
      }
      const { setup, rollForceN } = JSON.parse(JSON.stringify(question.value)) as typeof question.value
      const found = await worker.chances(
        setup,
        rollForceN,
        SEED,
        proxy((share) => void (progress.value = share)),
      )
      if (!found) return
      chances.value = found
      state.value = 'done'
    } catch {
      state.value = 'failed'
    }
  }
  function stop() {
    void worker?.stop()
    state.value = 'stopped'
  }
  watchDebounced(() => JSON.stringify(question.value), ask, { debounce: 150, immediate: true })
  onScopeDispose(() => raw?.terminate())
  return { chances, progress, state, ask, stop }
}
