import type { Substitute } from '../../match/finding.ts'
import type { StationFinding } from '../../stations/index.ts'
import { formatLead, type UnitSystem } from '../../units/format.ts'
import { RULE_WORDS } from './stations/index.ts'
import { reader } from './stations/reader.ts'

const ALSO: Record<Substitute, string | ((units: UnitSystem) => string)> = {
  'v-lightest-short-repair': 'a smooth V at the lightest pressure, for a short repair only',
  'any-polymer-liner': 'any polymer: PTFE, nylon or graphite-filled',
  'short-straight-lead': (units) =>
    `a short push gun with the lead laid straight, up to about ${formatLead(3, units)}`,
  'one-size-up-or-aluminium-bore': 'an aluminium-bore tip of the same size, or a plain one a trade size up',
  'liner-up-to-the-rolls': 'the liner itself left long, up to the rolls, with the outlet tube taken out',
  'cap-or-gas-nozzle': 'a gasless cap, or the gas nozzle as a spatter guard',
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
