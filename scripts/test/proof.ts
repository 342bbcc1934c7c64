/**
 * The proof against a checker that knows nothing of its model: proved plans with one step dropped or moved
 * (LISTS=20000), and plans of setups at random as they are (SETUPS=10000, SEED=1). What the checker flags the proof
 * refuses, and the other way round; tasks whose dropping harms nothing are named. Then lists of every kind (KINDS=10000).
 */
import {
  CAUSES,
  contextFor,
  DEFAULT_PRACTICE,
  planChangeover,
  planCure,
  PlanRefused,
  SCHOOL_IDS,
  schoolOptions,
  STATIONS,
  stopHere,
  USE_STATIONS,
  wireOnMachine,
} from '@pepper-knot/core/internal'
import { isForStation } from '../../core/src/match/choice.ts'
import { left, nextPlans, setupOf } from '../../core/test/leftInTheMiddle.ts'
import { dice } from '../../core/test/otherSetups.ts'
import { ECONOMY, economyOf, type Economy } from '../../core/test/economy.ts'
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
/** In how many plans something costs time and hurts nobody. */
const economy = new Map<Economy, number>()
for (let n = 0; n < setups; n++) {
  const request = drawn(seed * 9_000_000 + n, schools)
  try {
    const plan = provedPlan(request)
    if (!plan) continue
    plans++
    for (const [what, times] of Object.entries(economyOf(plan.steps, plan.gather)) as [Economy, number][])
      if (times) economy.set(what, (economy.get(what) ?? 0) + 1)
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
console.log(
  `economy       of ${plans} plans: ${ECONOMY.map((what) => `${what} ${economy.get(what) ?? 0}`).join(', ')}`,
)
if (onlyChecker || onlyProof || flagged || refused) process.exitCode = 1

/** Lists of every kind from setups at random: parts kept and chosen, cures, stops, and what is done next. */
const KINDS = Number(process.env.KINDS ?? 10_000)
const made = new Map<string, number>()
const lost = new Map<string, string>()
const count = (kind: string, list: () => unknown) => {
  try {
    if (list() !== null) made.set(kind, (made.get(kind) ?? 0) + 1)
  } catch (error) {
    if (!(error instanceof PlanRefused)) throw error
    lost.set(`${kind}: ${error.message.slice(0, 160)}`, kind)
  }
}
const total = () => [...made.values()].reduce((a, b) => a + b, 0)
let slowest = 0
for (let n = seed * 3_000_000; total() < KINDS; n++) {
  const d = dice(n)
  const request = setupOf(n, schools)
  const use = Object.fromEntries(
    USE_STATIONS.flatMap((station) => {
      const fits = request.store!.flatMap((part, i) => (isForStation(part, station) ? [i] : []))
      return fits.length && d.chance(0.3) ? [[station, d.of(fits)]] : []
    }),
  )
  const t0 = performance.now()
  count('chosen', () => {
    const plan = planChangeover({ ...request, use, keep: STATIONS.filter(() => d.chance(0.1)) })
    return plan.ok && plan.value.proof ? plan : null
  })
  let plan
  try {
    plan = provedPlan(request)
  } catch (error) {
    lost.set(`change ${n}: ${String(error).slice(0, 160)}`, 'change')
  }
  slowest = Math.max(slowest, performance.now() - t0)
  if (plan) {
    const at = plan.steps.slice(0, d.below(plan.steps.length + 1)).map((s) => s.id)
    const whole = plan
    count('stop', () => stopHere(whole, at))
    const from = left(plan, request, n).settled
    for (const next of nextPlans(from.machine, { ...request, store: from.store }, setupOf(n * 31, schools)))
      count(`after a stop: ${next.what}`, () => (next.holds === true ? next : null))
  }
  const wire = wireOnMachine(request.machine)
  if (wire)
    for (const cause of [d.of(CAUSES), d.of(CAUSES)])
      count('cure', () =>
        planCure(
          contextFor(request.machine, wire, DEFAULT_PRACTICE, { job: request.job, store: request.store }),
          cause,
        ),
      )
}
console.log(
  `kinds         ${total()} lists: ${[...made].map(([kind, many]) => `${kind} ${many}`).join(', ')}; refused by their proof ${lost.size}`,
)
for (const line of [...lost.keys()].slice(0, 20)) console.log(`  ${line}`)
console.log(`slowest       ${Math.round(slowest)} ms for a change with and without choices (aim 1,000)`)
if (lost.size) process.exitCode = 1
