/**
 * Dialling in on the simulated arc, 1,000 seeded machines from starts all over the range: tries to the first good
 * weld, beside plain stepping of half a volt and five percent from the same starts.
 */
import { lookedAt, nextTry, seeded, simulatedArc, type Bead, type Try } from '@pepper-knot/core/internal'
import { against, mechanicalArc } from '../../core/test/mechanicalArc.ts'

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

/** One weld: what is reported, what is said on a second look, and whether it was good. */
type Weld = (
  v: number,
  s: number,
) => { first: Pick<Try, 'arc' | 'bead'>; again: () => Pick<Try, 'arc' | 'bead'>; good: boolean }
const byRows = (seed: number): Weld => {
  const arc = simulatedArc({ wire, gas: 'M21', nominal }, seed)
  return (v, s) => {
    const { report, again, bead } = arc.weld(v, s)
    return { first: report, again, good: bead === 'good' }
  }
}
/** Worked out from current and wire, by nobody's rows. */
const byMechanism = (seed: number): Weld => {
  const arc = mechanicalArc({ ...nominal, tipToWorkMm: 12 }, seeded(seed * 7919))
  return (v, s) => {
    const { good, ...first } = arc.weld(v, s)
    return { first, again: arc.again, good }
  }
}
let misled = 0
let turned = 0
let wrongly = 0
function run(seed: number, plain: boolean, arcOf: (seed: number) => Weld, atHome: boolean): number {
  const weld = arcOf(seed)
  const random = seeded(seed + 50_000)
  const from = (low: number, high: number, home: number) => (atHome ? home : low + random() * (high - low))
  let v = from(limits.minV, limits.maxV, nominal.voltageV)
  let s = from(limits.minMPerMin, limits.maxMPerMin, nominal.wireSpeedMPerMin)
  const tries: Try[] = []
  while (tries.length < MOST) {
    const { first, again, good } = weld(v, s)
    // The Dial in stage asks for a second look where a report is odd; plain stepping does not.
    const made: Try = { voltageV: v, wireSpeedMPerMin: s, weld: 'bead', ...first }
    tries.push(plain ? made : lookedAt(made, again, tries, model))
    // The weld counts as it lies on the plate; what the welder says of it may be misread.
    if (good) return tries.length
    if (plain) {
      const [nv, ns] = step(tries.at(-1)!)
      v = Math.min(limits.maxV, Math.max(limits.minV, v + nv))
      s = Math.min(limits.maxMPerMin, Math.max(limits.minMPerMin, s * ns))
      continue
    }
    const next = nextTry(tries, model, limits)
    // Called good twice where it was not: no proposal is to blame, and it counts as never.
    if (next.done) {
      misled++
      break
    }
    if (next.turn !== 'both') {
      turned++
      if (against(tries.at(-1)!, { voltageV: v, wireSpeedMPerMin: s }, next)) wrongly++
    }
    v = next.voltageV
    s = next.wireSpeedMPerMin
  }
  return MOST
}
function told(name: string, plain: boolean, from = 1, arcOf = byRows, runs = RUNS, atHome = false) {
  turned = wrongly = misled = 0
  const all = Array.from({ length: runs }, (_, i) => run(i + from, plain, arcOf, atHome))
  const sorted = [...all].sort((a, b) => a - b)
  const at = (share: number) => sorted[Math.min(runs - 1, Math.floor(share * runs))]!
  const six = all.filter((n) => n <= 6).length
  console.log(
    `${name.padEnd(13)} median ${at(0.5)}, nine in ten ${at(0.9)}, most ${sorted.at(-1)}, within 6 tries ${((100 * six) / runs).toFixed(1)} %`,
  )
  const slow = all.flatMap((n, i) => (n > 6 ? [`${i + from} (${n})`] : []))
  if (!plain)
    console.log(
      `  turned ${turned} times, ${wrongly} against the report, misled by two good reports ${misled}; more than 6: ${slow.join(', ') || 'none'}`,
    )
}
console.log(`seeds 1 to ${RUNS}`)
told('dialling in', false)
told('plain steps', true)
console.log('seeds 300001 to 301000, not looked at while the rules were set')
told('dialling in', false, 300_001)
console.log('2,000 arcs by mechanism')
told('dialling in', false, 1, byMechanism, 2000)
told('plain steps', true, 1, byMechanism, 2000)
console.log('the same, from the start that a table gives')
told('dialling in', false, 1, byMechanism, 2000, true)
