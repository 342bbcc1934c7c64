import { defineStore } from 'pinia'
import { ref, shallowRef, toRaw, watch } from 'vue'
import {
  problemAt,
  say,
  defaultSettings,
  type keeper,
  type Problem,
  type Shop,
  type Unkept,
} from '@pepper-knot/core'
import { inTime, NoAnswer } from '../storage/inTime.ts'
import type * as Edge from '../storage/edge.ts'
import { fetchInfo } from '../storage/server.ts'

export type SaveState = 'saved' | 'saving' | 'failed' | 'no-answer'
export type Phase = 'loading' | 'welcome' | 'ready' | 'unreadable' | 'failed' | 'no-answer'

const UNNAMED = 'My shop'
const blank = (): Shop => ({
  name: UNNAMED,
  settings: defaultSettings(),
  machines: [],
  store: [],
  runs: [],
})
const clone = <T>(value: T): T => JSON.parse(JSON.stringify(toRaw(value))) as T
const MOST_UNDO = 30

/** What reads and writes the browser's store; asked for again where it could not be fetched. */
let fetched: typeof Edge | undefined
const edge = async () => (fetched ??= await import('../storage/edge.ts'))
// Fetched as soon as this file runs, beside everything else.
edge().catch(() => undefined)

export const newId = (): string => crypto.randomUUID()

/** The shop as it is kept: opened, saved at every touch, taken back. What stands in it has a store each. */
export const useShop = defineStore('shop', () => {
  const shop = ref<Shop>(blank())
  const phase = ref<Phase>('loading')
  const saveState = ref<SaveState>('saved')
  const problems = ref<Problem[]>([])
  const unreadableText = ref('')
  /** What of the shop could not be written as it stands; the last version that could is kept in its place. */
  const unkept = shallowRef<Unkept[]>([])
  /** How many records the shop opened without. */
  const openedWithout = ref(0)
  const undoStack = ref<{ label: string; shop: Shop }[]>([])
  /** Said once, with a way back, after something was removed or replaced. */
  const told = ref<{ label: string } | null>(null)

  let keep: ReturnType<typeof keeper> | undefined
  const checks = async () => (keep ??= (await import('../storage/checks.ts')).keeper(UNNAMED))
  let writing = false
  let dirty = false
  /**
   * Keeps the shop. One write at a time, each of the shop as it then is: a burst of touches is two writes, not twenty
   * in a row.
   */
  async function save() {
    dirty = true
    if (writing) return
    writing = true
    // What changes in the same breath goes into the same write.
    await Promise.resolve()
    while (dirty) {
      dirty = false
      if (saveState.value === 'saved') saveState.value = 'saving'
      try {
        // What is there already is not waited for: a touch is on its way before the page can be left.
        const check = keep ?? (await checks())
        const { saveShop } = fetched ?? (await edge())
        const { shop: written, unkept: left } = check(toRaw(shop.value))
        unkept.value = left
        const writing = saveShop(written)
        // A write that never ends is said; should it end after all, it is saved.
        await inTime(writing).catch((error: unknown) => {
          if (!(error instanceof NoAnswer)) throw error
          saveState.value = 'no-answer'
          return writing
        })
        saveState.value = 'saved'
      } catch {
        saveState.value = 'failed'
      }
    }
    writing = false
  }
  watch(shop, () => phase.value === 'ready' && void save(), { deep: true, flush: 'sync' })

  async function load() {
    phase.value = 'loading'
    // Asked beside the reading, which a first visit finds empty.
    const info = fetchInfo()
    const loaded = await edge()
      .then(({ loadShop }) => loadShop(UNNAMED))
      .catch(() => ({ state: 'failed', answers: true }) as const)
    if (loaded.state === 'ready') {
      shop.value = withIds(loaded.shop)
      openedWithout.value = loaded.aside
      phase.value = 'ready'
      // Fetched before the first touch needs it.
      void painted()
        .then(checks)
        .catch(() => undefined)
      if (loaded.aside) void save()
    } else if (loaded.state === 'unreadable') {
      problems.value = loaded.problems
      unreadableText.value = loaded.text
      phase.value = 'unreadable'
    } else if (loaded.state === 'failed') {
      problems.value = loaded.answers ? [problemAt('', say('storage.unreadable'))] : []
      phase.value = loaded.answers ? 'failed' : 'no-answer'
    } else if ((await info)?.demo) await openDemo()
    else phase.value = 'welcome'
  }

  async function openDemo() {
    const { demoShop } = await edge()
    const settings = phase.value === 'ready' ? shop.value.settings : defaultSettings()
    start({ ...blank(), ...demoShop(new Date().toISOString()), settings })
  }
  const openEmpty = () => start(blank())
  /** Over something that could not be read: it is laid aside first, and where it cannot be, nothing is begun. */
  async function openBeside() {
    try {
      const { keepAside } = await edge()
      await keepAside()
      openEmpty()
    } catch {
      problems.value = [problemAt('', say('storage.asideFailed'))]
    }
  }
  function start(fresh: Shop) {
    shop.value = withIds(fresh)
    phase.value = 'ready'
    // Shown first: what checks and writes it takes longer to come than to draw.
    void painted().then(save)
  }

  /** Does something that can be taken back, and says so. */
  function undoable(label: string, change: () => void) {
    undoStack.value = [...undoStack.value, { label, shop: clone(shop.value) }].slice(-MOST_UNDO)
    change()
    told.value = { label }
  }
  function undo() {
    const last = undoStack.value.at(-1)
    if (!last) return
    undoStack.value = undoStack.value.slice(0, -1)
    shop.value = last.shop
    told.value = null
  }

  const replaceAll = (label: string, next: Shop) => undoable(label, () => (shop.value = withIds(next)))

  return {
    shop,
    phase,
    saveState,
    problems,
    unreadableText,
    told,
    undoStack,
    load,
    save,
    openDemo,
    openEmpty,
    openBeside,
    unkept,
    openedWithout,
    undoable,
    undo,
    replaceAll,
    start,
  }
})

/** When the browser has drawn what now stands; a page nobody sees is not drawn, and waits no longer. */
const painted = () =>
  new Promise((done) => {
    requestAnimationFrame(() => setTimeout(done))
    setTimeout(done, 300)
  })

const withIds = (shop: Shop): Shop => ({
  ...shop,
  store: shop.store.map((part) => ({ ...part, id: part.id ?? newId() })),
})
