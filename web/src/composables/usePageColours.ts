import { ref, watch, type Ref } from 'vue'
import { useTheme } from 'vuetify'

/**
 * Colours of the page for what is drawn on a canvas, read anew when the theme turns.
 * @param box an element of the page, once it is there
 * @param before what they are until then, by the names of the page’s own
 */
export function usePageColours<C extends Record<string, string>>(
  box: Ref<HTMLElement | undefined>,
  before: C,
): Ref<C> {
  const theme = useTheme()
  const colours = ref(before) as Ref<C>
  watch(
    [() => theme.global.name.value, box],
    () => {
      if (!box.value) return
      const style = getComputedStyle(box.value)
      const of = (name: string) => style.getPropertyValue(`--${name}`).trim()
      colours.value = Object.fromEntries(Object.keys(before).map((name) => [name, of(name)])) as C
    },
    { flush: 'post', immediate: true },
  )
  return colours
}
