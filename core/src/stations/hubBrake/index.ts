import type { Room } from '../room.ts'
import { HUB_BRAKE_RULES, type HubBrakeRule } from './rules.ts'
import { matchHubBrake } from './match.ts'

export const HUB_BRAKE: Room<HubBrakeRule> = { match: matchHubBrake, rules: HUB_BRAKE_RULES, readAt: 'spool' }
