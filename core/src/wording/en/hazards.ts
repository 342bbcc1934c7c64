import type { Hazard, Step, Task } from '../../steps/step.ts'

/** What is said where a step says nothing nearer to it. */
const HAZARDS: Record<Hazard, string> = {
  'live-studs': 'Unplug, do not only switch off, before a cable is moved.',
  'stored-charge': 'Capacitors hold charge after the mains are gone.',
  'machine-off': 'The machine stays off while hands are in it.',
  'moving-rolls': 'Fingers, gloves and sleeves clear of the rolls.',
  'wire-end': 'Wire ends whip and pierce: mind eyes and hands.',
  'feeding-wire': 'A fed wire pierces a finger. Never towards a person, never against a hand.',
  'live-wire': 'The trigger makes the wire live: clamp off, gun in the air, away from earthed metal.',
  'hot-parts': 'Tip and nozzle may be hot.',
  'compressed-air': 'Eye protection, low pressure, nobody in line with the gun.',
  cylinder: 'Stand aside of the gauges. No oil on anything here.',
  'gas-in-closed-space': 'Argon and CO2 displace air: ventilate closed spaces.',
  arc: 'Helmet shade by current, screens for others.',
  fume: 'Ventilate: more for flux-cored, far more for galvanised or stainless.',
  solvent: 'Never a solvent with chlorine: the arc makes phosgene of it.',
  'hot-metal': 'Hot metal looks cold: gloves, and mark it.',
  fire: 'Sparks travel far and fall through gaps.',
  ozone: 'The arc on aluminium makes much ozone: extract it at the arc.',
  chromium: 'The fume holds chromium(VI), which can cause cancer: extract it at the arc.',
  beryllium:
    'Beryllium: its fume gives a lung disease that does not heal. No arc without extraction made for it and medical watch.',
  lead: 'Lead in the fume is a poison: extraction or a supplied-air respirator; wash before you eat.',
  nickel: 'The fume holds nickel, which can cause cancer: extract it at the arc.',
  barium: 'Many wires of this class hold barium: extract at the arc, and read the data sheet.',
  fluorides: 'Fluorides in the fume sting eyes and lungs: extract it at the arc.',
  manganese: 'Manganese in the fume harms the nerves over years: keep out of the plume.',
  copper: 'Copper fume gives fever like zinc: extract it at the arc.',
  zinc: 'Zinc fume gives metal fume fever: extract at the arc, or a fitted fume respirator.',
  heavy: 'Heavy: two lift it, or a hoist; a drum is rolled or moved on a truck.',
  'mains-work': 'Plugs, breakers and wiring are for a licensed electrician.',
}

/**
 * What a hazard is at one task, nearer than its general sentence; none where the order itself says it. A step says a
 * thing once.
 */
const AT: Partial<Record<Task, Partial<Record<Hazard, string | null>>>> = {
  protect: { 'wire-end': null },
  checkChain: { cylinder: 'A cylinder that falls can lose its valve.' },
  shutCylinder: { cylinder: 'No oil on valve or regulator.' },
  unplug: { 'live-studs': 'Studs and terminals are live as long as the plug is in.' },
  waitDischarge: { 'stored-charge': 'With the plug out they can still give a shock that kills.' },
  clampOff: { 'live-wire': 'The trigger makes the wire live.' },
  tightenStuds: { 'stored-charge': null },
  swapStuds: { 'stored-charge': null },
  openCase: { 'live-studs': null },
  regulatorOff: { cylinder: 'Gas left behind the nut drives it off.' },
  chainCylinder: { cylinder: 'A cylinder that falls can lose its valve.' },
  crackValve: { cylinder: 'Nobody in front of the outlet.' },
  regulatorOn: { cylinder: 'Oil burns in a gas fitting: none on threads or hands.' },
  openCylinder: { cylinder: 'A gauge that bursts does so in front of its glass.' },
  feedThrough: {
    'live-wire':
      'The trigger makes the wire live: clamp off, gun pointed away from people and earthed metal.',
    'feeding-wire': 'A fed wire pierces a finger: never against a hand.',
  },
  setPressure: {
    'live-wire': 'The trigger makes the wire live: clamp off, gun at dry wood that touches no earthed metal.',
    'feeding-wire': 'A fed wire pierces a finger: never against a hand.',
  },
  gunRollsClose: { 'feeding-wire': 'A fed wire pierces a finger.' },
  fitTip: { 'feeding-wire': 'A fed wire pierces a finger.' },
  trimWire: { 'wire-end': 'The cut end flies: cut towards the floor, eyes covered.' },
  tipOff: { 'hot-parts': 'The tip may still be warm inside.' },
  snipBall: { 'wire-end': 'The ball flies: cut towards the floor, eyes covered.' },
  fireWatch: { fire: null },
  cleanCoupon: { fume: null },
  solenoidOut: { 'mains-work': null },
  wireSolenoid: { 'mains-work': null },
  clickTest: { 'live-wire': 'The trigger makes the wire live: clamp off, gun in the air.' },
}

/** A caution by itself. */
export const hazardText = (hazard: Hazard): string => HAZARDS[hazard]

/** The cautions of a step, each once, nearest to what is done. */
export const stepHazards = (step: Step): string[] =>
  step.hazards
    .map((hazard) => {
      const near = AT[step.task]?.[hazard]
      return near === undefined ? HAZARDS[hazard] : near
    })
    .filter((text) => text !== null)
