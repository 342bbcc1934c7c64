import type { Remote } from 'comlink'
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { spoken } from '../../messages/language.ts'
import { useLog } from '../../stores/log.ts'
import { useMachines } from '../../stores/machines.ts'
import { useSettings } from '../../stores/settings.ts'
import { useShop } from '../../stores/shop.ts'
import type { LogWorker } from '../../workers/log.worker.ts'
import { createLogBook, type LogFound, type LogQuery } from './logBook.ts'
import type { LogContext, LogRow } from './logRows.ts'
import { startLog } from './logWorker.ts'
import { sayLog } from './sayLog.ts'

/** Rows that come with an answer, and those that come with one that is scrolled to. */
const FIRST = 120
const AROUND = 60
/** Rows that the list has at once; those before them by a touch. However long the log is, a list is not. */
const AT_ONCE = 500

/**
 * What is found in the log: the latest of it at once, all of it from a worker, in pieces as it is looked at.
 * @param query what is looked for now
 */
export function useLogFinder(query: () => LogQuery) {
  const { locale } = useI18n()
  const shop = useShop()
  const log = useLog()
  const machines = useMachines()
  const settings = useSettings()
  const state = ref<'reading' | 'whole' | 'failed'>('reading')
  /** Another one whenever the log itself may say something else. */
  const edition = ref(0)
  let raw: Worker | undefined
  let worker: Remote<LogWorker> | undefined
  function start(): Remote<LogWorker> {
    const started = startLog()
    raw = started.raw
    raw.onerror = failed
    return started.log
  }
  /** The latest stand there again; who asks again begins with another worker. */
  function failed() {
    n++
    raw?.terminate()
    worker = undefined
    opened = ''
    answer.value = undefined
    answered = undefined
    state.value = 'failed'
  }
  onScopeDispose(() => raw?.terminate())

  const context = computed<LogContext>(() => ({
    units: settings.units,
    currency: settings.all.currency,
    locale: locale.value,
    machines: machines.list.map(({ id, name }) => [id, name]),
  }))
  const latestBook = computed(() =>
    createLogBook(sayLog(context.value), shop.past, log.notes.slice(0, FIRST)),
  )
  /** The latest, until the worker has read the rest. */
  const latest = computed((): Answer => {
    const found = latestBook.value.find(query())
    return { ...found, rows: latestBook.value.rows(0, found.total), n: 0 }
  })
  type Answer = LogFound & { rows: (LogRow | undefined)[]; n: number }
  const answer = shallowRef<Answer>()
  const now = computed(() => answer.value ?? latest.value)

  let n = 0
  let opened = ''
  /** The question of the answer that stands. */
  let answered: string | undefined
  let openedNotes: unknown
  async function ask() {
    const mine = ++n
    try {
      worker ??= start()
      const asked = { language: spoken(), context: context.value, changed: shop.pastChanged }
      const text = JSON.stringify(asked)
      if (text !== opened || openedNotes !== log.notes) {
        opened = text
        openedNotes = log.notes
        await worker.open({ ...asked, notes: log.notes })
        edition.value++
        if (mine !== n) return
      }
      const said = { ...query() }
      const question = JSON.stringify(said)
      const { first, ...found } = await worker.find(said, FIRST)
      if (mine !== n) return
      const rows: Answer['rows'] = [...first]
      // Of the same question as many stay listed as there were.
      const listed = question === answered ? answer.value!.rows.length : 0
      rows.length = Math.min(found.total, Math.max(listed, AT_ONCE))
      answered = question
      answer.value = { ...found, rows, n: mine }
      state.value = 'whole'
    } catch (error) {
      if (mine !== n) return
      console.error(error)
      failed()
    }
  }
  watch([() => JSON.stringify([query(), context.value, shop.pastChanged]), () => log.notes], ask, {
    immediate: true,
  })

  /** These are looked at: those that are not here yet come. */
  async function want(from: number, to: number) {
    const there = answer.value
    if (!worker || !there) return
    const { rows } = there
    let [begin, end] = [Math.max(0, from), Math.min(rows.length, to + 1)]
    while (begin < end && rows[begin]) begin++
    while (end > begin && rows[end - 1]) end--
    if (begin === end) return
    begin = Math.max(0, begin - AROUND)
    const came = await worker.rows(begin, Math.min(rows.length, end + AROUND)).catch(() => [])
    // Another question was asked meanwhile: its rows are others.
    if (answer.value?.n !== there.n || n !== there.n) return
    const more = [...answer.value.rows]
    came.forEach((row, i) => (more[begin + i] = row))
    answer.value = { ...answer.value, rows: more }
  }
  /** The list goes on further back. */
  function older() {
    const there = answer.value
    if (!there) return
    const rows = [...there.rows]
    rows.length = Math.min(there.total, rows.length + AT_ONCE)
    answer.value = { ...there, rows }
  }
  return {
    now,
    older,
    state,
    edition,
    want,
    again: ask,
    /** All of it, from who knows all of it. */
    whole: () => (state.value === 'whole' ? worker : undefined),
  }
}
