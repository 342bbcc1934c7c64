import type { Facts } from '../../base/facts.ts'
import { mayBeOn } from '../../machine/part.ts'
import type { Hazard, Step, Task } from '../../steps/step.ts'
import { goingPulls, wholeGunIsChanged } from '../../stations/gun/work.ts'
import { cylinderGoesOn, gasIsShut } from '../../stations/gas/work.ts'
import { fumesOf } from '../../metals/fume.ts'
import { preheatOf } from '../../match/preheat.ts'
import { tipOnSteps, tipStaysOn } from '../../stations/contactTip/work.ts'
import { nozzleOnSteps } from '../../stations/nozzle/work.ts'
import {
  cablesAreLoose,
  cablesGoOver,
  cablesInside,
  cablesUnplugged,
  clampIsMended,
} from '../../stations/polarity/work.ts'
import { setsPressure } from '../../stations/rollPressure/work.ts'
import { circuitIsMended, faultsOfSupply } from '../../stations/supply/work.ts'
import { nearestMarks } from '../../procedures/dialInFor.ts'
import { gunOpened, wireFreed } from '../../work/chains.ts'
import { powerAfter, takeOver, type SecureTask } from '../../work/secure.ts'
import { block, type Builder, type Work } from '../../work/work.ts'
import type { Start } from './startFor.ts'

/** The machine is unplugged in the middle of the work: for its cables, or for its circuit. */
export const unplugged = (w: Work): boolean => cablesUnplugged(w) || (circuitIsMended(w) && !w.earthFirst)

/** Where there is no gun nothing is waited for; one that was read has cooled by then. */
const isHot = ({ gunOn, gunReads }: Work) => gunOn && !gunReads.length

/** Whether the machine is off for something: hands in it, or its work lead, or nobody beside it. */
export const goesOff = (w: Work): boolean =>
  w.stripped ||
  unplugged(w) ||
  cablesGoOver(w) ||
  clampIsMended(w) ||
  w.c.wire.open !== undefined ||
  w.gunReads.length > 0 ||
  w.todo('spool') ||
  w.todo('hubBrake') ||
  w.ends('brake-not-set') ||
  w.gathers

/** The regulator comes off: what stands in it is let out through the solenoid, which wants power. */
const drains = (w: Work): boolean => w.gasOn && cylinderGoesOn(w)

/** The block that every other waits for. */
export const TAKE_OVER = 'takeOver'
/**
 * What every plan begins with: the loose end of a machine that was left in the middle made fast; the earth mended where
 * it is not sound, before any other hand is in the machine; then its tag, its gun and its case.
 */
function takenOver(w: Work): SecureTask[] {
  const { fitted, standing } = w.c.machine
  const over = takeOver(
    { fitted, standing, wireOn: w.wireOn, wireIsRight: w.stays },
    drains(w) && !w.earthFirst,
  )
  if (!w.earthFirst) return over
  const free = (...tasks: Task[]) => tasks.map((task) => ({ task, captive: false }))
  return [
    ...over.filter(({ captive }) => captive),
    ...(w.offBefore ? [] : free('switchOff')),
    ...(w.unpluggedBefore ? [] : free('unplug')),
    ...free('supplyFix'),
    ...over.filter(({ task, captive }) => !captive && task !== 'switchOff'),
    ...(drains(w) ? free('plugIn', 'switchOn') : []),
  ]
}
export const takeOverWork: Builder = (w) => [
  block(
    TAKE_OVER,
    takenOver(w).map(({ task, captive }) =>
      task === 'supplyFix'
        ? w.at(task, 'supply', { faults: faultsOfSupply(w) })
        : w.at(task, undefined, {}, { id: `${task}-left`, ...(captive && { captive, hold: false }) }),
    ),
  ),
]

/** Switch and plug once the machine is taken over. */
const power = (w: Work) => powerAfter(w.c.machine.standing, takenOver(w))

/** Hands and eyes first. */
export const protectWork: Builder = ({ at }) => [block('protect', [at('protect')])]

