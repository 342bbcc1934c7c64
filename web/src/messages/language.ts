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

/** Loads the words of the language that is asked for, before anything of the page is. */
export async function chooseLanguage(): Promise<void> {
  const language = asked()
  const wording: Promise<Words> =
    language === PRETENDED ? import('virtual:pretended-wording') : loadWords(language as Language)
  const [words, messages] = await Promise.all([wording, languages[language]?.()])
  chooseWords(words)
  // A tag that dates, lists and sentences take.
  const tag = language === PRETENDED ? 'en-x-pretend' : language
  if (messages) speak(tag, messages.default)
  document.documentElement.lang = tag
}
