import { FAMILY_SHEETS } from '../families/index.ts'
import { pushNeededN } from './liner.ts'
import { coefficientsOf, geometryOf, type FeedSetup } from './setup.ts'
import type { PressureWindow } from './pressureWindow.ts'

/** Where the need comes from, N at the rolls. */
export interface NeedParts {
  /** The tip's drag, as the bends have let it grow. */
  tipN: number
  /** The liner's own drag, likewise. */
  linerN: number
  brakeN: number
  /** How many times the bends make of a newton at the tip. */
  growth: number
}
export function needParts(setup: FeedSetup): NeedParts {
  const g = geometryOf(setup)
  const c = coefficientsOf(setup)
  const bend = g.bendRad + c.strayBendRad.value
  const mu = c.linerFriction.value
  const share = g.pulled ? 1 - c.gunShare.value : 1
  return {
    tipN: share * pushNeededN(c.tipDragN.value, 0, g.lengthM, bend, mu),
    linerN: share * pushNeededN(0, c.linerDragNPerM.value * g.boreFactor, g.lengthM, bend, mu),
    brakeN: c.brakeTorqueNm.value / g.spoolRadiusM,
    growth: Math.exp(mu * bend),
  }
}

export const WEAK_PLACES = ['motor', 'gap', 'bends', 'liner', 'tip', 'brake', 'rolls', 'wire'] as const
export type WeakPlace = (typeof WEAK_PLACES)[number]

/** Bends that make more than this of every newton are the place to begin. common practice, no source */
const MUCH_GROWTH = 2
/** A spoilt tip that takes so much of what the liner takes is the place to begin. common practice, no source */
const MOST_OF_LINER = 0.6

/**
 * The weakest place of the wire's way: what bounds the window from above where that is the gap or the wrong rolls,
 * else what most of the push is needed for.
 */
export function weakestPlace(setup: FeedSetup, w: PressureWindow): WeakPlace {
  if (w.stopped) return w.stopped === 'tip' ? 'tip' : 'rolls'
  if (w.stalls) return setup.linerState === 'kinked' ? 'liner' : setup.tip === 'blocked' ? 'tip' : 'motor'
  if (w.upper === 'birdnest') return 'gap'
  const sheet = FAMILY_SHEETS[setup.family]
  const parts = needParts(setup)
  if (setup.linerState === 'kinked') return 'liner'
  // A blocked or worn tip can be the weakest place of any wire.
  if ((setup.tip === 'blocked' || setup.tip === 'worn') && parts.tipN >= MOST_OF_LINER * parts.linerN)
    return 'tip'
  if (parts.growth > MUCH_GROWTH) return 'bends'
  const all = parts.tipN + parts.linerN + parts.brakeN
  if (parts.brakeN > all / 2) return 'brake'
  if (parts.tipN > all * 0.45) return 'tip'
  if (sheet.rolls[0] === 'knurled-v' && setup.profile !== 'knurled-v') return 'rolls'
  if (setup.linerState !== 'clean' || !sheet.liner.includes(setup.liner)) return 'liner'
  return parts.linerN > all / 2 ? 'liner' : 'wire'
}
