import { oneSizeUpMm } from '../wire/diameters.ts'
import { FAMILY_SHEETS } from '../families/index.ts'
import { pressureWindow, type PressureWindow } from './pressureWindow.ts'
import { SET_BRAKE_N, type FeedSetup } from './setup.ts'
import { woundRadiusM } from './brake.ts'

export const CURES = [
  'straighten-lead',
  'ease-brake',
  'blow-out-liner',
  'close-gap',
  'new-tip',
  'wider-tip',
  'right-groove',
  'right-rolls',
  'right-liner',
  'new-liner',
  'shorter-gun',
  'push-pull',
  'spool-gun',
] as const
export type CureId = (typeof CURES)[number]

/** One thing that could be changed, what it costs, and what it does to the window. */
export interface Cure {
  id: CureId
  minutes: number
  /** Parts, in the shop's currency; invented round figures. */
  money: number
  setup: FeedSetup
  pressure: PressureWindow
  /** Minutes at the shop's rate, and the parts. */
  cost: number
}

interface Change {
  minutes: number
  money: number
  /** The setup after it; nothing where it would change nothing. */
  to: (s: FeedSetup) => FeedSetup | undefined
}
const soft = (s: FeedSetup) => FAMILY_SHEETS[s.family].soft
/** A gap that is as good as can be, mm, and a lead that soft wire still takes, m. common practice */
const GOOD_GAP_MM = 2
const SHORT_LEAD_M = 3

/** Minutes without walking, money as round figures. common practice, no source */
const CHANGES: Record<CureId, Change> = {
  'straighten-lead': {
    minutes: 0.5,
    money: 0,
    to: (s) =>
      s.loops > 0 || s.bendDegrees > 90
        ? { ...s, loops: 0, bendDegrees: Math.min(s.bendDegrees, 55) }
        : undefined,
  },
  'ease-brake': {
    minutes: 0.5,
    money: 0,
    to: (s) => {
      const right = SET_BRAKE_N * woundRadiusM(s.spool, s.family, s.wireKg)
      return s.brakeNm > right * 1.5 ? { ...s, brakeNm: right } : undefined
    },
  },
  'blow-out-liner': {
    minutes: 1.5,
    money: 0,
    to: (s) => (s.linerState === 'dirty' ? { ...s, linerState: 'clean' } : undefined),
  },
  'close-gap': {
    minutes: 1,
    money: 0,
    to: (s) => (s.gapMm > GOOD_GAP_MM + 0.5 ? { ...s, gapMm: GOOD_GAP_MM } : undefined),
  },
  'new-tip': {
    minutes: 1,
    money: 2,
    to: (s) => (s.tip !== undefined && s.tip !== 'good' ? { ...s, tip: 'good' } : undefined),
  },
  'right-groove': {
    minutes: 3,
    money: 30,
    to: (s) => (s.smallGroove ? { ...s, smallGroove: false } : undefined),
  },
  'wider-tip': { minutes: 1, money: 2, to: (s) => (s.tightTip ? { ...s, tightTip: false } : undefined) },
  'right-rolls': {
    minutes: 3,
    money: 30,
    to: (s) => {
      const { rolls, fineKnurlSchool } = FAMILY_SHEETS[s.family]
      const profile = fineKnurlSchool ? s.profile : rolls[0]!
      return profile === s.profile ? undefined : { ...s, profile }
    },
  },
  'right-liner': {
    minutes: 9,
    money: 35,
    to: (s) =>
      soft(s) && s.liner === 'steel-coil'
        ? { ...s, liner: 'ptfe', linerState: 'clean', linerBoreMm: undefined }
        : undefined,
  },
  'new-liner': {
    minutes: 9,
    money: 25,
    to: (s) => (s.linerState === 'kinked' ? { ...s, linerState: 'clean' } : undefined),
  },
  'shorter-gun': {
    minutes: 4,
    money: 180,
    to: (s) =>
      s.gun === 'push' && s.leadM > SHORT_LEAD_M + 0.05 ? { ...s, leadM: SHORT_LEAD_M } : undefined,
  },
  'push-pull': {
    minutes: 10,
    money: 900,
    to: (s) => (s.gun === 'push' ? { ...s, gun: 'push-pull' } : undefined),
  },
  'spool-gun': {
    minutes: 8,
    money: 400,
    to: (s) =>
      s.gun !== 'spool-gun' && s.exactMm <= oneSizeUpMm(1.0)
        ? { ...s, gun: 'spool-gun', spool: 'S100', wireKg: Math.min(s.wireKg, 0.5), loops: 0 }
        : undefined,
  },
}

/**
 * What each possible change does to the window: those that make it open first, then by what they cost in minutes and
 * money, then by how wide it becomes.
 * @param labourPerHour the shop's rate
 */
export function cures(setup: FeedSetup, labourPerHour = 45): Cure[] {
  const now = pressureWindow(setup)
  return CURES.flatMap((id) => {
    const { minutes, money, to } = CHANGES[id]
    const after = to(setup)
    if (!after) return []
    const pressure = pressureWindow(after)
    const opened = pressure.opens && !now.opens
    const wider = pressure.ratio > now.ratio * 1.02 && pressure.opens === now.opens
    // Of two places that let nothing through, one mended is a step, though it does not feed yet.
    const freed = now.stopped !== undefined && pressure.stopped !== now.stopped
    if (!opened && !wider && !freed) return []
    return [{ id, minutes, money, setup: after, pressure, cost: money + (minutes * labourPerHour) / 60 }]
  }).sort(
    (a, b) =>
      Number(b.pressure.opens) - Number(a.pressure.opens) ||
      Number(a.pressure.stopped !== undefined) - Number(b.pressure.stopped !== undefined) ||
      a.cost - b.cost ||
      b.pressure.ratio - a.pressure.ratio,
  )
}

/**
 * The cheapest set of changes that opens the window: one, else two, else three together; empty where it is open, or
 * where nothing listed helps.
 */
export function cheapestWayOpen(setup: FeedSetup, labourPerHour = 45): Cure[] {
  if (pressureWindow(setup).opens) return []
  const more = (chains: Cure[][]): Cure[][] =>
    chains.flatMap((chain) => {
      const used = chain.map((c) => c.id)
      return cures(chain.at(-1)?.setup ?? setup, labourPerHour)
        .filter((c) => !used.includes(c.id))
        .map((c) => [...chain, c])
    })
  const cost = (chain: Cure[]) => chain.reduce((sum, c) => sum + c.cost, 0)
  let chains: Cure[][] = [[]]
  let best: Cure[] | undefined
  for (let depth = 0; depth < 3; depth++) {
    chains = more(chains)
    for (const chain of chains)
      if (chain.at(-1)!.pressure.opens && (!best || cost(chain) < cost(best) - 1e-9)) best = chain
  }
  return best ?? []
}
