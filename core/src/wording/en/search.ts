import { CATALOGUE, type CatalogueEntry } from '../../catalogue/catalogue.ts'
import { FAMILY_SHEETS } from '../../families/index.ts'
import type { Family } from '../../terms/terms.ts'
import { FAMILY_NAMES } from './names.ts'
import { GLOSSARY, type GlossaryEntry } from './glossary.ts'
import { nearWord } from '../../base/nearest.ts'
import type { Symptom } from '../../trouble/symptoms.ts'
import { SYMPTOM_WORDS } from './trouble/symptoms.ts'
import { useText } from './uses.ts'

/** Words people type for a family. common practice */
const FAMILY_WORDS: Partial<Record<Family, readonly string[]>> = {
  aluminium: ['aluminum', 'ally'],
  'flux-cored-gas-shielded': ['dual-shield', 'dual'],
  'silicon-bronze': ['bronze', 'brazing'],
  'flux-cored-self-shielded': ['gasless', 'self-shield'],
  'metal-cored': [],
  'solid-stainless': ['stainless', 'inox'],
  'solid-steel': ['hard', 'hardwire'],
}
/** All that a family is called, for a search over what was done with it. */
export const familyCalled = (family: Family): string =>
  [FAMILY_NAMES[family], ...(FAMILY_WORDS[family] ?? [])].join(' ')
/** Words people use, and what the catalogue calls it. */
const SYNONYMS: Readonly<Record<string, string>> = {
  ...Object.fromEntries(
    Object.entries(FAMILY_WORDS).flatMap(([family, words]) => words.map((word) => [word, family])),
  ),
  stainless: 'stainless',
  inox: 'stainless',
  wind: 'outdoors',
  galvanized: 'galvanised',
}

/** The words of a text as they stand in it, and each two neighbours as one, for who writes `burnback`. */
function lettersOf(said: string): [typed: string, stands: string][] {
  const words = [...said.toLowerCase().matchAll(/(\p{L}+)(?=([ -])?(\p{L}+)?)/gu)]
  return words.flatMap(([, word, between, next]) => [
    [word!, word!] as [string, string],
    ...(between && next ? [[word! + next, word! + between + next] as [string, string]] : []),
  ])
}

/** How each word stands in the first text that has it. */
type Stands = Map<string, string>
function learn(stands: Stands, text: string) {
  for (const [typed, as] of lettersOf(text)) if (!stands.has(typed)) stands.set(typed, as)
}
const wordsIn = (stands: Stands) => ({ stands, long: [...stands.keys()].filter((word) => word.length > 3) })
/** The words of many texts. */
function wordsOf(texts: Iterable<string>) {
  const stands: Stands = new Map()
  for (const text of texts) learn(stands, text)
  return wordsIn(stands)
}

/**
 * What a search finds; where it finds nothing, what it finds with each word that nobody uses read as the one nearest
 * to it, and then what holds every word in any order.
 * @param tell what holds all of some words, and the words that are known; asked where the search finds nothing
 */
function forgiving<T>(
  text: string,
  search: (asked: string) => T[],
  tell: () => { holding: (words: readonly string[]) => T[]; words: ReturnType<typeof wordsOf> },
): T[] {
  const found = search(text)
  if (found.length || !text.trim()) return found
  const {
    holding,
    words: { stands, long: known },
  } = tell()
  const words = text.trim().toLowerCase().split(/\s+/)
  const read = words.map(
    (word) => stands.get(stands.has(word) ? word : (nearWord(word, known) ?? '')) ?? word,
  )
  const again = search(read.join(' '))
  if (again.length) return again
  const long = read.filter((word) => word.length > 2)
  return long.length === 0 ? [] : holding(long)
}
/** The same of a few, looked through at every search. @param more words that are known beside theirs */
const tellOf =
  <T>(texts: () => readonly (readonly [T, string])[], more: readonly string[] = []) =>
  () => {
    const said = texts()
    return {
      holding: (words: readonly string[]) =>
        said.flatMap(([one, all]) => (words.every((w) => all.includes(w)) ? [one] : [])),
      words: wordsOf([...said.map(([, all]) => all), ...more]),
    }
  }

/**
 * A search over many texts that stand: which of them hold every word typed, however it is spelled; all of them for
 * none. What it looks in is made where a search first finds nothing, or by `ready`.
 * @returns what gives their places; `ready` makes so many texts ready, all for none, and says whether all of them are
 */
