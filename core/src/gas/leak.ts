/** One atmosphere, bar. published, exact */
const ATMOSPHERE_BAR = 1.01325

/**
 * Gas lost through a leak, L/min at one atmosphere: the trigger let go and the cylinder shut, the gas held between its
 * valve and the solenoid falls in pressure. A float that stands in the glass with the trigger let go is the same leak,
 * read at once.
 * @param heldL volume between valve and solenoid, L; @param dropBar fall of the gauge; @param minutes taken for it
 * @throws RangeError unless volume and time are more than nought and the fall is not below it
 */
export function leakLPerMin(heldL: number, dropBar: number, minutes: number): number {
  if (!(heldL > 0) || !(minutes > 0) || !(dropBar >= 0))
    throw new RangeError('a volume and a time are more than nought, a fall not less')
  return (heldL * dropBar) / ATMOSPHERE_BAR / minutes
}

/** What a regulator holds behind its gauge, L. common practice, no source */
export const REGULATOR_L = 0.1

/** Bore of the usual gas hose, mm. common practice, no source */
export const HOSE_BORE_MM = 6
/** Gas held between the cylinder's valve and the solenoid, L. @param hoseM length of the hose, m */
export const heldBehindValveL = (hoseM: number): number =>
  REGULATOR_L + ((Math.PI * HOSE_BORE_MM ** 2) / 4e3) * hoseM

/** Litres a shop loses to a leak in a month of nights and days. */
export const lostInMonthL = (leak: number): number => leak * 60 * 24 * 30
