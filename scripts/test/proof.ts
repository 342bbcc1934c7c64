/**
 * The proof against a checker that knows nothing of its model: proved plans with one step dropped or moved
 * (LISTS=20000), and plans of setups at random as they are (SETUPS=10000, SEED=1). What the checker flags the proof
 * refuses, and the other way round; tasks whose dropping harms nothing are named.
 */
import { PlanRefused, SCHOOL_IDS, schoolOptions } from '@pepper-knot/core/internal'
import { checkOrder } from '../../core/test/orderChecker.ts'
import { drawn, judged, mutations, orderSetup, provedPlan } from '../../core/test/orderLaw.ts'

const seed = Number(process.env.SEED ?? 1)
const lists = Number(process.env.LISTS ?? 20_000)
const setups = Number(process.env.SETUPS ?? 10_000)
const schools = Object.fromEntries(SCHOOL_IDS.map((id) => [id, schoolOptions(id)]))
const show = process.env.SHOW === '1'

let [tried, both, neither, onlyChecker, onlyProof] = [0, 0, 0, 0, 0]
const dropped = new Map<string, { harmless: number; flagged: number }>()
for (let n = seed * 7_000_000; tried < lists; n++) {
  const request = drawn(n, schools)
  let plan
  try {
    plan = provedPlan(request)
  } catch (error) {
    console.log(`  ${n}: ${String(error)}`)
  }
  if (!plan) continue
  const setup = orderSetup(request, plan)
  for (const { how, task, steps } of mutations(plan, n, 10)) {
    if (++tried > lists) break
    const { checker, proof } = judged(plan, setup, steps)
    const harmless = checker.length === 0 && proof.length === 0
    if (how.startsWith('drop')) {
      const count = dropped.get(task) ?? { harmless: 0, flagged: 0 }
      if (harmless) count.harmless++
      else count.flagged++
      dropped.set(task, count)
    }
    if (checker.length && proof.length) both++
    else if (harmless) neither++
    else {
      if (checker.length) onlyChecker++
      else onlyProof++
      if (show && onlyChecker + onlyProof <= 40)
        console.log(
          `  ${n} ${how}: ${checker.length ? `checker ${checker.join(', ')}` : `proof ${proof.join(', ')}`}`,
        )
    }
  }
}
const names = [...dropped].filter(([, c]) => c.flagged === 0).map(([task]) => task)
const sometimes = [...dropped]
  .filter(([, c]) => c.flagged > 0 && c.harmless > 0)
  .map(([task, c]) => `${task} ${c.harmless} of ${c.harmless + c.flagged}`)
console.log(
  `lists         ${Math.min(tried, lists)} with one step dropped or moved, seed ${seed}: refused by both ${both}, by neither ${neither}, by the checker alone ${onlyChecker}, by the proof alone ${onlyProof}`,
)
console.log(`harmless      dropped without harm in every plan: ${names.sort().join(', ')}`)
console.log(`              in some plans: ${sometimes.sort().join(', ')}`)

let [plans, flagged, refused] = [0, 0, 0]
for (let n = 0; n < setups; n++) {
  const request = drawn(seed * 9_000_000 + n, schools)
  try {
    const plan = provedPlan(request)
    if (!plan) continue
    plans++
    const said = checkOrder(plan.steps, orderSetup(request, plan))
    if (said.length === 0) continue
    flagged++
    if (flagged <= 10) console.log(`  ${seed * 9_000_000 + n}: ${said.join(', ')}`)
  } catch (error) {
    if (!(error instanceof PlanRefused)) throw error
    refused++
    if (refused <= 10) console.log(`  ${seed * 9_000_000 + n}: ${error.message}`)
  }
}
console.log(
  `setups        ${setups}: ${plans} plans, flagged by the checker ${flagged}, refused by their proof ${refused}`,
)
if (onlyChecker || onlyProof || flagged || refused) process.exitCode = 1
