import type { Rank } from '../../match/ranks.ts'

/** What can be said of the contact tip, and what comes of leaving it so. common practice */
export const CONTACT_TIP_RANKS = {
  'tip-not-read': 'spoils-weld',
  'tip-bore-not-read': 'stops-feed',
  'tip-missing': 'spoils-weld',
  'tip-too-small': 'stops-feed',
  'tip-too-large': 'spoils-weld',
  'tip-same-size-aluminium': 'stops-feed',
  'aluminium-bore-too-loose': 'spoils-weld',
  'tip-worn': 'spoils-weld',
  'tip-dirty': 'spoils-weld',
  'tip-fits': 'spoils-weld',
} as const satisfies Record<string, Rank>
export type ContactTipRule = keyof typeof CONTACT_TIP_RANKS
