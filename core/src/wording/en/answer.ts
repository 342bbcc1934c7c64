import { originText } from './sources.ts'
import type { Banded } from '../../arc/volts.ts'
import { rollsAsSent, type Rolls } from '../../machine/fitted/driveRolls.ts'
import { rankOf } from '../../stations/rank.ts'
import type { Changeover } from '../../changeover/plan/plan.ts'
import type { Label } from '../../wire/label.ts'
import type { UnitSystem } from '../../units/format.ts'
import { startNotes, startRow } from './arc.ts'
import { faultWords, findingAlso, insteadWords, findingConsequence, findingWhy } from './findings.ts'
import { partText } from './names.ts'
import { cautionText, obstacleText } from './obstacles.ts'
import { stepHazards } from './hazards.ts'
import { stepHow, stepTitle, TOOL_NAMES } from './steps.ts'

/** A wire in the words of `POST /api/v1/decode`. */
export function decodeAnswer({ wire, besides }: Label, units: UnitSystem = 'metric') {
  const { notes, gas, open, family, ...rest } = wire
  return {
    wire: {
      // What only stands in for a kind nobody read is not said to be one.
      family: open ? null : family,
      ...rest,
      ...(open === 'cored' && { process: 'FCAW' }),
      gas: {
        needed: gas.needed,
        designations: gas.designations,
        ...(gas.argonPercent && { argonPercent: gas.argonPercent }),
      },
      notes: notes.map((note) => cautionText({ station: 'spool', rule: `note-${note}`, facts: {} }, units)),
    },
    ...(Object.keys(besides).length > 0 && { besides }),
  }
}

/** No more figures than the band knows. */
const rounded = (b: Banded | null, step: number) => {
  if (b === null) return null
  const to = (n: number) => Number((Math.round(n / step) * step).toFixed(2))
  return { value: to(b.value), low: to(b.low), high: to(b.high), origin: originText(b.origin) }
}

/** A plan in the words of `POST /api/v1/changeover`. */
export function changeoverAnswer(plan: Changeover, units: UnitSystem = 'metric') {
  return {
    required: plan.required,
    findings: plan.findings.map((f) => ({
      station: f.station,
      verdict: f.verdict,
      rule: f.rule,
      fitted: f.station === 'driveRolls' && f.fitted ? rollsAsSent(f.fitted as Rolls) : f.fitted,
      wanted: f.required,
      why: findingWhy(f, units),
      consequence: findingConsequence(f, units),
      rank: rankOf(f),
      ...(f.also?.length && { also: f.also.map((fault) => faultWords(f, fault, units)) }),
      alsoDo: findingAlso(f, units),
      ...(f.kept && { kept: true }),
      ...(f.instead && { instead: insteadWords(f, units) }),
      origin: f.origin,
    })),
    gather: plan.gather.map((g) => ({
      station: g.station,
      part: partText(g.kind, g.spec, units, g.piece),
      have: g.have,
      ...(g.drawer !== undefined && { drawer: g.drawer }),
      ifNeeded: g.ifNeeded,
    })),
    tools: plan.tools.map((tool) => TOOL_NAMES[tool]),
    steps: plan.steps.map((s) => ({
      id: s.id,
      task: s.task,
      place: s.place,
      text: [stepTitle(s, units), stepHow(s, units)].filter(Boolean).join(' '),
      minutes: s.minutes,
      hazards: stepHazards(s),
      hold: s.hold,
      captive: s.captive,
      ...(s.station && { station: s.station }),
    })),
    minutes: plan.minutes,
    ...(plan.crew && { crew: plan.crew }),
    // No plan, nothing to break: an empty list of steps holds.
    proof: { holds: plan.proof?.holds ?? true, violations: plan.proof?.violations ?? [] },
    ...(plan.start && {
      start: {
        currentA: rounded(plan.start.currentA, 1),
        voltageV: rounded(plan.start.voltageV, 0.1),
        wireSpeedMPerMin: rounded(plan.start.wireSpeedMPerMin, 0.1),
        gasFlowLPerMin: rounded(plan.start.gasFlowLPerMin, 0.1),
        tipToWorkMm: rounded(plan.start.tipToWorkMm, 0.5),
        transfer: plan.start.transfer,
        row: startRow(plan.start, units),
        ...(plan.start.own && { own: plan.start.own }),
        notes: startNotes(plan.start),
      },
    }),
    problems: plan.problems.map((p) => ({ station: p.station, ...obstacleText(p, units) })),
    notes: plan.cautions.map((caution) => cautionText(caution, units)),
  }
}
