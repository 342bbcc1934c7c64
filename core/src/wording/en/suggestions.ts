import type { Cost, Reason, Suggestions } from '../../catalogue/suggest.ts'

const REASONS: Record<Reason, string> = {
  'thin-wire-for-sheet': 'Thin wire runs cool enough for sheet.',
  'everyday-wire': 'The everyday wire for this thickness.',
  'deep-and-fast-on-plate': 'Goes deep and lays metal fast on plate.',
  'shields-itself-in-wind': 'Makes its own shield: wind does not blow it away, and no cylinder is needed.',
  'brazes-cool-on-coated-sheet': 'Brazes below the melting point of the sheet and leaves the zinc on.',
  'matches-stainless': 'Keeps the joint as resistant to rust as the metal.',
  'matches-low-alloy': 'Matches the strength of the metal.',
  'stiff-aluminium-wire': 'The stiffer aluminium wire: it pushes better through the lead.',
  'aluminium-for-heat': 'For castings and parts that run warm, where the magnesium wires must not be used.',
  'copper-filler': 'A copper-base filler for copper-base metal.',
}
const COSTS: Record<Cost, string> = {
  'needs-shelter': 'shelter from the wind',
  'needs-gas': 'a cylinder',
  'burn-through-risk': 'near burning through: short beads, tacks or stitches',
  'cold-lap-risk': 'short arc laps cold on plate this thick: spray it, or test it',
  slow: 'slow on this thickness, in passes',
  spatter: 'spatter and fume',
  slag: 'slag to chip off',
  'single-pass': 'one pass only',
  'special-rolls': 'rolls of its own, and a liner to suit',
  'short-supply': 'more current than this machine gives',
  'feeds-harder': 'softer, so harder to push',
  'lower-strength': 'a weaker joint than the strongest here',
}

/** Why this wire suits the job. */
export const reasonText = (reason: Reason): string => REASONS[reason]
/** What it costs to run this wire: words for a list. */
export const costText = (cost: Cost): string => COSTS[cost]

/** The answer of `POST /api/v1/suggest`. */
export const suggestAnswer = ({ wires, shelter }: Suggestions) => ({
  wires: wires.map(({ classification, family, diameterMm, reason, costs, inStore }) => ({
    classification,
    family,
    diameterMm,
    why: reasonText(reason),
    costs,
    inStore,
  })),
  shelter,
})
