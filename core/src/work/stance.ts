import type { Task } from '../steps/step.ts'

/** What a list of work takes the machine to be between two steps: what decides which step comes next, and no more. */
export interface Stance {
  readonly plugged: boolean
  readonly on: boolean
  readonly gunHot: boolean
  readonly gunOn: boolean
  readonly tipOn: boolean
  readonly nozzleOn: boolean
  readonly leadStraight: boolean
  readonly clampOff: boolean
  readonly armOpen: boolean
  readonly end: 'in-rolls' | 'in-hand' | 'tucked' | 'free' | 'none'
  readonly inGun: 'old' | 'new' | 'none'
  readonly whole: boolean
  readonly regulatorOn: boolean
  readonly screwOut: boolean
  readonly chained: boolean
  readonly valveOpen: boolean
  readonly flowSet: boolean
  readonly pressureTested: boolean
  readonly brakeSet: boolean
  readonly trimmed: boolean
  readonly gathered: boolean
  readonly protected: boolean
  readonly ball: boolean
  readonly fed: boolean
  readonly gunRollsOpen: boolean
  readonly hosesOn: boolean
  /** The spool is not home on its hub. */
  readonly pinOut?: boolean
  /** The spool that goes on stands free and has no brake. */
  readonly drum?: boolean
}

/**
 * What a step is expected to do, written apart from what the proof has it do: where the two differ, no list is proved.
 * A task without a line leaves all of this as it is.
 */
export const EXPECTED: Partial<Record<Task, Partial<Stance> | ((s: Stance) => Partial<Stance>)>> = {
  gatherParts: { gathered: true },
  protect: { protected: true },
  switchOff: { on: false },
  switchOn: { on: true },
  unplug: { plugged: false },
  plugIn: { plugged: true },
  coolGun: { gunHot: false },
  clampOff: { clampOff: true },
  clampOn: { clampOff: false },
  nozzleOff: { nozzleOn: false },
  fitNozzle: { nozzleOn: true },
  snipBall: { ball: false },
  tipOff: { tipOn: false, ball: false },
  fitTip: { tipOn: true },
  trimWire: { trimmed: true, ball: false },
  gunRollsOpen: { gunRollsOpen: true },
  gunRollsClose: { gunRollsOpen: false },
  layLeadStraight: { leadStraight: true },
  hosesOff: { hosesOn: false },
  hosesOn: { hosesOn: true },
  seatSpool: { pinOut: false },
  gunOff: { gunOn: false },
  gunBack: { gunOn: true },
  takeOldWire: (s) => ({ armOpen: true, pressureTested: false, ...(s.end !== 'none' && { end: 'in-hand' }) }),
  holdOldWire: (s) => (s.end === 'none' ? {} : { end: 'in-hand' }),
  openArm: { armOpen: true, pressureTested: false },
  cutOldWire: { whole: false },
  tuckOldEnd: (s) => (s.end === 'none' ? {} : { end: 'tucked' }),
  tuckNewEnd: (s) => (s.end === 'none' ? {} : { end: 'tucked' }),
  pullOldWire: { inGun: 'none', fed: false, leadStraight: true },
  takeNewEnd: { end: 'in-hand', armOpen: true, pressureTested: false },
  freeNewEnd: { end: 'in-hand', armOpen: true },
  threadNewWire: { inGun: 'new', whole: true, ball: false },
  closeArm: { armOpen: false, end: 'in-rolls' },
  feedThrough: { fed: true, trimmed: false },
  spoolOff: (s) => ({ brakeSet: false, end: s.end === 'tucked' || s.end === 'none' ? 'none' : 'free' }),
  mountSpool: (s) => ({
    end: 'tucked',
    ...(s.drum && { brakeSet: true }),
  }),
  setBrake: { brakeSet: true },
  setPressure: { pressureTested: true, trimmed: false },
  checkChain: { chained: true },
  chainCylinder: { chained: true },
  shutCylinder: { chained: true, valveOpen: false, screwOut: true, flowSet: false },
  openCylinder: { valveOpen: true, screwOut: false },
  regulatorOff: { regulatorOn: false, chained: false },
  regulatorOn: { regulatorOn: true, screwOut: true },
  setFlow: { flowSet: true, screwOut: false },
}

/** The machine as it is expected to be after a step. */
export function afterTask<S extends Stance>(stance: S, task: Task): S {
  const does = EXPECTED[task]
  return does ? { ...stance, ...(typeof does === 'function' ? does(stance) : does) } : stance
}
