import type { Task } from '../../../steps/step.ts'
import { formatFlow } from '../../../units/format.ts'
import type { Say } from './reader.ts'

/** At the cylinder. */
export const CYLINDER_STEPS = {
  checkChain: () => ({
    say: 'Look at the cylinder that is on: upright, chained to wall or cart?',
    how: 'If it is not: tie it now, before its valve is touched.',
    why: 'The hose pulls at it as soon as you walk with the gun.',
  }),
  shutCylinder: (r) => ({
    say: `Look that the cylinder is upright and chained; then shut its valve${r.f.noPower ? '' : ', drain both gauges to zero through the purge'}, and back the regulator screw out${r.f.gasNeeded || r.f.conversion ? '' : '; it stays shut'}.`,
    how: `One that stands loose is tied first. ${
      r.f.noPower
        ? 'The machine is off: what stands in the hose is let out once it is on.'
        : 'The purge button; without one the trigger, pressure arm open, clamp off, gun in the air and away from flames.'
    }`,
    why:
      r.f.conversion === 'to-gas'
        ? 'The gas waits for the first wire that wants it.'
        : r.f.gasNeeded
          ? 'No gas while the wire is threaded.'
          : 'This wire makes its own shield; gas would be wasted and takes the weld outside what the wire was tested for.',
  }),
  regulatorOff: (r) => ({
    say: `Both gauges at zero, screw out: loosen the regulator and take it off the ${r.f.fitted === undefined ? 'old' : r.t('fitted')} cylinder; cap on.`,
    how: 'A little at a time. The cylinder is tied up again where it will stand.',
    why: 'One regulator, one cylinder at a time: the fitting must be empty before it is opened.',
  }),
  chainCylinder: (r) => ({
    say: `Chain the ${r.t('wanted')} cylinder upright, then take its cap off.`,
    how: 'Moved only with its cap on, rolled on its foot or in a cart.',
  }),
  crackValve: () => ({
    say: 'Stand aside, crack the valve for an instant to blow the dust out, and shut it.',
    why: 'Dust in the outlet ends in the seat of the regulator, which then creeps.',
  }),
  regulatorOn: (r) => ({
    say: 'Fit the regulator with a wrench, screw backed out; hose on.',
    how: `${r.f.otherOutlet ? 'CO2 and argon mixtures have different outlets: use the regulator made for this one. ' : ''}No tape: the seat seals, not the thread. A hose rated for the gas, never fuel hose.`,
    why: 'Screw out, no pressure reaches the hose when the valve is opened.',
  }),
  openCylinder: () => ({
    say: 'Screw out. Stand aside, open the cylinder valve slowly; then turn the screw in.',
    why: 'Opened against a screw that is in, the surge goes into the gauge and the hose.',
  }),
  leakCheck: () => ({
    say: 'With the screw in and the solenoid shut, brush soapy water on every joint: no bubbles.',
    how: 'That way cylinder, regulator, hose and inlet are all under pressure.',
    why: 'A leak of a few bubbles empties a cylinder over a weekend.',
  }),
  purgeGas: () => ({
    say: 'Purge the old gas out of hose and gun with the new.',
    how: 'The purge button, or the trigger with the pressure arm open.',
    why: 'What stands in the hose is still the other gas.',
  }),
  setFlow: (r) => ({
    say: r.f.kept
      ? `Set the flow back to ${r.f.flow === undefined ? 'what it was' : formatFlow(Number(r.f.flow), r.units)}, with gas flowing.`
      : `Set the flow to about ${formatFlow(Number(r.f.value), r.units)} with gas flowing.`,
    how: r.f.kept
      ? 'Purge button, or the trigger with the pressure arm open. Left as it is by choice.'
      : `Purge button, or the trigger with the pressure arm open. Between ${formatFlow(Number(r.f.low), r.units)} and ${formatFlow(Number(r.f.high), r.units)}${r.f.ceiling === undefined ? '' : `; more than ${formatFlow(Number(r.f.ceiling), r.units)} is turbulent`}. Listen at the nozzle.`,
    why: 'Too little lets air in; too much whirls and draws it in.',
  }),
} satisfies Partial<Record<Task, Say>>
