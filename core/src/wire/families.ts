export const FAMILIES = [
  'solid-steel',
  'solid-stainless',
  'metal-cored',
  'flux-cored-self-shielded',
  'flux-cored-gas-shielded',
  'aluminium',
  'silicon-bronze',
] as const
export type Family = (typeof FAMILIES)[number]

export const POLARITIES = ['DCEP', 'DCEN'] as const
export type Polarity = (typeof POLARITIES)[number]

export const MATERIALS = [
  'mild-steel',
  'low-alloy-steel',
  'galvanised-steel',
  'stainless-steel',
  'aluminium',
  'copper-alloy',
] as const
export type Material = (typeof MATERIALS)[number]

export const POSITIONS = ['flat', 'horizontal', 'vertical-up', 'vertical-down', 'overhead'] as const
export type Position = (typeof POSITIONS)[number]

export const GROOVE_PROFILES = ['smooth-v', 'smooth-u', 'knurled-v'] as const
export type GrooveProfile = (typeof GROOVE_PROFILES)[number]

export const LINER_MATERIALS = ['steel-coil', 'ptfe', 'nylon', 'graphite-polymer'] as const
export type LinerMaterial = (typeof LINER_MATERIALS)[number]

export const GUIDE_MATERIALS = ['steel', 'polymer'] as const
export type GuideMaterial = (typeof GUIDE_MATERIALS)[number]

/** What a wire of this family asks of the wire's way. common practice, the trade's chart; best first. */
export interface FamilyNeeds {
  process: 'GMAW' | 'GMAW brazing' | 'FCAW-S' | 'FCAW-G'
  rolls: readonly GrooveProfile[]
  liner: readonly LinerMaterial[]
  guides: readonly GuideMaterial[]
  pressure: 'firm' | 'light' | 'lightest'
  /** Soft wire knots at the rolls first: gaps, lead and brake are judged more strictly. */
  soft: boolean
  /** Gas by ISO 14175, default first; empty for a wire that shields itself. */
  gas: readonly string[]
  /** Metals it joins. */
  joins: readonly Material[]
  /** Density of the filler, kg/m3. published: handbook values, recalled from memory. */
  densityKgPerM3: number
  /** Share of the section that is metal: 1 for solid; a tube carries its powder loosely. common practice */
  fill: number
}

const POLYMER: readonly LinerMaterial[] = ['ptfe', 'nylon', 'graphite-polymer']
const STEELS: readonly Material[] = ['mild-steel', 'low-alloy-steel', 'galvanised-steel']

export const FAMILY_NEEDS: Record<Family, FamilyNeeds> = {
  'solid-steel': {
    process: 'GMAW',
    rolls: ['smooth-v'],
    liner: ['steel-coil'],
    guides: ['steel', 'polymer'],
    pressure: 'firm',
    soft: false,
    gas: ['M21', 'C1', 'M20', 'M12', 'M13'],
    joins: STEELS,
    densityKgPerM3: 7850,
    fill: 1,
  },
  'solid-stainless': {
    process: 'GMAW',
    rolls: ['smooth-v'],
    liner: ['steel-coil', ...POLYMER],
    guides: ['steel', 'polymer'],
    pressure: 'firm',
    soft: false,
    gas: ['M12', 'M13'],
    joins: ['stainless-steel', ...STEELS],
    densityKgPerM3: 7930,
    fill: 1,
  },
  'metal-cored': {
    process: 'GMAW',
    rolls: ['smooth-v', 'smooth-u'],
    liner: ['steel-coil'],
    guides: ['steel', 'polymer'],
    pressure: 'light',
    soft: false,
    gas: ['M21'],
    joins: STEELS,
    densityKgPerM3: 7850,
    fill: 0.87,
  },
  'flux-cored-self-shielded': {
    process: 'FCAW-S',
    rolls: ['knurled-v'],
    liner: ['steel-coil'],
    guides: ['steel', 'polymer'],
    pressure: 'light',
    soft: false,
    gas: [],
    joins: STEELS,
    densityKgPerM3: 7850,
    fill: 0.83,
  },
  'flux-cored-gas-shielded': {
    process: 'FCAW-G',
    rolls: ['knurled-v'],
    liner: ['steel-coil'],
    guides: ['steel', 'polymer'],
    pressure: 'light',
    soft: false,
    gas: ['C1'],
    joins: STEELS,
    densityKgPerM3: 7850,
    fill: 0.85,
  },
  aluminium: {
    process: 'GMAW',
    rolls: ['smooth-u'],
    liner: POLYMER,
    guides: ['polymer'],
    pressure: 'lightest',
    soft: true,
    gas: ['I1', 'I3'],
    joins: ['aluminium'],
    densityKgPerM3: 2680,
    fill: 1,
  },
  'silicon-bronze': {
    process: 'GMAW brazing',
    rolls: ['smooth-u', 'smooth-v'],
    liner: [...POLYMER, 'steel-coil'],
    guides: ['polymer'],
    pressure: 'light',
    soft: true,
    gas: ['I1'],
    joins: ['mild-steel', 'galvanised-steel', 'low-alloy-steel', 'stainless-steel', 'copper-alloy'],
    densityKgPerM3: 8520,
    fill: 1,
  },
}
