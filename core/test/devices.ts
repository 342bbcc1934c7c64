/** Devices that change one record each for itself and swap what they have, made from a seed. */
import {
  apart,
  beside,
  follow,
  mergeKept,
  shownContent,
  shownVersion,
  withoutRemoved,
  type Content,
  type Kept,
  type Writer,
} from '../src/index.ts'
import type { Dice } from './otherSetups.ts'

/** Every write that was ever made, apart from what the code makes of it. */
export interface Written {
  clock: Readonly<Record<string, number>>
  content: Content | null
}
export interface Meeting {
  /** What each device holds. */
  held: Kept[]
  written: Written[]
}
const START: Kept = {
  since: 1,
  versions: [{ clock: { first: 1 }, at: '2026-01-01T00:00:00.000Z', content: { name: 'start' } }],
}

/** Three devices, some writes from an older view, removals, swaps, and clocks that go as they like. */
export function meeting(d: Dice, steps = 12): Meeting {
  const held: Kept[] = [START, START, START]
  const written: Written[] = [{ clock: { first: 1 }, content: { name: 'start' } }]
  let n = 0
  for (let i = 0; i < steps; i++) {
    const who = d.below(3)
    const mine = held[who]!
    const by: Writer = {
      device: `d${who}`,
      at: new Date(Date.UTC(2026, 0, 1 + d.below(300))).toISOString(),
      fork: `d${who}~${++n}`,
    }
    const content = d.chance(0.2) ? null : { name: `n${d.below(4)}`, count: d.below(3) }
    if (d.chance(0.3)) held[who] = mergeKept(mine, held[d.below(3)]!)
    else if (d.chance(0.1)) held[who] = withoutRemoved(mine)
    else {
      const next = d.chance(0.3)
        ? // From an older view: of one version, or of the very first.
          beside(mine, content, d.chance(0.5) ? d.of([...mine.versions]).clock : { first: 1 }, by)
        : apart(mine).length && d.chance(0.5)
          ? beside(mine, content, shownVersion(mine).clock, by)
          : follow(mine, content, by, 1)
      const fresh = next.versions.find((v) => !mine.versions.includes(v))
      if (fresh) written.push({ clock: fresh.clock, content: fresh.content })
      held[who] = next
    }
  }
  return { held, written }
}
export const shownName = (kept: Kept) => shownContent(kept)
