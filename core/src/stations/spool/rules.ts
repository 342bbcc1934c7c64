import type { RuleRow } from '../../match/ranks.ts'

/** What can be said of how the spool sits, and what comes of leaving it so. common practice */
export const SPOOL_RULES = {
  'spool-not-read': { rank: 'stops-feed', keep: 'may' },
  'basket-needs-adapter': { rank: 'stops-feed', keep: 'never' },
  'bore-needs-adapter': { rank: 'stops-feed', keep: 'never' },
  'coil-needs-hardware': { rank: 'stops-feed', keep: 'never' },
  'drum-needs-hardware': { rank: 'stops-feed', keep: 'never' },
  'drum-stands': { rank: 'stops-feed', keep: 'may' },
  'spool-in-the-gun': { rank: 'only-wears', keep: 'may', fault: false },
  'hub-empty': { rank: 'stops-feed', keep: 'may' },
  'wire-leaves-wrong-side': { rank: 'only-wears', keep: 'may' },
  'pin-not-engaged': { rank: 'stops-feed', keep: 'never' },
  'adapter-not-wanted': { rank: 'only-wears', keep: 'may' },
  'spool-in-poor-state': { rank: 'stops-feed', keep: 'may' },
  'spool-sits-right': { rank: 'stops-feed', keep: 'may' },
} as const satisfies Record<string, RuleRow>
export type SpoolRule = keyof typeof SPOOL_RULES

/** Facts that what it says stands on. */
export const SPOOL_FACTS = [
  'byPractice',
  'fittedAdapter',
  'fittedLeaves',
  'fittedType',
  'leaves',
  'locator',
  'mount',
  'needsAdapter',
  'reverseThread',
  'type',
] as const
export type SpoolFact = (typeof SPOOL_FACTS)[number]
