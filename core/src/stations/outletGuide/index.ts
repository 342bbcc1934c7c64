import { outletGuideWork } from './work.ts'
import type { Room } from '../room.ts'
import { GUIDE_RULES, type GuideRule, GUIDE_FACTS, type GuideFact } from '../pieces/guideRules.ts'
import { matchOutletGuide } from './match.ts'

export const OUTLET_GUIDE: Room<GuideRule, GuideFact> = {
  match: matchOutletGuide,
  rules: GUIDE_RULES,
  facts: GUIDE_FACTS,
  readAt: 'cabinet',
  work: outletGuideWork,
}
