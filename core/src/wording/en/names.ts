import type { CONDITIONS } from '../../machine/fitted/common.ts'
import type { GrooveProfile, GuideMaterial, LinerMaterial } from '../../terms/terms.ts'
import type { GUN_KINDS } from '../../machine/fitted/gun.ts'
import type { NOZZLE_KINDS } from '../../machine/fitted/nozzle.ts'
import type { Mixture } from '../../gas/mixtureSchema.ts'
import { shortMixture } from '../../gas/mixture.ts'
import type { Place } from '../../steps/places.ts'
import { formatLead, formatLength, formatMass, type UnitSystem } from '../../units/format.ts'
import { tradeLabel } from '../../wire/diameters.ts'
import type { Label } from '../../wire/label.ts'
import type { Strength, Wire } from '../../wire/wire.ts'
import type { Family, Material, Position } from '../../terms/terms.ts'

type Condition = (typeof CONDITIONS)[number]

export const FAMILY_NAMES: Record<Family, string> = {
  'solid-steel': 'solid steel',
  'solid-stainless': 'solid stainless',
  'metal-cored': 'metal-cored',
  'flux-cored-self-shielded': 'self-shielded flux-cored',
  'flux-cored-gas-shielded': 'gas-shielded flux-cored',
  aluminium: 'aluminium',
  'silicon-bronze': 'bronze or copper',
}
export const MATERIAL_NAMES: Record<Material, string> = {
  'mild-steel': 'mild steel',
  'low-alloy-steel': 'low-alloy steel',
  'galvanised-steel': 'galvanised steel',
  'stainless-steel': 'stainless steel',
  aluminium: 'aluminium',
  'copper-alloy': 'copper alloy',
  'cast-iron': 'cast iron',
}
export const POSITION_NAMES: Record<Position, string> = {
  flat: 'flat',
  horizontal: 'horizontal',
  'vertical-up': 'vertical up',
  'vertical-down': 'vertical down',
  overhead: 'overhead',
}
export const PLACE_NAMES: Record<Place, string> = {
  mains: 'At the mains plug',
  source: 'At the power source',
  cabinet: 'At the cabinet',
  spool: 'At the spool',
  gun: 'At the gun',
  cylinder: 'At the cylinder',
  store: 'At the store',
}
export const PLACE_SHORT: Record<Place, string> = {
  mains: 'plug',
  source: 'source',
  cabinet: 'cabinet',
  spool: 'spool',
  gun: 'gun',
  cylinder: 'cylinder',
  store: 'store',
}
/** Values of the contract that are words of the language too; what is none stays as it is. */
const VALUE_NAMES: Readonly<
  Record<GuideMaterial | Condition | 'top' | 'bottom' | 'pin' | 'tab' | 'drum' | 'argon' | 'helium', string>
> = {
  steel: 'steel',
  polymer: 'polymer',
  new: 'new',
  good: 'good',
  worn: 'worn',
  dirty: 'dirty',
  kinked: 'kinked',
  damaged: 'damaged',
  top: 'top',
  bottom: 'bottom',
  pin: 'pin',
  tab: 'tab',
  drum: 'drum',
  argon: 'argon',
  helium: 'helium',
}
export const valueText = (value: unknown): string =>
  VALUE_NAMES[value as keyof typeof VALUE_NAMES] ?? String(value)

/** A name by a fact: facts are only known to be texts. */
export const nameIn = <K extends string>(names: Readonly<Record<K, string>>, key: unknown): string =>
  names[key as K]

export const PROFILE_NAMES: Record<GrooveProfile, string> = {
  'smooth-v': 'smooth V',
  'smooth-u': 'smooth U',
  'knurled-v': 'knurled V',
}
export const PROFILE_SHORT: Record<GrooveProfile, string> = {
  'smooth-v': 'V',
  'smooth-u': 'U',
  'knurled-v': 'knurl',
}
export const LINER_NAMES: Record<LinerMaterial, string> = {
  'steel-coil': 'steel coil',
  ptfe: 'PTFE',
  nylon: 'nylon',
  'graphite-polymer': 'graphite polymer',
}
export const LINER_SHORT: Record<LinerMaterial, string> = {
  'steel-coil': 'coil',
  ptfe: 'PTFE',
  nylon: 'nylon',
  'graphite-polymer': 'graphite',
}
export const NOZZLE_NAMES: Record<(typeof NOZZLE_KINDS)[number], string> = {
  gas: 'gas nozzle',
  'gasless-cap': 'gasless cap',
  none: 'no nozzle',
}
export const GUN_NAMES: Record<(typeof GUN_KINDS)[number], string> = {
  push: 'push gun',
  'push-pull': 'push-pull gun',
  'spool-gun': 'spool gun',
}
export const PRESSURE_NAMES: Record<'firm' | 'light' | 'lightest', string> = {
  firm: 'firm',
  light: 'light',
  lightest: 'very light',
}

