import type { RuleRow } from '../../match/ranks.ts'

/** What can be said of the hub brake, and what comes of leaving it so. common practice */
export const HUB_BRAKE_RULES = {
  'brake-not-read': { rank: 'stops-feed', keep: 'may' },
  'brake-loose': { rank: 'stops-feed', keep: 'may' },
  'brake-tight': { rank: 'stops-feed', keep: 'may' },
  'brake-for-other-spool': { rank: 'stops-feed', keep: 'may' },
  'no-brake-on-drum': { rank: 'stops-feed', keep: 'may' },
  'brake-set': { rank: 'stops-feed', keep: 'may' },
} as const satisfies Record<string, RuleRow>
export type HubBrakeRule = keyof typeof HUB_BRAKE_RULES

/** Facts that what it says stands on. */
export const HUB_BRAKE_FACTS = ['brake', 'massKg', 'newType', 'oldType'] as const
export type HubBrakeFact = (typeof HUB_BRAKE_FACTS)[number]