/** Before the first trigger: a purge is one. */
export const clampOffWork: Builder = (w) => [
  triggered(w) && w.c.machine.standing?.clamp !== 'off'
    ? block('clamp', [w.at('clampOff')], ['protect'])
    : undefined,
]

/** @param ofGoing readings of the gun that goes on, once it lies with the parts */
export const gatherWork =
  (ofGoing: readonly Step[]): Builder =>
  ({ at, gathers, opened, gunReads }) => [
    // Nobody walks to the store while the machine is on.
    block(
      'gather',
      [...(gathers ? [at('gatherParts', undefined, { opened })] : []), ...ofGoing],
      ['protect', 'switchOff', ...(gunReads.length ? ['readGun'] : [])],
    ),
  ]

/** What must be read at the gun is read once it is cool, before anything is fetched or opened. */
export const readGunWork: Builder = ({ gunReads, gunOn, at }) => [
  block('readGun', gunReads.length ? [...(gunOn ? [at('coolGun')] : []), ...gunReads] : [], [
    'protect',
    'switchOff',
  ]),
]

/** The plug is out for nothing but cables that may be read as right. */
const onlyForCables = (w: Work): Facts =>
  w.by.polarity.verdict === 'unknown' && !cablesAreLoose(w) && !circuitIsMended(w)
    ? { ifNeeded: true, unless: 'polarity' }
    : {}

export const offWork: Builder = (w) => {
  const { on, plugged } = power(w)
  const unless = onlyForCables(w)
  const minutes = w.c.machine.dischargeMinutes
  return [
    // The gauges are drained through the purge, which takes the machine: the gas comes first.
    goesOff(w) && on ? block('switchOff', [w.at('switchOff')], ['protect', 'shutGas']) : undefined,
    unplugged(w) && plugged ? block('unplug', [w.at('unplug', undefined, unless)], ['switchOff']) : undefined,
    // The charge runs off while other work is done: it is waited for only where nothing else is left.
    cablesInside(w)
      ? block(
          'discharge',
          [
            w.at(
              'waitDischarge',
              undefined,
              { ...unless, minutes },
              minutes === undefined ? {} : { minutes },
            ),
          ],
          ['unplug', 'switchOff', 'thread', 'spoolOn', 'brake', ...HARDWARE],
        )
      : undefined,
  ]
}

/** The trigger is pulled, or wire fed: the clamp is off the metal. */
function triggered(w: Work): boolean {
  const { stays, feeds, shutBefore, ends, todo } = w
  return (
    !stays ||
    feeds ||
    shutBefore ||
    gasIsShut(w) ||
    ends('pressure-not-set') ||
    ends('not-purged') ||
    todo('rollPressure') ||
    todo('gasFlow') ||
    todo('gas') ||
    clampIsMended(w)
  )
}

/** A gun with rolls of its own is on, or nobody looked. */
const mayPull = ({ c }: Work): boolean => c.fitted.gun === undefined || c.fitted.gun?.kind === 'push-pull'
/** What is on the gun that is on now. */
const onGun = ({ c }: Work) => c.gunOff ?? c.fitted

export const stripGunWork: Builder = (w) => {
  if (!w.stripped || !w.gunOn) return []
  const { contactTip, nozzle } = onGun(w)
  const tipGoes = w.feeds || w.todo('contactTip')
  const ball = w.wireOn && tipGoes
  return [
    block(
      'stripGun',
      gunOpened({
        hot: isHot(w),
        clampOn: false,
        nozzleOn: mayBeOn(nozzle) && !w.ends('nozzle-off'),
        ball,
        tipOn: tipGoes && !tipStaysOn(w) && contactTip !== null && !w.ends('tip-off'),
        pulls: mayPull(w) && w.feeds,
        // It is laid straight as wire is drawn out of it; wound back, or with no wire in it, before.
        coiled: w.opened && w.wireOn ? w.rewind : w.feeds && !w.gunFeeds,
      }).map((task) => w.at(task, undefined, task === 'tipOff' ? { ball } : {})),
      ['protect', 'clamp', 'switchOff', 'gather', 'readGun'],
    ),
  ]
}

