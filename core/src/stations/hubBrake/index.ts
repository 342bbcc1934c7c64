import type { Room } from '../../match/room.ts'
import { HUB_BRAKE_RANKS, type HubBrakeRule } from './rules.ts'
import { matchHubBrake } from './match.ts'

export const HUB_BRAKE: Room<HubBrakeRule> = { match: matchHubBrake, ranks: HUB_BRAKE_RANKS, readAt: 'spool' }
