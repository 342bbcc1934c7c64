import { RANKS, type Rank } from '../match/ranks.ts'
import { RULE_RANKS, type StationFinding, type StationRule } from './index.ts'

/** What comes of leaving it; nothing comes of a station that fits. */
export const rankOf = (finding: StationFinding): Rank | null =>
  finding.verdict === 'fits' ? null : RULE_RANKS[finding.rule]

/** Findings that ask for something, worst first; among equals in the order of the wire. */
export const ranked = (findings: readonly StationFinding[]): StationFinding[] =>
  findings
    .filter((f) => f.verdict !== 'fits')
    .map((finding, at) => ({ finding, at, rank: RANKS.indexOf(rankOf(finding)!) }))
    .sort((a, b) => a.rank - b.rank || a.at - b.at)
    .map(({ finding }) => finding)

/** Rules of a part that is worn out where it is. */
const WORN: readonly StationRule[] = [
  'guide-worn',
  'rolls-worn',
  'gun-rolls-worn',
  'liner-worn',
  'gun-liner-worn',
  'gun-worn',
  'tip-worn',
  'nozzle-worn',
  'work-clamp-worn',
]
export const isWorn = (finding: StationFinding): boolean => WORN.includes(finding.rule)
