/** About how high the plane is drawn, and its letters, px: near enough to keep names off one another. */
const DRAWN = { height: 300, letter: 8.4, line: 20, off: 12, level: 18 }

/** Where a name may stand about its mark, best first: side, and levels up or down. */
const CORNERS = [
  [1, -1],
  [1, 1],
  [-1, -1],
  [-1, 1],
  [1, -2.2],
  [1, 2.2],
  [-1, 2.2],
  [-1, -2.2],
] as const

/**
 * Finds each name on a chart a corner of its mark where no other name stands.
 * @param view what the axes show; @param drawn how wide the plane is drawn, px
 */
export function namePlaces(
  { x0, x1, y0, y1 }: { x0: number; x1: number; y0: number; y1: number },
  drawn: number,
) {
  const taken: { l: number; r: number; t: number; b: number }[] = []
  return (px: number, py: number, text: string) => {
    const cx = ((px - x0) / (x1 - x0)) * drawn
    const cy = ((y1 - py) / (y1 - y0)) * DRAWN.height
    const width = text.length * DRAWN.letter
    const corners = CORNERS.map(([side, level]) => {
      const l = side > 0 ? cx + DRAWN.off : cx - DRAWN.off - width
      const mid = cy + level * DRAWN.level
      return { side, level, l, r: l + width, t: mid - DRAWN.line / 2, b: mid + DRAWN.line / 2 }
    })
    type Corner = (typeof corners)[number]
    const inside = (c: Corner) => c.l >= 0 && c.r <= drawn && c.t >= 0 && c.b <= DRAWN.height
    const free = (c: Corner) => taken.every((o) => c.r < o.l || c.l > o.r || c.b < o.t || c.t > o.b)
    const chosen = corners.find((c) => inside(c) && free(c)) ?? corners.find(free) ?? corners[0]!
    taken.push(chosen)
    return {
      position: { x: chosen.side > 0 ? ('start' as const) : ('end' as const), y: 'center' as const },
      xAdjust: chosen.side * DRAWN.off,
      yAdjust: chosen.level * DRAWN.level,
    }
  }
}
