import type { Facts } from '../../base/facts.ts'
import { FAMILY_SHEETS } from '../../families/index.ts'
import type { Hazard } from '../../steps/step.ts'
import { parentKind } from '../../wire/parentAlloy.ts'
import { tipOnSteps, tipStaysOn } from '../../stations/contactTip/work.ts'
import { nozzleOnSteps } from '../../stations/nozzle/work.ts'
import { cablesInside, cablesUnplugged } from '../../stations/polarity/work.ts'
import { circuitIsMended } from '../../stations/supply/work.ts'
import { block, type Builder, type Work } from '../../work/work.ts'
import type { Start } from './startFor.ts'

/** The machine is unplugged: for its cables, or for its circuit. */
export const unplugged = (w: Work): boolean => cablesUnplugged(w) || circuitIsMended(w)

export const gatherWork: Builder = ({ at }) => [block('gather', [at('gatherParts'), at('protect')])]

export const offWork: Builder = (w) => [
  // The gauges are drained through the purge, which takes the machine: the gas comes first.
  block('switchOff', [w.at('switchOff')], ['gather', 'shutGas']),
  unplugged(w) ? block('unplug', [w.at('unplug')], ['switchOff']) : undefined,
  cablesInside(w) ? block('discharge', [w.at('waitDischarge')], ['unplug']) : undefined,
]

export const stripGunWork: Builder = (w) => [
  block(
    'stripGun',
    [
      w.at('coolGun'),
      w.at('clampOff'),
      w.at('nozzleOff'),
      ...(w.wireOn ? [w.at('snipBall')] : []),
      ...(tipStaysOn(w) ? [] : [w.at('tipOff')]),
      w.at('layLeadStraight'),
    ],
    ['switchOff'],
  ),
]

/** The old wire freed at the feeder and drawn out, or wound back; a tangle is cut out. */
export const oldWireWork: Builder = ({ wireOn, birdnest, rewind, left, at }) => {
  if (!wireOn)
    return [birdnest ? block('clearTangle', [at('openArm'), at('clearTangle')], ['switchOff']) : undefined]
  const { way, lengthM, wireMoney, labourMoney } = left
  const money = { way, lengthM, wireMoney, labourMoney }
  const free = [
    at('holdOldWire'),
    at('openArm'),
    at(rewind ? 'windBack' : 'cutOldWire', undefined, money),
    at('tuckOldEnd'),
  ]
  return [
    block('freeOldWire', free, rewind ? ['switchOff', 'stripGun'] : ['switchOff']),
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
export const lookOverWork: Builder = ({ clear, at }) => [block('lookOver', [at('lookOver')], clear)]

/** Blocks of hardware that the new wire must not be in the way of. */
const HARDWARE = [
  'gunInside',
  'blowOut',
  'gunEnd',
  'inletGuide',
  'outletGuide',
  'rolls',
  'lookOver',
  'stripGun',
]
const BEFORE_POWER = ['polarity', 'studs', 'supply']
/** Minutes to feed through by threading speed. common practice, no source */
const FEED_MINUTES: Readonly<Record<string, number>> = { slow: 3, 'slow-then-fast': 2, full: 1.5 }

/** @param start settings of the test weld, for what hangs on its extension */
export const newWireWork =
  (start: Start | null): Builder =>
  (w) => [
    block(
      'thread',
      [w.at('freeNewEnd'), w.at('cutNewEnd'), w.at('threadNewWire'), w.at('closeArm')],
      ['spoolOn', ...w.clear, ...HARDWARE],
    ),
    unplugged(w) ? block('plugIn', [w.at('plugIn')], ['unplug', ...BEFORE_POWER]) : undefined,
    block(
      'switchOn',
      [w.at('switchOn')],
      ['thread', ...HARDWARE, ...BEFORE_POWER, ...(unplugged(w) ? ['plugIn'] : [])],
    ),
    block(
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
    ),
    block(
      'dressGun',
      [
        ...tipOnSteps(w),
        ...nozzleOnSteps(w, start?.notes.includes('long-stick-out') ?? false),
        w.at('trimWire'),
      ],
      ['feed'],
    ),
  ]

/** Aluminium is warmed where it is thick, or cast. recalled from memory, M: not at 6 mm */
const PREHEAT_ALUMINIUM_FROM_MM = 12
/** Who says how warm: the usual for aluminium, or the plate's own procedure. */
const preheatBy = ({ c: { job } }: Work): 'aluminium' | 'procedure' | undefined => {
  if (!job) return undefined
  const kind = parentKind(job.alloy)
  if (job.material === 'aluminium')
    return kind === 'cast-aluminium' || job.thicknessMm > PREHEAT_ALUMINIUM_FROM_MM ? 'aluminium' : undefined
  return kind === 'chrome-moly' || kind === 'high-strength' ? 'procedure' : undefined
}

/** The machine's own marks, as facts: `tap C, dial 4.5`. */
const marksOf = (own: Start['own']): string | undefined => {
  const marks = (['tap', 'knob', 'dial'] as const).flatMap((mark) =>
    own?.[mark] === undefined ? [] : [`${mark} ${own[mark]}`],
  )
  return marks.length ? marks.join(', ') : undefined
}
const settingsOf = (w: Work, start: Start | null): Facts =>
  start
    ? {
        startV: start.voltageV?.value,
        startSpeed: start.wireSpeedMPerMin?.value,
        startMarks: marksOf(start.own),
        taps: w.c.machine.voltTaps !== undefined,
        tipToWorkMm: start.tipToWorkMm?.value,
      }
    : {}

/** Nothing is welded before the box is read. */
export const askBoxWork: Builder = ({ at }) => [
  block('askBox', [at('askBox')], ['pressure', 'clampMend']),
  block('putAway', [at('putAway')], ['askBox']),
]

/** What the air and the eyes want of this metal and wire, besides the usual. */
const weldHazards = ({ c }: Work): Hazard[] => {
  const { fume } = FAMILY_SHEETS[c.wire.family]
  return [
    'arc',
    'fume',
    ...(fume === 'aluminium' ? (['ozone'] as const) : []),
    ...(fume === 'chromium' || c.job?.material === 'stainless-steel' ? (['chromium'] as const) : []),
    ...(c.job?.material === 'galvanised-steel' ? (['zinc'] as const) : []),
  ]
}

/** The test weld on a clean piece. @param start its settings */
export const testWeldWork =
  (start: Start | null): Builder =>
  (w) => {
    const ready = w.c.wire.gas.needed ? 'gas' : 'pressure'
    const preheat = preheatBy(w)
    return [
      block(
        'coupon',
        [w.at('cleanCoupon'), ...(preheat ? [w.at('preheat', undefined, { by: preheat })] : [])],
        [preheat ? ready : 'gather'],
      ),
      block('hotWork', [w.at('hotWork')], ['gather']),
      block('clampOn', [w.at('clampOn')], [ready, 'clampMend']),
      block(
        'testWeld',
        [w.at('testWeld', undefined, settingsOf(w, start), { hazards: weldHazards(w) }), w.at('fireWatch')],
        ['clampOn', 'coupon', 'hotWork', ...BEFORE_POWER],
      ),
      block('putAway', [w.at('putAway')], ['testWeld']),
    ]
  }
