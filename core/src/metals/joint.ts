import { remember } from '../base/remember.ts'
import type { Material, Service } from '../terms/terms.ts'
import { readLabel } from '../wire/label.ts'
import type { Wire } from '../wire/wire.ts'
import {
  ANY_STEEL,
  fillerOf,
  isAmong,
  isRichInMagnesium,
  RICH_IN_MAGNESIUM,
  WITH_SILICON,
  type Filler,
} from './filler.ts'
import {
  STEEL_KINDS,
  type Metal,
  type MetalKind,
  type MetalNote,
  type Never,
  type NeverReason,
  type Warmth,
} from './metal.ts'
import { metalOfOwn, ownNamed, type OwnMetal } from './own.ts'
import { ordinaryMetal, readMetal } from './read.ts'

/** What is joined, as the job says it. */
export interface Joined {
  material: Material
  alloy?: string | undefined
  otherAlloy?: string | undefined
  service?: readonly Service[] | undefined
  /** The shop’s own rows: its word comes first. */
  metals?: readonly OwnMetal[] | undefined
}
/** Whose need decides the wire between two metals. */
export type Decides = 'lower-strength' | 'higher-corrosion' | 'bridge' | 'both' | 'nothing-common'

/** One metal, or two as one: what is true of the joint between them. */
export interface MetalJoint extends Omit<Metal, 'materials' | 'confidence' | 'grades' | 'notes'> {
  /** What is said of it, each with the name of the metal it is true of. */
  notes: readonly { note: MetalNote; name: string }[]
  /** What the metals are called: as typed, or the row’s own id. */
  names: readonly string[]
  /** The rows it was made of. */
  metals: readonly Metal[]
  decides?: Decides
}

const STAINLESS_KINDS: readonly MetalKind[] = [
  'austenitic-stainless',
  'ferritic-stainless',
  'martensitic-stainless',
]
const ALUMINIUM_KINDS: readonly MetalKind[] = ['wrought-aluminium', 'cast-aluminium']
/** Weaker first: of two steels the weaker one's wire is enough. common practice, no source */
const BY_STRENGTH = [
  ...[
    'galvanised',
    'carbon',
    'lcc',
    'tm-420',
    'weathering',
    'nickel-3.5',
    'p1',
    'p11',
    'p22',
    'p5',
    'p9',
    'p91',
  ],
  ...['tm-500', '4130', 'wear-400', 'wear-500', 'quenched-690', 's700mc', 's960', '4140', '4340'],
]
/** What rusts first, first: of two stainless steels the nobler one's wire. common practice, no source */
const BY_CORROSION = [
  ...['410', '409', '430', '410nimo', '17-4', '304h', '304', '309', '310', '321', '347', '316', '317'],
  ...['lean-duplex', '904l', '2205', '2507', '6mo'],
]
const ordered = (order: readonly string[], a: Metal, b: Metal): [Metal, Metal] =>
  order.indexOf(a.id) <= order.indexOf(b.id) ? [a, b] : [b, a]

/** The alloys of these classifications by use; a nickel type stands for itself. */
const basesOf: (names: string) => readonly string[] = remember((names) =>
  names.split('|').flatMap((name) => {
    const read = name && readLabel(name)
    if (!read) return []
    const filler = read.ok ? fillerOf(read.value.wire) : undefined
    return filler ? [filler.alloy, filler.base] : [name]
  }),
)
const has = (names: readonly string[], filler: Filler): boolean =>
  basesOf(names.join('|')).some((base) => base === filler.base || base === filler.alloy)
const without = (names: readonly string[], never: readonly Never[]): string[] =>
  names.filter(
    (name) => !never.some(({ wires }) => basesOf(name).some((base) => isAmong(wires, { alloy: base, base }))),
  )
const unique = <T>(list: readonly T[]): T[] => [...new Set(list)]

