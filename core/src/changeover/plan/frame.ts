import type { Facts } from '../../base/facts.ts'
import { mayBeOn } from '../../machine/part.ts'
import type { Hazard, Step } from '../../steps/step.ts'
import { TASK_ROWS } from '../../steps/taskTable.ts'
import { goingPulls, wholeGunIsChanged } from '../../stations/gun/work.ts'
import { brakeSteps, passesInletFirst, spoolComesAfter, spoolOnSteps } from '../../stations/spool/work.ts'
import { cylinderGoesOn } from '../../stations/gas/work.ts'
import { fumesOf } from '../../metals/fume.ts'
import { preheatOf } from '../../match/preheat.ts'
import { tipOnSteps, tipStaysOn } from '../../stations/contactTip/work.ts'
import { nozzleOnSteps } from '../../stations/nozzle/work.ts'
import { cablesGoOver, cablesInside, cablesUnplugged } from '../../stations/polarity/work.ts'
import { circuitIsMended } from '../../stations/supply/work.ts'
import { nearestMarks } from '../../procedures/dialInFor.ts'
import { gunOpened, wireFreed } from '../../work/chains.ts'
import { takeOver } from '../../work/secure.ts'
import { block, type Builder, type Work } from '../../work/work.ts'
import type { Start } from './startFor.ts'

/** The machine is unplugged: for its cables, or for its circuit. */
export const unplugged = (w: Work): boolean => cablesUnplugged(w) || circuitIsMended(w)

/** Where there is no gun nothing is waited for; one that was read has cooled by then. */
const isHot = ({ gunOn, gunReads }: Work) => gunOn && !gunReads.length

/** Whether something is touched for which the machine is off. */
export const goesOff = (w: Work): boolean =>
  w.stripped || unplugged(w) || cablesGoOver(w) || w.gunReads.length > 0 || w.todo('spool')

/** The block that every other waits for. */
export const TAKE_OVER = 'takeOver'
/** A machine that was left in the middle is taken over first: its end made fast, its tag read, its gun put back. */
export const takeOverWork: Builder = (w) => [
  block(
    TAKE_OVER,
    takeOver(
      {
        fitted: w.c.machine.fitted,
        standing: w.c.machine.standing,
        wireOn: w.wireOn,
        wireIsRight: w.stays,
      },
      w.gasOn && cylinderGoesOn(w),
    ).map(({ task, captive }) =>
      w.at(task, undefined, {}, { id: `${task}-left`, ...(captive && { captive, hold: false }) }),
    ),
  ),
]

/** @param ofGoing readings of the gun that goes on, once it lies with the parts */
export const gatherWork =
  (ofGoing: readonly Step[]): Builder =>
  ({ at, gunReads }) => [
    block('gather', [at('gatherParts'), ...ofGoing, at('protect')], gunReads.length ? ['readGun'] : []),
  ]

/** What must be read at the gun is read once it is cool, before anything is fetched or opened. */
export const readGunWork: Builder = ({ gunReads, gunOn, at }) => [
  block('readGun', gunReads.length ? [...(gunOn ? [at('coolGun')] : []), ...gunReads] : [], ['switchOff']),
]

/** Where the machine's manual says nothing, capacitors are given this long, min. common practice, no source */
export const DISCHARGE_MINUTES = TASK_ROWS.waitDischarge.minutes
const waitFor = ({ c, at }: Work) => {
  const minutes = c.machine.dischargeMinutes
  return at('waitDischarge', undefined, { minutes }, minutes === undefined ? {} : { minutes })
}

export const offWork: Builder = (w) => [
  // The gauges are drained through the purge, which takes the machine: the gas comes first.
  goesOff(w)
    ? block('switchOff', [w.at('switchOff')], [...(w.gunReads.length ? [] : ['gather']), 'shutGas'])
    : undefined,
  unplugged(w) ? block('unplug', [w.at('unplug')], ['switchOff', 'gather']) : undefined,
  cablesInside(w) ? block('discharge', [waitFor(w)], ['unplug']) : undefined,
]

/** The trigger is pulled, or wire fed: the clamp is off the metal. */
const triggered = ({ stays, feeds, shutBefore, ends, todo }: Work): boolean =>
  !stays ||
  feeds ||
  shutBefore ||
  ends('pressure-not-set') ||
  ends('not-purged') ||
  todo('rollPressure') ||
  todo('gasFlow') ||
  todo('gas') ||
  todo('polarity')

/** A gun with rolls of its own is on, or nobody looked. */
const mayPull = ({ c }: Work): boolean => c.fitted.gun === undefined || c.fitted.gun?.kind === 'push-pull'
/** What is on the gun that is on now. */
const onGun = ({ c }: Work) => c.gunOff ?? c.fitted

