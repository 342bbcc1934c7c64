import type { Changeover } from '../../changeover/plan/plan.ts'
import type { Problem } from '../../base/problem.ts'
import type { UnitSystem } from '../../units/format.ts'
import type { Label } from '../../wire/label.ts'
import { changeoverAnswer, decodeAnswer } from './answer.ts'
import type { Suggestions } from '../../catalogue/suggest.ts'
import { suggestAnswer } from './suggestions.ts'
import type { CurePlan } from '../../trouble/cure.ts'
import type { Trouble } from '../../trouble/find.ts'
import { troubleAnswer } from './trouble/answer.ts'
import { problemsAnswer } from './problems.ts'

export * from './answer.ts'
export * from './findings.ts'
export { metalName, SERVICE_NAMES } from './metals.ts'
export * from './names.ts'
export * from './obstacles.ts'
export * from './problems.ts'
export * from './paths.ts'
export * from './records.ts'
export * from './schools.ts'
export * from './search.ts'
export * from './sources.ts'
export * from './uses.ts'
export * from './short.ts'
export { INSPECT, STATION_NAMES, STATION_SHORT } from './stations/index.ts'
export * from './standing.ts'
export * from './glossary.ts'
export { CARD_NAMES } from './cards.ts'
export * from './hazards.ts'
export * from './reasons.ts'
export * from './steps.ts'
export * from './suggestions.ts'
export * from './inspect.ts'
export * from './readiness.ts'
export * from './feed.ts'
export * from './arc.ts'
export * from './dialIn.ts'
export * from './trouble/symptoms.ts'
export * from './trouble/causes.ts'
export * from './trouble/checks.ts'
export * from './trouble/answer.ts'
export * from './openapi.ts'

/**
 * What the API answers, in a shop's units.
 * @example answers('inch').changeover(plan).steps[0].text
 */
export const answers = (units: UnitSystem) => ({
  decode: (label: Label) => decodeAnswer(label, units),
  suggest: (suggestions: Suggestions) => suggestAnswer(suggestions),
  changeover: (plan: Changeover) => changeoverAnswer(plan, units),
  trouble: (trouble: Trouble, cure: CurePlan | null) => troubleAnswer(trouble, cure, units),
  problems: (problems: readonly Problem[]) => problemsAnswer(problems),
})
