/** A pressure mark that passed its test, and the middle of the window it was tested in. */
export interface GoodMark {
  mark: number
  /** Middle of the window of that wire on that machine, N of roll force. */
  centreN: number
}

/** A first mark for another wire on the same machine, with its band; or why nothing can be said. */
export type FirstMark =
  | { known: false; because: 'no-marks' | 'no-window' | 'no-scale' }
  | { known: true; mark: number; low: number; high: number; from: number; by?: OwnMark['by'] }

/** A mark that is said for this very wire on this machine: it stands there now, or the printed chart has it. */
export interface OwnMark {
  mark: number
  by: 'standing' | 'chart'
}

/** Middle of a window: as far from one edge as from the other, in ratio. */
export const windowCentreN = (w: { lowN: number; highN: number }): number => Math.sqrt(w.lowN * w.highN)

/** One mark alone tells no more than this, either way. common practice, no source */
const ONE_MARK_BAND = 0.4
const LEAST_BAND = 0.15

/**
 * Learns a machine's mark-to-force line from marks that passed a test, and reads a new wire's window off it. One mark
 * is scaled by the ratio of the windows' middles; two and more that differ give a line, with their scatter as band.
 * Springs differ: marks of one machine say nothing of another.
 * @param scale the machine's scale; `null` when it has none
 * @param own a mark said for this very wire: it needs no scaling
 */
export function firstMark(
  good: readonly GoodMark[],
  pressure: { lowN: number; highN: number; opens: boolean },
  scale: { min: number; max: number } | null | undefined,
  own?: OwnMark,
): FirstMark {
  if (scale === null) return { known: false, because: 'no-scale' }
  if (own) return { known: true, ...own, low: own.mark, high: own.mark, from: 0 }
  if (!pressure.opens) return { known: false, because: 'no-window' }
  const marks = good.filter((g) => Number.isFinite(g.mark) && g.centreN > 0)
  if (marks.length === 0) return { known: false, because: 'no-marks' }
  const centre = windowCentreN(pressure)
  const last = marks.at(-1)!
  const clamp = (mark: number) => (scale ? Math.min(scale.max, Math.max(scale.min, mark)) : Math.max(0, mark))
  const line = fitLine(marks)
  const mark = line ? line.at(centre) : last.mark * (centre / last.centreN)
  const half = line ? Math.max(LEAST_BAND * Math.abs(mark), 2 * line.scatter) : ONE_MARK_BAND * Math.abs(mark)
  return {
    known: true,
    mark: clamp(mark),
    low: clamp(mark - half),
    high: clamp(mark + half),
    from: marks.length,
  }
}

/** Least squares through marks over forces; nothing where they do not differ, or run the wrong way. */
function fitLine(marks: readonly GoodMark[]): { at: (n: number) => number; scatter: number } | undefined {
  const n = marks.length
  const meanX = marks.reduce((sum, m) => sum + m.centreN, 0) / n
  const meanY = marks.reduce((sum, m) => sum + m.mark, 0) / n
  const sxx = marks.reduce((sum, m) => sum + (m.centreN - meanX) ** 2, 0)
  if (n < 2 || sxx < (0.05 * meanX) ** 2) return undefined
  const slope = marks.reduce((sum, m) => sum + (m.centreN - meanX) * (m.mark - meanY), 0) / sxx
  if (slope <= 0) return undefined
  const at = (x: number) => meanY + slope * (x - meanX)
  const residual = marks.reduce((sum, m) => sum + (m.mark - at(m.centreN)) ** 2, 0)
  return { at, scatter: n > 2 ? Math.sqrt(residual / (n - 2)) : 0 }
}
