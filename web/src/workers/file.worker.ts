import type { IMPORTS } from '@pepper-knot/core/ledger'
import '../zod.ts'
import { expose } from 'comlink'
import {
  compareStates,
  imported,
  readingFile,
  writeShopFile,
  type Aside,
  type Difference,
} from '@pepper-knot/core/ledger'
import { type State } from '@pepper-knot/core/record'
import { type Read } from '@pepper-knot/core/trade'
import { openBooks } from '../storage/edge.ts'

type ImportHow = (typeof IMPORTS)[number]

/** What of a shop goes into a file, and the name of that shop. */
export type FilePart = NonNullable<Parameters<typeof writeShopFile>[2]>
export interface LookedAt {
  /** Of the shop it holds, or that it is part of. */
  name: string | undefined
  /** It holds only some of a shop: it takes the place of nothing. */
  part: boolean
  savedAt: string | undefined
  /** What could not be read, and is left out. */
  aside: Aside[]
  /** What it would change beside what is here. */
  differences: Difference[]
}

const breathe = () => new Promise((resolve) => setTimeout(resolve))
/** Reading between two words, ms. */
const SLICE_MS = 50
let asked = 0
let file: State | undefined
const books = openBooks(() => undefined)

/** Nobody writes while it is only looked at. */
const LOOKING = { device: 'look', at: new Date(0).toISOString(), fork: 'look~' }

const files = {
  /** All that is kept, or some of it, as a file. */
  async save(part?: FilePart): Promise<Blob> {
    const text = writeShopFile(await books.state(), new Date().toISOString(), part)
    return new Blob([text], { type: 'application/json' })
  },

  /**
   * Reads a file whole, and what it would change; nothing is written.
   * @returns nothing where it was stopped
   */
  async look(
    chosen: Blob,
    unnamed: string,
    onShare: (share: number) => void,
  ): Promise<Read<LookedAt> | undefined> {
    const mine = ++asked
    file = undefined
    const work = readingFile(await chosen.text(), unnamed)
    let since = performance.now()
    let next = work.next()
    while (!next.done) {
      if (performance.now() - since > SLICE_MS) {
        onShare(next.value)
        await breathe()
        if (mine !== asked) return undefined
        since = performance.now()
      }
      next = work.next()
    }
    if (!next.value.ok) return next.value
    const { state, savedAt, aside, partOf } = next.value.value
    const now = await books.state()
    if (mine !== asked) return undefined
    file = state
    const name = partOf ?? state.records.get('shop/shop')?.versions[0]?.content?.name
    return {
      ok: true,
      value: {
        name: typeof name === 'string' ? name : undefined,
        savedAt,
        aside,
        part: partOf !== undefined,
        differences: compareStates(now, imported(now, state, 'merge', LOOKING)),
      },
    }
  },
  /** What it would change the other way. */
  async differences(how: ImportHow): Promise<Difference[]> {
    if (!file) return []
    const now = await books.state()
    return compareStates(now, imported(now, file, how, LOOKING))
  },
  /** Leaves off. */
  stop() {
    asked++
    file = undefined
  },
  /** Writes what was looked at: one batch, one undo. @throws whatever the browser says; nothing is written then */
  async write(how: ImportHow, label: string, id: string): Promise<void> {
    if (!file) throw new RangeError('nothing was looked at')
    const from = file
    await books.write((now, by) => imported(now, from, how, by), { label, id })
    file = undefined
  },
}
export type FileWorker = typeof files
expose(files)
