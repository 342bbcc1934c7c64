import { useDebounceFn } from '@vueuse/core'
import { measureElement, useWindowVirtualizer, type Virtualizer } from '@tanstack/vue-virtual'
import { computed, onMounted, onUpdated, ref, watch, type ComponentPublicInstance } from 'vue'

/** A hand that rests so long has typed what it wanted, for now. */
const REST_MS = 100
/** So many rows are all drawn: found by the browser’s own search, and read out as they stand. */
const FEW = 60

/**
 * A row that was just put in counts as a usual one until the browser has laid it out and tells its height: asked at
 * once, it would have to lay out the whole page for that.
 */
const whenLaidOut = (
  row: Element,
  told: ResizeObserverEntry | undefined,
  of: Virtualizer<Window, Element>,
): number => {
  if (told) return measureElement(row, told, of)
  const index = of.indexFromElement(row)
  return of.itemSizeCache.get(of.options.getItemKey(index)) ?? of.options.estimateSize(index)
}

/**
 * The rows of a long list that are in view, and the room of those that are not.
 * @param items what is not known yet of them is left out
 * @param heightPx of a usual row; each is measured when it is drawn
 * @param overscan rows drawn beyond each edge of the view
 */
export function useRows<T>(items: () => readonly (T | undefined)[], heightPx: number, overscan = 5) {
  /** Where the rows begin. */
  const top = ref<HTMLElement>()
  const margin = ref(0)
  const many = computed(() => items().length > FEW)
  const virtual = useWindowVirtualizer(
    computed(() => ({
      count: many.value ? items().length : 0,
      estimateSize: () => heightPx,
      measureElement: whenLaidOut,
      overscan,
      scrollMargin: margin.value,
    })),
  )
  const place = () => {
    if (!many.value || !top.value) return
    const now = Math.round(top.value.getBoundingClientRect().top + window.scrollY)
    if (Math.abs(now - margin.value) > 1) margin.value = now
  }
  // Once it is laid out, for the same reason; what moves the list with every letter, when the hand rests.
  const soon = () => void requestAnimationFrame(place)
  onMounted(soon)
  watch(many, soon)
  onUpdated(useDebounceFn(place, REST_MS))
  const drawn = computed(() => (many.value ? virtual.value.getVirtualItems() : []))
  const rows = computed(() =>
    many.value
      ? drawn.value.flatMap(({ index }) => {
          const item = items()[index]
          return item === undefined ? [] : [{ item, index }]
        })
      : items().flatMap((item, index) => (item === undefined ? [] : [{ item, index }])),
  )
  /** Places of the first and the last that are drawn. */
  const span = computed(() => [drawn.value[0]?.index ?? 0, drawn.value.at(-1)?.index ?? 0] as const)
  const before = computed(() => (drawn.value[0] ? drawn.value[0].start - margin.value : 0))
  const after = computed(() => {
    const last = drawn.value.at(-1)
    return last ? virtual.value.getTotalSize() - (last.end - margin.value) : 0
  })
  const measure = (row: Element | ComponentPublicInstance | null) => {
    if (many.value && row) virtual.value.measureElement('$el' in row ? (row.$el as Element) : row)
  }
  return { top, rows, span, before, after, measure, many }
}
