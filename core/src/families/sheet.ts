import type { Source } from '../base/sources.ts'
import type { Transfer } from '../terms/terms.ts'
import type { Group } from './groups.ts'
import type { GrooveProfile, GuideMaterial, LinerMaterial, Material, Polarity } from '../terms/terms.ts'

/** Low, usual and high of something nobody knows exactly. */
export type Triple = readonly [low: number, usual: number, high: number]

/** What the mechanics take of a wire; forces N, stresses MPa. */
export interface FamilyFeed {
  /** Yield as drawn; a cored wire's is its sheath's. By alloy series where they differ. */
  yieldMPa: number | Readonly<Record<string, number>>
  modulusMPa: Triple
  /** Friction in a steel coil; polymer is the same for every wire. */
  steelCoilFriction: Triple
  /** Drag a metre in a steel coil and in polymer, N/m. */
  dragNPerM: { steel: Triple; polymer: Triple }
  /** Friction under a smooth roll. */
  rollFriction: Triple
  /** Flattening one allows, as a share of the diameter. */
  flattening: Triple
}

/** How a family melts: v = alpha I (1.2 / d)^p + beta L I^2 (1.2 / d)^4, v in mm/s, I in A, L and d in mm. */
export interface BurnOff {
  /** mm/(A s) at 1.2 mm. */
  alpha: number
  /** 1/(A^2 s) at 1.2 mm. */
  beta: number
  /** How alpha falls with the diameter: 2 by section. */
  power: number
  /** Share either way that the handbook rows lie within. */
  band: number
  /** Diameters the rows cover, mm; outside, the band is half as wide again. */
  rowsMm: readonly [number, number]
  source: Source
}

/** How a start finds its way across: which groups of rows, and by what rule one is taken before another. */
export type Across = 'solid' | 'stainless' | 'sprayed-tube' | 'by-designator' | 'one-group' | 'bronze'

/**
 * Everything that differs by family, in one place: a new family is its sheet, one line in the union, its name in
 * wording and its wires in the catalogue. common practice unless a source stands beside a figure.
 */