/** The warmer of two ladders at each thickness. */
function warmer(a: readonly Warmth[] = [], b: readonly Warmth[] = []): Warmth[] {
  const at = unique([...a, ...b].map(({ fromMm }) => fromMm)).sort((x, y) => x - y)
  return at.map((fromMm) => {
    const [one, other] = [warmthAt(a, fromMm), warmthAt(b, fromMm)]
    const most = !other || (one && one.c >= other.c) ? one! : other
    return { ...most, fromMm }
  })
}
/** What a ladder says of a thickness. @param thicknessMm over 0 */
export const warmthAt = (ladder: readonly Warmth[] | undefined, thicknessMm: number): Warmth | undefined =>
  ladder?.filter(({ fromMm }) => thicknessMm >= fromMm).at(-1)

const BRIDGE = ['ER309LSi', 'ER309LMo', 'G 18 8 Mn']
/** Above 300 to 400 °C in service. recalled from memory, H */
const BRIDGE_HOT = ['ERNiCr-3']

/** The wires between two metals, and whose need decides. */
function wiresBetween(a: Metal, b: Metal): Pick<MetalJoint, 'first' | 'also' | 'never' | 'decides'> {
  const kinds = [a.kind, b.kind]
  const both = (...groups: (readonly MetalKind[])[]) =>
    groups.length === 1
      ? kinds.every((kind) => groups[0]!.includes(kind))
      : (groups[0]!.includes(a.kind) && groups[1]!.includes(b.kind)) ||
        (groups[0]!.includes(b.kind) && groups[1]!.includes(a.kind))
  const nothing = { first: [], also: [], never: [], decides: 'nothing-common' as const }
  if (both(STEEL_KINDS)) {
    const [weaker, other] = ordered(BY_STRENGTH, a, b)
    if (!BY_STRENGTH.includes(weaker.id) || !BY_STRENGTH.includes(other.id)) return nothing
    const never = weaker.never.filter((n) => other.never.some((m) => m.why === n.why))
    return {
      first: weaker.first.length ? weaker.first : other.first,
      also: unique([...weaker.also, ...other.first, ...other.also]),
      never,
      decides: 'lower-strength',
    }
  }
  const bridge: Never[] = [
    { wires: ['308', '347', '316', '317'], why: 'brittle-on-carbon' },
    { wires: [ANY_STEEL], why: 'cracks-on-stainless' },
  ]
  if (both(STAINLESS_KINDS, STEEL_KINDS))
    return { first: BRIDGE, also: ['ER309L', 'ER312'], never: bridge, decides: 'bridge' }
  if (both(['duplex-stainless'], STEEL_KINDS))
    return { first: ['ER309LMo', 'ER2209'], also: ['ER309LSi'], never: bridge, decides: 'bridge' }
  if (both([...STAINLESS_KINDS, 'duplex-stainless'])) {
    const [lower, higher] = ordered(BY_CORROSION, a, b)
    const mixed = kinds.includes('duplex-stainless') && kinds.some((kind) => kind !== 'duplex-stainless')
    if (mixed)
      return {
        first: ['ER2209', 'ER309LMo'],
        also: lower.kind === 'duplex-stainless' ? [] : lower.first,
        never: [{ wires: ['308', '347', '310'], why: 'less-alloy-than-metal' }],
        decides: 'higher-corrosion',
      }
    return { first: higher.first, also: higher.also, never: higher.never, decides: 'higher-corrosion' }
  }
  if (both(ALUMINIUM_KINDS) || both(['copper', 'brass'])) {
    const never = [...a.never, ...b.never]
    if (!a.first.length || !b.first.length) return nothing
    const all = without(unique([...a.first, ...b.first, ...a.also, ...b.also]), never)
    const shared = all.filter((name) =>
      [a, b].every((m) => [...m.first, ...m.also].some((other) => other === name)),
    )
    return shared.length ? { first: shared, also: [], never, decides: 'both' } : { ...nothing, never }
  }
  if (both(['cast-iron'], STEEL_KINDS)) {
    const iron = a.kind === 'cast-iron' ? a : b
    return { first: iron.first, also: iron.also, never: iron.never, decides: 'bridge' }
  }
  return nothing
}

