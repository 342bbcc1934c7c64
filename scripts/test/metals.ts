/**
 * Every parent metal in every thickness and position through the suggestions; every wire of the catalogue on every
 * metal it joins through its start on a small machine; and 5,000 whole plans of a wire on a metal drawn at random.
 * `npm run bench -- metals`; `N=` another count of plans, `SEED=` another seed.
 */
import { demoShop } from '@pepper-knot/core/demo'
import { wrongPlan, wrongStarts, wrongSuggestions } from '../../core/test/metalLaw.ts'
import { dice } from '../../core/test/otherSetups.ts'

const show = (what: string, asked: number, wrong: readonly string[]) => {
  console.log(`${what}: ${asked}, ${wrong.length} wrong`)
  for (const line of wrong.slice(0, Number(process.env.SHOW ?? 20))) console.log(`  ${line}`)
  if (wrong.length) process.exitCode = 1
}
const suggested = wrongSuggestions()
show('metals x thickness x position, suggested for', suggested.asked, suggested.wrong)
const small = { output: { maxA: 180, maxV: 24 }, wireSpeedMPerMin: { min: 1.5, max: 12 } }
const started = wrongStarts(small)
show('wires x metal x thickness x position x gas, started on a small machine', started.asked, started.wrong)
const n = Number(process.env.N ?? 5000)
const random = dice(Number(process.env.SEED ?? 1))
const { machines } = demoShop('2026-11-26T08:00:00.000Z')
const plans = Array.from({ length: n }, () => wrongPlan(random, machines)).filter(
  (line) => line !== undefined,
)
show('whole plans', n, plans)
