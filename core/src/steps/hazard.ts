import type { Fume } from '../metals/fume.ts'

/** A warning shown with a step; `wording` holds the sentences. */
export type Hazard =
  | 'live-studs'
  | 'stored-charge'
  | 'machine-off'
  | 'moving-rolls'
  | 'wire-end'
  | 'feeding-wire'
  | 'live-wire'
  | 'hot-parts'
  | 'compressed-air'
  | 'cylinder'
  | 'gas-in-closed-space'
  | 'arc'
  | 'fume'
  | 'mains-work'
  | 'solvent'
  | 'hot-metal'
  | 'fire'
  | 'heavy'
  | Fume
