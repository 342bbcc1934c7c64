import { proxy, wrap, type Remote } from 'comlink'
import { defineStore } from 'pinia'
import { ref, shallowRef, watch } from 'vue'
import { ownMinutes, type Readiness } from '@pepper-knot/core'
import type { BoardWorker } from '../workers/readiness.worker.ts'
import { useMachines } from './machines.ts'
import { usePromised } from './promised.ts'
import { useSettings } from './settings.ts'
import { useShop } from './shop.ts'

/** The readiness board of the whole shop: asked anew whenever machines, store or practice change. */
export const useReadiness = defineStore('readiness', () => {
  const settings = useSettings()
  const machineStore = useMachines()
  const promised = usePromised()
  const shop = useShop()
  const board = shallowRef<Readiness>()
  const minutes = shallowRef<ReadonlyMap<string, number>>(new Map())
  const state = ref<'working' | 'done' | 'failed'>('working')
  const problem = ref('')
  let worker: Remote<BoardWorker> | undefined
  let asked = 0

  const start = (): Remote<BoardWorker> => {
    const raw = new Worker(new URL('../workers/readiness.worker.ts', import.meta.url), { type: 'module' })
    raw.onerror = (event) => {
      state.value = 'failed'
      problem.value = event.message
    }
    return wrap<BoardWorker>(raw)
  }

  const question = () => ({
    machines: machineStore.list,
    // What is promised to a changeover under way is not promised again.
    store: promised.left,
    practice: settings.all.practice,
    minutes: ownMinutes(shop.digest.times),
  })

  async function ask(text: string) {
    const mine = ++asked
    state.value = 'working'
    try {
      worker ??= start()
      const fresh = new Map<string, number>()
      const whole = await worker.ask(
        JSON.parse(text),
        proxy((verdicts) => {
          if (mine !== asked) return
          board.value = verdicts
          minutes.value = new Map()
        }),
        proxy((found) => {
          if (mine !== asked) return
          for (const one of found) fresh.set(`${one.row}|${one.machineId}`, one.minutes)
          minutes.value = new Map(fresh)
        }),
      )
      if (whole && mine === asked) state.value = 'done'
    } catch (error) {
      if (mine !== asked) return
      state.value = 'failed'
      problem.value = error instanceof Error ? error.message : String(error)
    }
  }
  // What is compared is the text of the question: a touch that changes nothing of it asks nothing.
  watch(() => JSON.stringify(question()), ask, { immediate: true })

  const again = () => ask(JSON.stringify(question()))
  const minutesOf = (row: string, machineId: string) => minutes.value.get(`${row}|${machineId}`)
  return { board, minutes, state, problem, again, minutesOf }
})
