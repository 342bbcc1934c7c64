import { FAMILY_SHEETS } from '../families/index.ts'
import type { Station } from '../machine/stations.ts'
import type { Upkeep } from '../machine/upkeep.ts'
import { conditionVerdict, type Facts, type Finding, type MatchContext } from '../match/finding.ts'
import type { Place } from './places.ts'
import { startFor, type Start } from './startFor.ts'
import type { Step, Task } from './step.ts'
import { TASK_ROWS } from './taskTable.ts'
import { wireInGun } from './wireInGun.ts'

/** A run of steps done in one go; the order is searched over these. */
export interface Block {
  id: string
  steps: Step[]
  /** Blocks that must be done before. */
  after: string[]
}

const READ_PLACE: Record<Station, Place> = {
  spool: 'spool',
  hubBrake: 'spool',
  inletGuide: 'cabinet',
  driveRolls: 'cabinet',
  rollPressure: 'cabinet',
  outletGuide: 'cabinet',
  liner: 'gun',
  gun: 'gun',
  contactTip: 'gun',
  nozzle: 'gun',
  polarity: 'source',
  gas: 'cylinder',
  gasFlow: 'cylinder',
  supply: 'mains',
}

export const step = (task: Task, facts: Facts = {}, over: Partial<Step> = {}): Step => {
  const row = TASK_ROWS[task]
  return {
    id: task,
    task,
    place: row.place,
    minutes: row.minutes,
    hazards: row.hazards ?? [],
    hold: row.hold ?? false,
    captive: row.captive ?? false,
    facts,
    ...over,
  }
}

/** What is known of the change beyond the findings, for the sentences of the steps. */
export const machineFacts = (c: MatchContext): Facts => ({
  jog: c.machine.jogButton ?? false,
  jogKnown: c.machine.jogButton !== undefined,
  locator: c.machine.hubLocator ?? 'pin',
  leaves: c.machine.wireEntry,
  inletBeforeSpool: c.machine.inletBeforeSpool ?? false,
  spoolReverse: c.machine.reverseThreads?.includes('spoolRetainer') ?? false,
  wire: c.wire.classification ?? c.wire.family,
  sizeMm: c.wire.diameterMm,
  family: c.wire.family,
  soft: FAMILY_SHEETS[c.wire.family].soft,
  gasNeeded: c.wire.gas.needed,
  school: c.practice.pressureTest,
  threading: FAMILY_SHEETS[c.wire.family].soft ? 'slow' : c.practice.threadingSpeed,
  pushPull: c.fitted.gun?.kind === 'push-pull',
  jammed:
    c.practice.jammedWire === 'by-wire'
      ? FAMILY_SHEETS[c.wire.family].soft
        ? 'slip-first'
        : 'never-slip'
      : c.practice.jammedWire,
  tipTightness: c.practice.tipTightness,
  people: c.practice.people,
  trimSchool: c.practice.linerTrim,
  metal: c.job?.material,
  thicknessMm: c.job?.thicknessMm,
  wireRusty: conditionVerdict(c.wireCondition) !== 'fits',
})

/** Reading steps for every station that was not looked at, nearest places together. */
export function readingSteps(c: MatchContext, findings: readonly Finding[]): Step[] {
  const reads = findings
    .filter((f) => f.verdict === 'unknown')
    .map((f) =>
      step(
        'readStation',
        { ...f.facts, of: f.station, rule: f.rule },
        {
          id: `read-${f.station}`,
          place: READ_PLACE[f.station],
          station: f.station,
          ...(READ_PLACE[f.station] === 'gun' && { hazards: ['hot-parts'] as const }),
        },
      ),
    )
  const all = c.oldWire === undefined ? [step('readWire', { of: 'wire' }), ...reads] : reads
  const order: readonly Place[] = ['spool', 'cabinet', 'source', 'gun', 'cylinder', 'mains']
  return all.sort((a, b) => order.indexOf(a.place) - order.indexOf(b.place))
}

/** Aluminium from about 6 mm is warmed before it is welded, or the first centimetres lie cold. common practice */
const PREHEAT_FROM_MM = 6
const wantsPreheat = (c: MatchContext): boolean =>
  c.job?.material === 'aluminium' && c.job.thicknessMm >= PREHEAT_FROM_MM

