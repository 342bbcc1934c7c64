import type { FigureOrigin } from '../../arc/volts.ts'
import type { Origin } from '../../base/facts.ts'
import type { OwnSource, Source } from '../../base/sources.ts'

const SOURCE_WORDS: Record<Source | Origin, string> = {
  published: 'published',
  'common practice': 'common practice',
  model: 'model',
  measured: 'measured',
  'handbook-practice': 'handbook practice, recalled from memory',
  'c5-6-short-arc': 'AWS C5.6 short-arc ranges and handbook rows, recalled from memory',
  'handbook-argon-rows': 'handbook rows of argon mixtures, recalled from memory',
  norrish: 'published: Norrish, Advanced Welding Processes, recalled from memory',
  'fitted-to-e71t-1': 'fitted to E71T-1 rows, recalled from memory',
  'handbook-rows-unsure': 'handbook rows, recalled from memory with low confidence',
  'between-solid-and-cored': 'model: between solid and flux-cored, no rows known',
  'from-steel-by-heat': 'model: by heat content from steel, no rows known',
  'section-to-fill': 'model: metal laid down over the section to fill',
  deposition: 'model: wire fed times deposition efficiency',
  'burn-off': 'model: burn-off',
  'wire-tables': 'hard-drawn wire, materials tables, recalled from memory',
  'asm-handbook': 'ASM Metals Handbook, recalled from memory',
  practice: 'common practice, no source',
  'solid-wire': 'a solid wire',
  'handbook-friction': 'handbook friction, recalled from memory',
  'measured-drag': 'measured totals of 10-40 N on 3 m guns, recalled from memory',
  'iso-544-cast': 'ISO 544 cast, recalled from memory',
  'contact-mechanics': 'contact of groove and wire, after Johnson, Contact Mechanics',
  'two-lines': 'two lines or a point',
}
export const sourceText = (source: Source | Origin): string => SOURCE_WORDS[source]

export const OWN_NAMES: Record<OwnSource, string> = {
  'ran-well': 'what ran well here last time',
  'machine-chart': 'the machine’s own chart',
  'wire-sheet': 'the wire’s own sheet',
}
/** Where a setting is from, and how sure a recalled row is. */
export function originText({ source, confidence, own }: FigureOrigin): string {
  if (own) return OWN_NAMES[own]
  return confidence === undefined ? sourceText(source) : `${sourceText(source)} (${confidence})`
}

const FINDING_ORIGINS: Record<Origin, string> = {
  published: 'Published: by the wire’s classification or the standard named.',
  'common practice': 'Common practice of the trade.',
  model: 'Model: worked out from sizes.',
  measured: 'From your own log.',
}
/** What a verdict stands on. */
export const findingOrigin = (origin: Origin): string => FINDING_ORIGINS[origin]
