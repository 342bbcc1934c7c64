import { LEAST_SPEED, LEAST_VOLTS, sameSpeed, type Bead, type Try } from './tries.ts'

/** A turn of one knob. */
export interface Turn {
  turn: 'volts' | 'speed'
  up: boolean
}
const VOLTS_UP: Turn = { turn: 'volts', up: true }
const VOLTS_DOWN: Turn = { turn: 'volts', up: false }
const WIRE_UP: Turn = { turn: 'speed', up: true }
const WIRE_DOWN: Turn = { turn: 'speed', up: false }
const ANY: readonly Turn[] = [VOLTS_UP, VOLTS_DOWN, WIRE_UP, WIRE_DOWN]

/** What the eye asks for where the arc was steady. common practice, no source */
const BY_EYE: Partial<Record<Bead, readonly Turn[]>> = {
  cold: [VOLTS_UP, WIRE_UP],
  'not-fused': [VOLTS_UP, WIRE_UP],
  hot: [WIRE_DOWN, VOLTS_DOWN],
  'burnt-through': [WIRE_DOWN, VOLTS_DOWN],
  undercut: [VOLTS_DOWN],
  // Fewer volts first, then less wire.
  'worm-tracks': [VOLTS_DOWN, WIRE_DOWN],
}
const COLD: readonly (Bead | null)[] = ['cold', 'not-fused']

/**
 * The turns that agree with what was just reported: the ear before the eye. Stubs: more volts, or less wire, never more
 * of it. A long arc: fewer volts, whatever the bead. Burnt back: more wire, then fewer volts. common practice, no source
 */
export function answersTo(tries: readonly Try[]): readonly Turn[] {
  const last = tries.at(-1)!
  const before = tries.slice(0, -1).findLast((t) => sameSpeed(t.wireSpeedMPerMin, last.wireSpeedMPerMin))
  switch (last.arc) {
    case 'stubbing':
      // Cold at this wire speed a moment ago: the wire is right, the volts are not.
      return before?.arc === 'steady' && COLD.includes(before.bead) ? [VOLTS_UP] : [VOLTS_UP, WIRE_DOWN]
    case 'long-arc':
      return [VOLTS_DOWN]
    case 'burnback':
      return [WIRE_UP, VOLTS_DOWN]
    case 'steady':
      // A cold tack wants volts: there is no time for more wire to tell.
      if (last.weld === 'tack' && COLD.includes(last.bead)) return [VOLTS_UP]
      if (last.bead === 'worm-tracks' && before?.bead !== 'worm-tracks') return [VOLTS_DOWN]
      return BY_EYE[last.bead ?? 'good'] ?? ANY
  }
}

/** Volts at which it burned back with as much wire or more: never above them again with no more wire than that. */
const burntAt = (tries: readonly Try[], mPerMin: number): number =>
  Math.min(
    Infinity,
    ...tries
      .filter((t) => t.arc === 'burnback' && mPerMin <= t.wireSpeedMPerMin * (1 + LEAST_SPEED))
      .map((t) => t.voltageV),
  )

/** Whether settings answer what was just reported, and go nowhere it burned back. */
export function agrees(tries: readonly Try[], to: { voltageV: number; wireSpeedMPerMin: number }): boolean {
  const last = tries.at(-1)!
  if (to.voltageV > burntAt(tries, to.wireSpeedMPerMin)) return false
  const turns: Turn[] = [
    ...(Math.abs(to.voltageV - last.voltageV) >= LEAST_VOLTS
      ? [{ turn: 'volts' as const, up: to.voltageV > last.voltageV }]
      : []),
    ...(!sameSpeed(to.wireSpeedMPerMin, last.wireSpeedMPerMin)
      ? [{ turn: 'speed' as const, up: to.wireSpeedMPerMin > last.wireSpeedMPerMin }]
      : []),
  ]
  const may = answersTo(tries)
  return turns.every((made) => may.some(({ turn, up }) => turn === made.turn && up === made.up))
}
