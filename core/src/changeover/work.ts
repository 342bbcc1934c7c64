import { FAMILY_NEEDS } from '../wire/families.ts'
import { kgPerMetre } from '../wire/spool.ts'
import type { Station } from '../machine/stations.ts'
import type { Facts, Finding, MatchContext } from '../match/finding.ts'
import type { Place } from './places.ts'
import type { Hazard, Step, Task } from './step.ts'

/** A run of steps done in one go; the order is searched over these. */
export interface Block {
  id: string
  steps: Step[]
  /** Blocks that must be done before. */
  after: string[]
}

interface TaskRow {
  place: Place
  /** Default minutes without walking. common practice, no source */
  minutes: number
  hazards?: readonly Hazard[]
  hold?: true
  captive?: true
}

const ROWS: Record<Task, TaskRow> = {
  readWire: { place: 'spool', minutes: 0.5 },
  readStation: { place: 'cabinet', minutes: 0.5 },
  gatherParts: { place: 'store', minutes: 3 },
  protect: { place: 'store', minutes: 0.5, hazards: ['wire-end'] },
  shutCylinder: { place: 'cylinder', minutes: 0.5, hazards: ['cylinder'] },
  switchOff: { place: 'source', minutes: 0.2 },
  unplug: { place: 'mains', minutes: 0.3, hazards: ['live-studs'] },
  waitDischarge: { place: 'source', minutes: 5, hazards: ['stored-charge'], hold: true },
  coolGun: { place: 'gun', minutes: 0.5, hazards: ['hot-parts'] },
  clampOff: { place: 'gun', minutes: 0.2, hazards: ['live-wire'] },
  nozzleOff: { place: 'gun', minutes: 0.3, hazards: ['hot-parts'] },
  snipBall: { place: 'gun', minutes: 0.2, hazards: ['wire-end'] },
  tipOff: { place: 'gun', minutes: 0.5, hazards: ['hot-parts'] },
  layLeadStraight: { place: 'gun', minutes: 0.4 },
  holdOldWire: { place: 'spool', minutes: 0.1, hazards: ['wire-end'], captive: true },
  openArm: { place: 'cabinet', minutes: 0.1, hazards: ['wire-end'], captive: true },
  cutOldWire: { place: 'spool', minutes: 0.2, hazards: ['wire-end'], captive: true },
  windBack: { place: 'spool', minutes: 2, hazards: ['wire-end'], captive: true },
  tuckOldEnd: { place: 'spool', minutes: 0.3, hazards: ['wire-end'], captive: true },
  pullOldWire: { place: 'gun', minutes: 1, hazards: ['wire-end'] },
  spoolOff: { place: 'spool', minutes: 1 },
  lookOver: { place: 'cabinet', minutes: 1 },
  gunOff: { place: 'cabinet', minutes: 1 },
  gunSwap: { place: 'cabinet', minutes: 2 },
  linerOut: { place: 'gun', minutes: 2, hazards: ['wire-end'] },
  linerIn: { place: 'gun', minutes: 3 },
  linerTrim: { place: 'gun', minutes: 2, hazards: ['wire-end'] },
  oRing: { place: 'cabinet', minutes: 0.7 },
  gunBack: { place: 'cabinet', minutes: 1 },
  blowOutLiner: { place: 'cabinet', minutes: 1.5, hazards: ['compressed-air'] },
  innerLiner: { place: 'gun', minutes: 3 },
  innerLinerClean: { place: 'gun', minutes: 1, hazards: ['compressed-air'] },
  gunClean: { place: 'gun', minutes: 1 },
  inletGuideChange: { place: 'cabinet', minutes: 1.5, hazards: ['moving-rolls'] },
  inletGuideSet: { place: 'cabinet', minutes: 0.7, hazards: ['moving-rolls'] },
  outletGuideChange: { place: 'cabinet', minutes: 1.5, hazards: ['moving-rolls'] },
  outletGuideSet: { place: 'cabinet', minutes: 0.7, hazards: ['moving-rolls'] },
  rollsChange: { place: 'cabinet', minutes: 3, hazards: ['moving-rolls'] },
  rollsTurn: { place: 'cabinet', minutes: 1.5, hazards: ['moving-rolls'] },
  rollsClean: { place: 'cabinet', minutes: 1, hazards: ['moving-rolls'] },
  gunRollsChange: { place: 'gun', minutes: 2.5, hazards: ['moving-rolls'] },
  gunRollsTurn: { place: 'gun', minutes: 1.5, hazards: ['moving-rolls'] },
  gunRollsClean: { place: 'gun', minutes: 1, hazards: ['moving-rolls'] },
  swapStuds: { place: 'cabinet', minutes: 3, hazards: ['live-studs', 'stored-charge'], hold: true },
  swapPlugs: { place: 'source', minutes: 1, hazards: ['live-studs'], hold: true },
  turnSwitch: { place: 'source', minutes: 0.3, hazards: ['live-studs'] },
  tightenStuds: { place: 'cabinet', minutes: 1, hazards: ['live-studs', 'stored-charge'], hold: true },
  regulatorOff: { place: 'cylinder', minutes: 1, hazards: ['cylinder'] },
  chainCylinder: { place: 'cylinder', minutes: 2, hazards: ['cylinder'], hold: true },
  crackValve: { place: 'cylinder', minutes: 0.3, hazards: ['cylinder'] },
  regulatorOn: { place: 'cylinder', minutes: 1.5, hazards: ['cylinder'] },
  fitAdapter: { place: 'spool', minutes: 0.5 },
  mountSpool: { place: 'spool', minutes: 1.5 },
  setBrake: { place: 'spool', minutes: 1 },
  freeNewEnd: { place: 'spool', minutes: 0.3, hazards: ['wire-end'], captive: true },
  cutNewEnd: { place: 'spool', minutes: 0.5, hazards: ['wire-end'], captive: true },
  threadNewWire: { place: 'cabinet', minutes: 1, hazards: ['wire-end'], captive: true },
  closeArm: { place: 'cabinet', minutes: 0.2, hazards: ['wire-end'], captive: true },
  supplyFix: { place: 'mains', minutes: 2, hazards: ['mains-work'] },
  plugIn: { place: 'mains', minutes: 0.3 },
  switchOn: { place: 'source', minutes: 0.2, hazards: ['moving-rolls'] },
  feedThrough: {
    place: 'cabinet',
    minutes: 2,
    hazards: ['feeding-wire', 'live-wire', 'moving-rolls'],
    hold: true,
  },
  tipClean: { place: 'gun', minutes: 0.5 },
  fitTip: { place: 'gun', minutes: 0.7, hazards: ['feeding-wire'] },
  nozzleClean: { place: 'gun', minutes: 0.7 },
  fitNozzle: { place: 'gun', minutes: 0.3 },
  trimWire: { place: 'gun', minutes: 0.2, hazards: ['wire-end'] },
  setPressure: { place: 'cabinet', minutes: 3, hazards: ['feeding-wire', 'live-wire'], hold: true },
  openCylinder: { place: 'cylinder', minutes: 0.4, hazards: ['cylinder', 'gas-in-closed-space'] },
  leakCheck: { place: 'cylinder', minutes: 1 },
  setFlow: { place: 'cylinder', minutes: 1.5, hazards: ['live-wire'] },
  clampOn: { place: 'gun', minutes: 0.5 },
  testWeld: { place: 'gun', minutes: 3, hazards: ['arc', 'fume'], hold: true },
  putAway: { place: 'store', minutes: 2 },
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

const step = (task: Task, facts: Facts = {}, over: Partial<Step> = {}): Step => {
  const row = ROWS[task]
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

/** Whether the wire left in the gun is scrapped or wound back, and the sum behind it. */
export interface WireInGun {
  way: 'rewind' | 'scrap' | 'keep-as-filler'
  lengthM: number
  wireMoney: number
  labourMoney: number
}

/** A kilogram of wire, in the shop's currency, where it set no price of its own. Invented round figures. */
const PRICE_PER_KG: Readonly<Record<string, number>> = {
  aluminium: 18,
  'silicon-bronze': 25,
  'solid-stainless': 20,
}
const REWIND_EXTRA_MINUTES = ROWS.windBack.minutes - ROWS.cutOldWire.minutes - ROWS.pullOldWire.minutes

/** Metres x price against minutes x rate. Rewound wire feeds badly, so a tie is scrapped. */
export function wireInGun(c: MatchContext): WireInGun {
  const lengthM = (c.fitted.gun?.lengthM ?? 3) + 0.5
  const price = c.practice.wirePerKg ?? PRICE_PER_KG[c.oldWire?.family ?? ''] ?? 4
  const wireMoney = c.oldWire ? lengthM * kgPerMetre(c.oldWire.family, c.oldWire.exactMm) * price : 0
  const labourMoney = (REWIND_EXTRA_MINUTES / 60) * c.practice.labourPerHour
  const way =
    c.practice.wireInGun === 'by-money'
      ? wireMoney > labourMoney
        ? 'rewind'
        : 'scrap'
      : c.practice.wireInGun
  return { way, lengthM, wireMoney, labourMoney }
}

/** What is known of the change beyond the findings, for the sentences of the steps. */
const machineFacts = (c: MatchContext): Facts => ({
  jog: c.machine.jogButton ?? false,
  jogKnown: c.machine.jogButton !== undefined,
  locator: c.machine.hubLocator ?? 'pin',
  leaves: c.machine.wireEntry,
  inletBeforeSpool: c.machine.inletBeforeSpool ?? false,
  spoolReverse: c.machine.reverseThreads?.includes('spoolRetainer') ?? false,
  wire: c.wire.classification ?? c.wire.family,
  sizeMm: c.wire.diameterMm,
  family: c.wire.family,
  soft: FAMILY_NEEDS[c.wire.family].soft,
  gasNeeded: c.wire.gas.needed,
  school: c.practice.pressureTest,
  threading: FAMILY_NEEDS[c.wire.family].soft ? 'slow' : c.practice.threadingSpeed,
  pushPull: c.fitted.gun?.kind === 'push-pull',
  taken: c.machine.polarityChange,
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
        ...(station && by[station].facts),
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
  const polarityWork = todo('polarity')
  const by_ = c.machine.polarityChange ?? 'studs'
  const loose = by.polarity.rule === 'studs-loose'
  const mustUnplug =
    (polarityWork && (loose || by_ === 'studs' || by_ === 'plugs' || by_ === 'fixed')) || todo('supply')
  const open = polarityWork && (loose || by_ === 'studs' || by_ === 'fixed')
  const gasSwap = c.wire.gas.needed && mustChange('gas')
  const left = wireInGun(c)
  const rewind = left.way === 'rewind'

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
      at('tipOff'),
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
    if (!rewind) add('pullOldWire', [at('pullOldWire', undefined, money)], ['freeOldWire', 'stripGun'])
    add('spoolOff', [at('spoolOff')], ['freeOldWire'])
  }
  const clear = wireOn ? (rewind ? ['freeOldWire'] : ['pullOldWire']) : ['stripGun']
  add('lookOver', [at('lookOver')], clear)

  // The gun's inside: liner, O-rings, rolls, the gun itself.
  const gun = by.gun
  const wholeGun = gun.parts.some((p) => p.kind === 'gun' && p.piece === undefined)
  const ring = gun.facts.oRingVerdict !== undefined && !wholeGun
  const soft = FAMILY_NEEDS[c.wire.family].soft || c.fitted.gun?.linerTrim === 'long'
  const trim = at('linerTrim', 'liner', {}, soft ? { place: 'cabinet' } : {})
  const newLiner = mustChange('liner')
  const inside = [
    ...(wholeGun ? [at('gunSwap', 'gun')] : []),
    ...(newLiner ? [at('linerOut', 'liner'), at('linerIn', 'liner'), ...(soft ? [] : [trim])] : []),
    ...(ring ? [at('oRing', 'gun')] : []),
  ]
  if (inside.length)
    add(
      'gunInside',
      [at('gunOff'), ...inside, at('gunBack'), ...(newLiner && soft ? [trim] : [])],
      ['stripGun', ...clear],
    )
  if (by.liner.verdict === 'adjust')
    add(
      'blowOut',
      [at('blowOutLiner', 'liner')],
      ['stripGun', ...clear, ...(inside.length ? ['gunInside'] : [])],
    )
  const piece = (name: 'rolls' | 'innerLiner') =>
    wholeGun ? undefined : (gun.facts[name] as Finding['verdict'] | undefined)
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
      ? [at(piece('innerLiner') === 'adjust' ? 'innerLinerClean' : 'innerLiner', 'gun')]
      : []),
    ...(!wholeGun && gun.facts.condition === 'dirty' ? [at('gunClean', 'gun')] : []),
  ]
  add('gunEnd', gunEnd, ['stripGun', ...clear])

  for (const station of ['inletGuide', 'outletGuide'] as const)
    if (todo(station))
      add(station, [at(mustChange(station) ? `${station}Change` : `${station}Set`, station)], clear)
  if (todo('driveRolls'))
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
  if (polarityWork)
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
  if (todo('supply')) add('supply', [at('supplyFix', 'supply')], ['unplug'])

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
  add('feed', [at('feedThrough')], ['switchOn', 'thread', ...(gasOn ? ['shutGas'] : [])])
  add(
    'dressGun',
    [
      ...(by.contactTip.rule === 'tip-dirty' ? [at('tipClean', 'contactTip')] : []),
      at('fitTip', 'contactTip'),
      ...(by.nozzle.rule === 'nozzle-dirty' ? [at('nozzleClean', 'nozzle')] : []),
      at('fitNozzle', 'nozzle'),
      at('trimWire'),
    ],
    ['feed'],
  )
  add('pressure', [at('setPressure', 'rollPressure')], ['dressGun'])
  if (c.wire.gas.needed)
    add(
      'gas',
      [at('openCylinder', 'gas'), ...(gasSwap ? [at('leakCheck', 'gas')] : []), at('setFlow', 'gasFlow')],
      ['pressure', ...(gasSwap ? ['gasSwap'] : []), 'switchOn'],
    )
  add('clampOn', [at('clampOn')], c.wire.gas.needed ? ['gas'] : ['pressure'])
  add('testWeld', [at('testWeld')], ['clampOn', ...unplugged])
  add('putAway', [at('putAway')], ['testWeld'])

  // An edge to a block that this change does not need falls away.
  const present = new Set(blocks.map((b) => b.id))
  return blocks.map((b) => ({ ...b, after: b.after.filter((id) => present.has(id)) }))
}
