import type { Room } from '../room.ts'
import { CONTACT_TIP_RULES, type ContactTipRule } from './rules.ts'
import { matchContactTip } from './match.ts'

export const CONTACT_TIP: Room<ContactTipRule> = {
  match: matchContactTip,
  rules: CONTACT_TIP_RULES,
  readAt: 'gun',
  readFirst: true,
}
