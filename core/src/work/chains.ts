import type { Task } from '../steps/step.ts'

/** How the line stands before its wire comes out. */
export interface WireWay {
  /** What of the wire lies in rolls and gun: whole with its spool, cut off from it, or nothing. */
  inGun: 'whole' | 'piece' | 'none'
  /** It is wound back onto its spool instead of cut. */
  rewind?: boolean
  /** A knot sits before the rolls. */
  knot: boolean
  armOpen?: boolean
}
/** What is still to be done at the gun before wire can be drawn out of it. */
export interface GunEnd {
  hot: boolean
  clampOn: boolean
  nozzleOn: boolean
  /** A ball of the last weld stands on the wire. */
  ball: boolean
  tipOn: boolean
  /** Rolls in the gun are closed on the wire. */
  pulls: boolean
  /** The lead lies in coils, and no wire is drawn out of it, which lays it straight. */
  coiled: boolean
}

/** Tasks where they are asked for, else none. */
export const when = (is: boolean, ...tasks: Task[]): Task[] => (is ? tasks : [])

/** The end of the gun open: the wire slides out of a gun that is cool, without ball or tip. */
export const gunOpened = (gun: GunEnd): Task[] => [
  ...when(gun.hot, 'coolGun'),
  ...when(gun.clampOn, 'clampOff'),
  ...when(gun.nozzleOn, 'nozzleOff'),
  // Where the tip comes off the ball is snipped with it.
  ...when(gun.ball && !gun.tipOn, 'snipBall'),
  ...when(gun.tipOn, 'tipOff'),
  ...when(gun.pulls, 'gunRollsOpen'),
  ...when(gun.coiled, 'layLeadStraight'),
]

/** The wire let out of the rolls: held, then cut or wound back, and its end tucked; a piece only has to be let go. */
export function wireFreed({ inGun, rewind = false, knot, armOpen = false }: WireWay): Task[] {
  if (inGun === 'whole') return ['takeOldWire', rewind ? 'windBack' : 'cutOldWire', 'tuckOldEnd']
  return when(!armOpen && (inGun === 'piece' || knot), 'openArm')
}

/** The old wire out: freed at the feeder, a knot cleared, and what lies in the gun drawn out of its end. */
export const oldWireOut = (way: WireWay): Task[] => [
  ...wireFreed(way),
  ...when(way.knot, 'clearTangle'),
  ...when(way.inGun !== 'none' && way.rewind !== true, 'pullOldWire'),
]

/** The hub empty: what carried the spool comes off with it. */
export const hubEmptied = (hub: { spoolOn: boolean; adapterOn: boolean }): Task[] => [
  ...when(hub.spoolOn, 'spoolOff'),
  ...when(hub.adapterOn, 'adapterOff'),
]
