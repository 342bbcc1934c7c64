import type { Rank } from '../../match/ranks.ts'

/** What can be said of how the spool sits, and what comes of leaving it so. common practice */
export const SPOOL_RANKS = {
  'spool-not-read': 'stops-feed',
  'basket-needs-adapter': 'stops-feed',
  'bore-needs-adapter': 'stops-feed',
  'coil-needs-hardware': 'stops-feed',
  'drum-needs-hardware': 'stops-feed',
  'drum-stands': 'stops-feed',
  'hub-empty': 'stops-feed',
  'wire-leaves-wrong-side': 'only-wears',
  'pin-not-engaged': 'stops-feed',
  'adapter-not-wanted': 'only-wears',
  'spool-in-poor-state': 'stops-feed',
  'spool-sits-right': 'stops-feed',
} as const satisfies Record<string, Rank>
export type SpoolRule = keyof typeof SPOOL_RANKS
