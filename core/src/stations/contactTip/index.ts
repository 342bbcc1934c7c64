import type { Room } from '../room.ts'
import { CONTACT_TIP_RULES, type ContactTipRule, CONTACT_TIP_FACTS, type ContactTipFact } from './rules.ts'
import { matchContactTip } from './match.ts'

export const CONTACT_TIP: Room<ContactTipRule, ContactTipFact> = {
  match: matchContactTip,
  rules: CONTACT_TIP_RULES,
  facts: CONTACT_TIP_FACTS,
  readAt: 'gun',
  readFirst: true,
}
