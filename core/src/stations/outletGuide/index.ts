import { outletGuideWork } from './work.ts'
import type { Room } from '../room.ts'
import { GUIDE_RULES, type GuideRule } from '../pieces/guideRules.ts'
import { matchOutletGuide } from './match.ts'

export const OUTLET_GUIDE: Room<GuideRule> = {
  match: matchOutletGuide,
  rules: GUIDE_RULES,
  readAt: 'cabinet',
  work: outletGuideWork,
}
