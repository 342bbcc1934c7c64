import { BOX_NAMES, type BoxName, type Put } from './boxes.ts'
import { boxes } from './edge.ts'
import { ASIDE, asideKey } from './shelf.ts'

/** What could not be read, kept until somebody saves or removes it. */
export interface AsideText {
  key: string
  /** ISO time at which it was laid aside. */
  at: string
  text: string
}

/** Everything that was laid aside, the newest first. */
export async function asideTexts(): Promise<AsideText[]> {
  const keys = await boxes.meta.keys(ASIDE)
  const found = await Promise.all(
    keys.map(async (key) => {
      const kept = (await boxes.meta.get(key)) as { text?: unknown } | null
      const text = typeof kept?.text === 'string' ? kept.text : JSON.stringify(kept)
      return { key, at: key.slice(ASIDE.length).replace(/\+*$/, ''), text }
    }),
  )
  return found.sort((a, b) => (a.at < b.at ? 1 : -1))
}
export const removeAside = (key: string): Promise<void> => boxes.write([{ box: 'meta', key }])

/** Lays aside all there is, and empties the store: only where somebody said so. */
export async function clearAside(): Promise<void> {
  const dump: Partial<Record<BoxName, [string, unknown][]>> = {}
  for (const name of BOX_NAMES)
    dump[name] = (await boxes[name].all()).filter(([key]) => name !== 'meta' || !key.startsWith(ASIDE))
  const gone = BOX_NAMES.flatMap((box) => dump[box]!.map(([key]): Put => ({ box, key })))
  if (gone.length === 0) return
  const value = { where: 'store', text: JSON.stringify(dump, null, 1) }
  await boxes.write(
    [{ box: 'meta', key: await asideKey(boxes, new Date().toISOString()), value }, ...gone],
    true,
  )
}
