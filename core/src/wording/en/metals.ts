import type { Facts } from '../../base/facts.ts'
import { ANY_STEEL, isNickel } from '../../metals/filler.ts'
import type { Decides } from '../../metals/joint.ts'
import type { MetalNote, NeverReason } from '../../metals/metal.ts'
import type { Service } from '../../terms/terms.ts'
import { MATERIAL_NAMES } from './names.ts'
import { formatTemperature, type UnitSystem } from '../../units/format.ts'

/** How a row is called where nobody typed a grade. */
const METAL_NAMES: Readonly<Record<string, string>> = {
  ...MATERIAL_NAMES,
  carbon: 'carbon steel',
  weathering: 'weathering steel',
  'tm-420': 'thermomechanical steel to S420',
  'tm-500': 'thermomechanical steel S460 to S500',
  'quenched-690': 'quenched and tempered plate to 690 MPa',
  s700mc: 'S700MC',
  s960: 'S960',
  'wear-400': 'wear plate of 400 HB',
  'wear-500': 'wear plate of 450 to 500 HB',
  'tool-steel': 'tool steel',
  'spring-steel': 'spring steel',
  p1: '0.5 Mo steel (P1)',
  p11: '1.25Cr-0.5Mo steel (P11)',
  p22: '2.25Cr-1Mo steel (P22)',
  p5: '5Cr-0.5Mo steel (P5)',
  p9: '9Cr-1Mo steel (P9)',
  p91: '9Cr-1Mo-V steel (P91)',
  'nickel-3.5': '3.5 % nickel steel',
  lcc: 'cold-tough carbon steel',
  galvanised: 'galvanised steel',
  'grey-iron': 'grey cast iron',
  'ductile-iron': 'ductile iron',
  'white-iron': 'white cast iron',
  '304': '304L',
  '304h': '304H',
  '316': '316L',
  '317': '317L',
  '904l': '904L',
  '6mo': '6 % Mo stainless (S31254)',
  '17-4': '17-4 PH (S17400)',
  '410nimo': '410NiMo (13-4)',
  'lean-duplex': 'lean duplex (2101, 2304)',
  '2205': '2205 duplex',
  '2507': '2507 super duplex',
  'al-pure': '1050, 3003 and their kin',
  'al-mg-2': '5052 and its kin',
  'al-mg-4': '5083 and its kin',
  'al-mgsi': '6061 and its kin',
  '7020': '7020 and its kin',
  'al-hot-short': '2024, 7075 and their kin',
  'al-si-cast': 'silicon casting',
  'al-si-die': 'silicon die casting',
  'al-si-cast-unsaid': 'silicon casting',
  'al-si-cu-die': 'silicon-copper die casting',
  'al-mg-die': 'magnesium die casting',
  'al-mg-cast': 'magnesium casting',
  'etp-copper': 'tough-pitch copper',
  'phosphor-bronze': 'phosphor bronze',
  'aluminium-bronze': 'aluminium bronze',
  'nickel-aluminium-bronze': 'nickel-aluminium bronze',
  'beryllium-copper': 'beryllium copper',
  'leaded-brass': 'leaded brass',
  cusi: 'silicon bronze',
}
/** A metal, or two as `6061 to 5083`; a grade is said as it was typed. */
export const metalName = (names: string | readonly string[]): string =>
  [names]
    .flat()
    .map((name) => (Object.hasOwn(METAL_NAMES, name) ? METAL_NAMES[name]! : name))
    .join(' to ')

const degrees = formatTemperature
const span = (c: number, to: number | undefined, u: UnitSystem): string =>
  to === undefined ? degrees(c, u) : `${degrees(c, u).replace(/ °[CF]$/, '')} to ${degrees(to, u)}`

/** Things of a list in a sentence: `flat, horizontal and overhead`. */
export const andOf = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)!}`
/** Wires of a list in a sentence: `ER5183, ER5356 or ER5556`. */
export const orOf = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} or ${names.at(-1)!}`
const MOST_NAMED = 3
/** What to take instead; nickel types are named, and said not to be read here. */
export const takeText = (first: readonly string[]): string => {
  if (first.length === 0) return ''
  const named = first.slice(0, MOST_NAMED)
  const nickel = named.some(isNickel)
  return ` Take ${orOf(named)}.${nickel ? ' Nickel wires are not read here: go by the maker’s sheet.' : ''}`
}