export const stripGunWork: Builder = (w) => {
  if (!w.stripped || !w.gunOn)
    return [
      block('stripGun', triggered(w) ? [w.at('clampOff')] : [], [
        ...(goesOff(w) ? ['switchOff'] : []),
        'gather',
      ]),
    ]
  const { contactTip, nozzle } = onGun(w)
  const tipGoes = w.feeds || w.todo('contactTip')
  return [
    block(
      'stripGun',
      gunOpened({
        hot: isHot(w),
        clampOn: triggered(w),
        nozzleOn: mayBeOn(nozzle) && !w.ends('nozzle-off'),
        ball: w.wireOn && tipGoes,
        tipOn: tipGoes && !tipStaysOn(w) && contactTip !== null && !w.ends('tip-off'),
        pulls: mayPull(w) && w.feeds,
        coiled: w.feeds,
      }).map((task) => w.at(task)),
      ['switchOff', 'gather', 'readGun'],
    ),
  ]
}

/** The old wire freed at the feeder and drawn out, or wound back; a tangle is cut out. */
export const oldWireWork: Builder = ({ wireOn, piece, opened, birdnest, rewind, left, at }) => {
  if (!opened) return []
  if (!wireOn)
    return [
      birdnest
        ? block('clearTangle', [at('openArm'), at('clearTangle')], ['switchOff', 'gather'])
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
    block('freeOldWire', free, ['switchOff', 'gather', ...(rewind ? ['stripGun'] : [])]),
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
export const lookOverWork: Builder = ({ clear, opened, at }) =>
  opened ? [block('lookOver', [at('lookOver')], clear)] : []

/** Blocks of hardware that the new wire must not be in the way of. */
const HARDWARE = [
  'gunInside',
  'blowOut',
  'linerTrim',
  'gunEnd',
  'inletGuide',
  'outletGuide',
  'rolls',
  'lookOver',
  'stripGun',
]
const BEFORE_POWER = ['polarity', 'studs', 'supply', 'seatSpool']
/** Minutes to feed through by threading speed. common practice, no source */
const FEED_MINUTES: Readonly<Record<string, number>> = { slow: 3, 'slow-then-fast': 2, full: 1.5 }

/** The wire's end from the spool into the rolls, the hand on it all the while. */
function threadSteps(w: Work): Step[] {
  const on = [w.at('cutNewEnd'), w.at('threadNewWire'), w.at('closeArm')]
  if (!passesInletFirst(w)) return [w.at('freeNewEnd'), ...on]
  // The end has passed the inlet before the spool goes on: hand and wire stay together until the arm is closed.
  return [...spoolOnSteps(w), ...on, ...brakeSteps(w)]
}

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
      ...(w.feeds || w.todo('contactTip') || w.ends('tip-off') || w.ends('not-trimmed')
        ? [w.at('trimWire')]
        : []),
    ]
    return [
      w.opened
        ? block('thread', threadSteps(w), [
            ...(passesInletFirst(w) ? spoolComesAfter(w) : ['spoolOn']),
            ...(w.ends('brake-not-set') ? ['brake'] : []),
            ...w.clear,
            ...HARDWARE,
          ])
        : undefined,
      unplugged(w) || w.unpluggedBefore
        ? block(
            'plugIn',
            [...(w.offBefore || goesOff(w) ? [] : [w.at('switchOff')]), w.at('plugIn')],
            ['unplug', 'switchOff', ...BEFORE_POWER],
          )
        : undefined,
      goesOff(w) || w.offBefore || w.unpluggedBefore
        ? block(
            'switchOn',
            [w.at('switchOn')],
            ['thread', ...HARDWARE, ...BEFORE_POWER, ...(w.feeds ? [] : ['dressGun']), 'plugIn'],
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

/** Nothing is welded before the box is read. */
export const askBoxWork: Builder = ({ at }) => [
  block('askBox', [at('askBox')], ['pressure', 'clampMend']),
  block('putAway', [at('putAway')], ['askBox']),
]

/** What was mended is done: nothing is welded for it. */
export const mendedWork: Builder = (w) => {
  const all = ['pressure', 'clampMend', 'gas', 'dressGun', 'switchOn', 'brake', ...BEFORE_POWER]
  const wasOff = w.c.machine.standing?.clamp === 'off'
  return [
    // The last trigger is pulled: the clamp goes back where it was.
    triggered(w) || wasOff ? block('clampOn', [w.at('clampOn', undefined, { back: true })], all) : undefined,
    block('putAway', [w.at('putAway')], ['clampOn', ...all]),
  ]
}

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
    return [
      block(
        'coupon',
        [w.at('cleanCoupon'), ...(preheat ? [w.at('preheat', undefined, { ...preheat })] : [])],
        preheat ? [ready, 'pressure', 'dressGun'] : ['gather'],
      ),
      block('hotWork', [w.at('hotWork')], ['gather']),
      block('clampOn', [w.at('clampOn')], [ready, 'pressure', 'dressGun', 'clampMend']),
      block(
        'testWeld',
        [w.at('testWeld', undefined, settingsOf(w, start), { hazards: weldHazards(w) }), w.at('fireWatch')],
        ['clampOn', 'coupon', 'hotWork', 'switchOn', ...BEFORE_POWER],
      ),
      block('putAway', [w.at('putAway')], ['testWeld']),
    ]
  }
