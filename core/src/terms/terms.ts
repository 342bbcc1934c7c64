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
  'cast-iron',
] as const
export type Material = (typeof MATERIALS)[number]

/** What a joint must bear beside its load; `tough`: at a low temperature. */
export const SERVICES = ['hot', 'anodised', 'strength', 'corrosion', 'treated-after', 'tough'] as const
export type Service = (typeof SERVICES)[number]

export const POSITIONS = ['flat', 'horizontal', 'vertical-up', 'vertical-down', 'overhead'] as const
export type Position = (typeof POSITIONS)[number]

export const GROOVE_PROFILES = ['smooth-v', 'smooth-u', 'knurled-v'] as const
export type GrooveProfile = (typeof GROOVE_PROFILES)[number]

export const LINER_MATERIALS = ['steel-coil', 'ptfe', 'nylon', 'graphite-polymer'] as const
export type LinerMaterial = (typeof LINER_MATERIALS)[number]

export const TRANSFERS = ['short-arc', 'globular', 'spray', 'slag'] as const
/** How the metal crosses. `slag` is cored wire, whose slag and not the current makes the mode. */
export type Transfer = (typeof TRANSFERS)[number]

export const GUIDE_MATERIALS = ['steel', 'polymer'] as const
export type GuideMaterial = (typeof GUIDE_MATERIALS)[number]
