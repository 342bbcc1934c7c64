/**
 * Dialling in on the simulated arc, 1,000 seeded machines from starts all over the range: tries to the first good
 * weld, beside plain stepping of half a volt and five percent from the same starts.
 */
import { lookedAt, nextTry, seeded, simulatedArc, type Bead, type Try } from '@pepper-knot/core/internal'

const RUNS = 1000
const nominal = { voltageV: 19, wireSpeedMPerMin: 6, extensionMm: 7 }
const wire = { family: 'solid-steel', diameterMm: 0.9, exactMm: 0.889 } as const
const limits = { minV: 14, maxV: 28, minMPerMin: 1.5, maxMPerMin: 15 }
const model = { voltageV: nominal.voltageV, wireSpeedMPerMin: nominal.wireSpeedMPerMin, slope: 0.9 }
const MOST = 60

/** Plain stepping: the report's own knob by the same small stride every time. */
function step(last: Try): [number, number] {
  if (last.arc === 'stubbing') return [0.5, 1]
  if (last.arc === 'long-arc') return [-0.5, 1]
  if (last.arc === 'burnback') return [0, 1.05]
  const by: Partial<Record<Bead, [number, number]>> = {
    cold: [0, 1.05],
    hot: [0, 0.95],
    undercut: [-0.5, 1],
    spattered: [0.5, 1],
  }
  return by[last.bead ?? 'good'] ?? [0, 1]
}

function run(seed: number, plain: boolean): number {
  const arc = simulatedArc({ wire, gas: 'M21', nominal }, seed)
  const random = seeded(seed + 50_000)
  let v = limits.minV + random() * (limits.maxV - limits.minV)
  let s = limits.minMPerMin + random() * (limits.maxMPerMin - limits.minMPerMin)
  const tries: Try[] = []
  while (tries.length < MOST) {
    const { report: first, again, bead } = arc.weld(v, s)
    // The Dial in stage asks for a second look where a report is odd; plain stepping does not.
    const made: Try = { voltageV: v, wireSpeedMPerMin: s, weld: 'bead', ...first }
    tries.push(plain ? made : lookedAt(made, again, tries, model))
    // The weld counts as it lies on the plate; what the welder says of it may be misread.
    if (bead === 'good') return tries.length
    if (plain) {
      const [nv, ns] = step(tries.at(-1)!)
      v = Math.min(limits.maxV, Math.max(limits.minV, v + nv))
      s = Math.min(limits.maxMPerMin, Math.max(limits.minMPerMin, s * ns))
      continue
    }
    const next = nextTry(tries, model, limits)
    if (next.done) break
    v = next.voltageV
    s = next.wireSpeedMPerMin
  }
  return MOST
}
function told(name: string, plain: boolean, from = 1) {
  const all = Array.from({ length: RUNS }, (_, i) => run(i + from, plain))
  const sorted = [...all].sort((a, b) => a - b)
  const at = (share: number) => sorted[Math.min(RUNS - 1, Math.floor(share * RUNS))]!
  const six = all.filter((n) => n <= 6).length
  console.log(
    `${name.padEnd(13)} median ${at(0.5)}, nine in ten ${at(0.9)}, most ${sorted.at(-1)}, within 6 tries ${((100 * six) / RUNS).toFixed(1)} %`,
  )
  const slow = all.flatMap((n, i) => (n > 6 ? [`${i + from} (${n})`] : []))
  if (!plain) console.log(`  more than 6: ${slow.join(', ') || 'none'}`)
}
console.log(`seeds 1 to ${RUNS}`)
told('dialling in', false)
told('plain steps', true)
console.log('seeds 300001 to 301000, not looked at while the rules were set')
told('dialling in', false, 300_001)
