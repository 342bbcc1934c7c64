import type { UnitSystem } from '../units/format.ts'
import { english, type Words } from './en/index.ts'

export * from './en/answer.ts'
export * from './en/findings.ts'
export * from './en/names.ts'
export * from './en/obstacles.ts'
export * from './en/problems.ts'
export * from './en/paths.ts'
export * from './en/records.ts'
export * from './en/schools.ts'
export * from './en/search.ts'
export * from './en/sources.ts'
export * from './en/uses.ts'
export * from './en/short.ts'
export * from './en/standing.ts'
export * from './en/glossary.ts'
export * from './en/hazards.ts'
export * from './en/reasons.ts'
export * from './en/steps.ts'
export * from './en/suggestions.ts'
export * from './en/inspect.ts'
export * from './en/readiness.ts'
export * from './en/feed.ts'
export * from './en/arc.ts'
export * from './en/dialIn.ts'
export * from './en/trouble/symptoms.ts'
export * from './en/trouble/causes.ts'
export * from './en/trouble/checks.ts'
export * from './en/trouble/answer.ts'
export * from './en/openapi.ts'

/** Languages by their folder here; another is one more line. */
const LANGUAGES = { en: english } as const
export type Language = keyof typeof LANGUAGES

/**
 * The words of a language in a shop's units.
 * @example wordsFor('en', 'inch').changeover(plan).steps[0].text
 */
export const wordsFor = (language: Language, units: UnitSystem): Words => LANGUAGES[language](units)
