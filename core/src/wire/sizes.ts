import { diameterOfMm, readStampMm } from './diameters.ts'

/** Trade sizes on a stamp, mm; empty when it cannot be read (the schema refuses such a stamp first). */
export const stampSizes = (stamp: string): number[] => {
  const sizes = readStampMm(stamp)
  return sizes.ok ? sizes.value : []
}
/** Whether a stamp takes this trade size. */
export const stampTakes = (stamp: string, tradeMm: number): boolean => stampSizes(stamp).includes(tradeMm)

/** A trade size as a stamp, `1.2`. */
export const asStamp = (tradeMm: number): string =>
  Number.isInteger(tradeMm) ? tradeMm.toFixed(1) : String(tradeMm)

/** Whether a printed range takes a trade size: limits compare as trade sizes too (1.14 is 1.2). */
export function rangeTakes(range: { minMm: number; maxMm: number }, tradeMm: number): boolean {
  const trade = (mm: number) => diameterOfMm(mm)?.diameterMm ?? mm
  return trade(range.minMm) <= tradeMm && tradeMm <= trade(range.maxMm)
}

/** Whether a stamp reads just like the wire's label: of two parts that will do, this one leaves no doubt. */
export const stampedLike = (stamp: string, diameterLabel: string): boolean =>
  stamp === diameterLabel.replace(' mm', '')