/** Minutes to feed through by threading speed, and to set the pressure by the shop's test. common practice, no source */
const FEED_MINUTES: Readonly<Record<string, number>> = { slow: 3, 'slow-then-fast': 2, full: 1.5 }
const PRESSURE_MINUTES: Record<MatchContext['practice']['pressureTest'], number> = {
  curl: 3,
  'back-off': 2.5,
  scale: 1.5,
}

/** The machine's own marks, as facts: `tap C, dial 4.5`. */
const marksOf = (own: Start['own']): string | undefined => {
  const marks = (['tap', 'knob', 'dial'] as const).flatMap((mark) =>
    own?.[mark] === undefined ? [] : [`${mark} ${own[mark]}`],
  )
  return marks.length ? marks.join(', ') : undefined
}

/** Turns findings into blocks of work with what must come before each, in the practitioners' order. */
export function workFor(c: MatchContext, findings: readonly Finding[]): Block[] {
  const by = Object.fromEntries(findings.map((f) => [f.station, f])) as Record<Station, Finding>
  const common = machineFacts(c)
  const todo = (station: Station) => by[station].verdict !== 'fits'
  const mustChange = (station: Station) =>
    by[station].verdict === 'change' || by[station].verdict === 'unknown'
  const at = (task: Task, station?: Station, facts: Facts = {}, over: Partial<Step> = {}) =>
    step(
      task,
      {
        ...common,
        ...(station && { ...by[station].facts, rule: by[station].rule }),
        ...(station && by[station].verdict === 'unknown' && { ifNeeded: true }),
        ...facts,
      },
      { ...(station && { station }), ...over },
    )
  const blocks: Block[] = []
  const add = (id: string, steps: Step[], after: string[] = []) => {
    if (steps.length) blocks.push({ id, steps, after })
  }

  const wireOn = c.oldWire !== null
  const gasOn = c.fitted.gas !== null
  const by_ = c.machine.polarityChange ?? 'studs'
  // A circuit that was not read is read; whether it must be mended only the reading tells.
  const mustMend = by.supply.verdict === 'change'
  // Cables that go to the other side are tightened there; the clamp is mended where it hangs.
  const swap = mustChange('polarity') && !['studs-loose', 'work-clamp-worn'].includes(by.polarity.rule)
  const loose = !swap && by.polarity.facts.studsLoose === true
  const cables = swap || loose
  const mustUnplug = (cables && (loose || by_ === 'studs' || by_ === 'plugs' || by_ === 'fixed')) || mustMend
  const open = cables && (loose || by_ === 'studs' || by_ === 'fixed')
  const gasSwap = c.wire.gas.needed && mustChange('gas')
  const birdnest = c.fitted.conditions?.birdnest === true
  const left = wireInGun(c)
  // Knotted wire is cut out; what lies in the gun then comes out at its end.
  const rewind = left.way === 'rewind' && !birdnest
  const upkeep = (what: Upkeep) => c.upkeep?.includes(what) ?? false

  const newLiner = mustChange('liner')
  const wholeGun = by.gun.parts.some((p) => p.kind === 'gun' && p.piece === undefined)
  const blowOut =
    by.liner.verdict === 'adjust' ||
    (newLiner && by.liner.facts.cleanFirst === true) ||
    (upkeep('blowOutLiner') && !newLiner)
  // A school leaves a right tip on while stiff wire is threaded; a liner is only worked on with it off.
  const keepTip =
    c.practice.tipWhileThreading === 'on' &&
    !FAMILY_SHEETS[c.wire.family].soft &&
    by.contactTip.verdict === 'fits' &&
    !newLiner &&
    !blowOut &&
    !wholeGun

  add('gather', [at('gatherParts'), at('protect')])
  if (gasOn) add('shutGas', [at('shutCylinder', 'gas')], ['gather'])
  add('switchOff', [at('switchOff')], ['gather'])
  if (mustUnplug) add('unplug', [at('unplug')], ['switchOff'])
  if (open) add('discharge', [at('waitDischarge')], ['unplug'])
  const off = open ? 'discharge' : 'switchOff'

  add(
    'stripGun',
    [
      at('coolGun'),
      at('clampOff'),
      at('nozzleOff'),
      ...(wireOn ? [at('snipBall')] : []),
      ...(keepTip ? [] : [at('tipOff')]),
      at('layLeadStraight'),
    ],
    ['switchOff'],
  )
  if (wireOn) {
    const money = {
      way: left.way,
      lengthM: left.lengthM,
      wireMoney: left.wireMoney,
      labourMoney: left.labourMoney,
    }
    add(
      'freeOldWire',
      [
        at('holdOldWire'),
        at('openArm'),
        at(rewind ? 'windBack' : 'cutOldWire', undefined, money),
        at('tuckOldEnd'),
      ],
      rewind ? ['switchOff', 'stripGun'] : ['switchOff'],
    )
    if (birdnest) add('clearTangle', [at('clearTangle')], ['freeOldWire', 'switchOff'])
    if (!rewind)
      add(
        'pullOldWire',
        [at('pullOldWire', undefined, money)],
        ['freeOldWire', 'stripGun', ...(birdnest ? ['clearTangle'] : [])],
      )
    add('spoolOff', [at('spoolOff')], ['freeOldWire'])
  } else if (birdnest) add('clearTangle', [at('openArm'), at('clearTangle')], ['switchOff'])
  const clear = wireOn ? (rewind ? ['freeOldWire'] : ['pullOldWire']) : ['stripGun', 'clearTangle']
  add('lookOver', [at('lookOver')], clear)

  // The gun's inside: liner, O-rings, rolls, the gun itself.
  const gun = by.gun
  const ring = gun.facts.oRingVerdict !== undefined
  const soft = FAMILY_SHEETS[c.wire.family].soft || c.fitted.gun?.linerTrim === 'long'
  const trim = at('linerTrim', 'liner', {}, soft ? { place: 'cabinet' } : {})
  const inside = [
    ...(wholeGun ? [at('gunSwap', 'gun')] : []),
    ...(newLiner ? [at('linerOut', 'liner'), at('linerIn', 'liner'), ...(soft ? [] : [trim])] : []),
    ...(ring ? [at('oRing', 'gun')] : upkeep('checkORings') && !wholeGun ? [at('oRingCheck')] : []),
  ]
  if (inside.length)
    add(
      'gunInside',
      [
        at('gunOff'),
        ...inside,
        at('gunBack'),
        ...(wholeGun ? [at('connectGun', undefined, { kind: gun.facts.wanted })] : []),
        ...(newLiner && soft ? [trim] : []),
      ],
      ['stripGun', ...clear],
    )
  if (blowOut)
    add(
      'blowOut',
      [at('blowOutLiner', 'liner')],
      ['stripGun', ...clear, ...(inside.length ? ['gunInside'] : [])],
    )
  const piece = (name: 'rolls' | 'innerLiner') => gun.facts[name] as Finding['verdict'] | undefined
  const gunRolls = piece('rolls')
  const gunEnd = [
    ...(gunRolls && gunRolls !== 'fits'
      ? [
          at(
            gunRolls !== 'adjust'
              ? 'gunRollsChange'
              : gun.facts.rollsRule === 'grooves-dirty'
                ? 'gunRollsClean'
                : 'gunRollsTurn',
            'gun',
          ),
        ]
      : []),
    ...(piece('innerLiner') && piece('innerLiner') !== 'fits'
      ? piece('innerLiner') === 'adjust'
        ? [at('innerLinerClean', 'gun')]
        : [at('innerLiner', 'gun'), ...(gun.facts.innerLinerCleanFirst ? [at('innerLinerClean', 'gun')] : [])]
      : []),
    ...(gun.facts.conditionGoing === 'dirty' ? [at('gunClean', 'gun')] : []),
  ]
  add('gunEnd', gunEnd, ['stripGun', ...clear, ...(wholeGun ? ['gunInside'] : [])])

  for (const station of ['inletGuide', 'outletGuide'] as const)
    if (todo(station))
      add(station, [at(mustChange(station) ? `${station}Change` : `${station}Set`, station)], clear)
  const rollsFit = !todo('driveRolls') || by.driveRolls.rule === 'birdnest-at-rolls'
  if (rollsFit && upkeep('brushRolls')) add('rolls', [at('rollsClean', 'driveRolls')], clear)
  if (!rollsFit)
    add(
      'rolls',
      [
        at(
          by.driveRolls.verdict === 'adjust'
            ? by.driveRolls.rule === 'grooves-dirty'
              ? 'rollsClean'
              : 'rollsTurn'
            : by.driveRolls.rule === 'active-groove-not-read'
              ? 'rollsTurn'
              : 'rollsChange',
          'driveRolls',
        ),
      ],
      clear,
    )
  if (cables)
    add(
      'polarity',
      [
        at(
          loose
            ? 'tightenStuds'
            : by_ === 'plugs'
              ? 'swapPlugs'
              : by_ === 'switch'
                ? 'turnSwitch'
                : 'swapStuds',
          'polarity',
        ),
      ],
      mustUnplug ? ['unplug', off] : ['switchOff'],
    )
  if (gasSwap)
    add(
      'gasSwap',
      [
        ...(gasOn ? [at('regulatorOff', 'gas')] : []),
        at('chainCylinder', 'gas'),
        at('crackValve', 'gas'),
        at('regulatorOn', 'gas'),
      ],
      gasOn ? ['shutGas'] : ['gather'],
    )
  if (mustMend) add('supply', [at('supplyFix', 'supply')], ['unplug'])

  add(
    'spoolOn',
    [
      ...(by.spool.parts.length ? [at('fitAdapter', 'spool')] : []),
      at('mountSpool', 'spool'),
      at('setBrake', 'hubBrake'),
    ],
    wireOn ? ['spoolOff'] : ['gather', 'switchOff'],
  )
  const hardware = [
    'gunInside',
    'blowOut',
    'gunEnd',
    'inletGuide',
    'outletGuide',
    'rolls',
    'lookOver',
    'stripGun',
  ]
  add(
    'thread',
    [at('freeNewEnd'), at('cutNewEnd'), at('threadNewWire'), at('closeArm')],
    ['spoolOn', ...clear, ...hardware],
  )
  const unplugged = ['polarity', 'supply']
  if (mustUnplug) add('plugIn', [at('plugIn')], ['unplug', ...unplugged])
  add('switchOn', [at('switchOn')], ['thread', ...hardware, ...unplugged, ...(mustUnplug ? ['plugIn'] : [])])
  add(
    'feed',
    [at('feedThrough', undefined, { keepTip }, { minutes: FEED_MINUTES[String(common.threading)] ?? 2 })],
    ['switchOn', 'thread', ...(gasOn ? ['shutGas'] : [])],
  )
  add(
    'dressGun',
    [
      ...(by.contactTip.rule === 'tip-dirty' ? [at('tipClean', 'contactTip')] : []),
      ...(keepTip ? [] : [at('fitTip', 'contactTip')]),
      ...(by.nozzle.rule === 'nozzle-dirty' ? [at('nozzleClean', 'nozzle')] : []),
      at('fitNozzle', 'nozzle'),
      at('trimWire'),
    ],
    ['feed'],
  )
  add(
    'pressure',
    [at('setPressure', 'rollPressure', {}, { minutes: PRESSURE_MINUTES[c.practice.pressureTest] })],
    ['dressGun'],
  )
  if (c.wire.gas.needed)
    add(
      'gas',
      [at('openCylinder', 'gas'), ...(gasSwap ? [at('leakCheck', 'gas')] : []), at('setFlow', 'gasFlow')],
      ['pressure', ...(gasSwap ? ['gasSwap'] : []), 'switchOn'],
    )
  if (by.polarity.facts.clamp !== undefined) add('clampMend', [at('clampMend')], ['stripGun'])
  add(
    'coupon',
    [at('cleanCoupon'), ...(wantsPreheat(c) ? [at('preheat')] : [])],
    [wantsPreheat(c) ? (c.wire.gas.needed ? 'gas' : 'pressure') : 'gather'],
  )
  add('clampOn', [at('clampOn')], [c.wire.gas.needed ? 'gas' : 'pressure', 'clampMend'])
  const start = startFor(c, findings)
  const settings: Facts = start
    ? {
        startV: start.voltageV?.value,
        startSpeed: start.wireSpeedMPerMin?.value,
        startMarks: marksOf(start.own),
        taps: c.machine.voltTaps !== undefined,
      }
    : {}
  add('testWeld', [at('testWeld', undefined, settings)], ['clampOn', 'coupon', ...unplugged])
  add('putAway', [at('putAway')], ['testWeld'])

  // An edge to a block that this change does not need falls away.
  const present = new Set(blocks.map((b) => b.id))
  return blocks.map((b) => ({ ...b, after: b.after.filter((id) => present.has(id)) }))
}
