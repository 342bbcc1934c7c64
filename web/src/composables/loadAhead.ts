import { until } from '@vueuse/core'
import { router } from '../router.ts'
import troubleWorker from '../workers/trouble.worker.ts?worker&url'
import feedWorker from '../workers/feed.worker.ts?worker&url'
import fileWorker from '../workers/file.worker.ts?worker&url'
import readinessWorker from '../workers/readiness.worker.ts?worker&url'
import { useRuns } from '../stores/runs.ts'
import { idle } from './idle.ts'

/** Parts of the program that a run may ask for, beside the screens. */
const OF_A_RUN: readonly (() => Promise<unknown>)[] = [
  () => import('../screens/changeover/dialin/DialInStage.vue'),
  () => import('../parts/SaveNotice.vue'),
  () => import('../parts/TakeBackDialog.vue'),
  () => import('../parts/ToldNotice.vue'),
  ...[troubleWorker, feedWorker].map((url) => () => fetch(url)),
]
/** And those that come when they are asked for elsewhere. */
const OTHERS: readonly (() => Promise<unknown>)[] = [
  () => import('../parts/KeysDialog.vue'),
  () => import('../parts/ShareBox.vue'),
  () => import('../parts/PhotoBox.vue'),
  () => import('../parts/CameraView.vue'),
  () => import('../screens/bench/JobFinder.vue'),
  // What this one needs comes in parts.
  () => import('../screens/log/logWorker.ts').then(({ warmLog }) => warmLog()),
  ...[fileWorker, readinessWorker].map((url) => () => fetch(url)),
]
/** Screens of a run, and of the trouble that may come up in it. */
const RUN_SCREENS = ['change', 'trouble', 'troubles']

/** Whether whoever uses the device asks for few data. Few browsers can tell. */
const savesData = () =>
  (navigator as Navigator & { connection?: { saveData?: boolean } }).connection?.saveData === true

/**
 * Fetches in idle time whatever a run, a trouble and dialling in may ask for, one after another: once it is here, none
 * of them asks the network again. What cannot be fetched now is fetched when it is asked for. Where few data are asked
 * for, only what a run needs is fetched, once one is begun.
 */
export async function loadAhead(): Promise<void> {
  const runs = useRuns()
  const screens = router.getRoutes().flatMap(({ name, components }) => {
    const load = components?.default as unknown
    return typeof load === 'function' ? [{ name, load: load as () => Promise<unknown> }] : []
  })
  const isOfRun = ({ name }: (typeof screens)[number]) => RUN_SCREENS.includes(String(name))
  // First what stands on the bench with its user.
  const needed = [...screens.filter(isOfRun).map(({ load }) => load), ...OF_A_RUN]
  const rest = [...screens.filter((one) => !isOfRun(one)).map(({ load }) => load), ...OTHERS]
  const few = savesData()
  // A run once begun never asks the network again, whoever pays for it.
  if (few) await until(() => runs.open.length).toMatch((open) => open > 0)
  for (const load of few ? needed : [...needed, ...rest]) {
    await idle()
    await load().catch(() => undefined)
  }
}
