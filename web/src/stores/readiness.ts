import { proxy, wrap, type Remote } from 'comlink'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, triggerRef, watch } from 'vue'
import { ownMinutes } from '@pepper-knot/core/record'
import { loadedFirst, readinessRows, type ReadinessCell, type ReadinessRow } from '@pepper-knot/core/wire'
import type { BoardWorker } from '../workers/readiness.worker.ts'
import { useMachines } from './machines.ts'
import { usePromised } from './promised.ts'
import { useSettings } from './settings.ts'
import { useShop } from './shop.ts'

/** So many parts are looked through here: a longer store waits for the worker. */
const FEW_PARTS = 300

/** The readiness board: its wires at once, their cells as they come into view; asked anew when the shop changes. */
export const useReadiness = defineStore('readiness', () => {
  const settings = useSettings()
  const machineStore = useMachines()
  const promised = usePromised()
  const shop = useShop()
  const rows = shallowRef<readonly ReadinessRow[]>()
  /** Its wires before the worker answered, so that what stands below keeps its place. */
  const early = shallowRef<readonly ReadinessRow[]>()
  const shown = computed(() => rows.value ?? early.value)
  const cells = shallowRef(new Map<string, ReadinessCell>())
  const minutes = shallowRef(new Map<string, number>())
  const state = ref<'working' | 'done' | 'failed'>('working')
  const problem = ref('')
  let worker: Remote<BoardWorker> | undefined
  /** Which question is answered, and which cells of it were asked for. */
  let asked = 0
  let wanted = new Set<string>()
  let inView: { rows: readonly string[]; machines: readonly string[] } = { rows: [], machines: [] }
  let open = 0

  const start = (): Remote<BoardWorker> => {
    const raw = new Worker(new URL('../workers/readiness.worker.ts', import.meta.url), { type: 'module' })
    raw.onerror = (event) => {
      state.value = 'failed'
      problem.value = event.message
    }
    return wrap<BoardWorker>(raw)
  }
  const failed = (error: unknown, mine: number) => {
    if (mine !== asked) return
    state.value = 'failed'
    problem.value = error instanceof Error ? error.message : String(error)
  }
  const key = (row: string, machineId: string) => `${row}|${machineId}`

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
    if (!rows.value && promised.left.length <= FEW_PARTS)
      early.value = loadedFirst(readinessRows(machineStore.list, promised.left))
    try {
      worker ??= start()
      const found = await worker.ask(JSON.parse(text))
      if (mine !== asked) return
      rows.value = found
      wanted = new Set()
      open = 0
      // What stands there is looked at until its successor comes, cell by cell.
      minutes.value = new Map()
      fetchCells()
      if (open === 0) state.value = 'done'
    } catch (error) {
      failed(error, mine)
    }
  }
  function fetchCells() {
    const mine = asked
    const pairs = inView.rows.flatMap((row) => {
      const ids = inView.machines.filter((id) => !wanted.has(key(row, id)))
      for (const id of ids) wanted.add(key(row, id))
      return ids.length ? [[row, ids] as const] : []
    })
    if (!worker || pairs.length === 0) return
    open++
    state.value = 'working'
    worker
      .cells(
        pairs,
        proxy((found) => {
          if (mine !== asked) return
          for (const cell of found) cells.value.set(key(cell.row, cell.machineId), cell)
          triggerRef(cells)
        }),
        proxy((found) => {
          if (mine !== asked) return
          for (const one of found) minutes.value.set(key(one.row, one.machineId), one.minutes)
          triggerRef(minutes)
        }),
      )
      .then(() => {
        if (mine === asked && --open === 0) state.value = 'done'
      })
      .catch((error: unknown) => failed(error, mine))
  }
  /** What of the board is in view: cells that were not asked for yet are. */
  function want(rowKeys: readonly string[], machineIds: readonly string[]) {
    inView = { rows: rowKeys, machines: machineIds }
    if (rows.value) fetchCells()
  }
  /** Boards on the page: with none, a step on the run sheet asks nothing. */
  const boards = ref(0)
  let answered = ''
  // What is compared is the text of the question: a touch that changes nothing of it asks nothing.
  watch(
    () => (boards.value ? JSON.stringify(question()) : ''),
    (text) => {
      if (!text || text === answered) return
      answered = text
      void ask(text)
    },
    { immediate: true },
  )
  /** A board is shown; called when it goes, it is shown no more. */
  function show() {
    boards.value++
    return () => void boards.value--
  }

  const again = () => ask(JSON.stringify(question()))
  const cellOf = (row: string, machineId: string) => cells.value.get(key(row, machineId))
  const minutesOf = (row: string, machineId: string) => minutes.value.get(key(row, machineId))
  return { rows: shown, cells, minutes, state, problem, again, want, show, cellOf, minutesOf }
})
