import type { GuideRule, GuideFact } from '../pieces/guideRules.ts'
import type { Finding, MatchContext } from '../../match/finding.ts'
import { matchGuide } from '../pieces/guide.ts'

/** The tube before the rolls. */
export const matchInletGuide = (c: MatchContext): Finding<GuideRule, GuideFact> => matchGuide('inletGuide', c)
