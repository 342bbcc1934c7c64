/** Where a figure is from: ids, which `wording` says. Nobody's figure goes without one. */
export const SOURCES = [
  'handbook-practice',
  'c5-6-short-arc',
  'handbook-argon-rows',
  'norrish',
  'fitted-to-e71t-1',
  'handbook-rows-unsure',
  'between-solid-and-cored',
  'from-steel-by-heat',
  'section-to-fill',
  'deposition',
  'burn-off',
  'wire-tables',
  'asm-handbook',
  'practice',
  'solid-wire',
  'handbook-friction',
  'measured-drag',
  'iso-544-cast',
  'contact-mechanics',
  'two-lines',
] as const
export type Source = (typeof SOURCES)[number]

/** How sure a recalled row is, surest first. `M-L` counts as `L`: only its sentence is asserted, not its figure. */
export const CONFIDENCES = ['H', 'M-H', 'M', 'M-L', 'L'] as const
export type Confidence = (typeof CONFIDENCES)[number]

/** Where a shop's own setting comes from, first the one that wins. */
export const OWN_SOURCES = ['ran-well', 'machine-chart', 'wire-sheet'] as const
export type OwnSource = (typeof OWN_SOURCES)[number]