/** A stamp as it is printed: a trade size in mm is shown in the user's habit, a stamp that is read stays as read. */
export const sizeText = (mm: number, units: UnitSystem): string => tradeLabel(mm, units)
/** The same with its unit where it needs one: `0.9 mm`, `.035`. */
export const sizeName = (mm: number, units: UnitSystem): string =>
  `${sizeText(mm, units)}${units === 'metric' ? ' mm' : ''}`
/** A stamp such as `0.9` in the user's habit; one in the other system, or with two sizes, stays as stamped. */
export const stampText = (stamp: string, units: UnitSystem): string =>
  /^\d(\.\d)?$/.test(stamp) && units === 'inch' ? tradeLabel(Number(stamp), units) : stamp
/** A part of the store by its stamp: two that read alike in the user's habit are told apart by what stands on them. */
function asStamped(spec: Readonly<Record<string, unknown>>, units: UnitSystem): string {
  const stamp = spec.stamp as string
  const text = stampText(stamp, units)
  return spec.count === undefined || text === stamp ? text : `${text}, stamped ${stamp}`
}
/** Gun on plus or minus: this cable, in words a glance takes in. */
export const gunOn = (polarity: string): string => (polarity === 'DCEP' ? 'gun on +' : 'gun on −')
/** `80/20`, argon, CO2: a gas in the fewest words. */
export const mixtureText = (mixture: Mixture): string => valueText(shortMixture(mixture))

/** A nozzle bore: trade fractions where the shop counts in inches. */
export const boreText = (mm: number, units: UnitSystem) =>
  units === 'metric'
    ? `${Math.round(mm * 10) / 10}\u00a0mm`
    : `${({ 12.7: '1/2', 16: '5/8', 19: '3/4' } as Record<number, string>)[mm] ?? (mm / 25.4).toFixed(2)}\u00a0in`

/** A part as the store and the gather list name it. */
export function partText(
  kind: string,
  spec: Readonly<Record<string, unknown>>,
  units: UnitSystem,
  piece?: string,
): string {
  const stamps = (list: unknown) => (list as string[]).map((g) => stampText(g, units)).join(' · ')
  const range = () => {
    const from = sizeText(spec.minMm as number, units)
    const to = sizeText(spec.maxMm as number, units)
    return from === to ? from : `${from}–${to}`
  }
  const liner = () =>
    `${nameIn(LINER_NAMES, spec.material as string)} liner ${range()}${spec.lengthM === undefined ? '' : `, ${formatLead(spec.lengthM as number, units)}`}`
  const profilesOf = spec.grooveProfiles as string[] | undefined
  const rolls = () =>
    profilesOf
      ? `rolls ${(spec.grooves as string[]).map((g, i) => `${stampText(g, units)} ${nameIn(PROFILE_NAMES, profilesOf[i]!)}`).join(', ')}`
      : `${nameIn(PROFILE_NAMES, spec.profile as string)} rolls ${stamps(spec.grooves)}`
  const what = piece ?? (spec.part as string | undefined)
  switch (kind) {
    case 'driveRolls':
      return rolls()
    case 'liner':
      return liner()
    case 'gun':
      if (what === 'rolls' && spec.profile) return `gun ${rolls()}`
      if (what === 'innerLiner' && spec.material) return `gun inner ${liner()}`
      if (what === 'oRing') return 'gun O-rings'
      return `${nameIn(GUN_NAMES, (spec.kind === 'gun' ? spec.type : (spec.type ?? spec.kind)) as string) ?? 'gun'}${spec.lengthM === undefined ? '' : ` ${formatLead(spec.lengthM as number, units)}`}`
    case 'contactTip':
      return `contact tip ${asStamped(spec, units)}${spec.aluminiumBore ? ', aluminium bore' : ''}`
    case 'nozzle': {
      const type = (spec.kind === 'nozzle' ? spec.type : (spec.type ?? spec.kind)) as string
      return `${nameIn(NOZZLE_NAMES, type)}${spec.boreMm === undefined || type !== 'gas' ? '' : `, ${boreText(spec.boreMm as number, units)} bore`}`
    }
    case 'inletGuide':
    case 'outletGuide':
      return kind === 'inletGuide'
        ? `${valueText(spec.material)} inlet guide`
        : `${valueText(spec.material)} outlet guide`
    case 'adapter':
      return `spool adapter${spec.spool ? ` for ${valueText(spec.spool)}` : ''}`
    case 'regulator':
      return `regulator${spec.gas ? ` for ${valueText(spec.gas)}` : ''}${spec.outlet ? `, outlet ${valueText(spec.outlet)}` : ''}`
    case 'workClamp':
      return `work clamp${spec.ratingA ? `, ${String(spec.ratingA)} A` : ''}`
    case 'solenoid':
      return `gas solenoid${spec.coilV ? `, ${String(spec.coilV)} V coil` : ''}`
    case 'hose':
      return `gas hose${spec.gas ? ` for ${valueText(spec.gas)}` : ''}`
    case 'clip':
      return 'hose clip'
    case 'oRing':
      return 'O-ring'
    case 'sleeve':
      return `liner sleeve${spec.stamp ? ` ${stampText(spec.stamp as string, units)}` : ''}`
    case 'hubHardware':
      return spec.spool === 'drum'
        ? 'drum cone, hood and conduit'
        : spec.spool === 'coil'
          ? 'coil hardware'
          : 'hub hardware'
    case 'cylinder':
      return `cylinder, ${spec.group ? `${spec.group as string}, the mixture the wire maker names` : mixtureText(spec.gas as Mixture)}`
    case 'wire':
      return spec.label !== undefined
        ? String(spec.label)
        : `${(spec.classification as string | undefined) ?? FAMILY_NAMES[spec.family as Family]} ${sizeText(spec.diameterMm as number, units)}`
    default:
      return kind
  }
}