/** Alloys of wires as they are named where no form is meant: `308 wires`, `4043`, `carbon steel wire`. */
export const fillerName = (alloy: string): string =>
  alloy === ANY_STEEL
    ? 'carbon or low-alloy steel wire'
    : alloy === 'plain'
      ? 'carbon steel wire'
      : alloy === 'strong'
        ? 'high-strength steel wire'
        : /^(?:B|Ni|D|A|W)\d?/.test(alloy)
          ? `-${alloy} steel wires`
          : /^\d/.test(alloy)
            ? alloy
            : `ER${alloy}`

const NEVER: Record<NeverReason, string> = {
  'too-weak-unsaid': 'it is weaker than the metal; only where the design says so',
  'hardens-in-air': 'it hardens in air beside the weld and cracks',
  'martensite-and-hot-cracks': 'mixed with this plate it turns hard and cracks hot',
  'another-chromium': 'its chromium is not the metal’s: the joint creeps or cracks in service',
  'brittle-cold': 'it turns brittle in the cold this metal is bought for',
  'hard-beside': 'it makes a hard seam that cracks beside the weld',
  'rusts-first': 'the joint rusts before the metal',
  'pits-first': 'the joint pits before the metal',
  'not-stabilised': 'it is not stabilised: at heat it rusts along the grains',
  'weaker-and-rusts': 'the joint is weaker than the duplex and rusts first',
  'less-alloy-than-metal': 'it holds less alloy than the metal: the joint rusts first',
  'brittle-silicide': 'its silicon makes brittle magnesium silicide in the joint',
  'brittle-magnesium': 'its magnesium makes the joint brittle, and it cracks',
  'zinc-boils': 'it melts so hot that the zinc boils out',
  'brittle-on-carbon': 'thinned by the carbon steel it turns brittle and cracks',
  'cracks-on-stainless': 'it picks up chromium, turns hard and cracks',
  'weakens-hot': 'with 3 % magnesium or more it cracks under stress in service above 65 °C (150 °F)',
  'darkens-when-anodised': 'its silicon turns dark grey when the part is anodised',
  'no-toughness-promised': 'its class promises no toughness in the cold',
}
export const neverText = (why: NeverReason): string => NEVER[why]

const NOTES: Record<MetalNote, (name: string, u: UnitSystem) => string> = {
  'single-pass-thin-only': (name) =>
    `${name}: a plain wire serves in thin single passes only; in more the joint rusts off first.`,
  'weaker-where-design-says': () =>
    'A weaker wire is often wanted in fillets: only where the design says so.',
  'preheat-by-maker': (name) => `${name}: preheat by the steel maker’s sheet.`,
  'low-hydrogen': (name) =>
    `${name} cracks from hydrogen: keep cored wire dry, and look for H5 or H4 on the box.`,
  'austenitic-under-restraint': () =>
    'An austenitic wire is for joints under restraint; elsewhere a soft steel wire.',
  'treated-after-matching-wire': (name) =>
    `${name}: as welded this is enough; heat treated after, it takes a wire that matches.`,
  'tested-procedure': (name) => `${name}: only by a tested procedure.`,
  'repair-only': (name) => `${name}: an austenitic wire is a repair, not a joint of full strength.`,
  'springs-not-welded': () => 'Springs are not welded: they break beside the weld. Replace the spring.',
  'treat-after-by-procedure': (name) => `${name}: heat treated after welding where its procedure says so.`,
  'cool-then-treat': (name, u) =>
    `${name}: let it cool below ${span(80, 100, u)}, then it is heat treated by its procedure. As welded it is hard and brittle: do not load it.`,
  'cold-peened-beads': (_name, u) =>
    `Cast iron, one way for the whole job: cold, beads of ${u === 'metric' ? '25 mm' : '1 in'}, each peened, never above ${span(60, 100, u)}; or hot at ${span(250, 600, u)} and cooled very slowly.`,
  'white-iron': () => 'White iron is not welded: it cracks.',
  'titanium-burns-off': (name) =>
    `${name}: there is no such wire with titanium, it burns off in the arc; niobium stabilises.`,
  'hot-cracks': (name) => `${name} cracks hot: small straight beads, little heat.`,
  'grains-grow': () => 'Ferritic stainless grows coarse grains: little heat, no weaving.',
  'only-where-strength-not-needed': (name) =>
    `${name}: this wire does not harden with it; only where its strength is not needed.`,
  'heat-input-2205': () => 'Duplex: heat input 0.5 to 2.5 kJ/mm, by its procedure.',
  'heat-input-2507': () => 'Super duplex: heat input 0.2 to 1.5 kJ/mm, by its procedure.',
  'no-filler-cracks': (name) => `${name}: never without filler wire.`,
  'weak-beside': (name) => `${name}: beside the weld a third to a half of its strength is gone.`,
  'unfit-hot': (name, u) => `${name} is not for service above ${degrees(65, u)}.`,
  'not-held-warm': (name, u) =>
    `${name}: do not hold it between ${span(65, 200, u)}; it would rust along the grains later.`,
  'die-castings-blister': () => 'A die casting blisters: gas trapped in it boils out.',
  'slow-cooling': (name) => `${name}: let it cool slowly, out of the draught.`,
  'porous-no-hydrogen': (name) => `${name} turns porous: it holds oxygen. No hydrogen in the gas.`,
  'leaded-cracks': (name) => `${name} cracks: the lead melts along the grains. Not welded.`,
  'zinc-off-both-sides': (_name, u) =>
    `Zinc off ${u === 'metric' ? '25 to 50 mm' : '1 to 2 in'} from the joint, on both sides.`,
  'not-for-fusion': (name) =>
    `${name} is not for fusion welding: it cracks, whatever the wire. Not where anything depends on it.`,
}
export const metalNoteText = (note: MetalNote, name: string, u: UnitSystem): string =>
  NOTES[note](metalName(name), u)

