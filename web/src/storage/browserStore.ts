import localforage from 'localforage'
import { readShopFile, shopOf, writeShopFile, type Problem, type Shop } from '@pepper-knot/core'

const box = localforage.createInstance({
  name: 'pepper-knot',
  storeName: 'shop',
  description: 'The shop, its machines, parts and changeovers',
})
const KEY = 'shop'

export type Loaded =
  | { state: 'empty' }
  | { state: 'ready'; shop: Shop }
  | { state: 'unreadable'; problems: Problem[]; text: string }
  | { state: 'failed'; message: string }

/** Reads what the browser kept; what cannot be read is handed over as it is, never thrown away. */
export async function loadShop(): Promise<Loaded> {
  try {
    const text = await box.getItem<string>(KEY)
    if (text === null) return { state: 'empty' }
    const file = readShopFile(text)
    if (!file.ok) return { state: 'unreadable', problems: file.problems, text }
    return { state: 'ready', shop: shopOf(file.value) }
  } catch (error) {
    return { state: 'failed', message: error instanceof Error ? error.message : String(error) }
  }
}

export const saveShop = (shop: Shop): Promise<unknown> =>
  box.setItem(KEY, writeShopFile(shop, new Date().toISOString()))
