/**
 * What is said of a wire on a metal, drawn at random: to be read by somebody who welds. `npm run bench -- notes`;
 * `N=` another count, `SEED=` another draw.
 */
import {
  CATALOGUE,
  cautions,
  cautionText,
  contextFor,
  costText,
  DEFAULT_PRACTICE,
  machineSchema,
  POSITIONS,
  suggestWires,
  tradeLabel,
} from '../../core/src/index.ts'
import { METALS, THICKNESSES } from '../../core/test/bands.ts'
import { sizedWire } from '../../core/test/bench.ts'
import { dice } from '../../core/test/otherSetups.ts'

const die = dice(Number(process.env.SEED ?? 1))
const machine = machineSchema.parse({ id: 'm', name: 'M', output: { minA: 30, maxA: 250 } })
for (let i = 0; i < Number(process.env.N ?? 60); i++) {
  const entry = die.of(CATALOGUE)
  const size = die.of(entry.diametersMm)
  const job = {
    material: die.chance(0.8) ? entry.metal : die.of(METALS),
    thicknessMm: die.of(THICKNESSES),
    position: die.of(POSITIONS),
    draughtMPerS: die.chance(0.2) ? 5 : 0,
  }
  const at = `${job.thicknessMm} mm ${job.material}, ${job.position}${job.draughtMPerS ? ', wind' : ''}`
  if (i % 2) {
    const { wires, shelter } = suggestWires({ ...job, machine })
    const list = wires.map(
      (w) => `${w.classification} ${w.diameterMm} (${w.costs.map(costText).join('; ') || 'no cost'})`,
    )
    console.log(`${i + 1}. For ${at}: ${list.join(' | ') || 'nothing'}${shelter ? ' UNDER SHELTER' : ''}`)
    continue
  }
  const wire = sizedWire(`${entry.classification} ${tradeLabel(size, 'metric')} mm`)
  const said = cautions(contextFor(machine, wire, DEFAULT_PRACTICE, { job })).map((c) =>
    cautionText(c, 'metric'),
  )
  console.log(`${i + 1}. ${entry.classification} ${size} on ${at}: ${said.join(' / ') || 'nothing to say'}`)
}
