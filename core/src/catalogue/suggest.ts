import { idealSizeMm } from '../families/size.ts'
import { DRAUGHT_LIMIT_M_PER_S } from '../gas/flow.ts'
import { CATALOGUE, type CatalogueEntry } from './catalogue.ts'
import { type Family, type Material, type Position } from '../terms/terms.ts'
import { FAMILY_SHEETS } from '../families/index.ts'
import { readLabel } from '../wire/label.ts'
import { remember } from '../base/remember.ts'
import type { Wire } from '../wire/wire.ts'

/** What is to be welded; thickness in mm, draught in m/s. */
export interface Work {
  material: Material
  thicknessMm: number
  position?: Position | undefined
  draughtMPerS?: number | undefined
}

/** Why a wire suits, or what it costs to take it instead; `wording` has the sentences. */
export type Reason =
  | 'thin-wire-for-sheet'
  | 'everyday-wire'
  | 'deep-and-fast-on-plate'
  | 'shields-itself-in-wind'
  | 'brazes-cool-on-coated-sheet'
  | 'matches-stainless'
  | 'matches-low-alloy'
  | 'stiff-aluminium-wire'
  | 'aluminium-for-heat'
  | 'copper-filler'
export type Cost =
  | 'burn-through'
  | 'cold-lap'
  | 'spatter-and-slag'
  | 'slag-to-clean'
  | 'needs-gas'
  | 'shelter-needed'
  | 'feeds-harder'
  | 'lower-strength'
  | 'slower'
  | 'single-pass'

export interface Suggestion {
  classification: string
  family: Family
  diameterMm: number
  reason: Reason
  /** What it costs against the first of the list; empty for the first. */
  costs: Cost[]
}

interface Choice {
  metals: readonly Material[]
  /** Over this thickness, mm, and up to the other. */
  overMm: number
  toMm: number
  wind: boolean
  /** Best first, each with its reason. */
  wires: readonly (readonly [string, Reason])[]
}

const STEELS: readonly Material[] = ['mild-steel', 'low-alloy-steel']

/** What a practitioner reaches for. common practice, no source; thickness limits are handbook procedure tables', recalled. */
const CHOICES: readonly Choice[] = [
  ...[false, true].map((wind): Choice => ({
    metals: ['aluminium'],
    overMm: 0,
    toMm: Infinity,
    wind,
    wires: [
      ['ER5356', 'stiff-aluminium-wire'],
      ['ER4043', 'aluminium-for-heat'],
      ['ER5183', 'stiff-aluminium-wire'],
    ],
  })),
  {
    metals: ['mild-steel'],
    overMm: 0,
    toMm: 3,
    wind: false,
    wires: [
      ['ER70S-6', 'thin-wire-for-sheet'],
      ['ER70S-3', 'everyday-wire'],
      ['E71T-GS', 'shields-itself-in-wind'],
    ],
  },
  {
    metals: ['mild-steel'],
    overMm: 3,
    toMm: 8,
    wind: false,
    wires: [
      ['ER70S-6', 'everyday-wire'],
      ['E71T-1M', 'deep-and-fast-on-plate'],
      ['E71T-11', 'shields-itself-in-wind'],
    ],
  },
  {
    metals: ['mild-steel'],
    overMm: 8,
    toMm: Infinity,
    wind: false,
    wires: [
      ['E71T-1M', 'deep-and-fast-on-plate'],
      ['E70C-6M', 'deep-and-fast-on-plate'],
      ['ER70S-6', 'everyday-wire'],
      ['E71T-8', 'shields-itself-in-wind'],
    ],
  },
  {
    metals: ['mild-steel'],
    overMm: 0,
    toMm: 12,
    wind: true,
    wires: [
      ['E71T-11', 'shields-itself-in-wind'],
      ['E71T-GS', 'shields-itself-in-wind'],
      ['ER70S-6', 'everyday-wire'],
    ],
  },
  {
    metals: STEELS,
    overMm: 12,
    toMm: Infinity,
    wind: true,
    wires: [
      ['E71T-8', 'shields-itself-in-wind'],
      ['E70T-6', 'shields-itself-in-wind'],
      ['E71T-1M', 'deep-and-fast-on-plate'],
    ],
  },
  {
    metals: ['low-alloy-steel'],
    overMm: 0,
    toMm: 12,
    wind: true,
    wires: [
      ['E71T8-Ni1', 'shields-itself-in-wind'],
      ['ER80S-D2', 'matches-low-alloy'],
    ],
  },
  {
    metals: ['low-alloy-steel'],
    overMm: 0,
    toMm: Infinity,
    wind: false,
    wires: [
      ['ER80S-D2', 'matches-low-alloy'],
      ['E81T1-Ni1M', 'deep-and-fast-on-plate'],
      ['ER80S-Ni1', 'matches-low-alloy'],
    ],
  },
  {
    metals: ['galvanised-steel'],
    overMm: 0,
    toMm: 3,
    wind: false,
    wires: [
      ['ERCuSi-A', 'brazes-cool-on-coated-sheet'],
      ['E71T-14', 'shields-itself-in-wind'],
      ['ER70S-6', 'everyday-wire'],
    ],
  },
  {
    metals: ['galvanised-steel'],
    overMm: 3,
    toMm: Infinity,
    wind: false,
    wires: [
      ['ER70S-3', 'everyday-wire'],
      ['E71T-11', 'shields-itself-in-wind'],
    ],
  },
  {
    metals: ['galvanised-steel'],
    overMm: 0,
    toMm: Infinity,
    wind: true,
    wires: [
      ['E71T-14', 'shields-itself-in-wind'],
      ['E71T-11', 'shields-itself-in-wind'],
    ],
  },
  {
    metals: ['stainless-steel'],
    overMm: 0,
    toMm: 4,
    wind: false,
    wires: [
      ['ER308LSi', 'matches-stainless'],
      ['ER316LSi', 'matches-stainless'],
      ['ER309LSi', 'matches-stainless'],
    ],
  },
  {
    metals: ['stainless-steel'],
    overMm: 4,
    toMm: Infinity,
    wind: false,
    wires: [
      ['ER308LSi', 'matches-stainless'],
      ['E308LT1-4', 'deep-and-fast-on-plate'],
      ['ER316LSi', 'matches-stainless'],
    ],
  },
  {
    metals: ['stainless-steel'],
    overMm: 0,
    toMm: Infinity,
    wind: true,
    wires: [
      ['E308LT0-3', 'shields-itself-in-wind'],
      ['ER308LSi', 'matches-stainless'],
    ],
  },
  ...[false, true].map((wind): Choice => ({
    metals: ['copper-alloy'],
    overMm: 0,
    toMm: Infinity,
    wind,
    wires: [
      ['ERCuSi-A', 'copper-filler'],
      ['ERCuAl-A2', 'copper-filler'],
      ['ERCuSn-A', 'copper-filler'],
    ],
  })),
]

