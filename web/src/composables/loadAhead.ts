import { router } from '../router.ts'
import troubleWorker from '../workers/trouble.worker.ts?worker&url'
import feedWorker from '../workers/feed.worker.ts?worker&url'
import fileWorker from '../workers/file.worker.ts?worker&url'
import readinessWorker from '../workers/readiness.worker.ts?worker&url'
import { idle } from './idle.ts'

/** Parts of the program that come when they are asked for, beside the screens. */
const PARTS: readonly (() => Promise<unknown>)[] = [
  () => import('../screens/changeover/dialin/DialInStage.vue'),
  () => import('../parts/SaveNotice.vue'),
  () => import('../parts/TakeBackDialog.vue'),
  () => import('../parts/ToldNotice.vue'),
  () => import('../parts/KeysDialog.vue'),
  () => import('../screens/bench/JobFinder.vue'),
  ...[troubleWorker, feedWorker, fileWorker, readinessWorker].map((url) => () => fetch(url)),
]

/** Whether whoever uses the device asks for few data. Few browsers can tell. */
const savesData = () =>
  (navigator as Navigator & { connection?: { saveData?: boolean } }).connection?.saveData === true

/**
 * Fetches in idle time whatever a run, a trouble and dialling in may ask for, one after another: once it is here, none
 * of them asks the network again. What cannot be fetched now, and all of it where few data
 * are asked for, is fetched when it is asked for.
 */
export async function loadAhead(): Promise<void> {
  if (savesData()) return
  const screens = router.getRoutes().flatMap(({ name, components }) => {
    const load = components?.default as unknown
    return typeof load === 'function' ? [{ name, load: load as () => Promise<unknown> }] : []
  })
  // First what stands on the bench with its user.
  const first = ['change', 'trouble', 'troubles']
  const order = [...screens].sort(
    (a, b) => Number(first.includes(String(b.name))) - Number(first.includes(String(a.name))),
  )
  for (const load of [...order.map(({ load }) => load), ...PARTS]) {
    await idle()
    await load().catch(() => undefined)
  }
}
