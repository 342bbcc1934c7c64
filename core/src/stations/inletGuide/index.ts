import { inletGuideWork } from './work.ts'
import type { Room } from '../room.ts'
import { GUIDE_RULES, type GuideRule, GUIDE_FACTS, type GuideFact } from '../pieces/guideRules.ts'
import { matchInletGuide } from './match.ts'

export const INLET_GUIDE: Room<GuideRule, GuideFact> = {
  match: matchInletGuide,
  rules: GUIDE_RULES,
  facts: GUIDE_FACTS,
  readAt: 'cabinet',
  work: inletGuideWork,
}
