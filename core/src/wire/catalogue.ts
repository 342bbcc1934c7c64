import type { Material } from './families.ts'

/** A classification by use, never by maker. */
export interface CatalogueEntry {
  classification: string
  /** Sizes it is usually sold in, trade mm. common practice */
  diametersMm: readonly number[]
  use: string
  /** The metal it is first bought for. */
  metal: Material
}

/** Wires the label reader knows, as a shop meets them. common practice, no source. */
export const CATALOGUE: readonly CatalogueEntry[] = [
  {
    classification: 'ER70S-2',
    diametersMm: [0.8, 0.9, 1.2],
    metal: 'mild-steel',
    use: 'rusty or rimmed plate, root passes in pipe',
  },
  {
    classification: 'ER70S-3',
    diametersMm: [0.8, 0.9, 1.2],
    metal: 'mild-steel',
    use: 'clean sheet and plate',
  },
  {
    classification: 'ER70S-4',
    diametersMm: [0.9, 1.2],
    metal: 'mild-steel',
    use: 'plate with a little scale',
  },
  {
    classification: 'ER70S-6',
    diametersMm: [0.6, 0.8, 0.9, 1.0, 1.2, 1.4],
    metal: 'mild-steel',
    use: 'everyday sheet, frames and brackets',
  },
  { classification: 'ER70S-7', diametersMm: [0.9, 1.2], metal: 'mild-steel', use: 'fast fillets on plate' },
  {
    classification: 'ER80S-D2',
    diametersMm: [0.9, 1.2],
    metal: 'low-alloy-steel',
    use: 'higher strength, low-alloy and high-carbon steels',
  },
  {
    classification: 'E70C-3M',
    diametersMm: [1.2, 1.6],
    metal: 'mild-steel',
    use: 'fast flat welds with little spatter',
  },
  {
    classification: 'E70C-6M',
    diametersMm: [1.2, 1.4, 1.6],
    metal: 'mild-steel',
    use: 'fast flat welds, tougher deposit',
  },
  { classification: 'E70C-6C', diametersMm: [1.2, 1.6], metal: 'mild-steel', use: 'fast flat welds on CO2' },
  {
    classification: 'E71T-1C',
    diametersMm: [0.9, 1.2, 1.4, 1.6],
    metal: 'mild-steel',
    use: 'heavy frames in all positions on CO2',
  },
  {
    classification: 'E71T-1M',
    diametersMm: [0.9, 1.2, 1.4, 1.6],
    metal: 'mild-steel',
    use: 'heavy frames in all positions on a mixture',
  },
  {
    classification: 'E71T-1C/-9M',
    diametersMm: [1.2, 1.6],
    metal: 'mild-steel',
    use: 'one wire for CO2 and mixture',
  },
  {
    classification: 'E71T-5C',
    diametersMm: [1.2, 1.6],
    metal: 'mild-steel',
    use: 'tough welds on restrained joints',
  },
  {
    classification: 'E71T-9M',
    diametersMm: [1.2, 1.6],
    metal: 'mild-steel',
    use: 'frames that see the cold',
  },
  {
    classification: 'E71T-12M',
    diametersMm: [1.2],
    metal: 'mild-steel',
    use: 'where hardness must stay low',
  },
  {
    classification: 'E70T-3',
    diametersMm: [1.6, 2.4],
    metal: 'mild-steel',
    use: 'fast single passes on sheet',
  },
  {
    classification: 'E70T-4',
    diametersMm: [2.0, 2.4],
    metal: 'mild-steel',
    use: 'heavy flat fill outdoors, gun positive',
  },
  {
    classification: 'E70T-6',
    diametersMm: [2.0, 2.4],
    metal: 'mild-steel',
    use: 'deep grooves outdoors, gun positive',
  },
  { classification: 'E70T-7', diametersMm: [2.0, 2.4], metal: 'mild-steel', use: 'fast flat plate outdoors' },
  {
    classification: 'E71T-8',
    diametersMm: [1.6, 2.0],
    metal: 'mild-steel',
    use: 'structural steel in all positions outdoors',
  },
  {
    classification: 'E70T-10',
    diametersMm: [1.6, 2.4],
    metal: 'mild-steel',
    use: 'fast single passes, any thickness',
  },
  {
    classification: 'E71T-11',
    diametersMm: [0.8, 0.9, 1.2, 1.7, 2.0],
    metal: 'mild-steel',
    use: 'repairs in wind, up to medium plate',
  },
  { classification: 'E71T-13', diametersMm: [1.7], metal: 'mild-steel', use: 'root passes in pipe' },
  {
    classification: 'E71T-14',
    diametersMm: [0.9, 1.2],
    metal: 'galvanised-steel',
    use: 'single passes on coated sheet',
  },
  {
    classification: 'E71T-GS',
    diametersMm: [0.8, 0.9],
    metal: 'mild-steel',
    use: 'single passes on thin sheet without gas',
  },
  {
    classification: 'ER4043',
    diametersMm: [0.9, 1.2, 1.6],
    metal: 'aluminium',
    use: 'castings and 6xxx that will get warm',
  },
  {
    classification: 'ER4047',
    diametersMm: [0.9, 1.2],
    metal: 'aluminium',
    use: 'thin castings and leak-tight seams',
  },
  {
    classification: 'ER5183',
    diametersMm: [1.2, 1.6],
    metal: 'aluminium',
    use: 'hull plate, strongest joints',
  },
  {
    classification: 'ER5356',
    diametersMm: [0.8, 0.9, 1.2, 1.6],
    metal: 'aluminium',
    use: 'dinghies, general aluminium',
  },
  {
    classification: 'ER5556',
    diametersMm: [1.2, 1.6],
    metal: 'aluminium',
    use: 'high-strength magnesium alloys',
  },
  {
    classification: 'ERCuSi-A',
    diametersMm: [0.8, 0.9, 1.0],
    metal: 'galvanised-steel',
    use: 'brazing of thin coated sheet',
  },
]

/** Every wire of the catalogue as a label, `ER70S-6 0.9 mm`. */
export const catalogueLabels = (): { label: string; metal: Material }[] =>
  CATALOGUE.flatMap((entry) =>
    entry.diametersMm.map((mm) => ({
      label: `${entry.classification} ${mm.toFixed(1)} mm`,
      metal: entry.metal,
    })),
  )
