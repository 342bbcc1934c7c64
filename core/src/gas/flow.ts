/** Draught at which gas-shielded work stops, m/s (5 mph). published: AWS D1.1 */
export const DRAUGHT_LIMIT_M_PER_S = 2.2

/** published: argon at 20 C, 1 atm: ISO 14175 density scaled from 0 C; viscosity, White, Fluid Mechanics; recalled. */
const ARGON = { densityKgPerM3: 1.66, viscosityPaS: 22.3e-6 }
/** published: pipe flow stays laminar below this, White, Fluid Mechanics; only indicative for a short nozzle. */
const REYNOLDS = 2300

/**
 * Flow at which argon turns turbulent in a nozzle, L/min: Re = 4 rho Q / (pi D mu) = 2300.
 * Used as the ceiling with every gas; CO2 would be turbulent by the same sum at flows in daily use.
 * @param boreMm nozzle bore, greater than 0
 */
export function turbulentFlowLPerMin(boreMm: number): number {
  const m3PerS = (REYNOLDS * Math.PI * (boreMm / 1000) * ARGON.viscosityPaS) / (4 * ARGON.densityKgPerM3)
  return m3PerS * 60_000
}

export interface FlowBand {
  value: number
  low: number
  high: number
}

/** What the place asks of the flow besides wire and nozzle. */
export interface FlowPlace {
  /** Tip to work and what is usual for the wire, mm. */
  tipToWorkMm?: number | undefined
  usualTipMm?: number | undefined
  position?: string | undefined
  draughtMPerS?: number | undefined
}
/**
 * How much more a long tip-to-work, a position and a draught ask: 2 % for each millimetre over the usual, a tenth
 * overhead (argon and CO2 are heavier than air), up to a third just below the wind limit. common practice, no source
 */
const MORE = { perMm: 0.02, mostByTip: 0.25, overhead: 0.1, atWindLimit: 0.33 }
export function flowShare(place: FlowPlace): number {
  const { tipToWorkMm, usualTipMm, position, draughtMPerS = 0 } = place
  const long =
    tipToWorkMm === undefined || usualTipMm === undefined ? 0 : Math.max(0, tipToWorkMm - usualTipMm)
  const byTip = Math.min(MORE.mostByTip, MORE.perMm * long)
  const byWind = MORE.atWindLimit * Math.min(1, Math.max(0, draughtMPerS) / DRAUGHT_LIMIT_M_PER_S)
  return (1 + byTip) * (position === 'overhead' ? 1 + MORE.overhead : 1) * (1 + byWind)
}

/** What crosses, as far as flow cares. */
export type FlowKind = 'short-or-spray' | 'short' | 'spray' | 'aluminium' | 'cored'

/**
 * Flows in use, L/min, inside which a start is held and outside which none is called wrong on an assumed bore.
 * common practice and handbook tables, recalled from memory (M)
 */
const IN_USE: Record<FlowKind, readonly [number, number]> = {
  'short-or-spray': [8, 24],
  short: [8, 18],
  spray: [14, 26],
  aluminium: [12, 26],
  cored: [14, 26],
}
/** 1.6 mm aluminium takes to 28 L/min, and spray of 1.2 mm steel 16 to 24. recalled from memory (M) */
const THICK_ALUMINIUM = { fromMm: 1.5, most: 28 }
function inUse(kind: FlowKind, exactMm: number): readonly [number, number] {
  const [low, high] = IN_USE[kind]
  return kind === 'aluminium' && exactMm >= THICK_ALUMINIUM.fromMm ? [low, THICK_ALUMINIUM.most] : [low, high]
}

/** Nozzle bore against current, mm to A. common practice, recalled from memory, M */
const BORE_FOR_CURRENT = [
  [10, 125],
  [12.7, 200],
  [16, 325],
  [19, Infinity],
] as const
/** The usual nozzle of a gun by its current, mm of bore, where nobody read it. */
export const assumedBoreMm = (currentA: number | undefined): number =>
  currentA === undefined ? 12.7 : BORE_FOR_CURRENT.find(([, toA]) => currentA <= toA)![0]
