import type { Facts } from '../base/facts.ts'
import { feedsByGun } from '../match/spoolGun.ts'
import { FAMILY_SHEETS } from '../families/index.ts'
import { leftWith, ranOut, wireInGunOf, type OpenEnd } from '../machine/standing.ts'
import type { Station } from '../machine/stations.ts'
import type { Upkeep } from '../machine/upkeep.ts'
import { keeps, says, type Finding, type MatchContext } from '../match/finding.ts'
import type { Step, Task } from '../steps/step.ts'
import type { Block } from './block.ts'
import { machineFacts, step } from './steps.ts'
import type { WireInGun } from './wireInGun.ts'

/** What every builder of work looks at: the findings by station, and the change as a whole. */
export interface Work {
  c: MatchContext
  by: Readonly<Record<Station, Finding>>
  common: Facts
  /** Wire lies in the gun, or nobody looked. */
  wireOn: boolean
  /** It was cut off from its spool. */
  piece: boolean
  /** The machine was left with this undone. */
  ends: (end: OpenEnd) => boolean
  /** The plug is out, or the switch off, before anything is done. */
  unpluggedBefore: boolean
  offBefore: boolean
  /** The valve is shut before anything is done, and gas is wanted. */
  shutBefore: boolean
  /** The wire stays, and only what is wrong for it is mended. */
  stays: boolean
  /** The line is opened: what wire is on comes out, and one is threaded. */
  opened: boolean
  /** Wire is fed through to the tip. */
  feeds: boolean
  /** The gun is stripped: its nozzle comes off. */
  stripped: boolean
  /** A spool goes on, or on again. */
  spoolGoesOn: boolean
  /** A gun is on, or nobody looked. */
  gunOn: boolean
  /** Readings at the gun, which wait until it is cool. */
  gunReads: readonly Step[]
  /** A cylinder is connected, or nobody looked. */
  gasOn: boolean
  /** Parts or tools are fetched, and something comes off that is put away. */
  gathers: boolean
  /** The gun that will be on carries its own spool and rolls. */
  gunFeeds: boolean
  /** The earth pin is missing or poor: nothing is touched before the plug is out. */
  earthFirst: boolean
  birdnest: boolean
  soft: boolean
  left: WireInGun
  /** The old wire is wound back; knotted wire is cut out, and what lies in the gun comes out at its end. */
  rewind: boolean
  /** Blocks after which no wire is in the way. */
  clear: readonly string[]
  todo: (station: Station) => boolean
  mustChange: (station: Station) => boolean
  upkeep: (what: Upkeep) => boolean
  /** A step with the change's own facts, and those of its station. */
  at: (task: Task, station?: Station, facts?: Facts, over?: Partial<Step>) => Step
}
/** One part of the work; none where the change does not need it. */
export type Builder = (w: Work) => readonly (Block | undefined)[]

/** A block of steps, if there are any. */
export const block = (id: string, steps: Step[], after: readonly string[] = []): Block | undefined =>
  steps.length ? { id, steps, after: [...after] } : undefined

/** A finding that is kept asks for nothing. */
const asAsked = (f: Finding): Finding => (f.kept ? { ...f, verdict: 'fits', rule: 'kept', also: [] } : f)

/** Stations on the wire's way: work there opens the line. */
const ON_THE_WAY: readonly Station[] = ['inletGuide', 'driveRolls', 'outletGuide', 'liner', 'gun']
/** What is done at the spool and the rolls of the wire that is on, and of the one that goes on. */
const AT_THE_OLD: readonly Task[] = [
  'takeOldWire',
  'holdOldWire',
  'openArm',
  'cutOldWire',
  'windBack',
  'tuckOldEnd',
  'clearTangle',
  'pullOldWire',
  'spoolOff',
]
const AT_THE_NEW: readonly Task[] = [
  'lookOver',
  'mountSpool',
  'setBrake',
  'seatSpool',
  'takeNewEnd',
  'threadNewWire',
  'closeArm',
  'feedThrough',
  'setPressure',
]
const AT_THE_GUN = { place: 'gun' } as const
/** A spool gun has both in the hand. */
const atTheGun = (task: Task, fed: boolean, feeds: boolean): boolean =>
  (fed && AT_THE_OLD.includes(task)) || (feeds && AT_THE_NEW.includes(task))

