import { FAMILIES, POSITIONS, type Family, type Polarity } from '../terms/terms.ts'
import { FAMILY_SHEETS } from '../families/index.ts'
import { diameterOfMm } from './diameters.ts'
import type { SizedWire } from './wire.ts'

export interface WireByHand {
  family: Family
  /** Cored, kind unknown: polarity and gas stay open. */
  tubular?: true
  /** Trade size in mm. */
  diameterMm: number
  /** What the box says; left out, the family's usual polarity. */
  polarity?: Polarity[]
  /** ISO 14175 designations the box gives; left out, the family's usual ones; empty, none needed. */
  gas?: string[]
}

/** Where a form begins that has no label to go by. */
export const FIRST_BY_HAND: WireByHand = { family: FAMILIES[0], diameterMm: 0.9 }

/**
 * A wire no standard here lists, from family, size and what the box says.
 * @returns the wire; its `polarity` is empty when a self-shielded wire's polarity was not given
 * @throws RangeError when no wire has the diameter
 */
export function wireByHand(hand: WireByHand): SizedWire {
  const size = diameterOfMm(hand.diameterMm)
  if (!size) throw new RangeError(`no wire of ${hand.diameterMm} mm`)
  const needs = FAMILY_SHEETS[hand.family]
  const open = hand.tubular ? ('cored' as const) : undefined
  const designations = open ? [] : (hand.gas ?? [...needs.gas])
  return {
    family: hand.family,
    process: needs.process,
    classification: null,
    standard: null,
    ...size,
    polarity: open ? [] : (hand.polarity ?? [...needs.usualPolarity]),
    gas: { needed: designations.length > 0, designations },
    positions: [...POSITIONS],
    passes: 'multi',
    massKg: null,
    hydrogen: null,
    strength: null,
    joins: open ? [...needs.joins, 'stainless-steel'] : [...needs.joins],
    notes: [open ? 'kind-unknown' : 'by-hand'],
    unread: open ? ['family'] : [],
    ...(open && { open }),
  }
}