const entryOf = (classification: string): CatalogueEntry =>
  CATALOGUE.find((e) => e.classification === classification)!
const wireOf: (classification: string) => Wire = remember((classification) => {
  const label = readLabel(classification)
  if (!label.ok) throw new RangeError(`the catalogue holds a wire that cannot be read: ${classification}`)
  return label.value.wire
})

/** The size of this wire for a thickness: the nearest it is sold in. @param thicknessMm over 0 */
export function sizeForThickness(entry: CatalogueEntry, thicknessMm: number): number {
  const ideal = idealSizeMm(entry.family, thicknessMm)
  return entry.diametersMm.reduce((a, b) => (Math.abs(b - ideal) < Math.abs(a - ideal) ? b : a))
}

/** What it costs to take this wire rather than the first choice. */
function costsAgainst(entry: CatalogueEntry, first: CatalogueEntry, work: Work, windy: boolean): Cost[] {
  const wire = wireOf(entry.classification)
  const best = wireOf(first.classification)
  const mm = sizeForThickness(entry, work.thicknessMm)
  const ideal = idealSizeMm(entry.family, work.thicknessMm)
  const costs: [Cost, boolean][] = [
    ['shelter-needed', windy && wire.gas.needed],
    ['burn-through', mm > ideal && work.thicknessMm <= 3],
    ['cold-lap', FAMILY_SHEETS[entry.family].lapsColdOnPlate && work.thicknessMm > 8],
    ['needs-gas', wire.gas.needed && !best.gas.needed],
    ['spatter-and-slag', FAMILY_SHEETS[entry.family].slag === 'spatter-and-slag'],
    ['slag-to-clean', FAMILY_SHEETS[entry.family].slag === 'slag' && first.family !== entry.family],
    ['feeds-harder', /^ER4/.test(entry.classification)],
    [
      'lower-strength',
      (wire.strength !== null &&
        best.strength !== null &&
        wire.strength.tensileMPa.min < best.strength.tensileMPa.min) ||
        (/^ER4/.test(entry.classification) && /^ER5/.test(first.classification)),
    ],
    ['slower', mm < sizeForThickness(first, work.thicknessMm) && work.thicknessMm > 3],
    ['single-pass', wire.passes === 'single' && work.thicknessMm > 5],
  ]
  return costs
    .filter(([cost, holds]) => holds && (entry !== first || cost === 'shelter-needed'))
    .map(([cost]) => cost)
}

/**
 * Wires for a job, best first, with the reason of each and what it would cost to take it instead of the first.
 * In a draught above the limit for gas-shielded work the self-shielded ones come first; a metal that none of them
 * joins keeps its gas-shielded wires, which then ask for shelter.
 */
export function suggestWires(work: Work): Suggestion[] {
  const windy = (work.draughtMPerS ?? 0) > DRAUGHT_LIMIT_M_PER_S
  const rows = CHOICES.filter(
    (c) =>
      c.wind === windy &&
      c.metals.includes(work.material) &&
      work.thicknessMm > c.overMm &&
      work.thicknessMm <= c.toMm,
  )
  const able = rows
    .flatMap((c) => c.wires)
    .filter(([classification]) => !work.position || wireOf(classification).positions.includes(work.position))
  const first = able[0] && entryOf(able[0][0])
  if (!first) return []
  return able.map(([classification, reason]) => {
    const entry = entryOf(classification)
    return {
      classification,
      family: entry.family,
      diameterMm: sizeForThickness(entry, work.thicknessMm),
      reason,
      costs: costsAgainst(entry, first, work, windy),
    }
  })
}
