import { defineStore } from 'pinia'
import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'
import { corrected, type Shop } from '@pepper-knot/core/record'
import { latestFirst } from '../storage/latestFirst.ts'
import { asKept } from './kept.ts'
import { useRuns } from './runs.ts'
import { newId, useShop } from './shop.ts'

export type LogNote = NonNullable<Shop['log']>[number]

/** Notes written into the log by hand, the latest first, and who writes on this device. */
export const useLog = defineStore('log', () => {
  const shop = useShop()
  const runs = useRuns()
  const notes = computed<readonly LogNote[]>(() => [...(shop.shop.log ?? [])].sort(latestFirst))
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
  /** @param next its text, and its figures with those that go set to nothing; @param photos the pictures it is to have now */
  const correct = (
    note: LogNote,
    next: Parameters<typeof corrected>[1],
    photos: readonly string[],
    label: string,
  ) =>
    shop.undoable(label, () => {
      const said = corrected(note, next, signed.value, new Date().toISOString())
      shop.put('log', asKept({ ...said, photos: photos.length ? [...photos] : undefined }))
    })
  const byMachine = computed(() => {
    const found = new Map<string | undefined, LogNote[]>()
    for (const note of notes.value) {
      const there = found.get(note.machineId)
      if (there) there.push(note)
      else found.set(note.machineId, [note])
    }
    return found
  })
  /** What was written by hand about one machine. */
  const on = (machineId: string): readonly LogNote[] => byMachine.value.get(machineId) ?? []
  /** Every picture that an entry names. */
  const photos = computed(() => new Set(notes.value.flatMap((note) => note.photos ?? [])))
  const remove = (id: string, label: string) =>
    shop.undoable(label, () => shop.drop('log', (note) => note.id === id))
  /** Takes a name off every note and every signed-off job. @param jobs ids of the jobs that bear it */
  async function forget(name: string, jobs: readonly string[], label: string) {
    for (const id of jobs) await shop.loadRun(id)
    const without = <T extends { by?: string | undefined }>({ by, ...rest }: T) =>
      (by === name ? rest : { ...rest, ...(by !== undefined && { by }) }) as T
    shop.undoable(label, () => {
      for (const id of jobs) runs.change(id, (run) => without(run))
      for (const note of notes.value)
        if (note.by === name || note.was?.some((old) => old.by === name))
          shop.put('log', asKept({ ...without(note), ...(note.was && { was: note.was.map(without) }) }))
    })
    if (by.value.trim() === name) by.value = ''
  }
  return { notes, on, photos, by, signed, add, correct, remove, forget }
})
