import type { Substitute } from '../../match/finding.ts'
import type { StationFinding, StationRule } from '../../stations/index.ts'
import { formatLead, type UnitSystem } from '../../units/format.ts'
import { SPOOL_WORDS } from './stations/spool.ts'
import { HUB_BRAKE_WORDS } from './stations/hubBrake.ts'
import { GUIDE_WORDS } from './stations/guide.ts'
import { ROLLS_WORDS } from './stations/rolls.ts'
import { ROLL_PRESSURE_WORDS } from './stations/rollPressure.ts'
import { LINER_WORDS } from './stations/liner.ts'
import { GUN_WORDS } from './stations/gun.ts'
import { CONTACT_TIP_WORDS } from './stations/contactTip.ts'
import { NOZZLE_WORDS } from './stations/nozzle.ts'
import { POLARITY_WORDS } from './stations/polarity.ts'
import { GAS_WORDS } from './stations/gas.ts'
import { GAS_FLOW_WORDS } from './stations/gasFlow.ts'
import { SUPPLY_WORDS } from './stations/supply.ts'
import { reader, type Rule } from './stations/reader.ts'

const ALSO: Record<Substitute, string | ((units: UnitSystem) => string)> = {
  'v-lightest-short-repair': 'a smooth V at the lightest pressure, for a short repair only',
  'any-polymer-liner': 'any polymer: PTFE, nylon or graphite-filled',
  'short-straight-lead': (units) =>
    `a short push gun with the lead laid straight, up to about ${formatLead(3, units)}`,
  'one-size-up-or-aluminium-bore': 'an aluminium-bore tip of the same size, or a plain one a trade size up',
  'liner-up-to-the-rolls': 'the liner itself left long, up to the rolls, with the outlet tube taken out',
  'cap-or-gas-nozzle': 'a gasless cap, or the gas nozzle as a spatter guard',
}

/** What every rule says: one file a station. */
const RULE_WORDS: Record<StationRule, Rule> = {
  ...SPOOL_WORDS,
  ...HUB_BRAKE_WORDS,
  ...GUIDE_WORDS,
  ...ROLLS_WORDS,
  ...ROLL_PRESSURE_WORDS,
  ...LINER_WORDS,
  ...GUN_WORDS,
  ...CONTACT_TIP_WORDS,
  ...NOZZLE_WORDS,
  ...POLARITY_WORDS,
  ...GAS_WORDS,
  ...GAS_FLOW_WORDS,
  ...SUPPLY_WORDS,
}
const say = (finding: StationFinding, units: UnitSystem) =>
  RULE_WORDS[finding.rule](reader(finding.facts, units, finding.fitted))

/** Why a station fits or does not. */
export const findingWhy = (finding: StationFinding, units: UnitSystem): string => say(finding, units).why
/** What happens if the station is left as it is; empty where nothing would. */
export const findingConsequence = (finding: StationFinding, units: UnitSystem): string =>
  say(finding, units).otherwise
/** What is to be said of the part that was chosen instead of the usual; empty where it fits. */
export const insteadWords = (finding: StationFinding, units: UnitSystem) =>
  (finding.instead?.faults ?? []).map((fault) =>
    faultWords({ ...finding, facts: finding.instead!.facts, fitted: undefined }, fault, units),
  )
/** A further fault of the same station, in words. */
export function faultWords(
  finding: StationFinding,
  fault: NonNullable<StationFinding['also']>[number],
  units: UnitSystem,
) {
  const { why, otherwise } = say({ ...finding, rule: fault.rule }, units)
  return { rule: fault.rule, verdict: fault.verdict, why, consequence: otherwise }
}
/** What else would do. */
export const findingAlso = (finding: StationFinding, units: UnitSystem): string[] =>
  finding.alsoDo.map((key) => {
    const text = ALSO[key]
    return typeof text === 'string' ? text : text(units)
  })
