import type * as english from './en/index.ts'

/** All that is said in one language: every language is one value of it. */
export type Words = typeof english

/** Languages by their folder here, each read when it is chosen; another is one more line. */
export const LANGUAGES = {
  en: (): Promise<Words> => import('./en/index.ts'),
} as const
export type Language = keyof typeof LANGUAGES

/** The words of a language. */
export const loadWords = (language: Language): Promise<Words> => LANGUAGES[language]()
