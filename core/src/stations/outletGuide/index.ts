import type { Room } from '../../match/room.ts'
import { GUIDE_RANKS, type GuideRule } from '../pieces/guideRules.ts'
import { matchOutletGuide } from './match.ts'

export const OUTLET_GUIDE: Room<GuideRule> = {
  match: matchOutletGuide,
  ranks: GUIDE_RANKS,
  readAt: 'cabinet',
}
