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

/**
 * Shielding gas flow to start from, L/min: the larger of 10 x wire diameter and 0.8 x bore (short arc), or
 * 1.0 x bore (spray, cored, aluminium), never above the turbulent ceiling; 15 % either way is as good.
 * common practice. A long tip-to-work, overhead work and a draught ask more. For a solid steel wire, whose transfer is not known here, the band spans both.
 */
export function startingFlow(
  wire: { exactMm: number; transfer: 'short-or-spray' | 'spray' },
  boreMm: number | undefined,
  place: FlowPlace = {},
): FlowBand {
  const share = flowShare(place)
  const byWire = 10 * wire.exactMm * share
  const ceiling = boreMm === undefined ? Infinity : turbulentFlowLPerMin(boreMm)
  const cap = (flow: number) => Math.min(flow, ceiling)
  const shortArc = cap(Math.max(byWire, 0.8 * (boreMm ?? 0) * share))
  const spray = cap(Math.max(byWire, (boreMm ?? 0) * share))
  const value = wire.transfer === 'spray' ? spray : shortArc
  const high = cap((wire.transfer === 'spray' ? value : spray) * 1.15)
  // A whole figure, but never one above the ceiling it stands under.
  return { value: Math.min(Math.round(value), Math.floor(high)), low: value * 0.85, high }
}
