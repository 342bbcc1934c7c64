/** The readiness board of a large shop: 10 machines and 40 wires, verdicts and exact minutes. */
import {
  CATALOGUE,
  DEFAULT_PRACTICE,
  catalogueLabels,
  partSchema,
  readiness,
  readinessMinutes,
  type Machine,
} from '@pepper-knot/core/internal'
import { demoShop } from '@pepper-knot/core/demo'

const shop = demoShop()
const labels = catalogueLabels().filter((_, i, all) => i % Math.ceil(all.length / 40) === 0)
const more = catalogueLabels().filter((l) => !labels.includes(l))
const wires = [...labels, ...more].slice(0, 40)
const machines: Machine[] = Array.from({ length: 10 }, (_, i) => {
  const base = shop.machines[i % shop.machines.length]!
  const tip = { stamp: ['0.8', '0.9', '1.2'][i % 3]!, condition: i % 2 ? ('worn' as const) : undefined }
  return { ...base, id: `m${i}`, name: `Machine ${i}`, fitted: { ...base.fitted, contactTip: tip } }
})
const store = [
  ...shop.store.filter((p) => p.kind !== 'wire'),
  ...wires.map(({ label }, i) => partSchema.parse({ kind: 'wire', id: `w${i}`, label, count: 1 })),
]
const best = (work: () => void, n = 5) =>
  Math.min(
    ...Array.from({ length: n }, () => {
      const t0 = performance.now()
      work()
      return performance.now() - t0
    }),
  )

const t0 = performance.now()
const board = readiness(machines, store, DEFAULT_PRACTICE)
const first = performance.now() - t0
const again = best(() => readiness(machines, store, DEFAULT_PRACTICE))
const t1 = performance.now()
let exact = 0
for (const _ of readinessMinutes(board, machines, store, DEFAULT_PRACTICE)) exact++
const all = performance.now() - t1
const states = new Map<string, number>()
for (const cell of board.cells) states.set(cell.state, (states.get(cell.state) ?? 0) + 1)
console.log(`catalogue     ${CATALOGUE.length} classifications, ${wires.length} wires used`)
console.log(`board         ${machines.length} machines x ${board.rows.length} wires`)
console.log(`states        ${[...states].map(([s, n]) => `${s} ${n}`).join(', ')}`)
console.log(
  `verdicts      first ${first.toFixed(0)} ms, warm ${again.toFixed(0)} ms  (aim 300 ms: ${first < 300 ? 'met' : 'missed'})`,
)
console.log(
  `minutes       ${exact} cells in ${all.toFixed(0)} ms  (aim 5 s: ${all < 5000 ? 'met' : 'missed'})`,
)
console.log(`ratio         exact minutes cost ${(all / first).toFixed(1)} times the verdicts`)
