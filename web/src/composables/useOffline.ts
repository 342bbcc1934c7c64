import { ref, shallowRef } from 'vue'
import { idle } from './idle.ts'

/** A newer version is kept on the device and waits; what takes it. */
export const newer = shallowRef<() => Promise<void>>()
/** Everything is here: what is open goes on without a network, and so does the next visit. */
export const keptHere = ref(false)

/** Has the browser keep the whole program, where it can; over plain http it cannot. */
export async function keepHere(): Promise<void> {
  if (!('serviceWorker' in navigator)) return
  await idle()
  const { registerSW } = await import('virtual:pwa-register')
  const take = registerSW({
    immediate: true,
    onNeedRefresh: () => (newer.value = () => take(true)),
    onOfflineReady: () => (keptHere.value = true),
    onRegisteredSW: (_url, registration) => {
      if (navigator.serviceWorker.controller) keptHere.value = true
      // A page that stays open for a shift asks now and then.
      if (registration) setInterval(() => void registration.update().catch(() => undefined), HOUR_MS)
    },
  })
}
const HOUR_MS = 3_600_000
