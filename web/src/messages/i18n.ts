import { createI18n } from 'vue-i18n'

/** The words are told to it by the screens that say them: see `words.ts` beside the Vite configuration. */
export const i18n = createI18n({ legacy: false, locale: 'en', fallbackLocale: 'en', messages: { en: {} } })

/** Adds the words of a section. */
export const tell = (words: Record<string, unknown>) => i18n.global.mergeLocaleMessage('en', words)