/** The old wire freed at the feeder and drawn out, or wound back; a tangle is cut out. */
export const oldWireWork: Builder = ({ wireOn, piece, opened, birdnest, rewind, left, at }) => {
  if (!opened) return []
  if (!wireOn)
    return [
      birdnest
        ? block('clearTangle', [at('openArm'), at('clearTangle')], ['protect', 'switchOff', 'gather'])
        : undefined,
    ]
  const { way, lengthM, wireMoney, labourMoney } = left
  const money = { way, lengthM, wireMoney, labourMoney }
  // What was cut before only has to be let out of the rolls.
  const free = wireFreed({ inGun: piece ? 'piece' : 'whole', rewind, knot: birdnest }).map((task) =>
    at(
      task,
      undefined,
      task === 'windBack' || task === 'cutOldWire' ? money : {},
      piece ? { captive: false } : {},
    ),
  )
  return [
    block('freeOldWire', free, ['protect', 'switchOff', 'gather', ...(rewind ? ['stripGun'] : [])]),
    birdnest ? block('clearTangle', [at('clearTangle')], ['freeOldWire', 'switchOff']) : undefined,
    rewind
      ? undefined
      : block(
          'pullOldWire',
          [at('pullOldWire', undefined, money)],
          ['freeOldWire', 'stripGun', ...(birdnest ? ['clearTangle'] : [])],
        ),
  ]
}
export const lookOverWork: Builder = ({ clear, opened, mustChange, at }) =>
  // Nothing is brushed that comes off.
  opened ? [block('lookOver', [at('lookOver', undefined, { rollsGo: mustChange('driveRolls') })], clear)] : []

/** Blocks of hardware that the new wire must not be in the way of. */
const HARDWARE = [
  'gunInside',
  'linerTrim',
  'gunEnd',
  'inletGuide',
  'outletGuide',
  'rolls',
  'lookOver',
  'stripGun',
]
const BEFORE_POWER = ['polarity', 'studs', 'supply', 'seatSpool', 'brake', 'clampMend']
/** Minutes to feed through by threading speed. common practice, no source */
const FEED_MINUTES: Readonly<Record<string, number>> = { slow: 3, 'slow-then-fast': 2, full: 1.5 }

/** The wire's end from the spool into the rolls, the hand on it all the while. */
const threadSteps = ({ at, by }: Work): Step[] => [
  at('takeNewEnd'),
  ...(by.spool.facts.mount === 'drum' ? [at('leadConduit')] : []),
  at('threadNewWire', undefined, { outletOut: by.outletGuide.after.outletGuide === null }),
  at('closeArm'),
]

/** @param start settings of the test weld, for what hangs on its extension */
export const newWireWork =
  (start: Start | null): Builder =>
  (w) => {
    const rolls = (w.feeds && goingPulls(w)) || (w.ends('gun-rolls-open') && !wholeGunIsChanged(w))
    const dress = [
      ...(rolls ? [w.at('gunRollsClose')] : []),
      ...(w.stripped
        ? [...tipOnSteps(w), ...nozzleOnSteps(w, start?.notes.includes('long-stick-out') ?? false)]
        : []),
      // Where the pressure is tested it is trimmed after that.
      ...(!setsPressure(w) && (w.feeds || w.todo('contactTip') || w.ends('tip-off') || w.ends('not-trimmed'))
        ? [w.at('trimWire')]
        : []),
    ]
    const { on, plugged } = power(w)
    return [
      w.opened ? block('thread', threadSteps(w), ['spoolOn', 'brake', ...w.clear, ...HARDWARE]) : undefined,
      unplugged(w) || !plugged
        ? block(
            'plugIn',
            [
              ...(!on || goesOff(w) ? [] : [w.at('switchOff')]),
              w.at('plugIn', undefined, plugged ? onlyForCables(w) : {}),
            ],
            ['unplug', 'switchOff', ...BEFORE_POWER, ...HARDWARE, 'thread'],
          )
        : undefined,
      turnsOn(w) && (goesOff(w) || !on || !plugged)
        ? block(
            'switchOn',
            [w.at('switchOn')],
            [
              'gather',
              'askBox',
              'readGun',
              'thread',
              ...HARDWARE,
              ...BEFORE_POWER,
              ...(w.feeds ? [] : ['dressGun']),
              'plugIn',
            ],
          )
        : undefined,
      w.feeds
        ? block(
            'feed',
            [
              w.at(
                'feedThrough',
                undefined,
                { keepTip: tipStaysOn(w) },
                { minutes: FEED_MINUTES[String(w.common.threading)] ?? 2 },
              ),
            ],
            ['switchOn', 'thread', ...(w.gasOn ? ['shutGas'] : [])],
          )
        : undefined,
      block('dressGun', dress, ['feed', 'stripGun', 'gather']),
    ]
  }

