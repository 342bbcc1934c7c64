import type { GuideRule, GuideFact } from '../pieces/guideRules.ts'
import type { Finding, MatchContext } from '../../match/finding.ts'
import { matchGuide } from '../pieces/guide.ts'

/** The tube after the rolls, where a pushed wire folds first. */
export const matchOutletGuide = (c: MatchContext): Finding<GuideRule, GuideFact> =>
  matchGuide('outletGuide', c)
