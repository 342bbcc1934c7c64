import { FAMILY_SHEETS } from '../families/index.ts'
import type { Position } from '../terms/terms.ts'
import type { SizedWire } from '../wire/wire.ts'
import type { Group } from '../families/groups.ts'

type Named = Pick<SizedWire, 'classification' | 'standard' | 'family'>

/**
 * The usability designator behind a cored wire's classification, `T-11`, or the letter of ISO, `P`; `null` where its
 * standard has none or the wire was entered by hand.
 */
export function usabilityOf({ classification, standard }: Named): string | null {
  const first = classification?.split(' / ')[0] ?? ''
  if (/^ISO 1763[23]-?B?/.test(standard ?? '') && /T\d+-/.test(first)) return `T-${/T(\d+)-/.exec(first)![1]}`
  if (standard?.startsWith('ISO'))
    return /(?:^|\s)([RPBMVWYZU])(?=\s|$)/.exec(first.replace(/^T\s*/, ''))?.[1] ?? null
  const aws = /^E\d{2,3}T-?(GS|G|\d{1,2})/.exec(first)
  return aws ? `T-${aws[1]}` : null
}

const STAINLESS_CORED = /^(?:AWS A5\.22|ISO 17633)/
export const isStainlessCored = ({ standard }: Named): boolean => STAINLESS_CORED.test(standard ?? '')

/** Fast-freezing rutile and its like: AWS T-1, -9, -12 and single-pass T-2, ISO P; R freezes slowly and lies flat. */
const RUTILE = ['T-1', 'T-2', 'T-9', 'T-12', 'P', 'R']
const SELF: Readonly<Record<string, Group>> = {
  'T-3': 'T-3',
  'T-4': 'T-4',
  'T-6': 'T-6',
  'T-7': 'T-7',
  'T-8': 'T-8',
  'T-11': 'T-11',
  'T-GS': 'T-11',
  'T-13': 'T-13',
  'T-14': 'T-14',
}

/** The group of rows of a gas-shielded cored wire; `null` where no rows are known of its slag. */
export const gasCoredGroup = (wire: Named): Group | null => {
  if (isStainlessCored(wire)) return 'stainless-gas-cored'
  const use = usabilityOf(wire)
  if (use === 'T-5' || use === 'B') return 'T-5'
  return use === null || RUTILE.includes(use) ? 'gas-cored' : null
}
/** The group of rows of a self-shielded wire, by its designator alone; `null` where no rows are known. */
export const selfShieldedGroup = (wire: Named): Group | null =>
  isStainlessCored(wire) ? 'stainless-self-shielded' : (SELF[usabilityOf(wire) ?? ''] ?? null)

/**
 * Positions a designator is for, whatever its digit. published: AWS A5.20 Table 2, recalled from memory: up the
 * classes that freeze fast, down T-11, -13 and -14, either T-GS; T-3, -4, -6 and -10 lie flat and horizontal.
 */
const NOT_UP = ['T-11', 'T-13', 'T-14']
const ONLY_DOWN_OR_UP: Readonly<Record<string, readonly Position[]>> = {
  'T-3': [],
  'T-4': [],
  'T-6': [],
  'T-10': [],
  R: [],
  'T-GS': ['vertical-up', 'vertical-down', 'overhead'],
  'T-11': ['vertical-down', 'overhead'],
  'T-13': ['vertical-down', 'overhead'],
  'T-14': ['vertical-down', 'overhead'],
}
/** Whether the designator is for a position; a wire without one is asked of its classification. */
export function isForPosition(wire: Named & Pick<SizedWire, 'positions'>, position: Position): boolean {
  if (position === 'flat' || position === 'horizontal') return true
  const use = usabilityOf(wire)
  const said = use === null ? undefined : ONLY_DOWN_OR_UP[use]
  if (said) return said.includes(position) && wire.positions.includes('overhead')
  if (use !== null && position === 'vertical-down' && !NOT_UP.includes(use))
    return wire.positions.includes(position)
  return wire.positions.includes(position)
}

/** Downhill the slag runs ahead of the arc, but for the classes made for it. common practice; A5.20 Table 2, recalled */
const RUN_DOWNHILL = ['T-11', 'T-13', 'T-14', 'T-GS']
/** Pipe wires: T-8 with these deposits is made to run downhill. recalled from memory, M */
const isPipeWire = ({ classification }: Named): boolean => /T8-(?:K6|Ni1)/.test(classification ?? '')
/** What is made to run downhill on a wall of any thickness: T-13 roots, and pipe wires. */
export const runsDownPlate = (wire: Named): boolean => usabilityOf(wire) === 'T-13' || isPipeWire(wire)
const isMadeForDownhill = (wire: Named): boolean =>
  RUN_DOWNHILL.includes(usabilityOf(wire) ?? '') || isPipeWire(wire)
export const slagRunsAhead = (wire: Named, position: Position | undefined): boolean =>
  position === 'vertical-down' && FAMILY_SHEETS[wire.family].slag !== 'none' && !isMadeForDownhill(wire)
