import type { Family } from '../terms/terms.ts'
import { TRADE_SIZES } from '../wire/diameters.ts'
import type { WireByHand } from '../wire/byHand.ts'
import { CORED_STAND_IN } from '../wire/classification/shopWords.ts'

/** What can be found of a wire whose box is lost; anything may be left out. */
export interface Looked {
  /** A filed or cut end: metal through, or a seam and powder. */
  end?: 'solid' | 'powder' | undefined
  /** A magnet at the wire. */
  magnet?: 'sticks' | 'does-not' | undefined
  colour?: 'copper-skin' | 'grey' | 'white' | 'gold' | undefined
  /** A hand's length bent by two fingers. */
  bend?: 'stays-soft' | 'springs-back' | undefined
  /** Stamp of the smallest tip that it goes through, trade mm. */
  tipMm?: number | undefined
  /** Ten turns wound tight on a rod, mm across. */
  tenTurnsMm?: number | undefined
}
export interface Found {
  /** Kinds of wire that it may still be. */
  kinds: Family[]
  /** Trade sizes it may still be, mm; empty where nothing was measured. */
  sizesMm: number[]
  /** The wire to plan with, once kind and size are settled, or it is cored and its size is. */
  wire: WireByHand | undefined
  /** What nobody can see on the wire itself. */
  open: ('shielding' | 'alloy' | 'grade' | 'strength')[]
}

const TUBULAR: readonly Family[] = ['flux-cored-self-shielded', 'flux-cored-gas-shielded', 'metal-cored']
const SOLID: readonly Family[] = ['solid-steel', 'solid-stainless', 'aluminium', 'silicon-bronze']

/**
 * What each look leaves. Carbon steel is magnetic, austenitic stainless, aluminium and bronze are not; copper-coated
 * solid steel is copper outside and grey inside. Austenitic stainless drawn hard may pull at a magnet a little: that
 * counts as not sticking. common practice, no source
 */
const LEAVES: Readonly<Record<string, readonly Family[]>> = {
  'end solid': SOLID,
  'end powder': TUBULAR,
  'magnet sticks': ['solid-steel', ...TUBULAR],
  // A stainless tube is filled too: it is the kind nobody knows.
  'magnet does-not': ['solid-stainless', 'aluminium', 'silicon-bronze', ...TUBULAR],
  'colour copper-skin': ['solid-steel', ...TUBULAR],
  'colour grey': ['solid-steel', 'solid-stainless', ...TUBULAR],
  'colour white': ['aluminium'],
  'colour gold': ['silicon-bronze'],
  'bend stays-soft': ['aluminium', 'silicon-bronze', ...TUBULAR],
  'bend springs-back': ['solid-steel', 'solid-stainless', 'silicon-bronze', ...TUBULAR],
}

/** Half the step between two sizes, or this much of the size, mm: as far off as ten turns measure. */
const TURNS_OFF = 0.05

/** What is left of a wire that is only looked at. @returns nothing in `kinds` where two looks contradict each other */
export function byLooking(looked: Looked): Found {
  const kinds = (['end', 'magnet', 'colour', 'bend'] as const).reduce<Family[]>(
    (left, look) => {
      const leaves = looked[look] === undefined ? undefined : LEAVES[`${look} ${looked[look]}`]
      return leaves ? left.filter((family) => leaves.includes(family)) : left
    },
    [...SOLID, ...TUBULAR],
  )
  const sizesMm = sizesOf(looked)
  const [kind] = kinds
  const cored = kinds.length > 0 && kinds.every((family) => TUBULAR.includes(family))
  const diameterMm = sizesMm.length === 1 ? sizesMm[0] : undefined
  const wire =
    diameterMm === undefined
      ? undefined
      : cored
        ? { family: CORED_STAND_IN as Family, tubular: true as const, diameterMm }
        : kinds.length === 1
          ? { family: kind!, diameterMm }
          : undefined
  const open: Found['open'] = cored
    ? ['shielding', 'strength']
    : kinds.length !== 1
      ? []
      : kind === 'aluminium'
        ? ['alloy']
        : kind === 'solid-stainless'
          ? ['grade']
          : kind === 'solid-steel'
            ? ['strength']
            : []
  return { kinds, sizesMm, wire, open }
}

/** A tip takes the wire it is stamped for and one a size under it that slops; turns measure it whole. */
function sizesOf({ tipMm, tenTurnsMm }: Looked): number[] {
  const all = TRADE_SIZES.map((s) => s.mm)
  const byTurns =
    tenTurnsMm === undefined
      ? all
      : all.filter((mm) => {
          const one = tenTurnsMm / 10
          return TRADE_SIZES.find((s) => s.mm === mm)!
            .inch.map((i) => i.exactMm)
            .concat(mm)
            .some((exact) => Math.abs(exact - one) <= TURNS_OFF * Math.max(1, exact))
        })
  const byTip = tipMm === undefined ? all : all.filter((mm) => mm === tipMm)
  const both = byTurns.filter((mm) => byTip.includes(mm))
  if (tipMm === undefined && tenTurnsMm === undefined) return []
  if (tipMm !== undefined || both.length < 2) return both
  // Of two sizes so near that turns fit both, the nearer.
  const off = (mm: number) => Math.abs(mm - tenTurnsMm! / 10)
  return [both.reduce((a, b) => (off(b) < off(a) ? b : a))]
}
