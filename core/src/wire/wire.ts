import type { Family, Material, Polarity, Position } from '../terms/terms.ts'

/** Everything that can be worked out from the label of a wire, or was entered by hand. */
export interface Wire {
  family: Family
  /** GMAW, FCAW-S, FCAW-G (AWS A3.0). */
  process: string
  /** As it should be printed, `E71T-1C/-9M`; `null` for a wire entered by hand without one. */
  classification: string | null
  standard: string | null
  /** Trade size in mm; `null` when the label carries none. */
  diameterMm: number | null
  diameterLabel: string | null
  exactMm: number | null
  /** Default first. */
  polarity: Polarity[]
  gas: WireGas
  positions: Position[]
  passes: 'single' | 'multi'
  massKg: number | null
  /** Hydrogen class of the deposit: AWS `H4`, `H8`, `H16`; ISO `H5`, `H10`, `H15`, in mL per 100 g. */
  hydrogen: string | null
  /** Of the deposit as welded; `null` where the standard classifies on chemistry alone. */
  strength: Strength | null
  /** Metals it joins. */
  joins: readonly Material[]
  notes: WireNote[]
  /** What was looked for and not found (`diameter`), and words that were not understood. */
  unread: string[]
  /**
   * What the box left open: `cored`, a tube of which nobody knows whether it wants gas; `solid`, a wire of which
   * nobody knows the metal. `family` then only stands in for what the kinds share.
   */
  open?: 'cored' | 'solid'
}

export interface WireGas {
  needed: boolean
  /** ISO 14175 designations, default first. */
  designations: string[]
  /** Argon limits in percent that the wire's own standard sets inside a designation. */
  argonPercent?: { min: number; max: number }
}

/** Tensile and yield strength as the standard states them, in both systems; `yieldMPa` `null` where it states none. */
export interface Strength {
  tensileMPa: { min: number; max?: number }
  tensileKsi: { min: number; max?: number }
  yieldMPa: number | null
  yieldKsi: number | null
}

/** Facts about a reading; `wording` turns them into sentences. */
export type WireNote =
  | 'old-form-no-gas-letter'
  | 'old-form-e-for-er'
  | 'hyphen-added'
  | 'polarity-left-open'
  | 'either-polarity'
  | 'single-pass'
  | 'thick-plate-limit'
  | 'gas-and-shielding-left-open'
  | 'gas-by-maker'
  | 'withdrawn-type'
  | 'old-iso-gas-letter'
  | 'old-din-name'
  | 'old-stainless-form'
  | 'polarity-not-coded'
  | 'copper-alloy'
  | 'two-standards'
  | 'case-mended'
  | 'spaces-mended'
  | 'letters-mended'
  | 'by-hand'
  | 'short-form'
  | 'shop-words'
  | 'kind-unknown'
  | 'metal-unknown'
  | 'two-carbon-grades'

/** A wire with its size known: what a changeover needs. */
export type SizedWire = Wire & { diameterMm: number; diameterLabel: string; exactMm: number }
/** The same wire to a shop: one classification and size; by hand, one family and size. */
export const isSameWire = (a: Wire, b: Wire): boolean =>
  a.classification === b.classification &&
  a.family === b.family &&
  a.open === b.open &&
  a.diameterMm === b.diameterMm

export const isSized = (wire: Wire): wire is SizedWire => wire.diameterMm !== null
