import type { Family, Material } from '../terms/terms.ts'

/** A classification by use, never by maker. */
export interface CatalogueEntry {
  classification: string
  family: Family
  /** Sizes it is usually sold in, trade mm. common practice */
  diametersMm: readonly number[]
  /** Thickness it is usually run on, mm. common practice */
  thicknessMm: readonly [number, number]
  /** The metal it is first bought for. */
  metal: Material
}

type Row = readonly [string, readonly number[], readonly [number, number], Material?]
const of = (family: Family, metal: Material, rows: readonly Row[]): CatalogueEntry[] =>
  rows.map(([classification, diametersMm, thicknessMm, other]) => ({
    classification,
    family,
    diametersMm,
    thicknessMm,
    metal: other ?? metal,
  }))

const SHEET: readonly [number, number] = [0.6, 3]
const MEDIUM: readonly [number, number] = [1.5, 12]
const PLATE: readonly [number, number] = [3, 50]
const ANY: readonly [number, number] = [0.6, 25]

/** Wires the label reader knows, as a shop meets them. common practice, no source. */
export const CATALOGUE: readonly CatalogueEntry[] = [
  ...of('solid-steel', 'mild-steel', [
    ['ER70S-2', [0.8, 0.9, 1.2], MEDIUM],
    ['ER70S-3', [0.8, 0.9, 1.2], ANY],
    ['ER70S-4', [0.9, 1.2], MEDIUM],
    ['ER70S-6', [0.6, 0.8, 0.9, 1.0, 1.2, 1.4, 1.6], ANY],
    ['ER70S-7', [0.9, 1.2], MEDIUM],
    ['G 42 4 M21 3Si1', [0.8, 1.0, 1.2], ANY],
    ['G 46 4 M21 4Si1', [1.0, 1.2], MEDIUM],
    ['ER80S-D2', [0.8, 0.9, 1.0, 1.2, 1.6], MEDIUM, 'low-alloy-steel'],
    ['ER80S-Ni1', [0.8, 0.9, 1.0, 1.2, 1.6], MEDIUM, 'low-alloy-steel'],
    ['ER80S-Ni3', [0.9, 1.2], MEDIUM, 'low-alloy-steel'],
    ['G 50 4 M21 3Ni1', [1.0, 1.2], MEDIUM, 'low-alloy-steel'],
    ['ER70S-A1', [0.9, 1.2], MEDIUM, 'low-alloy-steel'],
    ['ER80S-Ni2', [0.8, 0.9, 1.0, 1.2, 1.6], MEDIUM, 'low-alloy-steel'],
    ['ER80S-B2', [0.9, 1.2], MEDIUM, 'low-alloy-steel'],
    ['ER90S-B3', [0.9, 1.2], MEDIUM, 'low-alloy-steel'],
    ['ER80S-B6', [0.9, 1.2], MEDIUM, 'low-alloy-steel'],
    ['ER80S-B8', [0.9, 1.2], MEDIUM, 'low-alloy-steel'],
    ['ER90S-B9', [0.9, 1.2], MEDIUM, 'low-alloy-steel'],
    ['ER100S-1', [0.9, 1.2], MEDIUM, 'low-alloy-steel'],
    ['ER110S-1', [0.9, 1.2], MEDIUM, 'low-alloy-steel'],
    ['G 62 4 M21 Mn3NiCrMo', [1.0, 1.2], MEDIUM, 'low-alloy-steel'],
    ['G 69 4 M21 Mn3Ni1CrMo', [1.0, 1.2], MEDIUM, 'low-alloy-steel'],
    ['G 89 4 M21 Mn4Ni2CrMo', [1.0, 1.2], MEDIUM, 'low-alloy-steel'],
  ]),
  ...of('solid-stainless', 'stainless-steel', [
    ['ER308L', [0.8, 0.9, 1.0, 1.2, 1.6], ANY],
    ['ER308LSi', [0.8, 0.9, 1.0, 1.2, 1.6], ANY],
    ['ER308H', [0.9, 1.2], MEDIUM],
    ['ER309L', [0.8, 0.9, 1.0, 1.2, 1.6], ANY],
    ['ER309LMo', [0.9, 1.0, 1.2], MEDIUM],
    ['ER310', [0.9, 1.0, 1.2], MEDIUM],
    ['ER316L', [0.8, 0.9, 1.0, 1.2, 1.6], ANY],
    ['ER317L', [0.9, 1.2], MEDIUM],
    ['ER385', [0.9, 1.0, 1.2], MEDIUM],
    ['ER309LSi', [0.8, 0.9, 1.0, 1.2, 1.6], ANY],
    ['ER316LSi', [0.8, 0.9, 1.0, 1.2, 1.6], ANY],
    ['ER347', [0.9, 1.2], MEDIUM],
    ['ER2209', [0.9, 1.0, 1.2], MEDIUM],
    ['ER2307', [1.0, 1.2], MEDIUM],
    ['ER2594', [1.0, 1.2], MEDIUM],
    ['ER410', [0.9, 1.2], MEDIUM],
    ['ER410NiMo', [1.2], MEDIUM],
    ['ER430', [0.9, 1.0, 1.2], MEDIUM],
    ['ER439', [0.9, 1.2], SHEET],
    ['ER630', [0.9, 1.2], MEDIUM],
    ['ER312', [0.9, 1.2], MEDIUM],
    ['ER409Nb', [0.9, 1.2], SHEET],
    ['G 18 8 Mn', [0.8, 1.0, 1.2], MEDIUM],
  ]),
  ...of('metal-cored', 'mild-steel', [
    ['E70C-3M', [1.2, 1.6], MEDIUM],
    ['E70C-6M', [1.0, 1.2, 1.4, 1.6], MEDIUM],
    ['E70C-6C', [1.2, 1.6], MEDIUM],
    ['T 46 4 M M21 3 H5', [1.2, 1.4], MEDIUM],
    ['E80C-Ni1', [1.2], MEDIUM, 'low-alloy-steel'],
    ['E110C-K4', [1.2], MEDIUM, 'low-alloy-steel'],
    ['EC308L', [1.2], SHEET, 'stainless-steel'],
    ['EC409', [1.2], SHEET, 'stainless-steel'],
  ]),
  ...of('flux-cored-gas-shielded', 'mild-steel', [
    ['E71T-1C', [0.9, 1.2, 1.4, 1.6], PLATE],
    ['E71T-1M', [0.9, 1.2, 1.4, 1.6], PLATE],
    ['E71T-1C/-9M', [1.2, 1.6], PLATE],
    ['E70T-1C', [1.6, 2.0, 2.4], PLATE],
    ['E70T-2C', [1.6, 2.0], MEDIUM],
    ['E71T-5C', [1.2, 1.6], PLATE],
    ['E71T-9M', [1.2, 1.6], PLATE],
    ['E71T-12M', [1.2], PLATE],
    ['T 46 2 P M21 1 H10', [1.2, 1.6], PLATE],
    ['E81T1-Ni1M', [1.2, 1.6], PLATE, 'low-alloy-steel'],
    ['E81T1-W2C', [1.2, 1.6], PLATE, 'low-alloy-steel'],
    ['E81T1-B2C', [1.2, 1.6], PLATE, 'low-alloy-steel'],
    ['E91T1-B3C', [1.2, 1.6], PLATE, 'low-alloy-steel'],
    ['E91T1-B9M', [1.2], PLATE, 'low-alloy-steel'],
    ['E81T1-Ni2C', [1.2, 1.6], PLATE, 'low-alloy-steel'],
    ['E91T1-K2M', [1.2, 1.6], PLATE, 'low-alloy-steel'],
    ['E308LT1-4', [0.9, 1.2, 1.6], MEDIUM, 'stainless-steel'],
    ['E309LT1-1', [1.2, 1.6], MEDIUM, 'stainless-steel'],
    ['E316LT1-4', [0.9, 1.2, 1.6], MEDIUM, 'stainless-steel'],
    ['E2209T1-4', [1.2], MEDIUM, 'stainless-steel'],
  ]),
  ...of('flux-cored-self-shielded', 'mild-steel', [
    ['E70T-3', [1.6, 2.4], [1.2, 5]],
    ['E70T-4', [2.0, 2.4], PLATE],
    ['E70T-6', [2.0, 2.4], PLATE],
    ['E70T-7', [2.0, 2.4], PLATE],
    ['E71T-8', [1.6, 2.0], PLATE],
    ['E71T8-Ni1', [1.7, 2.0], PLATE, 'low-alloy-steel'],
    ['E70T-10', [1.6, 2.4], [1.5, 8]],
    ['E71T-11', [0.8, 0.9, 1.2, 1.7, 2.0], [1, 12]],
    ['E71T-13', [1.7], [3, 12]],
    ['E71T-14', [0.9, 1.2], [0.8, 5], 'galvanised-steel'],
    ['E71T-GS', [0.8, 0.9], [0.8, 5]],
    ['E308LT0-3', [1.2, 1.6], MEDIUM, 'stainless-steel'],
  ]),
  ...of('aluminium', 'aluminium', [
    ['ER1100', [1.2], MEDIUM],
    ['ER4043', [0.8, 0.9, 1.0, 1.2, 1.6], ANY],
    ['ER4047', [0.9, 1.2], SHEET],
    ['ER2319', [1.2, 1.6], MEDIUM],
    ['ER4145', [1.2, 1.6], MEDIUM],
    ['ER4643', [1.2, 1.6], MEDIUM],
    ['ER4943', [0.9, 1.2, 1.6], MEDIUM],
    ['ER5183', [1.2, 1.6], PLATE],
    ['ER5356', [0.8, 0.9, 1.0, 1.2, 1.6], ANY],
    ['ER5554', [1.2, 1.6], MEDIUM],
    ['ER5556', [1.2, 1.6], PLATE],
    ['ER5654', [1.2, 1.6], MEDIUM],
  ]),
  ...of('silicon-bronze', 'copper-alloy', [
    ['ERCuSi-A', [0.8, 0.9, 1.0], SHEET, 'galvanised-steel'],
    ['ERCuAl-A2', [0.9, 1.2], MEDIUM],
    ['ERCuSn-A', [0.9, 1.2], MEDIUM],
    ['ERCuNi', [0.9, 1.2], MEDIUM],
    ['ERCuNiAl', [0.9, 1.2], MEDIUM],
    ['ERCu', [1.2, 1.6], MEDIUM],
  ]),
]

/** Every wire of the catalogue as a label, `ER70S-6 0.9 mm`. */
export const catalogueLabels = (): { label: string; metal: Material }[] =>
  CATALOGUE.flatMap((entry) =>
    entry.diametersMm.map((mm) => ({
      label: `${entry.classification} ${mm.toFixed(1)} mm`,
      metal: entry.metal,
    })),
  )
