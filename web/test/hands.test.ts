/** Clumsy hands on the sheet itself: whatever keys and touches come, no step is lost and none passed twice. */
import fc from 'fast-check'
import { createPinia, setActivePinia } from 'pinia'
import type * as Vue from 'vue'
import { defineComponent, h, markRaw, nextTick } from 'vue'
import { createMemoryHistory, createRouter } from 'vue-router'
import { keptPlan, type Run } from '@pepper-knot/core/internal'
import { times } from '../../core/test/counts.ts'
import { provideRun } from '../src/composables/useRun.ts'
import SwapStage from '../src/screens/changeover/SwapStage.vue'
import { useShop } from '../src/stores/shop.ts'
import { planned, run, shop } from './bench.ts'
import { show } from './mount.ts'

jest.mock('../src/storage/edge.ts', () => ({}))
/** Screen kept awake and phone tapped: neither is in this browser, so they are counted. */
const mockAsked = { awake: 0, taps: 0 }
jest.mock('@vueuse/core', () => {
  const { onScopeDispose, ref } = jest.requireActual<typeof Vue>('vue')
  return {
    useEventListener: (target: EventTarget, names: string | string[], act: EventListener) => {
      for (const name of [names].flat()) {
        target.addEventListener(name, act)
        onScopeDispose(() => target.removeEventListener(name, act))
      }
    },
    useLocalStorage: (_key: string, value: unknown) => ref(value),
    useMediaQuery: () => ref(true),
    useNow: () => ref(new Date()),
    useVibrate: () => ({ isSupported: ref(true), vibrate: () => mockAsked.taps++ }),
    useWakeLock: () => ({
      request: () => Promise.resolve(mockAsked.awake++),
      release: () => Promise.resolve(mockAsked.awake--),
    }),
  }
})
const router = createRouter({
  history: createMemoryHistory(),
  routes: [{ path: '/:rest(.*)*', component: {} }],
})
const read = planned(run())
const steps = read.plan!.steps.map((s) => s.id)
const fresh = (): Run => ({
  ...run({ stage: 'swap', done: [] }),
  frozen: read.request!,
  planned: markRaw(keptPlan(read.plan!)),
  swapStartedAt: '2026-11-26T08:00:00Z',
})
/** What comes from the hand, and the time before it, ms. */
const acts = fc.array(
  fc.record({
    key: fc.constantFrom(' ', 'Enter', 'Backspace', 'x', 'Tab', 'F5', 'Escape', 'Done', 'Back', 'again'),
    repeats: fc.nat(4),
    wait: fc.constantFrom(0, 20, 120, 400, 2000),
  }),
  { minLength: 5, maxLength: 30 },
)

test('no step is lost and none is passed twice, whatever the hand does', async () => {
  let now = 10_000
  let all = 0
  let frames: FrameRequestCallback[] = []
  jest.spyOn(performance, 'now').mockImplementation(() => now)
  jest.spyOn(window, 'requestAnimationFrame').mockImplementation((f) => frames.push(f))
  Element.prototype.scrollTo = () => undefined
  Object.assign(window, {
    scrollTo: () => undefined,
    matchMedia: () => ({
      matches: true,
      addEventListener: () => undefined,
      removeEventListener: () => undefined,
    }),
  })
  await fc.assert(
    fc.asyncProperty(acts, async (hand) => {
      const pinia = createPinia()
      setActivePinia(pinia)
      const store = useShop()
      store.shop = { ...JSON.parse(JSON.stringify(shop)), runs: [fresh()] }
      store.phase = 'ready'
      const Sheet = defineComponent({
        setup() {
          const { read } = provideRun(() => 'r')
          return () => h(SwapStage, { plan: read.value.plan! })
        },
      })
      const page = show(Sheet, {}, pinia, [router])
      const done = () => store.shop.runs[0]!.done
      const key = (type: string, name: string, repeat = false) =>
        document.activeElement!.dispatchEvent(
          new KeyboardEvent(type, { key: name, repeat, bubbles: true, cancelable: true }),
        )
      expect(mockAsked.awake).toBe(1)
      mockAsked.taps = 0
      let moved = 0
      for (const { key: name, repeats, wait } of hand) {
        now += wait
        const before = [...done()]
        if (name === 'Done') document.querySelector<HTMLElement>('[data-part=done]')?.click()
        else if (name === 'Back') document.querySelector<HTMLElement>('[data-part=buttons] .side')?.click()
        else if (name === 'again') page.vm.$forceUpdate()
        else {
          key('keydown', name)
          for (let i = 0; i < repeats; i++) {
            now += 40
            key('keydown', name, true)
          }
          // What is held is held as long as it is repeated.
          for (const frame of frames.splice(0)) frame(now)
          key('keyup', name)
        }
        await nextTick()
        await nextTick()
        // What is done is always the beginning of the list, in its order, and one act moves it by one at most.
        expect(done()).toEqual(steps.slice(0, done().length))
        expect(Math.abs(done().length - before.length)).toBeLessThanOrEqual(1)
        moved += Number(done().length !== before.length)
      }
      // The phone says each of them, and the screen may sleep again.
      expect(mockAsked.taps).toBe(moved)
      page.unmount()
      expect(mockAsked.awake).toBe(0)
      all += moved
      frames = []
    }),
    { numRuns: times(15, 1000), seed: 20261126 },
  )
  jest.restoreAllMocks()
  expect(all).toBeGreaterThan(times(50, 3000))
})