/** What the shop itself takes is not forbidden beside it. */
function unsaid({ byShop, first, never }: Metal): readonly Never[] {
  if (!byShop) return never
  const taken = basesOf(first.join('|')).map((base) => ({ alloy: base, base }))
  return never
    .map(({ wires, why }) => ({ why, wires: wires.filter((w) => !taken.some((one) => isAmong([w], one))) }))
    .filter(({ wires }) => wires.length > 0)
}

/** @param named each row with the name it was called by */
function jointOf(named: readonly (readonly [Metal, string])[]): MetalJoint {
  const [[a, nameA], [b, nameB] = [undefined, '']] = named as [[Metal, string], [Metal, string]?]
  const notes = [
    ...a.notes.map((note) => ({ note, name: nameA })),
    ...(b && b !== a ? b.notes.filter((note) => !a.notes.includes(note)) : []).map((note) => ({
      note,
      name: nameB,
    })),
  ]
  if (!b || b === a) return { ...a, never: unsaid(a), names: [nameA], notes, metals: [a] }
  const interpass = [a.interpassC, b.interpassC].filter((c) => c !== undefined)
  return {
    id: `${a.id}+${b.id}`,
    names: [nameA, nameB],
    notes,
    kind: a.kind,
    metals: [a, b],
    ...wiresBetween(a, b),
    ...(a.preheat || b.preheat ? { preheat: warmer(a.preheat, b.preheat) } : {}),
    ...(interpass.length && { interpassC: Math.min(...interpass) }),
    fume: unique([...a.fume, ...b.fume]),
    ...((a.hotService ?? b.hotService) !== undefined && {
      hotService: a.hotService !== false && b.hotService !== false,
    }),
  }
}

/** What the joint must bear forbids on any aluminium, by grade or not. published: Aluminum Association chart, recalled */
const forbiddenOnAluminium = (service: readonly Service[]): Never[] => [
  ...(service.includes('hot') ? [{ wires: RICH_IN_MAGNESIUM, why: 'weakens-hot' as const }] : []),
  ...(service.includes('anodised') ? [{ wires: WITH_SILICON, why: 'darkens-when-anodised' as const }] : []),
]
/** Why a wire is not for what the joint must bear, whatever the grade; nothing where it is, or nobody asked. */
export function unfitInService(
  wire: Pick<Wire, 'classification' | 'family' | 'standard' | 'strength'>,
  { material, service = [] }: Pick<Joined, 'material' | 'service'>,
): NeverReason | undefined {
  const filler = fillerOf(wire)
  const forbidden = filler && material === 'aluminium' ? forbiddenOnAluminium(service) : []
  const never = forbidden.find(({ wires }) => isAmong(wires, filler!))
  if (never) return never.why
  const untested = wire.classification !== null && !isTested(wire.classification)
  return service.includes('tough') && untested ? 'no-toughness-promised' : undefined
}

/** What a need of the joint makes of its wires. */
function withService(joint: MetalJoint, service: readonly Service[]): MetalJoint {
  let { first, also, never } = joint
  const isAluminium = joint.metals.every(({ kind }) => ALUMINIUM_KINDS.includes(kind))
  const wants = (need: Service) => service.includes(need)
  const rich = (name: string) => basesOf(name).some((alloy) => isRichInMagnesium({ alloy, base: alloy }))
  const front = (better: (name: string) => boolean) => {
    const all = unique([...first, ...also])
    first = [...all.filter(better), ...first.filter((name) => !better(name))]
    also = also.filter((name) => !better(name))
  }
  if (isAluminium && wants('treated-after')) front((name) => ['ER4643', 'ER4943'].includes(name))
  if (isAluminium && wants('strength')) front((name) => /^ER5/.test(name) || name === 'ER4943')
  if (isAluminium) never = [...never, ...forbiddenOnAluminium(service)]
  if (isAluminium && wants('anodised')) front(rich)
  if (joint.decides === 'bridge' && wants('hot') && joint.kind !== 'cast-iron')
    first = [...BRIDGE_HOT, ...first]
  if (never.length > joint.never.length) {
    first = without(first, never)
    also = without(also, never)
  }
  if (wants('tough')) {
    first = first.filter(isTested)
    also = also.filter(isTested)
  }
  return { ...joint, first, also, never }
}
/** Tested for toughness by its class: T-11, T-GS, T-14, T-3, T-10, T-13, T-4 and T-7 are not. published: AWS A5.20, recalled, H */
const isTested = (name: string): boolean => !/T-(?:11|GS|14|13|10|3|4|7|2)(?:[MC]|$)/.test(name)

