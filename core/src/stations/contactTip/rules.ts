import type { RuleRow } from '../../match/ranks.ts'

/** What can be said of the contact tip, and what comes of leaving it so. common practice */
export const CONTACT_TIP_RULES = {
  'tip-not-read': { rank: 'spoils-weld', keep: 'may' },
  'tip-bore-not-read': { rank: 'stops-feed', keep: 'may' },
  'tip-missing': { rank: 'spoils-weld', keep: 'never' },
  'tip-too-small': { rank: 'stops-feed', keep: 'never' },
  'tip-too-large': { rank: 'spoils-weld', keep: 'may' },
  'tip-same-size-aluminium': { rank: 'stops-feed', keep: 'may' },
  'aluminium-bore-too-loose': { rank: 'spoils-weld', keep: 'may' },
  'tip-worn': { rank: 'spoils-weld', keep: 'may', worn: true },
  'tip-dirty': { rank: 'spoils-weld', keep: 'may' },
  'tip-fits': { rank: 'spoils-weld', keep: 'may' },
} as const satisfies Record<string, RuleRow>
export type ContactTipRule = keyof typeof CONTACT_TIP_RULES

/** Facts that what it says stands on. */
export const CONTACT_TIP_FACTS = [
  'aluminiumBore',
  'condition',
  'family',
  'sizeMm',
  'stamp',
  'wantedAluminiumBore',
  'wantedStamp',
] as const
export type ContactTipFact = (typeof CONTACT_TIP_FACTS)[number]