export function finderOf(texts: readonly string[]): {
  find: (text: string) => number[]
  ready: (most?: number) => boolean
} {
  const lower = texts.map((text) => text.toLowerCase())
  const stands: Stands = new Map()
  /** Which of the texts have each run of letters between two spaces. */
  const places = new Map<string, number[]>()
  let made = 0
  let words: ReturnType<typeof wordsIn> | undefined
  function ready(most = Infinity) {
    for (const to = Math.min(lower.length, made + most); made < to; made++) {
      learn(stands, lower[made]!)
      for (const token of lower[made]!.split(/\s+/)) {
        const there = places.get(token)
        if (!there) places.set(token, [made])
        else if (there.at(-1) !== made) there.push(made)
      }
    }
    return made === lower.length
  }
  // A word that was typed has no space in it, so it lies in one piece.
  const having = (found: readonly number[], word: string): number[] => {
    const has = new Uint8Array(lower.length)
    for (const [token, at] of places) if (token.includes(word)) for (const one of at) has[one] = 1
    return found.filter((at) => has[at])
  }
  const holding = (asked: readonly string[]) =>
    made === lower.length
      ? asked.reduce(having, [...lower.keys()])
      : lower.flatMap((one, at) => (asked.every((w) => one.includes(w)) ? [at] : []))
  const search = (asked: string) => holding(asked.toLowerCase().split(/\s+/).filter(Boolean))
  const tell = () => {
    ready()
    return { holding, words: (words ??= wordsIn(stands)) }
  }
  return { find: (text) => forgiving(text, search, tell), ready }
}
/** The same of a few texts, once. */
export const findAmong = (text: string, texts: readonly string[]): number[] => finderOf(texts).find(text)

const catalogueText = (e: CatalogueEntry) =>
  `${e.classification} ${useText(e.classification)} ${e.family} ${e.metal} ${FAMILY_SHEETS[e.family].process}`.toLowerCase()

/** Catalogue entries in which every word typed is found: classification, use, family, metal, process, synonyms. */
export const searchCatalogue = (text: string): CatalogueEntry[] =>
  forgiving(
    text,
    everyWord,
    tellOf(() => CATALOGUE.map((e) => [e, catalogueText(e)]), Object.keys(SYNONYMS)),
  )

function everyWord(text: string): CatalogueEntry[] {
  const words = text
    .toLowerCase()
    .split(/[\s,;]+/)
    .filter(Boolean)
    .map((word) => SYNONYMS[word] ?? word)
  if (words.length === 0) return [...CATALOGUE]
  return CATALOGUE.filter((e) => {
    const said = catalogueText(e)
    return words.every((word) => said.includes(word) || said.replaceAll('-', '').includes(word))
  })
}

/** @returns the entries a search finds: in the term first, then in its other words, then in what it says */
export const findWords = (text: string): GlossaryEntry[] =>
  forgiving(
    text,
    wordsWith,
    tellOf(() => GLOSSARY.map((e) => [e, `${e.term} ${e.also.join(' ')} ${e.says}`.toLowerCase()])),
  )

function wordsWith(text: string): GlossaryEntry[] {
  const asked = text.trim().toLowerCase()
  if (!asked) return [...GLOSSARY]
  const rank = (e: GlossaryEntry) =>
    e.term.toLowerCase().includes(asked)
      ? 0
      : e.also.some((word) => word.includes(asked) || asked.includes(word))
        ? 1
        : e.says.toLowerCase().includes(asked)
          ? 2
          : 3
  return GLOSSARY.filter((e) => rank(e) < 3).sort((a, b) => rank(a) - rank(b))
}

const ALL_SYMPTOMS = Object.keys(SYMPTOM_WORDS) as Symptom[]
/** Symptoms that a search finds by any word of the trade, however it is spelled; all of them for none. */
export const findSymptoms = (text: string): Symptom[] =>
  forgiving(
    text,
    symptomsWith,
    tellOf(() =>
      ALL_SYMPTOMS.map((s) => {
        const { name, says, also } = SYMPTOM_WORDS[s]
        return [s, `${name} ${also.join(' ')} ${says}`.toLowerCase()]
      }),
    ),
  )

function symptomsWith(text: string): Symptom[] {
  const asked = text.trim().toLowerCase()
  if (!asked) return ALL_SYMPTOMS
  const hit = (said: string) => said.toLowerCase().includes(asked)
  const rank = (s: Symptom) => {
    const { name, says, also } = SYMPTOM_WORDS[s]
    if (hit(name) || hit(s)) return 0
    // A longer form of a known word finds it too, but not by a stray letter or two.
    if (also.some((word) => hit(word) || (word.length > 3 && asked.includes(word)))) return 1
    return hit(says) ? 2 : 3
  }
  return ALL_SYMPTOMS.filter((s) => rank(s) < 3).sort((a, b) => rank(a) - rank(b))
}
