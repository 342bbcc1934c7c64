import { FAMILY_SHEETS } from '../../families/index.ts'
import type { Family } from '../../terms/terms.ts'
import { POSITIONS } from '../../terms/terms.ts'
import type { Designated } from './standard.ts'
import type { Wire } from '../wire.ts'

/** Stands in for a cored wire of unknown kind: rolls, liner, tip and pressure are those of its gas-shielded kin. */
export const CORED_STAND_IN = 'flux-cored-self-shielded' satisfies Family

interface Kind {
  family: Family
  /** What these words leave open. */
  open?: Wire['open']
}

/**
 * What a shop calls a wire where it does not say its classification, the more particular words first. `flux core`
 * settles neither gas nor polarity, and `MIG wire` no metal: what they leave open is asked. common practice, no source
 */
const WORDS: readonly (readonly [RegExp, Kind])[] = [
  [
    /\b(?:DUAL[\s-]?SHIELD(?:ED)?|GAS[\s-]?SHIELD(?:ED)?(?:[\s-]FLUX[\s-]?CORED?)?|FCAW-?\s?G)\b/,
    { family: 'flux-cored-gas-shielded' },
  ],
  [
    /\b(?:GAS-?\s?LESS|SELF[\s-]?SHIELD(?:ED|ING)?|NO[\s-]GAS|FCAW-?\s?S)\b/,
    { family: 'flux-cored-self-shielded' },
  ],
  [/\bMETAL[\s-]?CORED?\b|\bMCAW\b/, { family: 'metal-cored' }],
  [/\b(?:FLUX[\s-]?CORED?|FLUXCORED?|CORED|FCAW|FCW|TUBULAR)\b/, { family: CORED_STAND_IN, open: 'cored' }],
  [/\b(?:SILICON[\s-]?BRONZE|BRONZE|MIG[\s-]?BRAZ(?:E|ING))\b/, { family: 'silicon-bronze' }],
  [/\b(?:ALUMINI?UM|ALU)\b/, { family: 'aluminium' }],
  [/\b(?:STAINLESS|INOX)\b/, { family: 'solid-stainless' }],
  [
    /\b(?:HARD[\s-]WIRE|(?:MILD|CARBON|SOLID|PLAIN)[\s-]STEEL|STEEL\s(?:MIG\s)?WIRE)\b/,
    { family: 'solid-steel' },
  ],
  [/\bSTEEL\b/, { family: 'solid-steel' }],
  [/\b(?:MIG|MAG|GMAW|SOLID)\b/, { family: 'solid-steel', open: 'solid' }],
]

/** A wire without a classification. */
type WordsKind = Omit<Designated, 'classification' | 'standard' | 'alloy' | 'open'> & {
  classification: null
  standard: null
  alloy?: undefined
  open?: Wire['open']
}

/** The kind of wire that a shop's words name, where no classification does. @param text made even: upper case */
export function kindOfWords(text: string): WordsKind | undefined {
  const kind = WORDS.find(([form]) => form.test(text))?.[1]
  if (!kind) return undefined
  const needs = FAMILY_SHEETS[kind.family]
  const cored = kind.open === 'cored'
  return {
    family: kind.family,
    process: needs.process,
    classification: null,
    standard: null,
    polarity: cored ? [] : [...needs.usualPolarity],
    gas: cored
      ? { needed: false, designations: [] }
      : {
          needed: needs.gas.length > 0,
          // Which gas a dual-shield wire takes stands on its box: the two there are.
          designations: kind.family === 'flux-cored-gas-shielded' ? ['C1', 'M21'] : [...needs.gas],
        },
    positions: [...POSITIONS],
    passes: 'multi',
    hydrogen: null,
    strength: null,
    joins: cored ? [...needs.joins, 'stainless-steel'] : [...needs.joins],
    notes: [kind.open === 'cored' ? 'kind-unknown' : kind.open === 'solid' ? 'metal-unknown' : 'shop-words'],
    ...(kind.open && { open: kind.open }),
  }
}
