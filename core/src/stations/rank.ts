import { RANKS, type Rank } from '../match/ranks.ts'
import { RULES, type StationFinding } from './index.ts'

/** What comes of leaving it; nothing comes of a station that fits. */
export const rankOf = (finding: StationFinding): Rank | null =>
  finding.verdict === 'fits' ? null : RULES[finding.rule].rank

/** Findings that ask for something, worst first; among equals in the order of the wire. */
export const ranked = (findings: readonly StationFinding[]): StationFinding[] =>
  findings
    .filter((f) => f.verdict !== 'fits')
    .map((finding, at) => ({ finding, at, rank: RANKS.indexOf(rankOf(finding)!) }))
    .sort((a, b) => a.rank - b.rank || a.at - b.at)
    .map(({ finding }) => finding)

/** A part that is worn out where it is. */
export const isWorn = (finding: StationFinding): boolean => RULES[finding.rule].worn === true
