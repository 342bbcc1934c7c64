import { defineStore } from 'pinia'
import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'
import { corrected, type LogNote } from '@pepper-knot/core/record'
import { asKept } from './kept.ts'
import { newId, useShop } from './shop.ts'

/** Notes written into the log by hand, the latest first, and who writes on this device. */
export const useLog = defineStore('log', () => {
  const shop = useShop()
  const notes = computed<readonly LogNote[]>(() =>
    [...(shop.shop.log ?? [])].sort((a, b) => (a.at < b.at ? 1 : a.at > b.at ? -1 : a.id < b.id ? -1 : 1)),
  )
  /** Name or initials, remembered by this device alone. */
  const by = useLocalStorage('pepper-knot/by', '')
  const signed = computed(() => by.value.trim().slice(0, 40) || undefined)
  const add = (note: Omit<LogNote, 'id' | 'at' | 'by' | 'was'>, label: string) =>
    shop.undoable(label, () =>
      shop.put(
        'log',
        asKept({
          ...note,
          id: newId(),
          at: new Date().toISOString(),
          ...(signed.value && { by: signed.value }),
        }),
      ),
    )
  const correct = (note: LogNote, text: string, label: string) =>
    shop.undoable(label, () =>
      shop.put('log', asKept(corrected(note, text, signed.value, new Date().toISOString()))),
    )
  const remove = (id: string, label: string) =>
    shop.undoable(label, () => shop.drop('log', (note) => note.id === id))
  return { notes, by, signed, add, correct, remove }
})
