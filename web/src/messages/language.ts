import { LANGUAGES, loadWords, type Words } from '@pepper-knot/core/words'
import languages from 'virtual:languages'
import { chooseWords } from '../composables/useWords.ts'
import { speak } from './i18n.ts'

type Language = keyof typeof LANGUAGES

const REMEMBERED = 'language'
/** Every word in letters that no language has: what is still readable was never said through the words. */
const PRETENDED = 'pretended'

const known = (language: string | null): language is string =>
  language === PRETENDED ||
  (language !== null && language in LANGUAGES && (language === 'en' || language in languages))

/** The one in the address (`?language=`), or as before in this tab, or the first of the browser's that there is. */
function asked(): string {
  const named = new URLSearchParams(location.search).get('language')
  if (known(named)) sessionStorage.setItem(REMEMBERED, named)
  const remembered = sessionStorage.getItem(REMEMBERED)
  if (known(remembered)) return remembered
  return navigator.languages.map((language) => language.slice(0, 2)).find(known) ?? 'en'
}

/** A tag that dates, lists and sentences take. */
const tagOf = (language: string) => (language === PRETENDED ? 'en-x-pretend' : language)

/** Loads the words of a language, and says everything in it; before anything that says something is loaded. */
export async function sayIn(language: string): Promise<void> {
  const wording: Promise<Words> =
    language === PRETENDED ? import('virtual:pretended-wording') : loadWords(language as Language)
  const [words, messages] = await Promise.all([wording, languages[language]?.()])
  chooseWords(words)
  if (messages) speak(tagOf(language), messages.default)
}

/** The language that is asked for, before anything of the page is loaded. */
export async function chooseLanguage(): Promise<void> {
  const language = asked()
  await sayIn(language)
  document.documentElement.lang = tagOf(language)
}
/** What is spoken on the page, for a worker that says the same. */
export const spoken = (): string => {
  const tag = document.documentElement.lang
  return tag === tagOf(PRETENDED) ? PRETENDED : tag
}
