import type { GrooveProfile, LinerMaterial, Family } from '../terms/terms.ts'
import { FAMILY_SHEETS, type FamilyFeed, type Triple } from '../families/index.ts'
import { about, range, type Range } from './range.ts'

/** What the mechanics do not know exactly, in the order in which the model reads them. */
export const COEFFICIENTS = [
  'yieldMPa',
  'modulusMPa',
  'wallShare',
  'castRadiusMm',
  'linerFriction',
  'linerDragNPerM',
  'tipDragN',
  'strayBendRad',
  'brakeTorqueNm',
  'rollFriction',
  'vHalfAngleDeg',
  'rollRadiusMm',
  'flatteningShare',
  'contactSpread',
  'motorN',
  'gunShare',
] as const
export type Coefficient = (typeof COEFFICIENTS)[number]
export type Coefficients = Record<Coefficient, Range>

/** How hard and how stiff the wire is. 4xxx aluminium is the softer to push. */
export type Alloy = '4xxx' | '5xxx' | '1xxx'

const yieldOf = (said: FamilyFeed['yieldMPa'], alloy: Alloy): number =>
  typeof said === 'number' ? said : said[alloy]!
/** Yield of the wire as drawn; a cored wire's is its sheath's. 20 % either way. */
export const yieldMPa = (family: Family, alloy: Alloy = '4xxx'): Range =>
  about(yieldOf(FAMILY_SHEETS[family].feed.yieldMPa, alloy), 0.2, 'published', 'wire-tables')

/** Young's modulus, MPa. */
export const modulusMPa = (family: Family): Range =>
  range(...FAMILY_SHEETS[family].feed.modulusMPa, 'published', 'asm-handbook')

export const isTubular = (family: Family): boolean => FAMILY_SHEETS[family].tubular

/** Wall over diameter; 0.5 is solid. */
export const wallShare = (family: Family): Range =>
  isTubular(family)
    ? range(0.15, 0.16, 0.2, 'common practice', 'practice')
    : range(0.5, 0.5, 0.5, 'model', 'solid-wire')

export type LinerState = 'clean' | 'dirty' | 'kinked'
/** Friction of the wire in its liner. */
export function linerFriction(family: Family, material: LinerMaterial, state: LinerState): Range {
  const clean =
    material === 'steel-coil'
      ? range(...FAMILY_SHEETS[family].feed.steelCoilFriction, 'published', 'handbook-friction')
      : material === 'ptfe'
        ? range(0.06, 0.09, 0.12, 'published', 'handbook-friction')
        : range(0.1, 0.14, 0.18, 'published', 'handbook-friction')
  if (state === 'clean') return clean
  // Steel in a dirty coil is 0.3 and up: about double. A kink is no factor: it may cost little, and it may stop the wire.
  const [low, usual, high] = state === 'dirty' ? ([2, 2, 2] as const) : ([2, 5, 20] as const)
  return range(clean.low * low, clean.value * usual, clean.high * high, 'common practice', 'practice')
}

/** Drag a metre, N/m, from the wire's cast: 3-5 for 0.9 mm steel. */
export function linerDragNPerM(family: Family, material: LinerMaterial): Range {
  const source = 'measured-drag' as const
  const { steel, polymer } = FAMILY_SHEETS[family].feed.dragNPerM
  return range(...(material === 'steel-coil' ? steel : polymer), 'published', source)
}

/** Drag in the tip, N, by what its bore is like: one that holds an oval wire adds several newtons, spatter many. */
const TIP_DRAG_N: Record<'good' | 'tight' | 'worn' | 'blocked', Triple> = {
  good: [2, 2.5, 3],
  tight: [5, 8, 12],
  worn: [4, 7, 14],
  blocked: [8, 20, 60],
}
export const tipDragN = (bore: keyof typeof TIP_DRAG_N): Range =>
  range(...TIP_DRAG_N[bore], 'common practice', 'practice')

/** Grip of steel roll and wire; teeth bite instead of rubbing. */
export function rollFriction(family: Family, profile: GrooveProfile): Range {
  if (profile === 'knurled-v') return range(0.4, 0.5, 0.6, 'common practice', 'practice')
  return range(...FAMILY_SHEETS[family].feed.rollFriction, 'published', 'handbook-friction')
}

/** Radius the wire lies in when it is free, mm, by spool: a third of what the standard's cast allows and up. */
export const castRadiusMm = (spool: 'S100' | 'other'): Range =>
  spool === 'S100'
    ? range(100, 150, 200, 'published', 'iso-544-cast')
    : range(150, 350, 600, 'published', 'iso-544-cast')

/** Bends nobody counts: a lead never lies quite straight, and a long one less so. Half a radian on 3 m. */
export const strayBendRad = (leadM: number): Range =>
  range((0.3 * leadM) / 3, (0.5 * leadM) / 3, (0.8 * leadM) / 3, 'common practice', 'practice')
export const vHalfAngleDeg = (): Range => range(30, 45, 45, 'common practice', 'practice')
export const rollRadiusMm = (): Range => range(13, 15, 18, 'common practice', 'practice')
/** Flattening one allows, as a share of the diameter. */
export const flatteningShare = (family: Family): Range =>
  range(...FAMILY_SHEETS[family].feed.flattening, 'common practice', 'practice')
/** A U groove spreads the contact. */
export const contactSpread = (profile: GrooveProfile): Range =>
  profile === 'smooth-u'
    ? range(1.3, 1.45, 1.6, 'model', 'contact-mechanics')
    : range(1, 1, 1, 'model', 'two-lines')
/** Most that a drive motor pushes. */
export const motorN = (pairs: number): Range =>
  pairs > 1
    ? range(200, 280, 380, 'common practice', 'practice')
    : range(120, 180, 250, 'common practice', 'practice')
/** What the motor of a push-pull gun takes of the lead's drag. */
export const gunShare = (): Range => range(0.4, 0.6, 0.8, 'common practice', 'practice')
