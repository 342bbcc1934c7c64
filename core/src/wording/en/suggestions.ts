import type { Cost, Reason, Suggestions } from '../../catalogue/suggest.ts'
import type { MetalNote } from '../../metals/metal.ts'
import type { UnitSystem } from '../../units/format.ts'
import { fillerName, metalName, metalNoteText, neverText, ownMetalText } from './metals.ts'

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
  'usual-for-this-metal': 'The usual wire for this metal.',
  'also-for-this-metal': 'Taken for this metal too.',
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

/** These say themselves that it is not welded, or how. */
const SAYS_NO_WELD: readonly MetalNote[] = [
  'not-for-fusion',
  'springs-not-welded',
  'white-iron',
  'leaded-cracks',
  'tested-procedure',
]
const NOT_READ =
  'A nickel wire: such labels are not read here, so no change begins from it. The wire maker’s sheet decides.'
const BY_SHOP = 'By the shop’s own row. Read its box to begin a change.'

/** Why no change begins from a wire that is only named. */
export const unreadText = (classification: string): string =>
  classification.startsWith('ERNi') ? NOT_READ : BY_SHOP

/** What is said of the metal beside its wires, gravest first. */
export function suggestSays(
  { metal = [], unknown, own, contradicts, notes, noWire, beryllium }: Suggestions,
  units: UnitSystem,
): string[] {
  return [
    ...(beryllium
      ? [
          'Beryllium: its fume gives a lung disease that does not heal. No arc without extraction made for it and medical watch.',
        ]
      : []),
    ...(contradicts ? [`${contradicts} is not the metal chosen: one of the two is wrong.`] : []),
    ...unknown.map(
      (name) =>
        `${name} is in no table here: what is named below goes by the kind of metal alone. The wire maker’s table decides.`,
    ),
    ...own.map(({ name, note }) => ownMetalText(name, note)),
    ...(noWire && !notes.some(({ note }) => SAYS_NO_WELD.includes(note))
      ? [`No MIG wire of a shop is usual for ${metalName(metal)}: a tested procedure decides.`]
      : []),
    ...notes.map(({ note, name }) => metalNoteText(note, name, units)),
  ]
}
/** The wires that must not be taken: `ER4043, ER4047: its silicon makes ...`. */
export const suggestNever = ({ never }: Suggestions) =>
  never.map(({ wires, why }) => ({
    // The best known of them stand for their kin.
    wires: wires.slice(0, MOST_NEVER).map(fillerName),
    why: neverText(why),
  }))
const MOST_NEVER = 4

/** The answer of `POST /api/v1/suggest`. */
export const suggestAnswer = (found: Suggestions) => ({
  wires: found.wires.map(({ classification, family, diameterMm, reason, costs, inStore }) => ({
    classification,
    family,
    diameterMm,
    why: reasonText(reason),
    ...(family === null && { note: unreadText(classification) }),
    costs,
    inStore,
  })),
  shelter: found.shelter,
  metal: found.metal ? metalName(found.metal) : null,
  says: suggestSays(found, 'metric'),
  never: suggestNever(found),
})
