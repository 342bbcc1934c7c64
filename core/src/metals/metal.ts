import type { Confidence } from '../base/sources.ts'
import type { Material } from '../terms/terms.ts'

/** Why a wire must not be taken for a metal; `wording` has the sentences. */
export type NeverReason =
  | 'too-weak-unsaid'
  | 'hardens-in-air'
  | 'martensite-and-hot-cracks'
  | 'another-chromium'
  | 'brittle-cold'
  | 'hard-beside'
  | 'rusts-first'
  | 'pits-first'
  | 'not-stabilised'
  | 'weaker-and-rusts'
  | 'less-alloy-than-metal'
  | 'brittle-silicide'
  | 'brittle-magnesium'
  | 'zinc-boils'
  | 'brittle-on-carbon'
  | 'cracks-on-stainless'
  | 'weakens-hot'
  | 'darkens-when-anodised'
  | 'no-toughness-promised'
/** What is said of a metal beside its wire. */
export type MetalNote =
  | 'single-pass-thin-only'
  | 'weaker-where-design-says'
  | 'preheat-by-maker'
  | 'low-hydrogen'
  | 'austenitic-under-restraint'
  | 'treated-after-matching-wire'
  | 'tested-procedure'
  | 'repair-only'
  | 'springs-not-welded'
  | 'treat-after-by-procedure'
  | 'cool-then-treat'
  | 'cold-peened-beads'
  | 'white-iron'
  | 'titanium-burns-off'
  | 'hot-cracks'
  | 'grains-grow'
  | 'only-where-strength-not-needed'
  | 'heat-input-2205'
  | 'heat-input-2507'
  | 'no-filler-cracks'
  | 'weak-beside'
  | 'unfit-hot'
  | 'not-held-warm'
  | 'die-castings-blister'
  | 'slow-cooling'
  | 'porous-no-hydrogen'
  | 'leaded-cracks'
  | 'zinc-off-both-sides'
  | 'not-for-fusion'
/** What the metal itself puts into the air, whatever the wire. */
export type MetalFume = 'chromium' | 'nickel' | 'manganese' | 'zinc' | 'copper' | 'lead' | 'beryllium'

/** Degrees that hold from a thickness on, °C; 0: none. `to` where the rules leave a span. */
export interface Warmth {
  fromMm: number
  c: number
  to?: number
}
export interface Never {
  /** Alloys or bases of wires, as `fillerOf` gives them. */
  wires: readonly string[]
  why: NeverReason
}

/** One parent metal, with everything that is true of it. All rows: handbooks, codes and standards, recalled from memory. */
export interface Metal {
  id: string
  kind: MetalKind
  /** The metals of the job it may be; the first is what it is set to. */
  materials: readonly Material[]
  /** How people write it; case, spaces, hyphens and words such as `EN AW` or `grade` do not matter. */
  grades: readonly string[]
  /** Classifications by use, best first. Nickel types are named though their labels are not read here. */
  first: readonly string[]
  also: readonly string[]
  never: readonly Never[]
  /** Least tensile strength of a wire that is not weaker than the metal, ksi. */
  leastKsi?: number
  preheat?: readonly Warmth[]
  /** Never warmer between passes, °C. */
  interpassC?: number
  notes: readonly MetalNote[]
  fume: readonly MetalFume[]
  /** May run above 65 °C for good; only asked of aluminium. */
  hotService?: boolean
  confidence: Confidence
  /** A row of the shop’s own: its wires are the shop’s word. */
  byShop?: true
}
/** Steel that is not stainless. */
export const STEEL_KINDS = [
  'carbon-steel',
  'weathering-steel',
  'thermomechanical-steel',
  'quenched-steel',
  'wear-plate',
  'hardenable-steel',
  'creep-steel',
  'cold-tough-steel',
  'galvanised-steel',
] as const
export const METAL_KINDS = [
  ...STEEL_KINDS,
  'cast-iron',
  'austenitic-stainless',
  'ferritic-stainless',
  'martensitic-stainless',
  'duplex-stainless',
  'wrought-aluminium',
  'cast-aluminium',
  'copper',
  'brass',
] as const
export type MetalKind = (typeof METAL_KINDS)[number]
const STEELS: readonly MetalKind[] = STEEL_KINDS
export const isSteel = (kind: MetalKind): boolean => STEELS.includes(kind)

type Row = Pick<Metal, 'id' | 'grades' | 'confidence'> & Partial<Metal>
/** Rows of one kind, with what they share. */
export const rowsOf = (
  shared: Pick<Metal, 'kind' | 'materials'> & Partial<Metal>,
  rows: readonly Row[],
): Metal[] => rows.map((row) => ({ first: [], also: [], never: [], notes: [], fume: [], ...shared, ...row }))