export interface KnownMetals {
  /** What is joined, as far as rows know it; nothing where nothing was named, or nobody knows it. */
  joint: MetalJoint | undefined
  /** Names that no row knows. */
  unknown: readonly string[]
  /** A name of a metal that the job says it is not. */
  contradicts?: string
  /** Nobody named a metal: the ordinary one of its kind stands for it. */
  assumed: boolean
  /** Rows of the shop that were read. */
  own: readonly OwnMetal[]
}
/** What the rows know of a job. */
export const metalsOf = ({ material, alloy, otherAlloy, service, metals }: Joined): KnownMetals =>
  known(JSON.stringify([material, alloy ?? '', otherAlloy ?? '', service ?? [], metals ?? []]))
const known = remember((job: string) => {
  const [material, alloy, otherAlloy, service, metals] = JSON.parse(job) as [
    Material,
    string,
    string,
    Service[],
    OwnMetal[],
  ]
  return readJob({ material, alloy, otherAlloy, service, metals })
})
function readJob({ material, alloy, otherAlloy, service = [], metals = [] }: Joined): KnownMetals {
  const said = [alloy, otherAlloy].map((name) => name?.trim() ?? '')
  const rows = said.map((name) => ownNamed(metals, name))
  const own = rows.flatMap((row) => row ?? [])
  const read = said.map((name, i) => {
    const row = rows[i]
    if (row) return metalOfOwn(row, material)
    return name ? readMetal(name, i === 0 ? material : undefined) : undefined
  })
  const unknown = said.filter((name, i) => name && !read[i])
  const named = read.flatMap((metal, i): [Metal, string][] => (metal ? [[metal, said[i]!]] : []))
  const ordinary = ordinaryMetal(material)
  const plain: [Metal, string][] = ordinary ? [[ordinary, ordinary.id]] : []
  if (unknown.length || named.length === 0) {
    const joint = unknown.length || !ordinary ? undefined : withService(jointOf(plain), service)
    return { joint, unknown, assumed: true, own }
  }
  const contradicts =
    said[0] && !named.some(([{ materials }]) => materials.includes(material)) ? named[0]![1] : undefined
  // A second metal alone stands beside the ordinary one of the job.
  return {
    joint: withService(jointOf(said[0] ? named : [...plain, ...named]), service),
    unknown,
    ...(contradicts && { contradicts }),
    assumed: false,
    own,
  }
}

export type WireVerdict = { is: 'first' | 'also' | 'unlisted' } | { is: 'never'; why: NeverReason }
/** What a wire is for a joint; nothing where the wire has no classification. */
export function judgeWire(
  wire: Pick<Wire, 'classification' | 'family' | 'standard' | 'strength'>,
  joint: MetalJoint,
): WireVerdict | undefined {
  const filler = fillerOf(wire)
  if (!filler) return undefined
  const never = joint.never.find(({ wires }) => isAmong(wires, filler))
  if (never) return { is: 'never', why: never.why }
  const ksi = wire.strength?.tensileKsi.min
  if (joint.leastKsi !== undefined && ksi !== undefined && ksi < joint.leastKsi)
    return { is: 'never', why: 'too-weak-unsaid' }
  if (has(joint.first, filler)) return { is: 'first' }
  if (has(joint.also, filler)) return { is: 'also' }
  return { is: 'unlisted' }
}
