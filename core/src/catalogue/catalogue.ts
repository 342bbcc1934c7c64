import type { Family, Material } from '../terms/terms.ts'

/** A classification by use, never by maker. */
export interface CatalogueEntry {
  classification: string
  family: Family
  /** Sizes it is usually sold in, trade mm. common practice */
  diametersMm: readonly number[]
  /** Thickness it is usually run on, mm. common practice */
  thicknessMm: readonly [number, number]
  use: string
  /** The metal it is first bought for. */
  metal: Material
}

type Row = readonly [string, readonly number[], readonly [number, number], string, Material?]
const of = (family: Family, metal: Material, rows: readonly Row[]): CatalogueEntry[] =>
  rows.map(([classification, diametersMm, thicknessMm, use, other]) => ({
    classification,
    family,
    diametersMm,
    thicknessMm,
    use,
    metal: other ?? metal,
  }))

const SHEET: readonly [number, number] = [0.6, 3]
const MEDIUM: readonly [number, number] = [1.5, 12]
const PLATE: readonly [number, number] = [3, 50]
const ANY: readonly [number, number] = [0.6, 25]

/** Wires the label reader knows, as a shop meets them. common practice, no source. */
export const CATALOGUE: readonly CatalogueEntry[] = [
  ...of('solid-steel', 'mild-steel', [
    ['ER70S-2', [0.8, 0.9, 1.2], MEDIUM, 'rusty or rimmed plate, root passes in pipe'],
    ['ER70S-3', [0.8, 0.9, 1.2], ANY, 'clean sheet and plate'],
    ['ER70S-4', [0.9, 1.2], MEDIUM, 'plate with a little scale'],
    ['ER70S-6', [0.6, 0.8, 0.9, 1.0, 1.2, 1.4], ANY, 'everyday sheet, frames and brackets'],
    ['ER70S-7', [0.9, 1.2], MEDIUM, 'fast fillets on plate'],
    ['G 42 4 M21 3Si1', [0.8, 1.0, 1.2], ANY, 'everyday sheet and frames on a mixture'],
    ['G 46 4 M21 4Si1', [1.0, 1.2], MEDIUM, 'scaly plate, stronger deposit'],
    ['ER80S-D2', [0.9, 1.2], MEDIUM, 'higher strength, low-alloy and high-carbon steels', 'low-alloy-steel'],
    ['ER80S-Ni1', [0.9, 1.2], MEDIUM, 'steel that must stay tough in the cold', 'low-alloy-steel'],
    ['ER80S-Ni2', [0.9, 1.2], MEDIUM, 'cold-service tanks and pipe', 'low-alloy-steel'],
    ['ER80S-B2', [0.9, 1.2], MEDIUM, 'chromium-molybdenum boiler tube', 'low-alloy-steel'],
    ['ER90S-B3', [0.9, 1.2], MEDIUM, 'hotter chromium-molybdenum service', 'low-alloy-steel'],
    ['ER110S-1', [0.9, 1.2], MEDIUM, 'quenched and tempered plate', 'low-alloy-steel'],
  ]),
  ...of('solid-stainless', 'stainless-steel', [
    ['ER308L', [0.8, 0.9, 1.2], ANY, '304-type stainless, general'],
    ['ER308LSi', [0.8, 0.9, 1.2], ANY, '304-type stainless, smoother bead'],
    ['ER309LSi', [0.8, 0.9, 1.2], ANY, 'stainless to mild steel'],
    ['ER316LSi', [0.8, 0.9, 1.2], ANY, '316-type stainless, salt water'],
    ['ER347', [0.9, 1.2], MEDIUM, 'stabilised stainless that runs hot'],
    ['ER2209', [0.9, 1.2], MEDIUM, 'duplex stainless'],
    ['ER312', [0.9, 1.2], MEDIUM, 'steels of unknown alloy, repair'],
    ['ER409Nb', [0.9, 1.2], SHEET, 'exhaust tube'],
    ['G 18 8 Mn', [0.8, 1.0, 1.2], MEDIUM, 'dissimilar steels and hard-to-weld steel'],
  ]),
  ...of('metal-cored', 'mild-steel', [
    ['E70C-3M', [1.2, 1.6], MEDIUM, 'fast flat welds with little spatter'],
    ['E70C-6M', [1.2, 1.4, 1.6], MEDIUM, 'fast flat welds, tougher deposit'],
    ['E70C-6C', [1.2, 1.6], MEDIUM, 'fast flat welds on CO2'],
    ['T 46 4 M M21 3 H5', [1.2, 1.4], MEDIUM, 'fast flat welds, low hydrogen'],
    ['E80C-Ni1', [1.2], MEDIUM, 'fast welds that see the cold', 'low-alloy-steel'],
    ['E110C-K4', [1.2], MEDIUM, 'fast welds on high-strength plate', 'low-alloy-steel'],
    ['EC308L', [1.2], SHEET, 'fast stainless seams', 'stainless-steel'],
  ]),
  ...of('flux-cored-gas-shielded', 'mild-steel', [
    ['E71T-1C', [0.9, 1.2, 1.4, 1.6], PLATE, 'heavy frames in all positions on CO2'],
    ['E71T-1M', [0.9, 1.2, 1.4, 1.6], PLATE, 'heavy frames in all positions on a mixture'],
    ['E71T-1C/-9M', [1.2, 1.6], PLATE, 'one wire for CO2 and mixture'],
    ['E70T-1C', [1.6, 2.0, 2.4], PLATE, 'heavy flat and horizontal fill'],
    ['E70T-2C', [1.6, 2.0], MEDIUM, 'single passes over scale and rust'],
    ['E71T-5C', [1.2, 1.6], PLATE, 'tough welds on restrained joints'],
    ['E71T-9M', [1.2, 1.6], PLATE, 'frames that see the cold'],
    ['E71T-12M', [1.2], PLATE, 'where hardness must stay low'],
    ['T 46 2 P M21 1 H10', [1.2, 1.6], PLATE, 'heavy frames in all positions on a mixture'],
    ['E81T1-Ni1M', [1.2, 1.6], PLATE, 'frames that must stay tough in the cold', 'low-alloy-steel'],
    ['E81T1-Ni2C', [1.2, 1.6], PLATE, 'cold-service steelwork on CO2', 'low-alloy-steel'],
    ['E91T1-K2M', [1.2, 1.6], PLATE, 'high-strength structural plate', 'low-alloy-steel'],
    ['E308LT1-4', [0.9, 1.2, 1.6], MEDIUM, '304-type stainless in all positions', 'stainless-steel'],
    ['E309LT1-1', [1.2, 1.6], MEDIUM, 'stainless to mild steel on CO2', 'stainless-steel'],
    ['E316LT1-4', [0.9, 1.2, 1.6], MEDIUM, '316-type stainless, salt water', 'stainless-steel'],
  ]),
  ...of('flux-cored-self-shielded', 'mild-steel', [
    ['E70T-3', [1.6, 2.4], [1.2, 5], 'fast single passes on sheet'],
    ['E70T-4', [2.0, 2.4], PLATE, 'heavy flat fill outdoors, gun positive'],
    ['E70T-6', [2.0, 2.4], PLATE, 'deep grooves outdoors, gun positive'],
    ['E70T-7', [2.0, 2.4], PLATE, 'fast flat plate outdoors'],
    ['E71T-8', [1.6, 2.0], PLATE, 'structural steel in all positions outdoors'],
    ['E71T8-Ni1', [1.7, 2.0], PLATE, 'pipe and structures outdoors that see the cold', 'low-alloy-steel'],
    ['E70T-10', [1.6, 2.4], [1.5, 8], 'fast single passes, any thickness'],
    ['E71T-11', [0.8, 0.9, 1.2, 1.7, 2.0], [1, 12], 'repairs in wind, up to medium plate'],
    ['E71T-13', [1.7], [3, 12], 'root passes in pipe'],
    ['E71T-14', [0.9, 1.2], [0.8, 5], 'single passes on coated sheet', 'galvanised-steel'],
    ['E71T-GS', [0.8, 0.9], [0.8, 5], 'single passes on thin sheet without gas'],
    ['E308LT0-3', [1.2, 1.6], MEDIUM, 'stainless outdoors and overlays', 'stainless-steel'],
  ]),
  ...of('aluminium', 'aluminium', [
    ['ER1100', [1.2], MEDIUM, 'pure aluminium tanks and bus bar'],
    ['ER4043', [0.9, 1.2, 1.6], ANY, 'castings and 6xxx that will get warm'],
    ['ER4047', [0.9, 1.2], SHEET, 'thin castings and leak-tight seams'],
    ['ER5183', [1.2, 1.6], PLATE, 'hull plate, strongest joints'],
    ['ER5356', [0.8, 0.9, 1.2, 1.6], ANY, 'dinghies, general aluminium'],
    ['ER5554', [1.2, 1.6], MEDIUM, '5454 tanks that run warm'],
    ['ER5556', [1.2, 1.6], PLATE, 'high-strength magnesium alloys'],
  ]),
  ...of('silicon-bronze', 'copper-alloy', [
    ['ERCuSi-A', [0.8, 0.9, 1.0], SHEET, 'brazing of thin coated sheet', 'galvanised-steel'],
    ['ERCuAl-A2', [0.9, 1.2], MEDIUM, 'wear faces, bronze to steel'],
    ['ERCuSn-A', [0.9, 1.2], MEDIUM, 'phosphor bronze and brass repair'],
    ['ERCuNi', [0.9, 1.2], MEDIUM, 'copper-nickel pipe, salt water'],
    ['ERCu', [1.2, 1.6], MEDIUM, 'deoxidised copper'],
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
