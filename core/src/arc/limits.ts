/**
 * Duty cycle at another current, %: D2 = D1 (I1 / I2)^2, at most 100. published: IEC 60974-1, recalled from memory
 * @throws RangeError unless both currents are more than nought
 */
export function dutyAtPercent(dutyPercent: number, ratedA: number, currentA: number): number {
  if (!(ratedA > 0) || !(currentA > 0)) throw new RangeError('a current is more than nought')
  return Math.min(100, dutyPercent * (ratedA / currentA) ** 2)
}

/** Two conventions of heat input. published: EN 1011-1 (k = 0.8), AWS D1.1 and ASME IX (no k), recalled from memory */
export const HEAT_CONVENTIONS = ['en-1011', 'aws-d1-1'] as const
export type HeatConvention = (typeof HEAT_CONVENTIONS)[number]

/** Heat input, kJ/mm: k U I / v. @param travelMmPerMin more than nought */
export function heatInputKJPerMm(
  voltageV: number,
  currentA: number,
  travelMmPerMin: number,
  convention: HeatConvention,
): number {
  if (!(travelMmPerMin > 0)) throw new RangeError('travel is more than nought')
  const k = convention === 'en-1011' ? 0.8 : 1
  return (k * voltageV * currentA * 60) / (travelMmPerMin * 1000)
}

/** Helmet shade by current, minimum and comfortable. published: ANSI Z49.1 Table 1, recalled from memory */
export function lensShade(currentA: number): { least: number; comfort: number | null } {
  if (currentA < 60) return { least: 7, comfort: null }
  if (currentA <= 160) return { least: 10, comfort: 11 }
  return currentA <= 250 ? { least: 10, comfort: 12 } : { least: 10, comfort: 14 }
}

/** Copper at 75 C, ohm mm2 a metre. published: NEC Chapter 9 Table 8 (12 AWG 1.98 ohm a 1000 ft), recalled */
const COPPER_OHM_MM2_PER_M = 0.0215

/** Efficiency x power factor of a wire welder: an old transformer to a new inverter. common practice, no source */
const EFFICIENCY_X_PF = { low: 0.5, value: 0.65, high: 0.8 }

/** Current drawn from the mains while welding, A: U2 I2 / (eta U1 pf), by sqrt 3 less on three phases. */
export function supplyCurrentA(
  output: { voltageV: number; currentA: number },
  supply: { voltageV: number; phases: number },
): { value: number; low: number; high: number } {
  const power = output.voltageV * output.currentA
  const at = (share: number) => power / (share * supply.voltageV * (supply.phases === 3 ? Math.sqrt(3) : 1))
  return { value: at(EFFICIENCY_X_PF.value), low: at(EFFICIENCY_X_PF.high), high: at(EFFICIENCY_X_PF.low) }
}

/** Current that heats the circuit over the duty period, A: times sqrt(duty), 0.45 at the least. published: NEC 630.11(A) */
export const dutyMultiplier = (dutyPercent: number): number =>
  Math.max(0.45, Math.sqrt(Math.min(100, dutyPercent) / 100))

/** Volts a cord takes, V: there and back, or by sqrt 3 on three phases. */
export const cordDropV = (cord: { lengthM: number; mm2: number }, currentA: number, phases: number): number =>
  ((phases === 3 ? Math.sqrt(3) : 2) * cord.lengthM * currentA * COPPER_OHM_MM2_PER_M) / cord.mm2
