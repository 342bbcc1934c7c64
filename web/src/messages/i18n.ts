import { createI18n } from 'vue-i18n'
import { seenIn } from './seen.ts'

/** English is told to it by the screens that say it: see `words.ts` beside the Vite configuration. */
export const i18n = createI18n({
  legacy: false,
  locale: 'en',
  fallbackLocale: 'en',
  messages: { en: {} },
  // Names that somebody gave stand in it.
  postTranslation: (text) => seenIn(text),
})

/** Adds the words of a section. */
export const tell = (words: Record<string, unknown>) => i18n.global.mergeLocaleMessage('en', words)

/** Says everything in another language from now on. */
export function speak(language: string, words: Record<string, unknown>) {
  i18n.global.setLocaleMessage(language, words)
  ;(i18n.global.locale as { value: string }).value = language
}