/** The machine's own marks, as facts: `tap C, dial 4.5`. */
const marksOf = (own: Start['own']): string | undefined => {
  const marks = (['tap', 'knob', 'dial'] as const).flatMap((mark) =>
    own?.[mark] === undefined ? [] : [`${mark} ${own[mark]}`],
  )
  return marks.length ? marks.join(', ') : undefined
}
const settingsOf = (w: Work, start: Start | null): Facts => {
  const near = start && nearestMarks(w.c.machine, start.voltageV?.value, start.wireSpeedMPerMin?.value)
  return start
    ? {
        startV: start.voltageV?.value,
        startSpeed: start.wireSpeedMPerMin?.value,
        startMarks: marksOf(start.own),
        taps: w.c.machine.voltTaps !== undefined,
        nearTap: near?.tap,
        nearDial: near?.dial,
        tipToWorkMm: start.tipToWorkMm?.value,
      }
    : {}
}

/** The machine is on at the end, or wire is fed and tested with it. */
const turnsOn = (w: Work): boolean => !w.c.wire.open || w.feeds || setsPressure(w)

/**
 * The box is looked for first, with the machine off; what both kinds share is done meanwhile, and nothing is welded
 * before it is read.
 */
export const askBoxWork: Builder = (w) => [
  block('askBox', [w.at('askBox')], ['protect', 'switchOff']),
  // No arc ends this list: the machine is left off.
  turnsOn(w)
    ? block(
        'endOff',
        [w.at('switchOff', undefined, {}, { id: 'switchOff-end' })],
        ['switchOn', 'feed', 'pressure', 'dressGun', 'gas'],
      )
    : undefined,
  w.gathers ? block('putAway', [w.at('putAway')], ['endOff', 'thread', ...HARDWARE]) : undefined,
]

/** What the air and the eyes want of this metal and wire, besides the usual. */
const weldHazards = ({ c }: Work): Hazard[] => {
  const held = fumesOf(c.wire, c.job)
  // The three gravest: of a longer list nothing is read.
  return ['arc', 'fume', ...held.slice(0, 3)]
}

/** The test weld on a clean piece. @param start its settings */
export const testWeldWork =
  (start: Start | null): Builder =>
  (w) => {
    const ready = w.c.wire.gas.needed ? 'gas' : 'pressure'
    const preheat = preheatOf(w.c)
    const done = [ready, 'pressure', 'dressGun', 'gas']
    const clampIsOff = triggered(w) || w.c.machine.standing?.clamp === 'off'
    return [
      // Grinding and the torch are hot work like the arc: what burns is cleared before them.
      block('hotWork', [w.at('hotWork')], ['protect', 'gather']),
      block(
        'coupon',
        [w.at('cleanCoupon'), ...(preheat ? [w.at('preheat', undefined, { ...preheat })] : [])],
        preheat ? ['hotWork', ...done] : ['hotWork'],
      ),
      clampIsOff ? block('clampOn', [w.at('clampOn')], [...done, 'clampMend']) : undefined,
      block(
        'testWeld',
        [w.at('testWeld', undefined, settingsOf(w, start), { hazards: weldHazards(w) }), w.at('fireWatch')],
        ['clampOn', 'coupon', 'hotWork', 'switchOn', 'brake', ...done, ...BEFORE_POWER],
      ),
      w.gathers ? block('putAway', [w.at('putAway')], ['testWeld']) : undefined,
    ]
  }
