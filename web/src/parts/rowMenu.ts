import { computed, ref, shallowRef, type ComputedRef, type Ref, type ShallowRef } from 'vue'

/** One thing that can be done with a row. */
export interface RowAct {
  title: string
  act: () => void
}

/** The menu of a list: a row’s button opens it, and it tells what can be done with that row. */
export function useRowMenu<T>(actsOf: (row: T) => readonly RowAct[]): {
  /** The button it was opened by; nothing while it is closed. */
  menuAt: Ref<HTMLElement | undefined>
  menuOf: ShallowRef<T | undefined>
  openMenu: (event: Event, row: T) => void
  acts: ComputedRef<readonly RowAct[]>
} {
  const menuAt = ref<HTMLElement>()
  const menuOf: ShallowRef<T | undefined> = shallowRef()
  function openMenu(event: Event, row: T) {
    menuOf.value = row
    menuAt.value = event.currentTarget as HTMLElement
  }
  const acts = computed(() => (menuOf.value === undefined ? [] : actsOf(menuOf.value)))
  return { menuAt, menuOf, openMenu, acts }
}
