/**
 * Inside diameter of a liner by the largest wire it takes, mm: 0.9 about 1.5, 1.2 about 2.0, 1.6 about 2.5.
 * common practice, trade sizes, recalled from memory; for drawing, not for judging.
 */
export const linerBoreMm = (maxMm: number): number => 1.5 + (maxMm - 0.9) * (1.0 / 0.7)

/**
 * Bore of a tip stamped for a wire, mm: 0.10-0.25 over steel wire, 0.2-0.4 over aluminium. No published standard;
 * common practice, recalled from memory; for drawing, not for judging.
 */
export const tipBoreMm = (stampMm: number, aluminiumBore: boolean): number =>
  stampMm + (aluminiumBore ? 0.3 : 0.17)

/** Ranges liners are sold in, mm. common practice, trade sizes, recalled from memory */
export const LINER_RANGES_MM: readonly (readonly [number, number])[] = [
  [0.6, 0.9],
  [0.9, 1.2],
  [1.2, 1.6],
  [1.6, 2.4],
]
