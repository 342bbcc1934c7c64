import type { Content } from '@pepper-knot/core/ledger'
import { dice } from '../../core/test/otherSetups.ts'
import { times } from '../../core/test/counts.ts'
import {
  newestIn,
  pastAnew,
  pastIn,
  pastInOnePiece,
  pastPuts,
  pastThen,
  PAST,
  removedIn,
} from '../src/storage/past.ts'
import { memoryStore } from './memoryBoxes.ts'

/** A run as the store keeps it; of many at once, some were signed off in the same minute. */
const run = (n: number, minute: number, note?: string) =>
  ({
    id: `run${n}`,
    kind: 'change',
    machineId: 'gull',
    label: 'ER70S-6 0.8',
    job: {},
    stage: 'sign-off',
    startedAt: '2026-01-01T00:00:00.000Z',
    signedOffAt: new Date(Date.UTC(2026, 0, 1) + minute * 60_000).toISOString(),
    ...(note && { note }),
  }) as unknown as Content

test.each(Array.from({ length: times(2, 60) }, (_, i) => i + 1))(
  'seed %i: after any signing off, correcting, taking back and removing the pages say what a list made anew says',
  async (seed) => {
    const d = dice(seed)
    const store = memoryStore()
    const boxes = store.boxes()
    const runs = new Map<string, Content>()
    const removed: string[] = []
    const begin = d.of([0, 1, 499, 500, 1300])
    for (let n = 0; n < begin; n++) runs.set(`run${n}`, run(n, d.below(2000)))
    const whole = () =>
      pastAnew([
        ...[...runs].map(([id, is]) => ({ id, was: null, is })),
        ...removed.map((id) => ({ id, was: run(0, 0), is: null })),
      ])
    await boxes.write(await pastPuts(whole(), boxes))
    let pages = 0
    for (let i = 0; i < times(30, 200); i++) {
      const changed = new Map<string, { was: Content | null; is: Content | null }>()
      const many = d.chance(0.1) ? 700 : 1 + d.below(3)
      for (let k = 0; k < many; k++) {
        const id = `run${d.chance(0.7) ? 10_000 + i * 1000 + k : d.below(begin + 5)}`
        if (changed.has(id)) continue
        const was = runs.get(id) ?? null
        const n = Number(id.slice(3))
        // Mostly now, at times with a clock that stood elsewhere.
        const minute = d.chance(0.7) ? 3000 + i : d.below(4000)
        const is = was && d.chance(0.4) ? null : run(n, minute, d.chance(0.3) ? `note ${i}` : undefined)
        changed.set(id, { was, is })
        if (is) runs.set(id, is)
        else runs.delete(id)
        const at = removed.indexOf(id)
        if (at >= 0) removed.splice(at, 1)
        if (!is) removed.push(id)
      }
      const puts = await pastThen(
        boxes,
        [...changed].map(([id, of]) => ({ id, ...of })),
      )
      pages = Math.max(pages, many > 3 ? 0 : puts.filter(({ key }) => /page/.test(key)).length)
      await boxes.write(puts)
      const want = whole()
      const got = await pastIn(boxes)
      expect([seed, i, got?.signed]).toEqual([seed, i, want.signed])
      expect([...got!.removed].sort()).toEqual([...want.removed].sort())
      expect(await removedIn(boxes)).toEqual(got!.removed)
      expect(await newestIn(boxes)).toEqual(want.signed.slice(0, 100))
    }
    // Each of up to three writes the pages that it stood and stands on, and one more where that was full.
    expect(pages).toBeLessThanOrEqual(8)
    // No page is left behind that the index does not name.
    const index = (await boxes.meta.get(PAST)) as { pages: unknown[] }
    expect(await boxes.meta.keys(`${PAST}/page/`)).toHaveLength(index.pages.length)

    // What is not what it should be is no list; the next writing clears it away, and the one after that makes it anew.
    const [key] = await boxes.meta.keys(`${PAST}/page/`)
    if (!key) return
    await boxes.write([{ box: 'meta', key, value: d.of([[], 'scraps', [{ id: 3 }]]) }])
    expect(await pastIn(boxes)).toBeUndefined()
    const [first] = runs
    await boxes.write(
      await pastThen(
        boxes,
        [...runs].map(([id, was]) => ({ id, was, is: was })),
      ),
    )
    expect([first, await boxes.meta.get(PAST)]).toEqual([first, null])
  },
)

test('the list of the version before is taken over once, and not once a run was changed since', async () => {
  const store = memoryStore()
  const boxes = store.boxes()
  const listed = pastAnew(
    Array.from({ length: 700 }, (_, n) => ({ id: `run${n}`, was: null, is: run(n, n) })),
  )
  const before = { box: 'meta', key: 'past/4', value: listed } as const
  await boxes.write([before])
  expect(await pastInOnePiece(boxes)).toEqual(listed)
  await boxes.write(await pastThen(boxes, [{ id: 'run9', was: run(9, 9), is: null }]))
  expect(await pastInOnePiece(boxes)).toBeUndefined()
  for (const scrap of [null, 3, {}, { signed: [{}], removed: [] }, { signed: [], removed: [1] }]) {
    await boxes.write([{ ...before, value: scrap }])
    expect(await pastInOnePiece(boxes)).toBeUndefined()
  }
})