const DECIDES: Record<Exclude<Decides, 'nothing-common'>, string> = {
  'lower-strength':
    'Two steels: the weaker one decides the wire, the one that asks for more heat the preheat.',
  'higher-corrosion': 'Two stainless steels: the one that resists rust better decides the wire.',
  bridge: 'Two kinds of metal: the wire is one that bridges both.',
  both: 'Two metals: the wire suits both.',
}
export const decidesText = (decides: Exclude<Decides, 'nothing-common'>): string => DECIDES[decides]

/** How warm the piece is before the arc and between passes. */
export function warmthText(f: Facts, u: UnitSystem): string {
  const name = metalName(f.alloy as readonly string[])
  const limit =
    f.interpassC === undefined ? '' : `never above ${degrees(Number(f.interpassC), u)} between passes`
  if (f.by === 'aluminium') return `${name}: warm it evenly, to at most ${degrees(Number(f.to), u)}.`
  if (f.by === 'maker') return `${name}: preheat by the steel maker’s sheet${limit && `; ${limit}`}.`
  if (f.by === 'iron') return `${name}: cold in short beads or hot throughout, never between.`
  if (f.by === undefined) return `${name}: no preheat; ${limit}.`
  const to = f.to === undefined ? undefined : Number(f.to)
  return `${f.ordinary ? 'Thick steel' : name}: preheat to ${to === undefined ? `${degrees(Number(f.c), u)} at least` : span(Number(f.c), to, u)}${limit && `, ${limit}`}. Your code or procedure comes first.`
}
/** The same as what is done. */
export function preheatSay(f: Facts, u: UnitSystem): { say: string; how: string } {
  const limit =
    f.interpassC === undefined ? '' : ` Between passes never above ${degrees(Number(f.interpassC), u)}.`
  const to = f.to === undefined ? undefined : Number(f.to)
  const say =
    f.by === 'aluminium'
      ? `Warm the aluminium evenly, to at most ${degrees(Number(f.to), u)}.`
      : f.by === 'maker'
        ? 'Preheat the piece as the steel maker’s sheet says.'
        : f.by === 'iron'
          ? `Choose one way: weld it cold in short peened beads, or heat it all to ${span(250, 600, u)}.`
          : `Preheat the piece to ${to === undefined ? degrees(Number(f.c), u) : span(Number(f.c), to, u)}.`
  return { say, how: `Check with a crayon or a thermometer beside the joint, through the thickness.${limit}` }
}

export const SERVICE_NAMES: Record<Service, string> = {
  hot: 'runs above 65 °C (150 °F)',
  anodised: 'anodised after',
  strength: 'full strength',
  corrosion: 'resists rust',
  'treated-after': 'heat treated after',
  tough: 'tough in the cold',
}

/** A metal by the shop’s own row: what it says goes before every table here. */
export const ownMetalText = (name: string, note: string | undefined): string =>
  `${name} stands by the shop’s own row.${note ? ` ${note}` : ''}`
