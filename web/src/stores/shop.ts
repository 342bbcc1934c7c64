import { defineStore } from 'pinia'
import { computed, ref, toRaw, watch } from 'vue'
import { settingsSchema, type Machine, type Part, type Problem, type Run, type Shop } from '@pepper-knot/core'
import { loadShop, saveShop } from '../storage/browserStore.ts'
import { fetchInfo } from '../storage/server.ts'

export type SaveState = 'saved' | 'saving' | 'failed'
export type Phase = 'loading' | 'welcome' | 'ready' | 'unreadable' | 'failed'

const blank = (): Shop => ({
  name: 'My shop',
  settings: settingsSchema.parse({}),
  machines: [],
  store: [],
  runs: [],
})
const clone = <T>(value: T): T => JSON.parse(JSON.stringify(toRaw(value))) as T
const MOST_UNDO = 30

export const newId = (): string => crypto.randomUUID()

/** The shop: everything the user has. Every touch is saved. */
export const useShop = defineStore('shop', () => {
  const shop = ref<Shop>(blank())
  const phase = ref<Phase>('loading')
  const saveState = ref<SaveState>('saved')
  const problems = ref<Problem[]>([])
  const unreadableText = ref('')
  const undoStack = ref<{ label: string; shop: Shop }[]>([])
  /** Said once, with a way back, after something was removed or replaced. */
  const told = ref<{ label: string } | null>(null)

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
      if (saveState.value !== 'failed') saveState.value = 'saving'
      try {
        await saveShop(toRaw(shop.value))
        saveState.value = 'saved'
      } catch {
        saveState.value = 'failed'
      }
    }
    writing = false
  }
  watch(shop, () => phase.value === 'ready' && void save(), { deep: true, flush: 'sync' })

  async function load() {
    const loaded = await loadShop()
    if (loaded.state === 'ready') {
      shop.value = loaded.shop
      phase.value = 'ready'
    } else if (loaded.state === 'unreadable') {
      problems.value = loaded.problems
      unreadableText.value = loaded.text
      phase.value = 'unreadable'
    } else if (loaded.state === 'failed') {
      problems.value = [{ path: '', message: loaded.message }]
      phase.value = 'failed'
    } else if ((await fetchInfo())?.demo) await openDemo()
    else phase.value = 'welcome'
  }

  async function openDemo() {
    const { demoShop } = await import('@pepper-knot/core/demo')
    const settings = phase.value === 'ready' ? shop.value.settings : settingsSchema.parse({})
    start({ ...blank(), ...demoShop(), settings })
  }
  const openEmpty = () => start(blank())
  function start(fresh: Shop) {
    shop.value = withIds(fresh)
    phase.value = 'ready'
    void save()
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

  const machine = (id: string) => shop.value.machines.find((m) => m.id === id)
  /** With all that was learned of it since a sheet began, but fitted as the sheet goes by. */
  const asPlanned = (planned: Machine): Machine => ({
    ...(machine(planned.id) ?? planned),
    fitted: planned.fitted,
  })
  function putMachine(next: Machine) {
    const at = shop.value.machines.findIndex((m) => m.id === next.id)
    if (at < 0) shop.value.machines.push(next)
    else shop.value.machines[at] = next
  }
  function putPart(next: Part) {
    const at = shop.value.store.findIndex((p) => p.id !== undefined && p.id === next.id)
    if (at < 0) shop.value.store.push({ ...next, id: next.id ?? newId() })
    else shop.value.store[at] = next
  }
  const removeMachine = (id: string, label: string) =>
    undoable(label, () => {
      shop.value.machines = shop.value.machines.filter((m) => m.id !== id)
      shop.value.runs = shop.value.runs.filter((r) => r.machineId !== id || r.signedOffAt !== undefined)
    })
  const removePart = (id: string, label: string) =>
    undoable(label, () => (shop.value.store = shop.value.store.filter((p) => p.id !== id)))

  const openRuns = computed(() => shop.value.runs.filter((r) => r.signedOffAt === undefined))
  const run = (id: string) => shop.value.runs.find((r) => r.id === id)
  function startRun(machineId: string, label = ''): Run {
    const fresh: Run = {
      id: newId(),
      machineId,
      startedAt: new Date().toISOString(),
      stage: 'decide',
      label,
      job: { position: 'flat', draughtMPerS: 0 },
      gathered: [],
      done: [],
    }
    shop.value.runs.push(fresh)
    return fresh
  }
  const removeRun = (id: string, label: string) =>
    undoable(label, () => (shop.value.runs = shop.value.runs.filter((r) => r.id !== id)))

  const settings = computed(() => shop.value.settings)
  const units = computed(() => shop.value.settings.units)

  return {
    shop,
    phase,
    saveState,
    problems,
    unreadableText,
    told,
    undoStack,
    settings,
    units,
    openRuns,
    load,
    save,
    openDemo,
    openEmpty,
    undoable,
    undo,
    replaceAll,
    machine,
    asPlanned,
    putMachine,
    putPart,
    removeMachine,
    removePart,
    run,
    startRun,
    removeRun,
    start,
  }
})

const withIds = (shop: Shop): Shop => ({
  ...shop,
  store: shop.store.map((part) => ({ ...part, id: part.id ?? newId() })),
})
