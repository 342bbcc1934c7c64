import type { Place } from './places.ts'
import type { Hazard } from './hazard.ts'

/** Where a task is done, how long it takes and what must be watched. */
export interface TaskRow {
  place: Place
  /** Default minutes without walking. common practice, no source */
  minutes: number
  hazards?: readonly Hazard[]
  hold?: true
  captive?: true
  /** Hands are in the machine, the feeder or the gun, or at the work lead: nothing may turn or be live. */
  off?: true
  /** The end of the gun is touched: it has cooled. */
  hot?: true
  /** Something hot, sharp, flying or under pressure: hands and eyes are covered. */
  gloves?: true
  /** The machine is opened, or something taken off it: what is needed lies at hand. */
  opens?: true
  /** The trigger, or what does as it does: the clamp is off. */
  trigger?: true
  /** At a valve or a regulator: the cylinder is chained. */
  chained?: true
  /** A spark or a flame: what burns is cleared. */
  sparks?: true
  /** Where the charge stands: unplugged, and waited out. */
  inside?: true
  /** Mains or cable plugs: unplugged. */
  cables?: true
  /** It only sets a station right: where that was read as right, it is left out. */
  unless?: true
}

/** Everything a step can be, a row each. The names are the trade’s; `wording` says them, the acts of the stations execute them. */
const ROWS = {
  readWire: { place: 'spool', minutes: 0.5 },
  readStation: { place: 'cabinet', minutes: 0.5 },
  gatherParts: { place: 'store', minutes: 3 },
  protect: { place: 'source', minutes: 0.5, hazards: ['wire-end'] },
  checkChain: { place: 'cylinder', minutes: 0.2, hazards: ['cylinder'] },
  shutCylinder: { place: 'cylinder', minutes: 0.7, hazards: ['cylinder'], gloves: true },
  switchOff: { place: 'source', minutes: 0.2 },
  unplug: { place: 'mains', minutes: 0.3, unless: true, hazards: ['live-studs'] },
  // Where the machine's manual says nothing, capacitors are given this long.
  waitDischarge: { place: 'source', minutes: 5, unless: true, hazards: ['stored-charge'], hold: true },
  coolGun: { place: 'gun', minutes: 0.5, hazards: ['hot-parts'], gloves: true },
  clampOff: { place: 'gun', minutes: 0.2, hazards: ['live-wire'] },
  nozzleOff: {
    place: 'gun',
    minutes: 0.3,
    unless: true,
    hazards: ['hot-parts'],
    off: true,
    hot: true,
    gloves: true,
    opens: true,
  },
  snipBall: { place: 'gun', minutes: 0.2, hazards: ['wire-end'], off: true, hot: true, gloves: true },
  tipOff: {
    place: 'gun',
    minutes: 0.5,
    unless: true,
    hazards: ['hot-parts'],
    off: true,
    hot: true,
    gloves: true,
  },
  gunRollsOpen: { place: 'gun', minutes: 0.2 },
  layLeadStraight: { place: 'gun', minutes: 0.4 },
  takeOldWire: {
    place: 'cabinet',
    minutes: 0.2,
    hazards: ['wire-end'],
    captive: true,
    off: true,
    gloves: true,
    opens: true,
  },
  holdOldWire: { place: 'spool', minutes: 0.1, hazards: ['wire-end'], captive: true, gloves: true },
  openArm: {
    place: 'cabinet',
    minutes: 0.1,
    hazards: ['wire-end'],
    captive: true,
    off: true,
    gloves: true,
    opens: true,
  },
  cutOldWire: { place: 'spool', minutes: 0.2, hazards: ['wire-end'], captive: true, gloves: true },
  windBack: { place: 'spool', minutes: 2, hazards: ['wire-end'], captive: true, gloves: true },
  tuckOldEnd: { place: 'spool', minutes: 0.3, hazards: ['wire-end'], captive: true, gloves: true },
  clearTangle: {
    place: 'cabinet',
    minutes: 3,
    hazards: ['machine-off', 'wire-end'],
    off: true,
    gloves: true,
  },
  pullOldWire: { place: 'gun', minutes: 1, hazards: ['wire-end'], gloves: true },
  spoolOff: { place: 'spool', minutes: 1, opens: true, off: true },
  lookOver: { place: 'cabinet', minutes: 1, hazards: ['machine-off'], off: true },
  hosesOff: { place: 'source', minutes: 1.5, unless: true, off: true },
  hosesOn: { place: 'source', minutes: 1, unless: true, off: true },
  gunOff: {
    place: 'cabinet',
    minutes: 1,
    unless: true,
    hazards: ['machine-off'],
    off: true,
    hot: true,
    opens: true,
  },
  gunSwap: { place: 'cabinet', minutes: 2, unless: true, hazards: ['machine-off'], off: true },
  linerOut: { place: 'gun', minutes: 2, unless: true, hazards: ['wire-end'], off: true, gloves: true },
  linerIn: { place: 'gun', minutes: 3, unless: true, hazards: ['machine-off'], off: true },
  linerTrim: { place: 'gun', minutes: 2, unless: true, hazards: ['wire-end'], off: true, gloves: true },
  oRing: { place: 'cabinet', minutes: 0.7, hazards: ['machine-off'], off: true },
  oRingCheck: { place: 'cabinet', minutes: 0.5, hazards: ['machine-off'], off: true },
  gunBack: { place: 'cabinet', minutes: 1, unless: true, off: true },
  blowOutLiner: { place: 'cabinet', minutes: 1.5, hazards: ['compressed-air'], off: true, gloves: true },
  innerLiner: { place: 'gun', minutes: 3, unless: true, off: true, hot: true },
  innerLinerClean: {
    place: 'gun',
    minutes: 1,
    unless: true,
    hazards: ['compressed-air'],
    off: true,
    gloves: true,
  },
  gunClean: { place: 'gun', minutes: 1, hot: true },
  inletGuideChange: { place: 'cabinet', minutes: 1.5, unless: true, hazards: ['machine-off'], off: true },
  inletGuideSet: { place: 'cabinet', minutes: 0.7, unless: true, hazards: ['machine-off'], off: true },
  outletGuideChange: { place: 'cabinet', minutes: 1.5, unless: true, hazards: ['machine-off'], off: true },
  outletGuideSet: { place: 'cabinet', minutes: 0.7, unless: true, hazards: ['machine-off'], off: true },
  outletGuideOut: { place: 'cabinet', minutes: 0.7, unless: true, hazards: ['machine-off'], off: true },
  rollsChange: { place: 'cabinet', minutes: 3, unless: true, hazards: ['machine-off'], off: true },
  rollsTurn: { place: 'cabinet', minutes: 1.5, unless: true, hazards: ['machine-off'], off: true },
  rollsClean: { place: 'cabinet', minutes: 1, unless: true, hazards: ['machine-off'], off: true },
  gunRollsChange: {
    place: 'gun',
    minutes: 2.5,
    unless: true,
    hazards: ['machine-off'],
    off: true,
    hot: true,
  },
  gunRollsTurn: { place: 'gun', minutes: 1.5, unless: true, hazards: ['machine-off'], off: true, hot: true },
  gunRollsClean: { place: 'gun', minutes: 1, unless: true, hazards: ['machine-off'], off: true, hot: true },
  swapStuds: {
    place: 'cabinet',
    minutes: 3,
    unless: true,
    hazards: ['live-studs', 'stored-charge'],
    hold: true,
    opens: true,
    inside: true,
  },
  swapPlugs: {
    place: 'source',
    minutes: 1,
    unless: true,
    hazards: ['live-studs'],
    hold: true,
    opens: true,
    cables: true,
  },
  turnSwitch: { place: 'source', minutes: 0.3, unless: true, hazards: ['live-studs'] },
  tightenStuds: {
    place: 'cabinet',
    minutes: 1,
    hazards: ['live-studs', 'stored-charge'],
    hold: true,
    opens: true,
    inside: true,
  },
  regulatorOff: {
    place: 'cylinder',
    minutes: 1,
    unless: true,
    hazards: ['cylinder'],
    gloves: true,
    opens: true,
    chained: true,
  },
  chainCylinder: { place: 'cylinder', minutes: 2, unless: true, hazards: ['cylinder'], hold: true },
  crackValve: {
    place: 'cylinder',
    minutes: 0.3,
    unless: true,
    hazards: ['cylinder'],
    gloves: true,
    chained: true,
  },
  regulatorOn: { place: 'cylinder', minutes: 1.5, unless: true, hazards: ['cylinder'], chained: true },
  adapterOff: { place: 'spool', minutes: 0.3, unless: true, opens: true, off: true },
  fitAdapter: { place: 'spool', minutes: 0.5, unless: true, off: true },
  seatSpool: { place: 'spool', minutes: 0.5, unless: true, hazards: ['machine-off'], off: true },
  passInlet: { place: 'spool', minutes: 0.7, hazards: ['wire-end'], off: true, gloves: true },
  mountSpool: { place: 'spool', minutes: 1.5, off: true },
  setBrake: { place: 'spool', minutes: 1, off: true },
  takeNewEnd: { place: 'spool', minutes: 0.7, hazards: ['wire-end'], captive: true, gloves: true },
  leadConduit: { place: 'spool', minutes: 1, hazards: ['wire-end'], captive: true, gloves: true },
  freeNewEnd: { place: 'spool', minutes: 0.3, hazards: ['wire-end'], captive: true, gloves: true },
  cutNewEnd: { place: 'spool', minutes: 0.5, hazards: ['wire-end'], captive: true, gloves: true },
  threadNewWire: {
    place: 'cabinet',
    minutes: 1,
    hazards: ['wire-end'],
    captive: true,
    off: true,
    gloves: true,
  },
  closeArm: { place: 'cabinet', minutes: 0.2, hazards: ['wire-end'], captive: true },
  supplyFix: { place: 'mains', minutes: 2, hazards: ['mains-work'], cables: true },
  plugIn: { place: 'mains', minutes: 0.3, unless: true },
  switchOn: { place: 'source', minutes: 0.2, hazards: ['moving-rolls'] },
  feedThrough: {
    place: 'cabinet',
    minutes: 2,
    hazards: ['feeding-wire', 'live-wire', 'moving-rolls'],
    hold: true,
    gloves: true,
    trigger: true,
  },
  gunRollsClose: { place: 'gun', minutes: 0.2, hazards: ['feeding-wire'] },
  tipClean: { place: 'gun', minutes: 0.5, hot: true },
  fitTip: { place: 'gun', minutes: 0.7, hazards: ['feeding-wire'] },
  nozzleClean: { place: 'gun', minutes: 0.7, hot: true },
  fitNozzle: { place: 'gun', minutes: 0.3 },
  trimWire: { place: 'gun', minutes: 0.2, hazards: ['wire-end'], gloves: true },
  setPressure: {
    place: 'cabinet',
    minutes: 3,
    hazards: ['feeding-wire', 'live-wire'],
    hold: true,
    gloves: true,
    trigger: true,
  },
  openCylinder: {
    place: 'cylinder',
    minutes: 0.4,
    hazards: ['cylinder', 'gas-in-closed-space'],
    chained: true,
  },
  leakCheck: { place: 'cylinder', minutes: 1 },
  purgeGas: {
    place: 'cylinder',
    minutes: 0.7,
    unless: true,
    hazards: ['live-wire', 'gas-in-closed-space'],
    trigger: true,
  },
  setFlow: { place: 'cylinder', minutes: 1.5, hazards: ['live-wire'], trigger: true },
  clampMend: { place: 'gun', minutes: 1.5, off: true },
  cleanCoupon: { place: 'gun', minutes: 1.5, hazards: ['solvent', 'fume'], gloves: true, sparks: true },
  preheat: { place: 'gun', minutes: 4, hazards: ['hot-metal'], gloves: true, sparks: true },
  hotWork: { place: 'gun', minutes: 2, hazards: ['fire'] },
  clampOn: { place: 'gun', minutes: 0.5 },
  testWeld: { place: 'gun', minutes: 3, hazards: ['arc', 'fume'], hold: true, gloves: true, sparks: true },
  fireWatch: { place: 'gun', minutes: 0.5, hazards: ['fire'] },
  askBox: { place: 'store', minutes: 2, hold: true },
  putAway: { place: 'store', minutes: 2 },
  openCase: {
    place: 'cabinet',
    minutes: 3,
    hazards: ['live-studs', 'stored-charge'],
    hold: true,
    opens: true,
    inside: true,
  },
  fitSolenoid: { place: 'cabinet', minutes: 10, hazards: ['stored-charge'], inside: true },
  wireSolenoid: {
    place: 'cabinet',
    minutes: 12,
    hazards: ['mains-work', 'stored-charge'],
    hold: true,
    inside: true,
  },
  fitGasHose: { place: 'cabinet', minutes: 6 },
  hoseOff: { place: 'cabinet', minutes: 3, inside: true },
  solenoidOut: {
    place: 'cabinet',
    minutes: 10,
    hazards: ['mains-work', 'stored-charge'],
    hold: true,
    inside: true,
  },
  closeCase: { place: 'cabinet', minutes: 3 },
  clickTest: {
    place: 'cabinet',
    minutes: 1,
    hazards: ['live-wire', 'moving-rolls'],
    hold: true,
    trigger: true,
  },
  connectGun: { place: 'cabinet', minutes: 2, hazards: ['machine-off'], off: true },
  tuckNewEnd: { place: 'spool', minutes: 0.3, hazards: ['wire-end'], captive: true },
  hangTag: { place: 'cabinet', minutes: 0.5 },
  takeTagOff: { place: 'cabinet', minutes: 0.2 },
} satisfies Record<string, TaskRow>
export type Task = keyof typeof ROWS
export const TASK_ROWS: Readonly<Record<Task, TaskRow>> = ROWS
export const TASKS = Object.keys(ROWS) as [Task, ...Task[]]
/** Whether a task is still done: a plan kept by an earlier version may name another. */
export const isTask = (name: string): name is Task => (TASKS as readonly string[]).includes(name)
