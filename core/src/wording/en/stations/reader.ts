import type { Facts, FactsOf } from '../../../base/facts.ts'
import { formatFlow, formatLead, formatLength, type UnitSystem } from '../../../units/format.ts'
import type { Family } from '../../../terms/terms.ts'
import { FAMILY_NAMES, sizeText, stampText, valueText, boreText } from '../names.ts'

export interface Say {
  why: string
  /** What happens if it is left as it is. Empty where nothing would. */
  otherwise: string
}

export interface Reader<F extends string = string> {
  units: UnitSystem
  text: (key: F) => string
  size: string
  family: string
  flow: (key: F) => string
  lead: (key: F) => string
  length: (key: F) => string
  stamp: (key: F) => string
  facts: FactsOf<F>
  /** The same with the facts of a piece of the fitted part before them. */
  of: (piece: string) => Reader
}

/** @param fitted the station's part as it was seen, for the facts of its pieces */
export function reader(facts: Facts, units: UnitSystem, fitted?: unknown): Reader {
  const number = (key: string) => Number(facts[key])
  return {
    units,
    facts,
    text: (key) => valueText(facts[key]),
    size: facts.sizeMm === undefined ? '' : sizeText(number('sizeMm'), units),
    family: FAMILY_NAMES[facts.family as Family] ?? 'this',
    flow: (key) => formatFlow(number(key), units),
    lead: (key) => formatLead(number(key), units),
    length: (key) => formatLength(number(key), units),
    stamp: (key) => stampText(String(facts[key]), units),
    of: (piece) =>
      reader(
        { ...facts, ...((fitted as Record<string, Facts | undefined> | null | undefined)?.[piece] ?? {}) },
        units,
      ),
  }
}

export const unread =
  (what: string): (() => Say) =>
  () => ({
    why: `${what} has not been read. The plan starts by reading it and goes on as if it must change.`,
    otherwise: 'A part nobody looked at is the one that stops the wire.',
  })

/** @typeParam F the facts of its station: it reads no other */
export type Rule<F extends string = string> = (r: Reader<F>) => Say

export const list = <F extends string>(r: Reader<F>, key: F) =>
  ((r.facts[key] as readonly string[] | undefined) ?? []).join(', ')
export const bore = (r: Reader<'boreAssumed' | 'boreMm' | 'trueFlow'>) =>
  (r.facts.boreAssumed
    ? `; the nozzle bore was not read, ${boreText(Number(r.facts.boreMm), r.units)} assumed`
    : '') +
  (r.facts.trueFlow === undefined
    ? ''
    : ` on a meter made for argon: the helium mixture needs about ${r.flow('trueFlow')} of true flow`)
export const sizeRange = (r: Reader<'minMm' | 'maxMm'>): string => {
  const [from, to] = [Number(r.facts.minMm), Number(r.facts.maxMm)].map((mm) => sizeText(mm, r.units))
  return from === to ? from! : `${from} to ${to}`
}
