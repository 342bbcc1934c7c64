import type { Facts, Finding } from '../match/finding.ts'
import { formatLead, type UnitSystem } from '../units/format.ts'
import { FINDING_RULES, reader, type Rule } from './findingRules.ts'

const ALSO: Record<string, string | ((units: UnitSystem) => string)> = {
  'v-lightest-short-repair': 'a smooth V at the lightest pressure, for a short repair only',
  'any-polymer-liner': 'any polymer: PTFE, nylon or graphite-filled',
  'short-straight-lead': (units) =>
    `a short push gun with the lead laid straight, up to about ${formatLead(3, units)}`,
  'one-size-up-or-aluminium-bore': 'an aluminium-bore tip of the same size, or a plain one a trade size up',
  'cap-or-gas-nozzle': 'a gasless cap, or the gas nozzle as a spatter guard',
}

/** Gun pieces speak through the rule of the piece: `gun-liner-range` is the inner liner's range. */
function ruleFor(finding: Finding): { rule: Rule; piece: string } {
  const own = FINDING_RULES[finding.rule]
  if (own) return { rule: own, piece: '' }
  const inner = FINDING_RULES[finding.rule.replace(/^gun-/, '')]
  if (!inner) throw new RangeError(`no words for rule ${finding.rule}`)
  return {
    rule: inner,
    piece: /liner/.test(finding.rule) ? 'In the gun, the inner liner: ' : 'In the gun, its own rolls: ',
  }
}

/** Facts of a gun's piece stand in the gun's fitted value. */
function factsFor(finding: Finding): Facts {
  if (FINDING_RULES[finding.rule] || finding.station !== 'gun') return finding.facts
  const gun = finding.fitted as
    { rolls?: Record<string, unknown>; innerLiner?: Record<string, unknown> } | undefined
  const piece = /liner/.test(finding.rule) ? gun?.innerLiner : gun?.rolls
  return { ...finding.facts, ...(piece as Facts | undefined) }
}

/** Why a station fits or does not. */
export function findingWhy(finding: Finding, units: UnitSystem): string {
  const { rule, piece } = ruleFor(finding)
  return piece + rule(reader(factsFor(finding), units)).why
}
/** What happens if the station is left as it is; empty where nothing would. */
export const findingConsequence = (finding: Finding, units: UnitSystem): string =>
  ruleFor(finding).rule(reader(factsFor(finding), units)).otherwise
/** What else would do. */
export const findingAlso = (finding: Finding, units: UnitSystem): string[] =>
  finding.alsoDo.map((key) => {
    const text = ALSO[key] ?? key
    return typeof text === 'string' ? text : text(units)
  })
