import type { Mixture } from './mixtureSchema.ts'

/** One atmosphere, bar. published, exact */
const ATMOSPHERE_BAR = 1.01325

/**
 * What a cylinder holds over the ideal sum, by pressure: argon some 8 % more at 200 bar and 5 % at 300, helium the
 * other way. published: suppliers' catalogues of 50 L cylinders (10.7 and 15.6 m3), recalled from memory; between the
 * points a straight line.
 */
const OVER_IDEAL: Readonly<Record<'argon' | 'helium', readonly (readonly [number, number])[]>> = {
  argon: [
    [0, 1],
    [200, 1.084],
    [300, 1.054],
  ],
  helium: [
    [0, 1],
    [200, 0.92],
    [300, 0.88],
  ],
}
const between = (points: readonly (readonly [number, number])[], x: number): number => {
  const after = points.findIndex(([at]) => at >= x)
  if (after <= 0) return after === 0 ? points[0]![1] : points.at(-1)![1]
  const [x0, y0] = points[after - 1]!
  const [x1, y1] = points[after]!
  return y0 + ((y1 - y0) * (x - x0)) / (x1 - x0)
}

/**
 * Gas in a cylinder under pressure, m3 at one atmosphere. Mixtures count by their argon and helium.
 * @param waterL water volume, L; @param gaugeBar pressure on the gauge
 * @throws RangeError for a volume or pressure below nought, and for CO2, whose gauge says nothing
 */
export function cylinderM3(waterL: number, gaugeBar: number, mixture: Mixture): number {
  if (!(waterL > 0) || !(gaugeBar >= 0)) throw new RangeError('a cylinder has a volume and a pressure')
  if (isLiquid(mixture)) throw new RangeError('CO2 is a liquid under its own vapour: weigh it')
  const helium = (mixture.He ?? 0) / 100
  const factor =
    (1 - helium) * between(OVER_IDEAL.argon, gaugeBar) + helium * between(OVER_IDEAL.helium, gaugeBar)
  return ((waterL * gaugeBar) / ATMOSPHERE_BAR / 1000) * factor
}

/** CO2 lies liquid in its cylinder: the gauge stands still until the last of it. */
export const isLiquid = (mixture: Mixture): boolean => (mixture.CO2 ?? 0) > 50

/** Gas of a kilogram of CO2, m3. published: 8.74 cu ft a lb at 70 F, recalled from memory */
export const CO2_M3_PER_KG = 0.5457

export interface GasLeft {
  m3: number
  /** Minutes at the flow, with the valve open. */
  minutes: number
  /** Welds of so many seconds. */
  welds: number
}

/** How long gas lasts. @param flowLPerMin more than nought; @param weldSeconds more than nought */
export function gasLeft(m3: number, flowLPerMin: number, weldSeconds: number): GasLeft {
  if (!(flowLPerMin > 0) || !(weldSeconds > 0)) throw new RangeError('a flow and a weld are more than nought')
  const minutes = (m3 * 1000) / flowLPerMin
  return { m3, minutes, welds: Math.floor((minutes * 60) / weldSeconds) }
}

/** What gauge and gas law leave open of it, as a share. common practice, no source */
export const GAS_LEFT_BAND = 0.05

/** What is known of a cylinder: its weight for a liquid, else its gauge with its water or with what it holds when full. */
export interface CylinderSeen {
  kg?: number | undefined
  gaugeBar?: number | undefined
  waterL?: number | undefined
  full?: { m3?: number | undefined; bar?: number | undefined } | undefined
}
/** Gas left in a cylinder, m3 at one atmosphere; `undefined` where too little is known. */
export function gasLeftM3(gas: Mixture, { kg, gaugeBar, waterL, full }: CylinderSeen): number | undefined {
  if (isLiquid(gas)) return kg === undefined ? undefined : kg * CO2_M3_PER_KG
  if (gaugeBar === undefined) return undefined
  if (!full) return waterL ? cylinderM3(waterL, gaugeBar, gas) : undefined
  if (!full.m3 || !full.bar) return undefined
  return (full.m3 * cylinderM3(1, gaugeBar, gas)) / cylinderM3(1, full.bar, gas)
}

/** What gas costs while it flows. @param price of what is left, in the shop's money; @param minutes it lasts, over 0 */
export const gasCost = (price: number, minutes: number, weldSeconds: number) => {
  const hour = (price * 60) / minutes
  return { hour, weld: (hour * weldSeconds) / 3600 }
}

/** Densities at 0 C and one atmosphere, kg/m3. published: ISO 14175 Table 1, recalled from memory */
export const DENSITY_KG_PER_M3: Readonly<Record<keyof Mixture & string, number>> = {
  Ar: 1.784,
  CO2: 1.977,
  O2: 1.429,
  He: 0.178,
  H2: 0.09,
  N2: 1.251,
}
/** Density of a mixture, by volume. */
export const mixtureDensity = (mixture: Mixture): number =>
  Object.entries(mixture).reduce(
    (sum, [gas, percent]) => sum + (DENSITY_KG_PER_M3[gas as keyof Mixture] * percent) / 100,
    0,
  )

/** True flow over what a float shows when it was made for another gas: sqrt(made for / used). published: rotameter law */
export const flowmeterFactor = (madeFor: Mixture, used: Mixture): number =>
  Math.sqrt(mixtureDensity(madeFor) / mixtureDensity(used))

/** Seconds until a hose holds only fresh gas: its volume over the flow. Bore in mm, length in m, flow in L/min. */
export const hosePurgeSeconds = (lengthM: number, boreMm: number, flowLPerMin: number): number =>
  (((Math.PI * boreMm ** 2) / 4) * lengthM * 1e-3 * 60) / flowLPerMin
