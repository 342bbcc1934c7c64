import type { Finding } from '../match/finding.ts'
import type { Rank } from '../match/ranks.ts'
import { CONTACT_TIP_RANKS, type ContactTipRule } from './contactTip/rules.ts'
import { GAS_FLOW_RANKS, type GasFlowRule } from './gasFlow/rules.ts'
import { GAS_RANKS, type GasRule } from './gas/rules.ts'
import { GUIDE_RANKS, type GuideRule } from './pieces/guideRules.ts'
import { GUN_RANKS, type GunRule } from './gun/rules.ts'
import { HUB_BRAKE_RANKS, type HubBrakeRule } from './hubBrake/rules.ts'
import { LINER_RANKS, type LinerRule } from './pieces/linerRules.ts'
import { NOZZLE_RANKS, type NozzleRule } from './nozzle/rules.ts'
import { POLARITY_RANKS, type PolarityRule } from './polarity/rules.ts'
import { ROLLS_RANKS, type RollsRule } from './pieces/rollsRules.ts'
import { ROLL_PRESSURE_RANKS, type RollPressureRule } from './rollPressure/rules.ts'
import { SPOOL_RANKS, type SpoolRule } from './spool/rules.ts'
import { SUPPLY_RANKS, type SupplyRule } from './supply/rules.ts'

/** Everything a station can say: the compiler finds a rule without words or rank. */
export type StationRule =
  | SpoolRule
  | HubBrakeRule
  | GuideRule
  | RollsRule
  | RollPressureRule
  | LinerRule
  | GunRule
  | ContactTipRule
  | NozzleRule
  | PolarityRule
  | GasRule
  | GasFlowRule
  | SupplyRule
export const RULE_RANKS: Record<StationRule, Rank> = {
  ...SPOOL_RANKS,
  ...HUB_BRAKE_RANKS,
  ...GUIDE_RANKS,
  ...ROLLS_RANKS,
  ...ROLL_PRESSURE_RANKS,
  ...LINER_RANKS,
  ...GUN_RANKS,
  ...CONTACT_TIP_RANKS,
  ...NOZZLE_RANKS,
  ...POLARITY_RANKS,
  ...GAS_RANKS,
  ...GAS_FLOW_RANKS,
  ...SUPPLY_RANKS,
}
export type StationFinding = Finding<StationRule>