/** A nozzle of this bore is for so much current at most, A. @param boreMm over 0 */
export const mostCurrentThroughA = (boreMm: number): number =>
  BORE_FOR_CURRENT.findLast(([mm]) => boreMm >= mm - 0.8)?.[1] ?? BORE_FOR_CURRENT[0][1]

/**
 * How much more true flow than argon a helium mixture needs, by its helium: 1.3 to 1.5 times at half, 1.5 to 2 at three
 * quarters, 1.5 to 2.5 from nine tenths. recalled from memory (M), the middle of each
 */
const HELIUM_NEED = [
  [0, 1],
  [50, 1.4],
  [75, 1.75],
  [90, 2],
] as const
export function heliumNeed(heliumPercent: number): number {
  const upper = HELIUM_NEED.findIndex(([x]) => x >= heliumPercent)
  if (upper === 0) return 1
  if (upper < 0) return HELIUM_NEED.at(-1)![1]
  const [[x0, y0], [x1, y1]] = [HELIUM_NEED[upper - 1]!, HELIUM_NEED[upper]!]
  return y0 + ((y1 - y0) * (heliumPercent - x0)) / (x1 - x0)
}
/** Helium from which need and reading part, and argon's ceiling no longer holds, %. common practice */
const HELIUM_COUNTS = 20

export interface FlowStart extends FlowBand {
  /** The bore was not read: the usual nozzle was taken, and only what lies outside all use is called wrong. */
  boreAssumed: boolean
  boreMm: number
  /** True flow a helium mixture needs; `value` is then what a meter made for argon reads. Never both counted. */
  trueFlowLPerMin?: number
}

/**
 * Shielding gas flow to start from, L/min: the larger of 10 x wire diameter and 0.8 x bore (short arc), or
 * 1.0 x bore (spray, cored, aluminium), inside what is in use and never above the turbulent ceiling; 15 % either way
 * is as good. common practice. A long tip-to-work, overhead work and a draught ask more. Where the transfer is not
 * known the band spans both.
 * @param boreMm `undefined` where nobody read it
 * @param gas its helium, and how much more of it than it reads a meter made for argon passes
 */
export function startingFlow(
  wire: { exactMm: number; kind: FlowKind; currentA?: number | undefined },
  boreMm: number | undefined,
  place: FlowPlace = {},
  gas: { heliumPercent: number; argonMeterPasses: number } = { heliumPercent: 0, argonMeterPasses: 1 },
): FlowStart {
  const share = flowShare(place)
  const bore = boreMm ?? assumedBoreMm(wire.currentA)
  const helium = gas.heliumPercent >= HELIUM_COUNTS
  const ceiling = helium ? Infinity : turbulentFlowLPerMin(bore)
  const [least, most] = inUse(wire.kind, wire.exactMm)
  // A draught or a long tip-to-work may ask more than is otherwise in use.
  const cap = (flow: number) => Math.min(flow, ceiling)
  const held = (flow: number) => cap(Math.min(Math.max(flow, least), most * Math.max(1, share)))
  const byWire = 10 * wire.exactMm * share
  const shortArc = held(Math.max(byWire, 0.8 * bore * share))
  const full = held(Math.max(byWire, bore * share))
  const short = wire.kind === 'short' || wire.kind === 'short-or-spray'
  const value = short ? shortArc : full
  const wide = wire.kind === 'short-or-spray' ? full : value
  const need = heliumNeed(gas.heliumPercent)
  // What the float of a meter made for argon shows when the true flow is what is needed.
  const reads = helium ? need / gas.argonMeterPasses : 1
  const [low, high] =
    boreMm === undefined
      ? [Math.min(least, value * 0.85), Math.max(most, value)]
      : [value * 0.85, cap(wide * 1.15)]
  const top = high * reads
  return {
    // A whole figure, but never one above the ceiling it stands under.
    value: Math.min(Math.round(value * reads), Math.floor(top)),
    low: low * reads,
    high: top,
    boreAssumed: boreMm === undefined,
    boreMm: bore,
    ...(helium && { trueFlowLPerMin: Math.round(value * need) }),
  }
}

/**
 * CO2 a cylinder gives by evaporating, L/min: for long, and for a while; above that a heater or a second cylinder.
 * recalled from memory (M); less when cold or part full
 */
export const CO2_CYLINDER_L_PER_MIN = { long: 12, while: 16 }
