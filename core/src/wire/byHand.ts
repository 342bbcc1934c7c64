import { FAMILY_NEEDS, POSITIONS, type Family, type Polarity } from './families.ts'
import { diameterOfMm } from './diameters.ts'
import type { SizedWire } from './wire.ts'

export interface WireByHand {
  family: Family
  /** Trade size in mm. */
  diameterMm: number
  /** What the box says; left out, the family's usual polarity. */
  polarity?: Polarity[]
  /** ISO 14175 designations the box gives; left out, the family's usual ones; empty, none needed. */
  gas?: string[]
}

/** Usual polarity where the box was not read. A self-shielded wire has none that can be assumed. common practice */
const usualPolarity = (family: Family): Polarity[] => (family === 'flux-cored-self-shielded' ? [] : ['DCEP'])

/**
 * A wire no standard here lists, from family, size and what the box says.
 * @returns the wire; its `polarity` is empty when a self-shielded wire's polarity was not given
 * @throws RangeError when no wire has the diameter
 */
export function wireByHand(hand: WireByHand): SizedWire {
  const size = diameterOfMm(hand.diameterMm)
  if (!size) throw new RangeError(`no wire of ${hand.diameterMm} mm`)
  const needs = FAMILY_NEEDS[hand.family]
  const designations = hand.gas ?? [...needs.gas]
  return {
    family: hand.family,
    process: needs.process,
    classification: null,
    standard: null,
    ...size,
    polarity: hand.polarity ?? usualPolarity(hand.family),
    gas: { needed: designations.length > 0, designations },
    positions: [...POSITIONS],
    passes: 'multi',
    massKg: null,
    hydrogen: null,
    strength: null,
    joins: [...needs.joins],
    notes: ['by-hand'],
    unread: [],
  }
}
