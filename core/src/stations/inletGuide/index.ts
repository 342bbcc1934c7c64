import { inletGuideWork } from './work.ts'
import type { Room } from '../room.ts'
import { GUIDE_RULES, type GuideRule } from '../pieces/guideRules.ts'
import { matchInletGuide } from './match.ts'

export const INLET_GUIDE: Room<GuideRule> = {
  match: matchInletGuide,
  rules: GUIDE_RULES,
  readAt: 'cabinet',
  work: inletGuideWork,
}
