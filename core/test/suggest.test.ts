import { times } from './counts.ts'
import {
  CATALOGUE,
  cautions,
  cautionText,
  contextFor,
  DEFAULT_PRACTICE,
  machineSchema,
  POSITIONS,
  readLabel,
  suggestAnswer,
  suggestWires,
  tradeLabel,
  type Material,
} from '../src/index.ts'
import { bandBy, METALS, THICKNESSES } from './bands.ts'
import { sizedWire } from './bench.ts'

/** Upright classes by A5.20 Table 2, recalled from memory: up what freezes fast, down T-11, -13 and -14. */
const DOWN_ONLY = /T-?1[134]\b/
const UP_ONLY = /T-?(?:1|2|5|7|8|9|12)(?:[CM]|\b)/

const grid = METALS.flatMap((material) =>
  THICKNESSES.flatMap((thicknessMm) =>
    [undefined, ...POSITIONS].flatMap((position) =>
      [0, 2, 5].map((draughtMPerS) => ({ material, thicknessMm, position, draughtMPerS })),
    ),
  ),
)

describe('every suggestion over metals, thicknesses, positions and wind', () => {
  test('lies in its band, its class, its passes and its position, and suits the wind', () => {
    const wrong: string[] = []
    for (const job of grid) {
      const { wires, shelter } = suggestAnswer(suggestWires(job))
      for (const { diameterMm, ...rest } of wires) {
        const w = { ...rest, diameterMm: diameterMm! }
        const at = `${w.classification} ${w.diameterMm} for ${JSON.stringify(job)}`
        const read = readLabel(w.classification)
        if (!read.ok) throw new Error(at)
        const { gas, positions, passes, joins } = read.value.wire
        const band = bandBy(w.classification, w.diameterMm)
        if (band && (job.thicknessMm < band[0] || job.thicknessMm > band[1])) wrong.push(`band: ${at}`)
        if (passes === 'single' && job.thicknessMm > 4.8 && !/T-(?:2|10|13)/.test(w.classification))
          wrong.push(`passes: ${at}`)
        if (job.position && !positions.includes(job.position)) wrong.push(`position: ${at}`)
        if (job.position === 'vertical-up' && DOWN_ONLY.test(w.classification)) wrong.push(`up: ${at}`)
        // Pipe wires are made to run downhill. recalled from memory, M
        if (
          job.position === 'vertical-down' &&
          UP_ONLY.test(w.classification) &&
          !/T8-(?:K6|Ni1)/.test(w.classification)
        )
          wrong.push(`down: ${at}`)
        if (!joins.includes(job.material)) wrong.push(`metal: ${at}`)
        if (job.draughtMPerS > 2.2 && gas.needed && !shelter) wrong.push(`wind: ${at}`)
        if (gas.needed !== w.costs.includes('needs-gas')) wrong.push(`gas cost: ${at}`)
        if (job.thicknessMm > 6 && w.costs.includes('burn-through-risk')) wrong.push(`burns through: ${at}`)
      }
      if (shelter && wires.some((w) => !w.costs.includes('needs-shelter'))) wrong.push(JSON.stringify(job))
    }
    expect(wrong).toEqual([])
  })
  test('stainless on aluminium is no question of carbon steel', () =>
    expect(said('ER308L 0.9', 3, 'aluminium').map((c) => c.rule)).not.toContain('stainless-on-carbon'))
  test('a single-pass wire on plate is said to be one, not slow', () => {
    const rules = said('E70T-3 1/16', 14).map((c) => c.rule)
    expect(rules).toContain('single-pass-on-plate')
    expect(rules).not.toContain('wire-thin-for-metal')
  })
  test('brazed with bronze the zinc stays on; welded it is ground off', () => {
    expect(said('ERCuSi-A 0.8', 1, 'galvanised-steel').map((c) => c.rule)).toContain('zinc-stays-on')
    expect(said('ER70S-6 0.8', 1, 'galvanised-steel').map((c) => c.rule)).toContain('zinc-fume')
  })
  test('there is one for every metal from 1 mm to 12 mm lying flat, in still air', () => {
    for (const { wires } of grid
      .filter((j) => !j.position && j.draughtMPerS === 0 && j.thicknessMm >= 1 && j.thicknessMm <= 12)
      .map(suggestWires))
      expect(wires.length).toBeGreaterThan(0)
  })
})

const said = (label: string, thicknessMm: number, material: Material = 'mild-steel') =>
  cautions(
    contextFor(machineSchema.parse({ id: 'm', name: 'M' }), sizedWire(label), DEFAULT_PRACTICE, {
      job: { material, thicknessMm },
    }),
  )
const sizeRule = (label: string, mm: number, material?: Material) =>
  said(label, mm, material).find(({ rule }) => rule.startsWith('wire-'))?.rule

// recalled from memory, M: bands as workshops hold them.
describe('a wire’s size against the metal', () => {
  test.each([
    ['ER5356 1.2', 4, 'aluminium', undefined],
    ['ER5356 1.2', 2, 'aluminium', 'wire-thick-for-metal'],
    ['E70T-4 3/32', 200, 'mild-steel', undefined],
    ['ER70S-6 0.9', 1, 'mild-steel', 'wire-for-stitches-only'],
    ['ER70S-6 0.8', 8, 'mild-steel', 'wire-thin-for-metal'],
    ['ER70S-6 1.2', 25, 'mild-steel', undefined],
    ['E71T-11 0.8', 5, 'mild-steel', undefined],
    ['E71T-11 0.8', 6, 'mild-steel', 'wire-thin-for-metal'],
    ['E71T-8 2.0', 40, 'mild-steel', undefined],
    ['E71T-1M 1.6', 4, 'mild-steel', 'wire-thick-for-metal'],
    ['E70C-6M 1.2', 3, 'mild-steel', undefined],
    ['ERCuSi-A 0.8', 1, 'galvanised-steel', undefined],
  ] as const)('%s on %d mm of %s: %s', (label, mm, material, rule) =>
    expect(sizeRule(label, mm, material)).toBe(rule),
  )
  test('no note of any catalogue wire on any metal says what a practitioner would laugh at', () => {
    let n = 0
    for (const entry of CATALOGUE)
      for (const size of entry.diametersMm)
        // A third of the thicknesses, other ones for every wire; all in the long run.
        for (const mm of THICKNESSES.filter((_, i) => (i + n++) % times(3, 1) === 0))
          for (const units of ['metric', 'inch'] as const) {
            const label = `${entry.classification} ${tradeLabel(size, 'metric')} mm`
            const notes = said(label, mm, entry.metal).map((caution) => cautionText(caution, units))
            for (const note of notes) {
              expect(note).not.toMatch(/undefined|NaN|null|Infinity/)
              if (mm > 6)
                expect([label, mm, note]).toEqual([label, mm, expect.not.stringMatching(/burns? through/)])
            }
            const band = bandBy(entry.classification, size)
            if (band && mm >= (band[0] || 3) && mm <= band[1])
              expect(notes.filter((n) => / is (?:thick|thin) for /.test(n))).toEqual([])
          }
  })
})
