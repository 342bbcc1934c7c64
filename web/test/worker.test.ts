/** The board's worker, overtaken by a later question. */
import { demoShop } from '@pepper-knot/core/demo'
import { DEFAULT_PRACTICE } from '@pepper-knot/core/internal'
import type { BoardWorker } from '../src/workers/readiness.worker.ts'

let board: BoardWorker
jest.mock('comlink', () => ({ expose: (what: BoardWorker) => (board = what) }))
const question = () => ({ ...demoShop(), practice: DEFAULT_PRACTICE, minutes: undefined })

beforeAll(() => import('../src/workers/readiness.worker.ts'))

test('a question that is overtaken says nothing more, and the later one is answered whole', async () => {
  // A clock that jumps makes every plan a slice: the later question comes between two of them.
  let now = 0
  jest.spyOn(performance, 'now').mockImplementation(() => (now += 100))
  const said: string[] = []
  const all = () =>
    board.ask(question()).map((row) => [row.key, question().machines.map((m) => m.id)] as const)
  const first = board.cells(
    all(),
    () => said.push('board 1'),
    () => said.push('minutes 1'),
  )
  const second = board.cells(
    all(),
    () => said.push('board 2'),
    () => said.push('minutes 2'),
  )
  expect(await first).toBe(false)
  const after = said.length
  expect(await second).toBe(true)
  expect(said.slice(after)).not.toContain('minutes 1')
  expect(said.filter((what) => what === 'minutes 1').length).toBeLessThanOrEqual(1)
  expect(said.filter((what) => what === 'minutes 2').length).toBeGreaterThan(5)
})

test('what is loaded comes first, and cells of what is not in the shop are none', async () => {
  jest.restoreAllMocks()
  const rows = board.ask(question())
  const loaded = rows.map((row) => row.on.length > 0)
  expect(loaded).toEqual([...loaded].sort((a, b) => Number(b) - Number(a)))
  let got: unknown[] = []
  await board.cells(
    [
      [rows[0]!.key, ['gull', 'gone']],
      ['gone', ['gull']],
    ],
    (cells) => (got = cells),
    () => undefined,
  )
  expect(got).toMatchObject([{ row: rows[0]!.key, machineId: 'gull' }])
})
