import { saysSame, shownContent, shownVersion, type Kept } from '@pepper-knot/core/ledger'
import {
  digestOf,
  digestWith,
  digestWithout,
  type Digest,
  type Key,
  type Run,
  type State,
} from '@pepper-knot/core/record'
import type { Boxes, Put } from './boxes.ts'
import {
  OLDER_LISTS,
  pastAnew,
  pastIn,
  pastInOnePiece,
  pastOf,
  pastPuts,
  pastThen,
  removedIn,
  type PastRuns,
} from './past.ts'
import { DIGEST, isOpen, OPEN_RUNS, openIn, runsIn, type createShelf } from './shelf.ts'

type Reading = Pick<ReturnType<typeof createShelf>, 'shelf' | 'digestNow' | 'loadRuns' | 'openRuns'>

/** What is kept of all runs together, so that none of them has to be opened for it. */
export function createSums({ boxes, shelf, digestNow, loadRuns, openRuns }: Reading & { boxes: Boxes }) {
  /** The sums as they are once these are changed. @param puts takes what is to be written of them */
  async function sumsThen(
    changed: ReadonlyMap<Key, Kept | undefined>,
    puts: Put[],
  ): Promise<Digest | undefined> {
    const runs = [...changed].flatMap(([key, kept]) =>
      key.startsWith('run/')
        ? [{ id: key.slice(4), was: shownContent(shelf.records.get(key)), is: shownContent(kept) }]
        : [],
    )
    if (runs.length === 0) return shelf.digest
    let digest: Digest | undefined = await digestNow()
    for (const { was, is } of runs) {
      if (was) digest = digest && digestWithout(digest, was as unknown as Run)
      if (is) digest = digest && digestWith(digest, is as unknown as Run)
    }
    // Too much was taken back for what it keeps.
    if (!digest) {
      await loadRuns()
      digest = digestOf(runsIn(new Map([...shelf.records, ...changed])))
    }
    if (digest !== shelf.digest) puts.push({ box: 'meta', key: DIGEST, value: digest })
    if (runs.some(({ was, is }) => isOpen(was) !== isOpen(is))) {
      const open = new Set(openRuns())
      for (const { id, is } of runs) open[isOpen(is) ? 'add' : 'delete'](id)
      puts.push({ box: 'meta', key: OPEN_RUNS, value: [...open] })
    }
    const other = runs.filter(
      ({ was, is }) => (was === null) !== (is === null) || !saysSame(pastOf(was), pastOf(is)),
    )
    if (other.length) puts.push(...(await pastThen(boxes, other)))
    return digest
  }
  async function madeAnew(): Promise<PastRuns> {
    let found = await pastInOnePiece(boxes)
    if (!found) {
      await loadRuns()
      found = allPast(shelf.records)
    }
    const puts = await pastPuts(found, boxes)
    await boxes.write([...puts, ...OLDER_LISTS]).catch(() => undefined)
    return found
  }
  const pastRuns = async (): Promise<PastRuns> => (await pastIn(boxes)) ?? madeAnew()
  /** Runs that were removed. */
  const removedRuns = async (): Promise<string[]> => (await removedIn(boxes)) ?? (await madeAnew()).removed
  const allPast = (records: ReadonlyMap<Key, Kept>) =>
    pastAnew(
      [...records].flatMap(([key, kept]) =>
        key.startsWith('run/')
          ? [{ id: key.slice(4), is: shownContent(kept), was: shownVersion(kept).was ?? null }]
          : [],
      ),
    )

  /** The sums of a whole state, to be written. */
  const sumsOf = async ({ records }: Pick<State, 'records'>): Promise<Put[]> => [
    { box: 'meta', key: DIGEST, value: digestOf(runsIn(records)) },
    ...(await pastPuts(allPast(records), boxes)),
    { box: 'meta', key: OPEN_RUNS, value: openIn(records) },
  ]
  return { sumsThen, sumsOf, pastRuns, removedRuns }
}
