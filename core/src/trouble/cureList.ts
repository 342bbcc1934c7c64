import { gunOpened, oldWireOut } from '../work/chains.ts'
import { afterTask, type Stance } from '../work/stance.ts'
import type { Machine } from '../machine/machine.ts'
import type { Task } from '../steps/step.ts'
import type { CureWork } from './cures.ts'

/** Works done with the wire out of rolls and gun. */
const WIRE_OUT: readonly CureWork[] = [
  'liner-new',
  'liner-clean',
  'liner-trim',
  'rethread',
  'rolls-new',
  'rolls-clean',
  'guide-set',
  'gun-rolls-new',
  'other-spool',
  'seals',
]
const AT_THE_GUN: readonly CureWork[] = ['tip-new', 'tip-tighten', 'tip-off', 'nozzle']
const STUDS: readonly CureWork[] = ['polarity', 'studs', 'supply']
/** Where a cure begins. */
export interface CureStart extends Stance {
  /** The gun has rolls of its own, or nobody looked. */
  readonly pulls: boolean
  readonly knot: boolean
}
export interface Listed {
  task: Task
  /** A hand holds the wire. */
  captive: boolean
}
/** Lists the tasks of a cure from the machines it may begin on, each as it is expected to be after the last. */
class Listing {
  /** In order, and whether a hand holds the wire when it is done. */
  readonly tasks: Listed[] = []
  constructor(private stances: readonly CureStart[]) {}
  any(test: (s: CureStart) => boolean): boolean {
    return this.stances.some(test)
  }
  add(...tasks: Task[]): void {
    for (const task of tasks) {
      this.tasks.push({ task, captive: this.any((b) => b.end === 'in-hand') })
      this.stances = this.stances.map((s) => afterTask(s, task))
    }
  }
  when(test: (s: CureStart) => boolean, ...tasks: Task[]): void {
    if (this.any(test)) this.add(...tasks)
  }
}

/**
 * The tasks of a cure in their order: open what must be open, do it, and put back what was as it was.
 * @param starts the machines it may begin on
 * @param turned its rolls are right, on another groove
 */
export function listCure(
  work: CureWork,
  starts: readonly CureStart[],
  machine: Pick<Machine, 'inletBeforeSpool' | 'polarityChange'>,
  turned: boolean,
): Listed[] {
  const l = new Listing(starts)
  const was = (test: (b: CureStart) => boolean) => starts.some(test)
  const knot = was((b) => b.knot)
  const out = WIRE_OUT.includes(work) || knot
  const gunEnd = out || AT_THE_GUN.includes(work)
  const threaded = was((b) => b.inGun !== 'none')
  // Gloves first, and the parts at hand before anything is opened.
  if (gunEnd || STUDS.includes(work) || work === 'other-cylinder') l.when((b) => !b.gathered, 'gatherParts')
  if (gunEnd || work === 'pressure') l.when((b) => !b.protected, 'protect')
  // Whoever stopped with the end in hand makes it fast first.
  if (l.any((b) => b.end === 'in-hand')) {
    if (l.any((b) => b.end === 'in-hand' && b.inGun !== 'none' && !b.whole)) l.add('tuckNewEnd')
    else if (threaded) l.add('closeArm')
    else l.add('tuckNewEnd')
  }
  const off = () => l.when((b) => b.on, 'switchOff')
  /** The gun opened as far as the wire, or its tip or nozzle, wants it. */
  const openGun = () => {
    off()
    const through = out && threaded
    l.add(
      ...gunOpened({
        hot: l.any((b) => b.gunHot && b.gunOn),
        clampOn: out && l.any((b) => !b.clampOff),
        nozzleOn: l.any((b) => b.nozzleOn),
        ball: l.any((b) => b.ball && b.inGun !== 'none'),
        tipOn: (work !== 'nozzle' || out) && l.any((b) => b.tipOn),
        pulls: through && was((b) => b.pulls) && l.any((b) => !b.gunRollsOpen),
        coiled: through && l.any((b) => !b.leadStraight),
      }),
    )
  }
  const takeOut = () => {
    l.when((b) => b.valveOpen, 'shutCylinder')
    openGun()
    l.add(
      ...oldWireOut({
        inGun: l.any((b) => b.end === 'in-rolls') ? 'whole' : threaded ? 'piece' : 'none',
        knot,
        armOpen: !l.any((b) => !b.armOpen),
      }),
    )
  }
  const putBack = () => {
    if (!threaded) return
    if (!(work === 'other-spool' && machine.inletBeforeSpool)) {
      l.when((b) => !b.brakeSet, 'setBrake')
      l.add('freeNewEnd')
    }
    l.add('cutNewEnd', 'threadNewWire', 'closeArm')
    if (work === 'other-spool' && machine.inletBeforeSpool) l.when((b) => !b.brakeSet, 'setBrake')
  }
  const feed = () => {
    if (!threaded || !was((b) => b.fed)) return
    l.when((b) => !b.plugged, 'plugIn')
    l.when((b) => !b.on, 'switchOn')
    l.when((b) => !b.fed, 'feedThrough')
    if (was((b) => !b.gunRollsOpen)) l.when((b) => b.gunRollsOpen, 'gunRollsClose')
  }

  const reopen = () => {
    if (!was((b) => b.valveOpen) || !l.any((b) => !b.valveOpen)) return
    l.when((b) => !b.chained, 'checkChain')
    l.add('openCylinder')
  }
  const inside = WIRE_OUT.includes(work)
  const does = () => l.add(...workTasks(work, l, machine, turned))
  if (out) {
    takeOut()
    if (inside) does()
    putBack()
    feed()
  } else if (gunEnd) openGun()
  if (work === 'nozzle') does()
  // Everything as it was: the end of the gun, the plug, the pressure, the gas, the clamp.
  if ((was((b) => b.tipOn) || work === 'tip-new') && work !== 'tip-off')
    l.when((b) => !b.tipOn && b.fed, 'fitTip')
  if (was((b) => b.nozzleOn) && work !== 'tip-off') l.when((b) => !b.nozzleOn && b.tipOn, 'fitNozzle')
  if (work === 'flow' || work === 'purge') reopen()
  if (!inside && work !== 'nozzle' && !(knot && work === 'gun-rolls-close')) does()
  if (was((b) => b.plugged)) l.when((b) => !b.plugged, 'plugIn')
  const turnsOn = was((b) => b.on)
  if (was((b) => b.pressureTested) && l.any((b) => !b.pressureTested && b.tipOn)) {
    l.when((b) => !b.on, 'switchOn')
    l.when((b) => !b.clampOff, 'clampOff')
    l.add('setPressure')
  }
  if (was((b) => b.trimmed)) l.when((b) => !b.trimmed && b.tipOn && b.fed, 'trimWire')
  reopen()
  if (was((b) => b.flowSet) && l.any((b) => !b.flowSet && b.nozzleOn)) {
    l.when((b) => !b.on, 'switchOn')
    l.when((b) => !b.clampOff, 'clampOff')
    l.add('setFlow')
  }
  // A cylinder that is opened, or connected where none was, is what the next arc wants: it stays open.
  const opens = work === 'open-cylinder' || (work === 'other-cylinder' && !was((b) => b.regulatorOn))
  if (!was((b) => b.valveOpen) && !opens) l.when((b) => b.valveOpen, 'shutCylinder')
  if (turnsOn) l.when((b) => !b.on, 'switchOn')
  else off()
  if (was((b) => !b.clampOff)) l.when((b) => b.clampOff, 'clampOn')
  return l.tasks
}

