import { CATALOGUE, type CatalogueEntry } from '../../catalogue/catalogue.ts'
import { FAMILY_SHEETS } from '../../families/index.ts'
import type { Family } from '../../terms/terms.ts'
import { GLOSSARY, type GlossaryEntry } from './glossary.ts'
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

/** Catalogue entries in which every word typed is found: classification, use, family, metal, process, synonyms. */
export function searchCatalogue(text: string): CatalogueEntry[] {
  const words = text
    .toLowerCase()
    .split(/[\s,;]+/)
    .filter(Boolean)
    .map((word) => SYNONYMS[word] ?? word)
  if (words.length === 0) return [...CATALOGUE]
  return CATALOGUE.filter((e) => {
    const said =
      `${e.classification} ${useText(e.classification)} ${e.family} ${e.metal} ${FAMILY_SHEETS[e.family].process}`.toLowerCase()
    return words.every((word) => said.includes(word) || said.replaceAll('-', '').includes(word))
  })
}

/** @returns the entries a search finds: in the term first, then in its other words, then in what it says */
export function findWords(text: string): GlossaryEntry[] {
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

/** Symptoms that a search finds by any word of the trade; all of them for none. */
export function findSymptoms(text: string): Symptom[] {
  const all = Object.keys(SYMPTOM_WORDS) as Symptom[]
  const asked = text.trim().toLowerCase()
  if (!asked) return all
  const hit = (said: string) => said.toLowerCase().includes(asked)
  const rank = (s: Symptom) => {
    const { name, says, also } = SYMPTOM_WORDS[s]
    if (hit(name) || hit(s)) return 0
    // A longer form of a known word finds it too, but not by a stray letter or two.
    if (also.some((word) => hit(word) || (word.length > 3 && asked.includes(word)))) return 1
    return hit(says) ? 2 : 3
  }
  return all.filter((s) => rank(s) < 3).sort((a, b) => rank(a) - rank(b))
}
