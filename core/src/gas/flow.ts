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

/**
 * Shielding gas flow to start from, L/min: the larger of 10 x wire diameter and 0.8 x bore (short arc), or
 * 1.0 x bore (spray, cored, aluminium), never above the turbulent ceiling; 15 % either way is as good.
 * common practice. For a solid steel wire, whose transfer is not known here, the band spans both.
 */
export function startingFlow(
  wire: { exactMm: number; transfer: 'short-or-spray' | 'spray' },
  boreMm: number | undefined,
): FlowBand {
  const byWire = 10 * wire.exactMm
  const ceiling = boreMm === undefined ? Infinity : turbulentFlowLPerMin(boreMm)
  const cap = (flow: number) => Math.min(flow, ceiling)
  const shortArc = cap(Math.max(byWire, 0.8 * (boreMm ?? 0)))
  const spray = cap(Math.max(byWire, boreMm ?? 0))
  const value = wire.transfer === 'spray' ? spray : shortArc
  return {
    value: Math.round(value),
    low: value * 0.85,
    high: cap((wire.transfer === 'spray' ? value : spray) * 1.15),
  }
}
