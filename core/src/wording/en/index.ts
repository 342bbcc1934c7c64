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

/** What is answered in English, in a shop's units. */
export const english = (units: UnitSystem) => ({
  decode: (label: Label) => decodeAnswer(label, units),
  suggest: (suggestions: Suggestions) => suggestAnswer(suggestions),
  changeover: (plan: Changeover) => changeoverAnswer(plan, units),
  trouble: (trouble: Trouble, cure: CurePlan | null) => troubleAnswer(trouble, cure, units),
  problems: (problems: readonly Problem[]) => problemsAnswer(problems),
})
export type Words = ReturnType<typeof english>
