/**
 * The Monte Carlo of the feed bench: its rate, against the same model written with mathjs, and against a bare loop of
 * as many random numbers and Math calls, which is as fast as it could be.
 */
import { compile } from 'mathjs'
import {
  AT,
  COEFFICIENTS,
  coefficientsOf,
  DRAWS,
  feedChances,
  feedModel,
  geometryOf,
  OUT,
  OUTPUTS,
  seeded,
  startRun,
  usualValues,
  type FeedSetup,
} from '@pepper-knot/core/internal'

const setup: FeedSetup = {
  family: 'aluminium',
  alloy: '4xxx',
  exactMm: 1.2,
  gun: 'push',
  leadM: 3,
  bendDegrees: 55,
  loops: 1,
  liner: 'steel-coil',
  linerState: 'clean',
  profile: 'smooth-v',
  rollPairs: 1,
  gapMm: 5,
  tightTip: false,
  spool: 'S300',
  wireKg: 6,
  brakeNm: 0.28,
  speedMPerMin: 8,
}
const best = (work: () => void, n = 7) =>
  Math.min(
    ...Array.from({ length: n }, () => {
      const t0 = performance.now()
      work()
      return performance.now() - t0
    }),
  )

// The same sums in a general expression language, compiled once.
const lines = [
  'turn = linerFriction * (bendRad + strayBendRad)',
  'growth = exp(turn)',
  'push = tipDragN * growth + linerDragNPerM * boreFactor * lengthM * (growth - 1) / turn',
  'drag = brakeTorqueNm / spoolRadiusM',
  'grip = pairs * rollFriction * (1 + 1 / sin(vHalfAngleDeg * pi / 180))',
  'area = pi * diameterMm ^ 2 / 4',
  'second = pi * diameterMm ^ 4 / 64',
  'euler = pi ^ 2 * modulusMPa * second / ((0.7 * gapMm) ^ 2 * area)',
  'eta = gapMm ^ 2 / (8 * castRadiusMm) * (diameterMm / 2) * area / second',
  'half = (yieldMPa + (1 + eta) * euler) / 2',
  'birdnest = area * yieldMPa * euler / (half + sqrt(half ^ 2 - yieldMPa * euler))',
  'flat = flatteningShare * diameterMm',
  'crush = 2.8 * yieldMPa * pi * sqrt(diameterMm * flat * 2 * rollRadiusMm * flat) * contactSpread',
  'low = 1.3 * (push + drag) / grip',
  'high = min(crush, birdnest / grip)',
  'high / low',
]
const program = compile(`(${lines.join('; ')})`.replace(/^\(|\)$/g, ''))
const geometry = geometryOf(setup)
const coefficients = coefficientsOf(setup)
const usual = usualValues(coefficients)
const scope = (): Record<string, number> => ({
  ...(geometry as unknown as Record<string, number>),
  ...Object.fromEntries(COEFFICIENTS.map((name) => [name, usual[AT[name]]!])),
})
const out = new Float64Array(OUTPUTS)
feedModel(geometry, usual, out)
const theirs = (program.evaluate(scope()) as { entries: number[] }).entries[0]!
const agree = Math.abs(theirs / out[OUT.ratio]! - 1)

const FEW = 2000
const random = seeded(1)
const mathjs =
  (best(() => {
    for (let i = 0; i < FEW; i++) {
      const s = scope()
      for (const name of COEFFICIENTS) {
        const { low, high } = coefficients[name]
        s[name] = low + (high - low) * Math.sqrt(random())
      }
      program.evaluate(s)
    }
  }, 3) *
    DRAWS) /
  FEW

const names = COEFFICIENTS.length
let sink = 0
const bare = best(() => {
  const next = seeded(1)
  for (let i = 0; i < DRAWS; i++) {
    let x = 0
    for (let k = 0; k < names; k++) x += Math.sqrt(next())
    sink += Math.exp(-x) + Math.sin(x) + Math.sqrt(x) + Math.sqrt(x + 1) + Math.min(x, 3)
  }
})
const run = best(() => startRun(setup, 100, 1).advance(DRAWS))
const whole = best(() => void feedChances(setup, 100, 1))
console.log(`draws         ${DRAWS}, ${names} unknowns each (sum kept: ${Number.isFinite(sink)})`)
console.log(
  `loop          ${run.toFixed(1)} ms, ${Math.round(DRAWS / run)} draws/ms; with bands and tornado ${whole.toFixed(1)} ms (aim 150 ms: ${whole < 150 ? 'met' : 'missed'})`,
)
console.log(
  `bare loop     ${bare.toFixed(1)} ms: the model takes ${(run / bare).toFixed(1)} times as long (aim 3: ${run / bare <= 3 ? 'met' : 'missed'})`,
)
console.log(
  `mathjs        ${mathjs.toFixed(0)} ms: ${(mathjs / run).toFixed(0)} times as long; answers differ by ${agree.toExponential(1)}`,
)
if (agree > 1e-9) process.exitCode = 1
