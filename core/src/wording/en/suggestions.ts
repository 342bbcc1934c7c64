import type { Cost, Reason } from '../../catalogue/suggest.ts'

const REASONS: Record<Reason, string> = {
  'thin-wire-for-sheet': 'Thin wire runs cool enough for sheet.',
  'everyday-wire': 'The everyday wire for this thickness.',
  'deep-and-fast-on-plate': 'Goes deep and lays metal fast on plate.',
  'shields-itself-in-wind': 'Makes its own shield: wind does not blow it away, and no cylinder is needed.',
  'brazes-cool-on-coated-sheet': 'Brazes below the melting point of the sheet and burns off the least zinc.',
  'matches-stainless': 'Keeps the joint as resistant to rust as the metal.',
  'matches-low-alloy': 'Matches the strength of the metal.',
  'stiff-aluminium-wire': 'The stiffer aluminium wire: it pushes better through the lead.',
  'aluminium-for-heat': 'For castings and parts that run warm, where the magnesium wires must not be used.',
  'copper-filler': 'A copper-base filler for copper-base metal.',
}
const COSTS: Record<Cost, string> = {
  'burn-through': 'thick for this sheet: it burns through when hot enough to run',
  'cold-lap': 'can lie cold on plate this thick: more passes and preheat',
  'spatter-and-slag': 'more spatter, slag and fume',
  'slag-to-clean': 'slag to chip off',
  'needs-gas': 'needs a cylinder',
  'shelter-needed': 'needs shelter from the wind',
  'feeds-harder': 'softer, so harder to push',
  'lower-strength': 'a weaker joint',
  slower: 'slower on this thickness',
  'single-pass': 'one pass only',
}

/** Why this wire suits the job. */
export const reasonText = (reason: Reason): string => REASONS[reason]
/** What it costs to take this wire instead of the first: words for a list. */
export const costText = (cost: Cost): string => COSTS[cost]