export interface FamilySheet {
  process: 'GMAW' | 'GMAW brazing' | 'FCAW-S' | 'FCAW-G'
  /** What it asks of the wire's way, best first. */
  rolls: readonly GrooveProfile[]
  liner: readonly LinerMaterial[]
  guides: readonly GuideMaterial[]
  pressure: 'firm' | 'light' | 'lightest'
  /** Soft wire knots at the rolls first: gaps, lead and brake are judged more strictly. */
  soft: boolean
  /** A filled tube. */
  tubular: boolean
  /** Fine knurl instead of smooth is a school. */
  fineKnurlSchool: boolean
  /** Tips that take it: its own bore, that or one up, or an aluminium bore as a school. */
  tip: 'own' | 'own-or-up' | 'aluminium-bore'
  /** Pushing it through a long gun is a school of its own. */
  pushIsASchool: boolean
  /** A steel coil will do only where it is clean. */
  cleanSteelLiner: boolean
  /** Leaves carbon steel's dust behind; stainless's sheds none of that, but is steel to soft wire. */
  dust: 'carbon-steel' | 'stainless' | 'none'
  /** Gas by ISO 14175, default first; empty for a wire that shields itself. */
  gas: readonly string[]
  /** A gas that reacts is wrong altogether, not only outside its designation. */
  inertOnly: boolean
  /**
   * Mixtures outside its designation that it takes all the same: by its maker's word by ISO 14175 group, with at least
   * so much CO2; or argon with a trace of a reacting gas, most % by volume. common practice, recalled from memory, M
   */
  alsoTakes: {
    /** Ordinary mixtures beside its own, where its box names none. */
    ordinary?: readonly string[]
    byMaker?: { group: string; leastCO2: number }
    traces?: { CO2: number; O2: number }
    /** Labelled by ISO it was proved in one gas; these carry it as they carry its AWS twin. */
    twins?: readonly string[]
    /** Helium in place of argon, as far as all of it. */
    helium?: boolean
    /** At most so much of these, by the maker’s word, %. */
    little?: { H2: number; N2: number }
  }
  /** Ways across by group of gas, the usual first. */
  crossings: Readonly<Record<string, readonly Transfer[]>>
  /** Sprays under a mixture lean in argon. */
  spraysLean: boolean
  /** Current at which it turns to spray, A, by gas and trade size; `like` names a gas of the same table. */
  sprayFromA: Readonly<Record<string, Readonly<Record<number, number>> | { like: string }>>
  /** Below its spray it is short arc whatever the current. */
  shortBelowSpray: boolean
  /** Polarity where the box was not read; empty where none can be assumed. */
  usualPolarity: readonly Polarity[]
  /** Metals it joins. */
  joins: readonly Material[]
  /** Entered by hand it may be a stainless one. */
  mayBeStainless: boolean
  /** Density of the filler, kg/m3. published: handbook values, recalled from memory. */
  densityKgPerM3: number
  /** Share of the section that is metal: 1 for solid; a tube carries its powder loosely. */
  fill: number
  burnOff: BurnOff
  /** Share of the wire's mass that becomes weld. published: AWS Welding Handbook, typical, recalled from memory */
  efficiency: number
  /** A kilogram, in the shop's currency, where it set no price. Invented round figures. */
  pricePerKg: number
  feed: FamilyFeed
  /** Size by thickness, mm: the first row that is as thick takes it. published: AWS Welding Handbook tables, recalled */
  sizeByThickness: readonly (readonly [toMm: number, sizeMm: number])[]
  /** Thickest it is sold in, mm: a larger figure on a label is the metal’s. common practice */
  soldToMm: number
  /**
   * Metal each trade size is for, mm, by the size; a tube's designator may say otherwise. recalled from memory, M:
   * workshop practice. Outside it the metal is too thin, or the wire.
   */
  bands: Readonly<Record<number, readonly [fromMm: number, toMm: number]>>
  /** Sizes that are held in tacks or stitches below a thickness, mm: no long beads. recalled from memory, M */
  stitchBelowMm: Readonly<Record<number, number>>
  /** Least current it runs at, A, by trade size, where it is known. */
  leastCurrentA: Readonly<Record<number, number>>
  /** Groups of rows its settings stand on; for a designator's, they are found by the box. */
  groups: readonly Group[]
  across: Across
  /** More wire speed for an alloy series at one current, by the first figure of its number. recalled from memory, M */
  moreSpeed: Readonly<Record<string, number>>
  /** What the air wants besides the usual. */
  fume: 'none' | 'chromium' | 'self-shielded' | 'cored' | 'aluminium' | 'copper'
  /** Push or drag of the gun: slag is dragged. */
  hand: 'push' | 'drag'
  /** What stands in for it as a cost when another was the first choice. */
  slag: 'none' | 'slag' | 'spatter-and-slag'
  /** On thick plate it laps cold. */
  lapsColdOnPlate: boolean
}

export const STEELS: readonly Material[] = ['mild-steel', 'low-alloy-steel', 'galvanised-steel']
/** Metal of solid wire, steel and stainless alike. recalled from memory, M */
export const SOLID_BANDS = {
  0.6: [0.6, 2],
  0.8: [0.6, 5],
  0.9: [0.8, 10],
  1.0: [1, 12],
  1.2: [2.5, Infinity],
  1.6: [6, Infinity],
} as const
export const SOLID_STITCH_BELOW_MM = { 0.9: 1.5, 1.0: 1.6 } as const
export const POLYMER: readonly LinerMaterial[] = ['ptfe', 'nylon', 'graphite-polymer']
export const STEEL_MODULUS: Triple = [200_000, 205_000, 210_000]
export const NORRISH: Source = 'norrish'
/** Steel in its own coil, and a tube in it. published: handbook friction, recalled from memory */
export const HARD_FEED = {
  modulusMPa: STEEL_MODULUS,
  steelCoilFriction: [0.12, 0.16, 0.2],
  dragNPerM: { steel: [3, 3.5, 5], polymer: [3, 3.5, 5] },
  rollFriction: [0.2, 0.2, 0.25],
  flattening: [0.02, 0.025, 0.03],
} as const
export const TUBE_FEED = { ...HARD_FEED, yieldMPa: 500, steelCoilFriction: [0.15, 0.2, 0.25] } as const
export const SOFT_FEED = {
  dragNPerM: { steel: [2.5, 3, 4], polymer: [1.5, 2, 2.5] },
  rollFriction: [0.2, 0.25, 0.25],
  flattening: [0.007, 0.01, 0.013],
} as const