/** On, with the clamp off: the trigger makes the wire live. */
const live = (l: Listing): Task[] => [
  ...(l.any((b) => !b.on) ? (['switchOn'] as const) : []),
  ...(l.any((b) => !b.clampOff) ? (['clampOff'] as const) : []),
]

/** Off, and the plug out. */
const isolated = (l: Listing): Task[] => [
  ...(l.any((b) => b.on) ? (['switchOff'] as const) : []),
  ...(l.any((b) => b.plugged) ? (['unplug'] as const) : []),
]

/** What a cure itself is, once the machine is open for it. */
function workTasks(
  work: CureWork,
  l: Listing,
  machine: Pick<Machine, 'inletBeforeSpool' | 'polarityChange'>,
  turned: boolean,
): Task[] {
  switch (work) {
    case 'tip-new':
    case 'tip-tighten':
    case 'tip-off':
    case 'rethread':
      return []
    case 'liner-new':
      return ['gunOff', 'linerOut', 'linerIn', 'gunBack', 'linerTrim']
    case 'liner-clean':
      return ['blowOutLiner']
    case 'liner-trim':
      return ['linerTrim']
    case 'rolls-new':
      return [turned ? 'rollsTurn' : 'rollsChange']
    case 'rolls-clean':
      return ['rollsClean']
    case 'pressure':
      return [...live(l), 'setPressure']
    case 'guide-set':
      return ['outletGuideSet']
    case 'gun-rolls-new':
      return ['gunRollsChange']
    case 'gun-rolls-close':
      return ['gunRollsOpen', 'gunRollsClose']
    case 'brake':
      return ['setBrake']
    case 'seat':
      return [...(l.any((b) => b.on) ? (['switchOff'] as const) : []), 'seatSpool']
    case 'other-spool':
      return machine.inletBeforeSpool
        ? ['spoolOff', 'passInlet', 'mountSpool']
        : ['spoolOff', 'mountSpool', 'setBrake']
    case 'polarity':
      if (machine.polarityChange === 'switch')
        return [...(l.any((b) => b.on) ? (['switchOff'] as const) : []), 'turnSwitch']
      return machine.polarityChange === 'plugs'
        ? [...isolated(l), 'swapPlugs']
        : [...isolated(l), 'waitDischarge', 'swapStuds']
    case 'studs':
      return [...isolated(l), 'waitDischarge', 'tightenStuds']
    case 'supply':
      return [...isolated(l), 'supplyFix']
    case 'clamp':
      return [...(l.any((b) => !b.clampOff) ? (['clampOff'] as const) : []), 'clampMend']
    case 'open-cylinder':
      return ['checkChain', ...(l.any((b) => !b.screwOut) ? (['shutCylinder'] as const) : []), 'openCylinder']
    case 'other-cylinder':
      return [
        ...(l.any((b) => b.regulatorOn) ? (['checkChain', 'shutCylinder', 'regulatorOff'] as const) : []),
        'chainCylinder',
        'crackValve',
        'regulatorOn',
        'openCylinder',
        'leakCheck',
        ...(l.any((b) => !b.clampOff) ? (['clampOff'] as const) : []),
        'purgeGas',
        ...(l.any((b) => b.nozzleOn) ? (['setFlow'] as const) : []),
      ]
    case 'purge':
      return [...live(l), 'purgeGas']
    case 'flow':
      return [...live(l), 'setFlow']
    case 'seals':
      return ['gunOff', 'oRing', 'gunBack']
    case 'nozzle':
      return ['nozzleClean']
  }
}
