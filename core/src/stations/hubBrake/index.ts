import type { Room } from '../room.ts'
import { HUB_BRAKE_RULES, type HubBrakeRule, HUB_BRAKE_FACTS, type HubBrakeFact } from './rules.ts'
import { matchHubBrake } from './match.ts'

export const HUB_BRAKE: Room<HubBrakeRule, HubBrakeFact> = {
  match: matchHubBrake,
  rules: HUB_BRAKE_RULES,
  facts: HUB_BRAKE_FACTS,
  readAt: 'spool',
}
