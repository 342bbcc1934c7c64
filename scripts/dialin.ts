/**
 * Dialling in on the simulated arc, 1,000 seeded machines from starts all over the range: tries to the first good
 * weld, beside plain stepping of half a volt and five percent from the same starts.
 */
import { nextTry, seeded, simulatedArc, type Symptom, type Try } from '@pepper-knot/core'

const RUNS = 1000
const nominal = { voltageV: 19, wireSpeedMPerMin: 6, currentA: 130 }
const limits = { minV: 14, maxV: 28, minMPerMin: 1.5, maxMPerMin: 15 }
const model = { voltageV: nominal.voltageV, wireSpeedMPerMin: nominal.wireSpeedMPerMin, slope: 0.9 }
const MOST = 60

/** Plain stepping: the symptom's own knob by the same small stride every time. */
function step(last: Try): [number, number] {
  const by: Partial<Record<Symptom, [number, number]>> = {
    stubbing: [0.5, 1],
    'long-arc': [-0.5, 1],
    burnback: [0, 1.05],
    'too-cold': [0, 1.05],
    'too-hot': [0, 0.95],
  }
  const [dv, ds] = by[last.symptom] ?? [0, 1]
  return [last.voltageV + dv, last.wireSpeedMPerMin * ds]
}

function run(seed: number, plain: boolean): number {
  const arc = simulatedArc(nominal, seed)
  const random = seeded(seed + 50_000)
  let v = limits.minV + random() * (limits.maxV - limits.minV)
  let s = limits.minMPerMin + random() * (limits.maxMPerMin - limits.minMPerMin)
  const tries: Try[] = []
  while (tries.length < MOST) {
    const { symptom, bead } = arc.weld(v, s)
    tries.push({ voltageV: v, wireSpeedMPerMin: s, symptom })
    // The weld counts as it lies on the plate; what the welder says of it may be misread.
    if (bead === 'good') return tries.length
    if (plain) {
      const [nv, ns] = step(tries.at(-1)!)
      v = Math.min(limits.maxV, Math.max(limits.minV, nv))
      s = Math.min(limits.maxMPerMin, Math.max(limits.minMPerMin, ns))
      continue
    }
    const next = nextTry(tries, model, limits)
    if (next.done) break
    v = next.voltageV
    s = next.wireSpeedMPerMin
  }
  return MOST
}
const told = (name: string, plain: boolean) => {
  const all = Array.from({ length: RUNS }, (_, i) => run(i + 1, plain)).sort((a, b) => a - b)
  const at = (share: number) => all[Math.min(RUNS - 1, Math.floor(share * RUNS))]!
  const eight = all.filter((n) => n <= 8).length
  console.log(
    `${name.padEnd(13)} median ${at(0.5)}, nine in ten ${at(0.9)}, most ${all.at(-1)}, within 8 tries ${((100 * eight) / RUNS).toFixed(1)} %`,
  )
  return all
}
const ours = told('dialling in', false)
told('plain steps', true)
console.log(
  `aim           at most 8, median 4: ${ours.at(-1)! <= 8 && ours[RUNS / 2]! <= 4 ? 'met' : 'missed'}`,
)
