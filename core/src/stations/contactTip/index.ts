import type { Room } from '../../match/room.ts'
import { CONTACT_TIP_RANKS, type ContactTipRule } from './rules.ts'
import { matchContactTip } from './match.ts'

export const CONTACT_TIP: Room<ContactTipRule> = {
  match: matchContactTip,
  ranks: CONTACT_TIP_RANKS,
  readAt: 'gun',
}