/** Where upkeep is done: what is left as it is by choice is not touched. */
const DONE_AT: Readonly<Record<Upkeep, Station>> = {
  blowOutLiner: 'liner',
  brushRolls: 'driveRolls',
  checkORings: 'gun',
}
/** Faults of a spool that stays which are mended with it on the hub. */
const SEATED = ['pin-not-engaged', 'spool-sits-right', 'drum-stands', 'hub-empty']

export function workOf(
  c: MatchContext,
  findings: readonly Finding[],
  left: WireInGun,
  gunReads: readonly Step[] = [],
): Work {
  const by = Object.fromEntries(findings.map((f) => [f.station, asAsked(f)])) as Record<Station, Finding>
  const todo = (station: Station) => by[station].verdict !== 'fits'
  const stays = c.wireStays === true
  const respool = todo('spool') && !SEATED.includes(by.spool.rule)
  const { standing } = c.machine
  const ends = (end: OpenEnd) => leftWith(standing, end)
  const threaded = wireInGunOf(standing, c.oldWire !== null)
  const wire =
    threaded === 'whole' && !stays && standing?.wireEnd === undefined && ranOut(c.fitted.spool)
      ? 'piece'
      : threaded
  const opened =
    !stays ||
    ON_THE_WAY.some(todo) ||
    respool ||
    c.fitted.conditions?.birdnest === true ||
    !!c.upkeep?.length ||
    wire !== 'whole' ||
    (standing?.arm === 'open' && standing.wireEnd !== 'in-hand') ||
    ends('liner-not-trimmed')
  const gunFeeds = feedsByGun(c, by.gun)
  const gunFed = c.fitted.gun?.kind === 'spool-gun'
  const earthFirst = todo('supply') && says(by.supply, 'earth-pin-missing')
  const feeds = opened || ends('not-fed') || standing?.wireEnd === 'in-hand'
  const common = machineFacts(c)
  const wireOn = wire !== 'none'
  const piece = wire === 'piece'
  const birdnest = c.fitted.conditions?.birdnest === true
  // No wire goes back into a drum.
  const rewind = left.way === 'rewind' && !birdnest && !piece && c.fitted.spool?.type !== 'drum'
  return {
    c,
    by,
    common,
    wireOn,
    piece,
    ends,
    unpluggedBefore: standing?.plugged === false,
    offBefore: standing?.on === false,
    shutBefore: standing?.valve === 'shut' && c.wire.gas.needed && c.fitted.gas !== null,
    gasOn: c.fitted.gas !== null,
    gathers: !stays || opened || findings.some((f) => !f.kept && f.parts.length > 0),
    earthFirst,
    gunFeeds,
    birdnest,
    soft: FAMILY_SHEETS[c.wire.family].soft,
    left,
    rewind,
    stays,
    opened,
    feeds,
    stripped: feeds || todo('contactTip') || todo('nozzle') || ends('tip-off') || ends('nozzle-off'),
    spoolGoesOn: !stays || respool,
    gunOn: c.fitted.gun !== null,
    gunReads,
    clear: [
      'protect',
      'switchOff',
      'gather',
      ...(wireOn ? (rewind ? ['freeOldWire'] : ['pullOldWire']) : ['stripGun', 'clearTangle']),
    ],
    todo,
    mustChange: (station) => by[station].verdict === 'change' || by[station].verdict === 'unknown',
    upkeep: (what) => (c.upkeep?.includes(what) ?? false) && !keeps(c, DONE_AT[what]),
    at: (task, station, facts = {}, over = {}) =>
      step(
        task,
        {
          ...common,
          ...(station && { ...by[station].facts, rule: by[station].rule }),
          ...(station && by[station].verdict === 'unknown' && { ifNeeded: true }),
          ...(station && keeps(c, station) && { kept: true }),
          ...(atTheGun(task, gunFed, gunFeeds) && { spoolGun: true }),
          ...facts,
        },
        { ...(station && { station }), ...(atTheGun(task, gunFed, gunFeeds) && AT_THE_GUN), ...over },
      ),
  }
}
