import { defineStore } from 'pinia'
import { computed } from 'vue'
import { ownNamed, type Job } from '@pepper-knot/core/machine'
import type { Shop } from '@pepper-knot/core/record'
import { asKept } from './kept.ts'
import { useShop } from './shop.ts'

export type OwnMetal = NonNullable<Shop['metals']>[number]

const plain = (name: string): string => name.trim().toLowerCase().replace(/\s+/g, ' ')
/** The shop’s own rows that a job names: what a plan is asked with. */
export function metalsNamed(
  { alloy, otherAlloy }: Partial<Pick<Job, 'alloy' | 'otherAlloy'>>,
  own: readonly OwnMetal[] | undefined,
): OwnMetal[] | undefined {
  const rows = new Set([alloy, otherAlloy].flatMap((name) => ownNamed(own ?? [], name ?? '') ?? []))
  return rows.size ? [...rows] : undefined
}

/** Metals by the shop’s own word. */
export const useMetals = defineStore('metals', () => {
  const shop = useShop()
  const list = computed<readonly OwnMetal[]>(() => shop.shop.metals ?? [])
  /** The row of a name, however it is spelled as to case and spaces. */
  const read = (name: string | undefined) => ownNamed(list.value, name ?? '')
  const named = (job: Partial<Pick<Job, 'alloy' | 'otherAlloy'>>) => metalsNamed(job, list.value)
  /** Names that a typed beginning may become. */
  const like = (typed: string): string[] =>
    plain(typed)
      ? list.value.filter(({ name }) => plain(name).includes(plain(typed))).map(({ name }) => name)
      : []
  const put = (metal: OwnMetal, label: string) =>
    shop.undoable(label, () => shop.put('metals', asKept({ ...metal })))
  const remove = (id: string, label: string) =>
    shop.undoable(label, () => shop.drop('metals', (metal) => metal.id === id))
  return { list, read, named, like, put, remove }
})
