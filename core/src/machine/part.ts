import { stampTakes } from '../wire/sizes.ts'
import { groovesOf } from './fitted/driveRolls.ts'
import type { Fitted } from './fitted/fitted.ts'
import type { Part } from './store.ts'
import type { Mixture } from '../gas/mixtureSchema.ts'

/**
 * A part in the store and the same part on a machine: how one becomes the other, and which two are alike. One place
 * for settling a change, counting stock, gathering, working on the machine and quick entry.
 */

/** Kinds that stand in a machine under their own name, in the words of the store. */
export const FITTED_KINDS = ['inletGuide', 'outletGuide', 'driveRolls', 'liner', 'contactTip'] as const
export type FittedKind = (typeof FITTED_KINDS)[number]

/** Where a part lies, how many there are and what the shop notes of it: not what it is. */
const OF_THE_SHELF = new Set(['id', 'count', 'drawer', 'note', 'lowAt', 'leadDays', 'price', 'chart'])
/** How a part is set on the machine: it comes off without it. */
const OF_THE_MACHINE = new Set(['active', 'activeProfile', 'gapMm'])
/** What a part is when nothing else is said. */
const UNSAID: Readonly<Record<string, unknown>> = { part: 'whole', aluminiumBore: false }

function plain(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(plain)
  if (typeof value !== 'object' || value === null) return value
  return Object.fromEntries(
    Object.entries(value)
      .filter(([key, v]) => v !== undefined && v !== null && !OF_THE_MACHINE.has(key))
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([key, v]) => [key, plain(v)]),
  )
}

/** A part's state as far as it tells two apart: a liner that never carried wire is not one that did. */
function stateOf(part: { kind?: unknown; condition?: unknown }): unknown {
  if (part.condition === 'new') return part.kind === 'liner' ? 'new' : undefined
  return part.condition === 'good' ? undefined : part.condition
}

/**
 * What a part is, as text: two parts with the same text are alike, whatever drawer they lie in and however they were
 * set. Worn or dirty parts are a line of their own.
 * @param but fields that are not to count
 */
export function partKey(part: object, but: readonly string[] = []): string {
  const said = Object.entries({
    ...part,
    condition: stateOf(part),
    // Of grooves that differ the one in line is how the roll is turned, not what it is.
    ...('grooveProfiles' in part && part.grooveProfiles !== undefined && { profile: undefined }),
  }).filter(
    ([key, value]) =>
      value !== undefined &&
      value !== null &&
      value !== '' &&
      value !== UNSAID[key] &&
      !OF_THE_SHELF.has(key) &&
      !but.includes(key),
  )
  return JSON.stringify(plain(Object.fromEntries(said)))
}

/**
 * Whether two parts are the same thing to a shop: one line, one count.
 * @example alike({ kind: 'contactTip', stamp: '0.9', condition: 'new' }, { kind: 'contactTip', stamp: '0.9' }) // true
 */
export const alike = (a: object, b: object): boolean => partKey(a) === partKey(b)

/** A part that has come off a machine, in the words of the store; one of it. */
export function asStored(kind: FittedKind, fitted: object): Part {
  const rest = Object.fromEntries(Object.entries(fitted).filter(([key]) => !OF_THE_MACHINE.has(key)))
  return { ...rest, kind, count: 1 } as Part
}
export const nozzleAsStored = ({ kind: type, ...rest }: NonNullable<Fitted['nozzle']>): Part => ({
  ...rest,
  type,
  kind: 'nozzle',
  count: 1,
})
/** A nozzle is on, or nobody looked. */
export const mayBeOn = (nozzle: Fitted['nozzle']): boolean => nozzle !== null && nozzle?.kind !== 'none'
export type Gun = NonNullable<Fitted['gun']>
/** What is in and on a gun when it is taken off whole. */
export type GunLoad = Pick<Fitted, 'liner' | 'contactTip' | 'nozzle'>

export function gunAsStored({ kind: type, ...rest }: Gun, load: GunLoad = {}): Part {
  const held = Object.fromEntries(Object.entries(load).filter(([, part]) => part != null))
  return { ...rest, ...held, type, kind: 'gun', part: 'whole', count: 1 }
}
/** A gun of the store as it will read on the machine, and what is in and on it. */
export function gunAsFitted(part: Extract<Part, { kind: 'gun' }>): { gun: Gun; load: GunLoad } {
  const { type, liner, contactTip, nozzle, lengthM, rolls, innerLiner, oRing, linerTrim, condition } = part
  const { ratingA, cooling, stickOutGuideMm } = part
  const said = { lengthM, rolls, innerLiner, oRing, linerTrim, ratingA, cooling, stickOutGuideMm, condition }
  return {
    gun: {
      kind: type ?? 'push',
      ...Object.fromEntries(Object.entries(said).filter(([, v]) => v !== undefined)),
    },
    load: { liner, contactTip, nozzle },
  }
}

/** Puts one part into a store: the count of one like it goes up, or it gets a line of its own. */
export function putInStore(store: readonly Part[], part: Part, newId: () => string): Part[] {
  const twin = store.findIndex((p) => alike(p, part))
  return twin < 0
    ? [...store, { ...part, id: part.id ?? newId() }]
    : store.map((p, i) => (i === twin ? { ...p, count: p.count + part.count } : p))
}

/** CO2 has an outlet of its own: the regulator that stands on such a cylinder does not go on another. common practice */
export const outletOf = (gas: Mixture): 'CO2' | 'argon' => ((gas.CO2 ?? 0) > 99 ? 'CO2' : 'argon')
export const regulatorFor = (gas: Mixture): Part => ({ kind: 'regulator', gas: outletOf(gas), count: 1 })
/** Whether a regulator goes on a cylinder; one whose gas is not said is taken for any. */
export const regulatorTakes = (part: { gas?: string | undefined }, gas: Mixture): boolean =>
  part.gas === undefined || /co2/i.test(part.gas) === (outletOf(gas) === 'CO2')

/**
 * A part of the store as it reads once it is on: rolls with the groove in line that takes the wire, else their first.
 * @param mm trade size of the wire
 */
export function partAsFitted(part: Part, mm: number): unknown {
  if (part.kind === 'cylinder') return part.gas
  if (part.kind === 'gun') return gunAsFitted(part).gun
  const own = Object.fromEntries(
    Object.entries(part).filter(([key, v]) => v !== undefined && key !== 'kind' && !OF_THE_SHELF.has(key)),
  )
  if (part.kind === 'nozzle') {
    const { type, ...rest } = own
    return { ...rest, kind: type }
  }
  if (part.kind === 'inletGuide' || part.kind === 'outletGuide') return { ...own, gapMm: 2 }
  if (part.kind !== 'driveRolls') return own
  const grooves = groovesOf(part)
  const groove = grooves.find((g) => stampTakes(g.stamp, mm)) ?? grooves[0]
  return {
    ...own,
    ...(groove && {
      profile: groove.profile,
      active: groove.stamp,
      ...(part.grooveProfiles && { activeProfile: groove.profile }),
    }),
  }
}
