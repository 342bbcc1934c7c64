import type { Care } from '../../machine/upkeep.ts'
import type { Rank } from '../../match/ranks.ts'

export const CONDITION_NAMES: Record<string, string> = {
  new: 'new',
  good: 'good',
  worn: 'worn',
  dirty: 'dirty',
  kinked: 'kinked',
  damaged: 'damaged',
  loose: 'loose',
  tight: 'tight',
  missing: 'missing',
  present: 'there, sound',
}

export const UPKEEP_NAMES: Record<Care, string> = {
  checkTip: 'look at the contact tip',
  cleanNozzle: 'clean the nozzle',
  leakCheck: 'look for gas leaks',
  workClamp: 'clean the work clamp',
  extinguisher: 'look at the extinguisher',
  blowOutLiner: 'blow out the liner',
  brushRolls: 'brush the drive rolls',
  checkORings: 'look at the O-rings',
}

/** What comes of leaving a finding as it is. */
export const RANK_NAMES: Record<Rank, string> = {
  harms: 'Can hurt someone',
  'stops-feed': 'Will stop the feed',
  'spoils-weld': 'Will spoil the weld',
  'only-wears': 'Will only wear or waste',
}
