import type { Machine } from '../machine/machine.ts'

/**
 * Volts of each tap of a machine that marks them 1-5 or A-E, spread evenly over its range: a guess to begin with.
 * common practice, no source
 * @param minV, maxV volts of the lowest and the highest tap
 */
export function tapVolts(
  taps: NonNullable<Machine['voltTaps']>,
  minV: number,
  maxV: number,
): { tap: string; voltageV: number }[] {
  const names =
    typeof taps === 'number' ? Array.from({ length: taps }, (_, i) => String(i + 1)) : taps.map(String)
  return names.map((tap, i) => ({
    tap,
    voltageV: names.length === 1 ? minV : minV + ((maxV - minV) * i) / (names.length - 1),
  }))
}

/** Seconds the trade times a run-out for: inches in six seconds, times ten, are inches a minute. common practice */
export const RUN_OUT_S = 6

/** Wire run out in so many seconds, to a speed, m/min. @throws RangeError unless both are more than nought */
export function speedOfRunOut(lengthMm: number, seconds = RUN_OUT_S): number {
  if (!(lengthMm > 0) || !(seconds > 0)) throw new RangeError('a length and a time are more than nought')
  return (lengthMm / seconds) * 0.06
}

export interface DialScale {
  speedAt: (dial: number) => number
  dialFor: (mPerMin: number) => number
}

/** A feed dial learned from timed run-outs: a straight line through two or more, which differ and rise. */
export function learnDial(
  runs: readonly { dial: number; wireSpeedMPerMin: number }[],
): DialScale | undefined {
  const n = runs.length
  const meanX = runs.reduce((a, r) => a + r.dial, 0) / n
  const meanY = runs.reduce((a, r) => a + r.wireSpeedMPerMin, 0) / n
  const sxx = runs.reduce((a, r) => a + (r.dial - meanX) ** 2, 0)
  const slope = runs.reduce((a, r) => a + (r.dial - meanX) * (r.wireSpeedMPerMin - meanY), 0) / sxx
  if (n < 2 || !(slope > 0)) return undefined
  return {
    speedAt: (dial) => meanY + slope * (dial - meanX),
    dialFor: (mPerMin) => meanX + (mPerMin - meanY) / slope,
  }
}
