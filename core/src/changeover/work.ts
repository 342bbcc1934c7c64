import { FAMILY_NEEDS } from '../wire/families.ts'
import type { Station } from '../machine/stations.ts'
import type { Facts, Finding, MatchContext } from '../match/finding.ts'
import type { Place } from './places.ts'
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

const step = (task: Task, facts: Facts = {}, over: Partial<Step> = {}): Step => {
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
  const polarityWork = todo('polarity')
  const by_ = c.machine.polarityChange ?? 'studs'
  // A circuit that was not read is read; whether it must be mended only the reading tells.
  const mustMend = by.supply.verdict === 'change'
  const loose = by.polarity.rule === 'studs-loose'
  const mustUnplug =
    (polarityWork && (loose || by_ === 'studs' || by_ === 'plugs' || by_ === 'fixed')) || mustMend
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
