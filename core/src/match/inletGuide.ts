import type { Finding, MatchContext } from './finding.ts'
import { matchGuide } from './guide.ts'

/** The tube before the rolls. */
export const matchInletGuide = (c: MatchContext): Finding => matchGuide('inletGuide', c)
