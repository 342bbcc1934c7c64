import type { Station } from '../machine/stations.ts'
import type { Facts } from '../base/facts.ts'
import type { Place } from './places.ts'

/** A warning shown with a step; `wording` holds the sentences. */
export type Hazard =
  | 'live-studs'
  | 'stored-charge'
  | 'machine-off'
  | 'moving-rolls'
  | 'wire-end'
  | 'feeding-wire'
  | 'live-wire'
  | 'hot-parts'
  | 'compressed-air'
  | 'cylinder'
  | 'gas-in-closed-space'
  | 'arc'
  | 'fume'
  | 'mains-work'
  | 'solvent'
  | 'hot-metal'
  | 'fire'
  | 'ozone'
  | 'chromium'
  | 'zinc'

/** Everything a step can be. The names are the trade's; `wording` says them, `bench.ts` executes them. */
export const TASKS = [
  'readWire',
  'readStation',
  'gatherParts',
  'protect',
  'checkChain',
  'shutCylinder',
  'switchOff',
  'unplug',
  'waitDischarge',
  'coolGun',
  'clampOff',
  'nozzleOff',
  'snipBall',
  'tipOff',
  'gunRollsOpen',
  'layLeadStraight',
  'holdOldWire',
  'openArm',
  'cutOldWire',
  'windBack',
  'tuckOldEnd',
  'clearTangle',
  'pullOldWire',
  'spoolOff',
  'lookOver',
  'gunOff',
  'gunSwap',
  'linerOut',
  'linerIn',
  'linerTrim',
  'oRing',
  'oRingCheck',
  'gunBack',
  'blowOutLiner',
  'innerLiner',
  'innerLinerClean',
  'gunClean',
  'inletGuideChange',
  'inletGuideSet',
  'outletGuideChange',
  'outletGuideSet',
  'outletGuideOut',
  'rollsChange',
  'rollsTurn',
  'rollsClean',
  'gunRollsChange',
  'gunRollsTurn',
  'gunRollsClean',
  'swapStuds',
  'swapPlugs',
  'turnSwitch',
  'tightenStuds',
  'regulatorOff',
  'chainCylinder',
  'crackValve',
  'regulatorOn',
  'adapterOff',
  'fitAdapter',
  'seatSpool',
  'passInlet',
  'mountSpool',
  'setBrake',
  'freeNewEnd',
  'cutNewEnd',
  'threadNewWire',
  'closeArm',
  'supplyFix',
  'plugIn',
  'switchOn',
  'feedThrough',
  'gunRollsClose',
  'tipClean',
  'fitTip',
  'nozzleClean',
  'fitNozzle',
  'trimWire',
  'setPressure',
  'openCylinder',
  'leakCheck',
  'purgeGas',
  'setFlow',
  'clampMend',
  'cleanCoupon',
  'preheat',
  'hotWork',
  'clampOn',
  'testWeld',
  'fireWatch',
  'askBox',
  'putAway',
  'openCase',
  'fitSolenoid',
  'wireSolenoid',
  'fitGasHose',
  'hoseOff',
  'solenoidOut',
  'closeCase',
  'clickTest',
  'connectGun',
  'tuckNewEnd',
  'hangTag',
  'takeTagOff',
] as const
export type Task = (typeof TASKS)[number]
/** Whether a task is still done: a plan kept by an earlier version may name another. */
export const isTask = (name: string): name is Task => (TASKS as readonly string[]).includes(name)

export interface Step {
  /** Unique in the plan; the task, with the station where a task is done at several. */
  id: string
  task: Task
  place: Place
  /** Minutes, with the walk to get there. */
  minutes: number
  hazards: readonly Hazard[]
  /** Must be pressed and held: nothing goes on until it is sure. */
  hold: boolean
  /** One hand holds the wire: no aimed touch, no hold point. */
  captive: boolean
  /** The station this step sets right, where it sets one. */
  station?: Station
  /** Who does it, where two share the work. */
  who?: 'gun' | 'feeder'
  facts: Facts
}
