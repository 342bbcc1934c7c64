import { onBeforeUnmount, onMounted } from 'vue'

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
  const onKey = (event: KeyboardEvent) => {
    const act = keys[event.key]
    if (
      !act ||
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
