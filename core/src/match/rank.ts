import type { Station } from '../machine/stations.ts'
import type { Finding } from './finding.ts'

/** What comes of leaving a finding as it is, worst first. */
export const RANKS = ['harms', 'stops-feed', 'spoils-weld', 'only-wears'] as const
export type Rank = (typeof RANKS)[number]

/** What a station in the wrong usually does. common practice */
const BY_STATION: Record<Station, Rank> = {
  spool: 'stops-feed',
  hubBrake: 'stops-feed',
  inletGuide: 'stops-feed',
  driveRolls: 'stops-feed',
  rollPressure: 'stops-feed',
  outletGuide: 'stops-feed',
  liner: 'stops-feed',
  gun: 'stops-feed',
  contactTip: 'spoils-weld',
  nozzle: 'spoils-weld',
  polarity: 'spoils-weld',
  gas: 'spoils-weld',
  gasFlow: 'spoils-weld',
  supply: 'spoils-weld',
}
/** Rules that do otherwise than their station. common practice */
const BY_RULE: Readonly<Record<string, Rank>> = {
  'earth-pin-missing': 'harms',
  'cord-too-thin': 'harms',
  'tip-too-small': 'stops-feed',
  'tip-same-size-aluminium': 'stops-feed',
  'tip-bore-not-read': 'stops-feed',
  'o-ring-cracked': 'spoils-weld',
  'o-ring-dirty': 'spoils-weld',
  'gun-dirty': 'spoils-weld',
  'gas-to-shut': 'only-wears',
  'flow-to-shut': 'only-wears',
  'cap-for-gasless': 'only-wears',
  'guard-for-gasless': 'only-wears',
  'bare-by-practice': 'only-wears',
  'wire-leaves-wrong-side': 'only-wears',
  'adapter-not-wanted': 'only-wears',
  'guide-dirty': 'only-wears',
  'guide-worn': 'only-wears',
  'guide-touches-roll': 'only-wears',
  'liner-own-family': 'only-wears',
}

/** What comes of leaving it; nothing comes of a station that fits. */
export const rankOf = (finding: Finding): Rank | null =>
  finding.verdict === 'fits' ? null : (BY_RULE[finding.rule] ?? BY_STATION[finding.station])

/** Findings that ask for something, worst first; among equals in the order of the wire. */
export const ranked = (findings: readonly Finding[]): Finding[] =>
  findings
    .filter((f) => f.verdict !== 'fits')
    .map((finding, at) => ({ finding, at, rank: RANKS.indexOf(rankOf(finding)!) }))
    .sort((a, b) => a.rank - b.rank || a.at - b.at)
    .map(({ finding }) => finding)
