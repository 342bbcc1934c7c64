export type TrimKind = 'collet' | 'gun-end' | 'long'

/** Where a liner is marked and cut, mm from the gun's connector face, and the room either way. */
export interface LinerTrim {
  kind: TrimKind
  /** Where the mark goes; only a collet is marked. */
  markMm: number | null
  cutMm: number
  lowMm: number
  highMm: number
}

/** Liner ends this far short of the collet's mark; soft wire's liner this far off the roll. common practice */
export const SHORT_OF_MARK_MM = [1.5, 3] as const
export const OFF_THE_ROLL_MM = [1.5, 2] as const
/** A maker's stick-out holds to about a millimetre. common practice, no source */
const STICK_OUT_TOLERANCE_MM = 1

/**
 * Length of a liner, mm from the connector face. `collet`: bottomed at the gun end, marked at the collet, pulled back and cut on the gun
 * side of the mark, so that it ends 1.5-3 mm short. `gun-end`: seated at the connector, cut at the gun with the
 * maker's stick-out past the diffuser seat. `long`: gun on the machine, cut close to the rolls but not touching.
 * @param gunMm from connector face to diffuser seat
 * @param offsetMm collet: from connector face back to the collet's edge; gun-end: the maker's stick-out; long: from
 *   connector face to the roll
 * @throws RangeError for a gun of no length or a negative offset
 */
export function linerTrim(kind: TrimKind, gunMm: number, offsetMm: number): LinerTrim {
  if (!(gunMm > 0) || !(offsetMm >= 0))
    throw new RangeError('a gun has a length, and an offset is not negative')
  if (kind === 'gun-end') {
    const cutMm = gunMm + offsetMm
    return {
      kind,
      markMm: null,
      cutMm,
      lowMm: cutMm - STICK_OUT_TOLERANCE_MM,
      highMm: cutMm + STICK_OUT_TOLERANCE_MM,
    }
  }
  const whole = gunMm + offsetMm
  const [least, most] = kind === 'collet' ? SHORT_OF_MARK_MM : OFF_THE_ROLL_MM
  return {
    kind,
    markMm: kind === 'collet' ? whole : null,
    cutMm: whole - (least + most) / 2,
    lowMm: whole - most,
    highMm: whole - least,
  }
}
