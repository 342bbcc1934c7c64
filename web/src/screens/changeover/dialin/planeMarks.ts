import type { AnnotationOptions } from 'chartjs-plugin-annotation'
import { type Proposal, type Try } from '@pepper-knot/core/arc'
import { type DialInPlan, type StartSettings } from '@pepper-knot/core/wire'
import { namePlaces } from './namePlaces.ts'
import { useWords } from '../../../composables/useWords.ts'

const words = useWords()
/** What the axes show: wire speed in the shop's unit, volts. */
export interface PlaneView {
  x0: number
  x1: number
  y0: number
  y1: number
}
type OnPlane = Pick<Try, 'voltageV' | 'wireSpeedMPerMin'>

/**
 * The band, the tries and the next, with room round them, in whole steps of the axes.
 * @param x a wire speed in the shop's unit; @param whole the step of that axis
 */
export function planeView(
  start: StartSettings,
  tries: readonly OnPlane[],
  next: Proposal,
  x: (mPerMin: number) => number,
  whole: number,
): PlaneView {
  const { voltageV, wireSpeedMPerMin } = start
  const speeds = wireSpeedMPerMin ? [wireSpeedMPerMin.low * 0.85, wireSpeedMPerMin.high * 1.15] : []
  const volts = voltageV ? [voltageV.low - 2, voltageV.high + 2] : []
  for (const p of [...tries, ...(next.done ? [] : [next])]) {
    speeds.push(p.wireSpeedMPerMin * 0.9, p.wireSpeedMPerMin * 1.1)
    volts.push(p.voltageV - 1, p.voltageV + 1)
  }
  const [low, high] = [x(Math.min(...speeds)), x(Math.max(...speeds))]
  return {
    x0: Math.max(0, Math.floor(low / whole) * whole),
    x1: Math.ceil(high / whole) * whole,
    y0: Math.floor(Math.min(...volts)),
    y1: Math.ceil(Math.max(...volts)),
  }
}

/** Too narrow for words, px: the numbers alone, the words stand in the list. */
const NARROW = 460
const soft = (colour: string, share: number) => `color-mix(in srgb, ${colour} ${share * 100}%, transparent)`

const label = (
  colour: string,
  content: string,
  xValue: number,
  yValue: number,
  more: object = {},
): AnnotationOptions<'label'> => ({
  type: 'label',
  content,
  xValue,
  yValue,
  color: colour,
  font: { size: 14, weight: 'bold' },
  position: { x: 'start', y: 'center' },
  xAdjust: 12,
  yAdjust: -16,
  padding: 2,
  ...more,
})

/** Everything on the plane but the tries themselves: band, ends of the machine, taps, names, the next. */
export function planeMarks(plane: {
  view: PlaneView
  start: StartSettings
  dialIn: DialInPlan
  tries: readonly Try[]
  next: Proposal
  x: (mPerMin: number) => number
  /** As drawn, px. */
  width: number
  colours: { ink: string; muted: string; copper: string; sheet: string }
  labels: { window: string; beyond: string; beyondGuess: string; tap: string; next: string }
}): Record<string, AnnotationOptions> {
  const narrow = plane.width < NARROW
  const { start, next, tries, dialIn, view, x, width, labels } = plane
  const { x0, x1, y0, y1 } = view
  const { minV, maxV, minMPerMin, maxMPerMin } = dialIn.limits
  const { ink, muted, copper, sheet } = plane.colours
  const { voltageV, wireSpeedMPerMin } = start
  const window: Record<string, AnnotationOptions> =
    voltageV && wireSpeedMPerMin
      ? {
          window: {
            type: 'box',
            xMin: x(wireSpeedMPerMin.low),
            xMax: x(wireSpeedMPerMin.high),
            yMin: voltageV.low,
            yMax: voltageV.high,
            backgroundColor: soft(copper, 0.16),
            borderColor: copper,
            borderWidth: 1,
            drawTime: 'beforeDatasetsDraw',
            label: {
              display: true,
              content: labels.window,
              color: muted,
              position: { x: 'start', y: 'end' },
              font: { size: 13 },
            },
          },
        }
      : {}
  const all: Record<string, AnnotationOptions> = {
    ...window,
  }
  const beyond = (name: string, xMin: number, xMax: number, yMin: number, yMax: number) => {
    if (xMax <= xMin || yMax <= yMin) return
    all[name] = {
      type: 'box',
      xMin,
      xMax,
      yMin,
      yMax,
      backgroundColor: soft(muted, 0.22),
      borderWidth: 0,
      drawTime: 'beforeDatasetsDraw',
      label: {
        display: yMax - yMin > 0.8 && xMax - xMin > (x1 - x0) / 5,
        content:
          dialIn.voltsKnown || name === 'left' || name === 'right' ? labels.beyond : labels.beyondGuess,
        color: ink,
        font: { size: 13, weight: 'normal' },
      },
    }
  }
  beyond('below', x0, x1, y0, minV)
  beyond('above', x0, x1, maxV, y1)
  beyond('left', x0, x(minMPerMin), y0, y1)
  beyond('right', x(maxMPerMin), x1, y0, y1)
  for (const { tap, voltageV } of dialIn.taps ?? [])
    if (voltageV > y0 && voltageV < y1)
      all[`tap${tap}`] = {
        type: 'line',
        yMin: voltageV,
        yMax: voltageV,
        borderColor: muted,
        borderWidth: 1,
        borderDash: [2, 4],
        drawTime: 'beforeDatasetsDraw',
        label: {
          display: true,
          content: `${labels.tap} ${tap}`,
          position: 'end',
          color: ink,
          backgroundColor: sheet,
          font: { size: 13, weight: 'normal' },
          padding: 3,
        },
      }
  // Where tries lie on one another, only the last is named; where names would, they stand elsewhere.
  const at = (p: { voltageV: number; wireSpeedMPerMin: number }) =>
    `${p.voltageV.toFixed(1)} ${p.wireSpeedMPerMin.toFixed(1)}`
  const place = namePlaces(view, Math.max(200, width - 70))
  tries.forEach((p, i) => {
    const here = tries.flatMap((q, k) => (at(q) === at(p) ? [k + 1] : []))
    if (here.at(-1) !== i + 1) return
    const name = narrow ? here.join(', ') : `${here.join(', ')} ${words.trySaid(p)}`
    all[`try${i}`] = label(
      ink,
      name,
      x(p.wireSpeedMPerMin),
      p.voltageV,
      place(x(p.wireSpeedMPerMin), p.voltageV, name),
    )
  })
  if (!next.done) {
    const [nx, ny] = [x(next.wireSpeedMPerMin), next.voltageV]
    const name = labels.next
    all.next = {
      type: 'point',
      xValue: nx,
      yValue: ny,
      radius: 14,
      backgroundColor: 'transparent',
      borderColor: ink,
      borderWidth: 2,
      borderDash: [4, 3],
    }
    all.nextName = label(ink, name, nx, ny, place(nx, ny, name))
  }
  return all
}
