import { onBeforeUnmount, ref, watchEffect } from 'vue'

/** What the page in view calls itself, nearer than its name on the rail. */
export const pageTitle = ref('')

/** Names the page or stage in view, for the window, the history and whoever listens. */
export function usePageTitle(say: () => string) {
  watchEffect(() => (pageTitle.value = say()))
  onBeforeUnmount(() => (pageTitle.value = ''))
}