/** Strength of the deposit as the standard states it, in one system: `490–670 MPa, yield 390`. */
export function strengthText(strength: Strength, units: UnitSystem): string {
  const [tensile, yields, unit] =
    units === 'metric'
      ? ([strength.tensileMPa, strength.yieldMPa, 'MPa'] as const)
      : ([strength.tensileKsi, strength.yieldKsi, 'ksi'] as const)
  const range = tensile.max === undefined ? `at least ${tensile.min}` : `${tensile.min}–${tensile.max}`
  return `${range} ${unit}${yields === null ? '' : `, yield ${yields} ${unit}`}`
}

const OPEN_KINDS: Record<NonNullable<Wire['open']>, string> = {
  cored: 'cored wire, kind not known',
  solid: 'solid wire, metal not known',
}
/** What kind of wire it is, as far as anyone knows. */
export const kindText = (wire: Pick<Wire, 'family' | 'open'>): string =>
  wire.open ? OPEN_KINDS[wire.open] : FAMILY_NAMES[wire.family]
/** A wire by its classification, or by its kind. */
export const wireText = (wire: Pick<Wire, 'classification' | 'family' | 'open'>): string =>
  wire.classification ?? kindText(wire)

/** A wire and its size in the shop's own habit: its one name on every page. `ER70S-6 0.9 mm`, `ER70S-6 .035`. */
export const wireName = (
  wire: Pick<Wire, 'classification' | 'family' | 'open' | 'diameterMm'>,
  units: UnitSystem,
): string =>
  wire.diameterMm === null ? wireText(wire) : `${wireText(wire)} ${sizeName(wire.diameterMm, units)}`

/** What a label was read as, in one line: wire, size, mass, and what stood beside it. */
export function labelText({ wire, besides }: Label, units: UnitSystem): string {
  const parts = [
    ...(wire.classification === null ? [] : [wire.classification]),
    kindText(wire),
    ...(wire.diameterMm === null
      ? []
      : [
          units === 'metric'
            ? `${tradeLabel(wire.diameterMm, 'metric')} mm`
            : `${tradeLabel(wire.diameterMm, 'inch')} in`,
        ]),
    ...(wire.massKg === null ? [] : [formatMass(wire.massKg, units)]),
    ...(besides.gas ? [`gas ${mixtureText(besides.gas)}`] : []),
    ...(besides.thicknessMm === undefined ? [] : [`on ${formatLength(besides.thicknessMm, units)}`]),
    ...(besides.date === undefined ? [] : [`dated ${besides.date}`]),
    ...(besides.numbers ?? []),
  ]
  return parts.join(', ')
}
/** What to add to a label whose kind is open, each read at once when taken. */
export const KIND_WORDS: Record<NonNullable<Wire['open']>, readonly string[]> = {
  cored: ['dual shield', 'self-shielded', 'metal-cored'],
  solid: ['mild steel', 'stainless', 'aluminium', 'silicon bronze'],
}
/** The same label with its kind said. */
export const withKind = (label: string, kind: string): string =>
  `${kind} ${label.replace(/\b(?:flux[\s-]?cored?|fluxcored?|cored|fcaw|fcw|tubular|mig|mag|gmaw|solid|wire)\b/gi, ' ')}`
    .replace(/\s+/g, ' ')
    .trim()
