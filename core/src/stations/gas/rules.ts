import type { RuleRow } from '../../match/ranks.ts'

/** What can be said of the gas, and what comes of leaving it so. common practice */
export const GAS_RULES = {
  'gas-ask-the-box': { rank: 'spoils-weld', keep: 'may' },
  'gas-not-read': { rank: 'spoils-weld', keep: 'may' },
  'no-gas-wanted': { rank: 'spoils-weld', keep: 'may' },
  'gas-shut': { rank: 'spoils-weld', keep: 'may' },
  'gas-to-shut': { rank: 'only-wears', keep: 'never' },
  'gas-missing': { rank: 'spoils-weld', keep: 'never' },
  'active-gas-under-inert-wire': { rank: 'spoils-weld', keep: 'may' },
  'inert-gas-under-steel': { rank: 'spoils-weld', keep: 'may' },
  'gas-outside-designation': { rank: 'spoils-weld', keep: 'may' },
  'gas-by-makers-word': { rank: 'spoils-weld', keep: 'may' },
  'gas-with-a-trace': { rank: 'spoils-weld', keep: 'may' },
  'gas-as-its-twin': { rank: 'spoils-weld', keep: 'may' },
  'gas-with-helium': { rank: 'spoils-weld', keep: 'may' },
  'gas-with-hydrogen': { rank: 'spoils-weld', keep: 'may' },
  'gas-with-nitrogen': { rank: 'spoils-weld', keep: 'may' },
  'hydrogen-cracks': { rank: 'spoils-weld', keep: 'never' },
  'gas-right': { rank: 'spoils-weld', keep: 'may' },
  'gas-inside-designation-outside-limits': { rank: 'spoils-weld', keep: 'may' },
} as const satisfies Record<string, RuleRow>
export type GasRule = keyof typeof GAS_RULES

/** Facts that what it says stands on. */
export const GAS_FACTS = [
  'argonMax',
  'argonMin',
  'designation',
  'designations',
  'family',
  'fitted',
  'flow',
  'gasNeeded',
  'group',
  'otherOutlet',
  'wanted',
] as const
export type GasFact = (typeof GAS_FACTS)[number]
