import type { Room } from '../../match/room.ts'
import { GUIDE_RANKS, type GuideRule } from '../pieces/guideRules.ts'
import { matchInletGuide } from './match.ts'

export const INLET_GUIDE: Room<GuideRule> = { match: matchInletGuide, ranks: GUIDE_RANKS, readAt: 'cabinet' }
