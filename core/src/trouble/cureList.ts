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
/** A part of the store goes on, or the line is opened, for which tools are fetched. */
export const fetches = (work: CureWork): boolean =>
  WIRE_OUT.includes(work) || work === 'tip-new' || work === 'other-cylinder'
/** Where a cure begins. */
export interface CureStart extends Stance {
  /** The gun has rolls of its own, or nobody looked. */
  readonly pulls: boolean
  readonly knot: boolean
  /** The spool is not home on its hub. */
  readonly pinOut: boolean
  /** A fault makes the case live. */
  readonly earthPoor: boolean
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
 * @param before how they were before anybody looked, and are to be again
 */
export function listCure(
  work: CureWork,
  starts: readonly CureStart[],
  machine: Pick<Machine, 'inletBeforeSpool' | 'polarityChange'>,
  turned: boolean,
  before: readonly CureStart[] = starts,
): Listed[] {
  const l = new Listing(starts)
  const was = (test: (b: CureStart) => boolean) => before.some(test)
  const knot = was((b) => b.knot)
  const out = WIRE_OUT.includes(work) || knot
  const gunEnd = out || AT_THE_GUN.includes(work)
  const threaded = was((b) => b.inGun !== 'none')
  // Hands and eyes first.
  l.when((b) => !b.protected, 'protect')
  // Whoever stopped with the end in hand makes it fast first.
  if (l.any((b) => b.end === 'in-hand')) {
    if (l.any((b) => b.end === 'in-hand' && b.inGun !== 'none' && !b.whole)) l.add('tuckNewEnd')
    else if (threaded) l.add('closeArm')
    else l.add('tuckNewEnd')
  }
  const off = () => l.when((b) => b.on, 'switchOff')
  const clampOff = () => l.when((b) => !b.clampOff, 'clampOff')
  if (was((b) => b.earthPoor)) l.add(...isolated(l), 'supplyFix')
  // The gas while there is power to drain it; then off, and only then to the store.
  const ownCylinder = work === 'other-cylinder' && l.any((b) => b.regulatorOn)
  if (ownCylinder || (out && l.any((b) => b.valveOpen))) {
    if (ownCylinder || l.any((b) => b.plugged)) {
      l.when((b) => !b.plugged, 'plugIn')
      if (ownCylinder) l.when((b) => !b.on, 'switchOn')
    }
    clampOff()
    l.add('shutCylinder')
  }
  if (fetches(work) || knot) {
    off()
    l.when((b) => !b.gathered, 'gatherParts')
  }
  /** The gun opened as far as the wire, or its tip or nozzle, wants it. */
  const openGun = () => {
    off()
    const through = out && threaded
    l.add(
      ...gunOpened({
        hot: l.any((b) => b.gunHot && b.gunOn),
        clampOn: out && l.any((b) => !b.clampOff),
        nozzleOn: l.any((b) => b.nozzleOn),
        ball: l.any((b) => b.ball && b.inGun !== 'none') && (work !== 'nozzle' || out),
        tipOn: (work !== 'nozzle' || out) && l.any((b) => b.tipOn),
        pulls: through && was((b) => b.pulls) && l.any((b) => !b.gunRollsOpen),
        coiled: false,
      }),
    )
  }
  const takeOut = () => {
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
    // Nothing is fed from a spool that is not home or has no brake.
    l.when((b) => b.pinOut, 'seatSpool')
    l.when((b) => !b.brakeSet, 'setBrake')
    l.add('takeNewEnd', ...(l.any((b) => b.drum === true) ? (['leadConduit'] as const) : []))
    l.add('threadNewWire', 'closeArm')
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
    if (l.any((b) => !b.screwOut)) clampOff()
    l.add(l.any((b) => !b.screwOut) ? 'shutCylinder' : 'checkChain', 'openCylinder')
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
  // A valve that was shut with its screw out has no flow until it is set again.
  if ((was((b) => b.flowSet) || work === 'open-cylinder') && l.any((b) => !b.flowSet && b.nozzleOn)) {
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
  ...(l.any((b) => !b.plugged) ? (['plugIn'] as const) : []),
  ...(l.any((b) => !b.on) ? (['switchOn'] as const) : []),
  ...(l.any((b) => !b.clampOff) ? (['clampOff'] as const) : []),
]

/** Off, and the plug out. */
const isolated = (l: Listing): Task[] => [
  ...(l.any((b) => b.on) ? (['switchOff'] as const) : []),
  ...(l.any((b) => b.plugged) ? (['unplug'] as const) : []),
]

const gunOff = (l: Listing): Task[] => [...(l.any((b) => b.hosesOn) ? (['hosesOff'] as const) : []), 'gunOff']
const gunBack = (l: Listing): Task[] => [
  'gunBack',
  ...(l.any((b) => b.hosesOn) ? (['hosesOn'] as const) : []),
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
      return [...gunOff(l), 'linerOut', 'linerIn', ...gunBack(l), 'linerTrim']
    case 'liner-clean':
      return [...gunOff(l), 'blowOutLiner', ...gunBack(l)]
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
      return [...(l.any((b) => b.on) ? (['switchOff'] as const) : []), 'setBrake']
    case 'seat':
      return [...(l.any((b) => b.on) ? (['switchOff'] as const) : []), 'seatSpool']
    case 'other-spool':
      return [
        'spoolOff',
        ...(machine.inletBeforeSpool && !l.any((b) => b.drum === true) ? (['passInlet'] as const) : []),
        'mountSpool',
        ...(l.any((b) => b.drum === true) ? [] : (['setBrake'] as const)),
      ]
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
      return [
        ...(l.any((b) => b.on) ? (['switchOff'] as const) : []),
        ...(l.any((b) => !b.clampOff) ? (['clampOff'] as const) : []),
        'clampMend',
      ]
    case 'open-cylinder':
      return l.any((b) => !b.screwOut)
        ? [...(l.any((b) => !b.clampOff) ? (['clampOff'] as const) : []), 'shutCylinder', 'openCylinder']
        : ['checkChain', 'openCylinder']
    case 'other-cylinder':
      return [
        ...(l.any((b) => b.regulatorOn) ? (['regulatorOff'] as const) : []),
        'chainCylinder',
        'crackValve',
        'regulatorOn',
        'openCylinder',
        'leakCheck',
        ...live(l),
        'purgeGas',
        ...(l.any((b) => b.nozzleOn) ? (['setFlow'] as const) : []),
      ]
    case 'purge':
      return [...live(l), 'purgeGas']
    case 'flow':
      return [...live(l), 'setFlow']
    case 'seals':
      return [...gunOff(l), 'oRing', ...gunBack(l)]
    case 'nozzle':
      return ['nozzleClean']
  }
}
