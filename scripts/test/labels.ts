/**
 * Boxes from the grammars of every standard named, as printed, typed and photographed: 20,000 of them are read back.
 * `npm run bench -- labels`; `N=` another count, `SEED=` another seed.
 */
import { boxOf } from '../../core/test/boxes.ts'
import { misread } from '../../core/test/boxLaw.ts'
import { dice } from '../../core/test/otherSetups.ts'

const n = Number(process.env.N ?? 20_000)
const random = dice(Number(process.env.SEED ?? 1)).roll
const wrong: string[] = []
const began = performance.now()
for (let i = 0; i < n; i++) {
  const box = boxOf(random)
  const why = misread(box)
  if (why) wrong.push(`${JSON.stringify(box.text)}: ${why}`)
}
console.log(
  `${n} boxes, ${n - wrong.length} read back, ${wrong.length} not; ${((performance.now() - began) / n).toFixed(2)} ms each`,
)
for (const line of wrong.slice(0, Number(process.env.SHOW ?? 40))) console.log(`  ${line}`)
if (wrong.length) process.exitCode = 1
