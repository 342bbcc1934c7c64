/**
 * Setups, wires, machines and ways of working at random (COMBINATIONS=100000, SEED=1): no exception, every proof
 * holds, every hazard rule is exercised by plans with a step dropped or moved, and there and back ends where it began.
 */
import fc from 'fast-check'
import {
  changeoverRequestSchema,
  DEFAULT_PRACTICE,
  HAZARD_RULES,
  planChangeover,
  planConversion,
  prove,
  proveConversion,
  type ChangeoverRequest,
  type Step,
} from '@pepper-knot/core/internal'
import { demoShop } from '@pepper-knot/core/demo'
import { requests } from '../../core/test/setups.ts'
import { thereAndBack } from '../../core/test/thereAndBack.ts'

const most = Number(process.env.COMBINATIONS ?? 100_000)
const seed = Number(process.env.SEED ?? 1)
const broken = new Map(HAZARD_RULES.map((r) => [r.id, 0]))
const count = (rule: string) => broken.has(rule) && broken.set(rule, broken.get(rule)! + 1)
let [done, proved, refused, crews, exact, failed] = [0, 0, 0, 0, 0, 0]
/** Small steady random numbers for the spoiled plans. */
let state = seed
const below = (n: number) => (state = (state * 48_271) % 2_147_483_647) % n

function spoil(steps: readonly Step[]): Step[] {
  const copy = [...steps]
  const [step] = copy.splice(below(copy.length), 1)
  if (below(2)) copy.splice(below(copy.length), 0, step!)
  return copy
}

const t0 = performance.now()
for (let batch = 0; done < most; batch++)
  for (const raw of fc.sample(requests, { numRuns: Math.min(1000, most - done), seed: seed + batch })) {
    done++
    try {
      const plan = planChangeover(changeoverRequestSchema.parse(raw) as ChangeoverRequest)
      if (!plan.ok) throw new Error(JSON.stringify(plan.problems))
      const { steps, findings, context, proof, problems, crew } = plan.value
      if (problems.length) {
        refused++
        continue
      }
      if (!proof?.holds) throw new Error('the proof does not hold')
      proved++
      if (crew) crews++
      if (crew?.exact) exact++
      if (done % 10 === 0) for (const v of prove(spoil(steps), findings, context).violations) count(v.rule)
    } catch (error) {
      if (failed++ < 5) console.error(`${JSON.stringify(raw).slice(0, 400)}: ${(error as Error).message}`)
    }
  }
const minutes = (performance.now() - t0) / 60_000

const tern = demoShop().machines.find((m) => m.id === 'tern')!
const conversion = planConversion(
  { ...tern, gasGear: false },
  'to-gas',
  undefined,
  undefined,
  DEFAULT_PRACTICE,
)
for (let i = 0; i < 300; i++)
  for (const v of proveConversion(
    'to-gas',
    spoil(conversion.steps),
    { gas: { CO2: 100 } },
    conversion.context,
  ).violations)
    count(v.rule)

let [trips, strayed] = [0, 0]
for (let i = 0; i < 2000; i++) {
  const trip = thereAndBack(i)
  if (!trip) continue
  trips++
  if (JSON.stringify([trip.began, trip.once]) !== JSON.stringify([trip.back, trip.twice])) strayed++
}

console.log(`combinations  ${done} in ${minutes.toFixed(1)} min, seed ${seed}`)
console.log(`proved        ${proved}, of them for two ${crews} (shortest sharing proved: ${exact})`)
console.log(`with problems ${refused}`)
console.log(`failed        ${failed}`)
console.log(`rules broken by spoiled plans: ${[...broken].map(([r, n]) => `${r} ${n}`).join(', ')}`)
console.log(`there and back ${trips}, ended elsewhere ${strayed}`)
const idle = [...broken].filter(([, n]) => n === 0)
if (failed || strayed || idle.length) process.exitCode = 1
