import { onBeforeUnmount, onMounted } from 'vue'
import { useSettings } from '../stores/settings.ts'

const typing = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName) ||
    target.closest('[role="listbox"], [role="combobox"]') !== null)

export const dialogOpen = () =>
  document.querySelector(
    '.v-overlay--active .v-overlay__content[role="dialog"], .v-dialog.v-overlay--active',
  ) !== null

/** Single keys for a whole page; never while typing, with a modifier, or under a dialog. */
export function usePageKeys(keys: Record<string, (event: KeyboardEvent) => void>) {
  const settings = useSettings()
  // Whoever speaks to the device, or leans on keys, may switch letters and signs off.
  const isOff = (key: string) => settings.all.singleKeys === false && /^[^\s]$/.test(key)
  const onKey = (event: KeyboardEvent) => {
    const act = keys[event.key]
    if (
      !act ||
      isOff(event.key) ||
      event.defaultPrevented ||
      event.ctrlKey ||
      event.metaKey ||
      event.altKey ||
      typing(event.target) ||
      dialogOpen()
    )
      return
    act(event)
  }
  onMounted(() => window.addEventListener('keydown', onKey))
  onBeforeUnmount(() => window.removeEventListener('keydown', onKey))
}
