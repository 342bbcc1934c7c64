import type { Task } from '../../../steps/step.ts'
import { formatFlow } from '../../../units/format.ts'
import type { Say } from './reader.ts'

/** At the cylinder. */
export const CYLINDER_STEPS = {
  shutCylinder: (r) => ({
    say: r.f.gasNeeded
      ? 'Shut the cylinder valve and back the regulator screw out.'
      : 'Shut the cylinder valve, back the regulator screw out and leave it shut.',
    how: 'The cylinder stays chained.',
    why: r.f.gasNeeded
      ? 'No gas while the wire is threaded.'
      : 'This wire makes its own shield; gas would be wasted and takes the weld outside what the wire was tested for.',
  }),
  regulatorOff: (r) => ({
    say: `Take the regulator off the ${r.f.fitted === undefined ? 'old' : r.t('fitted')} cylinder; cap on, cylinder back in its chain.`,
    how: 'Valve shut first; loosen slowly and let the pressure bleed.',
  }),
  chainCylinder: (r) => ({
    say: `Chain the ${r.t('wanted')} cylinder upright, then take its cap off.`,
    how: 'Never move a cylinder without its cap.',
  }),
  crackValve: () => ({
    say: 'Stand aside, crack the valve for an instant to blow the dust out, and shut it.',
  }),
  regulatorOn: (r) => ({
    say: 'Fit the regulator with a wrench, screw backed out; hose on.',
    how: `${r.f.otherOutlet ? 'CO2 and argon mixtures have different outlets: use the regulator made for this one. ' : ''}No oil, no tape. A hose rated for the gas, never fuel hose.`,
  }),
  openCylinder: () => ({
    say: 'Stand aside and open the cylinder valve slowly.',
    how: 'Chained, screw out.',
  }),
  leakCheck: () => ({ say: 'Brush soapy water on the joints: no bubbles.' }),
  setFlow: (r) => ({
    say: `Set the flow to about ${formatFlow(Number(r.f.value), r.units)} with gas flowing.`,
    how: `Purge button, or the trigger with the pressure arm open, gun in the air, clamp off. Between ${formatFlow(Number(r.f.low), r.units)} and ${formatFlow(Number(r.f.high), r.units)}${r.f.ceiling === undefined ? '' : `; more than ${formatFlow(Number(r.f.ceiling), r.units)} is turbulent`}. Listen at the nozzle.`,
  }),
} satisfies Partial<Record<Task, Say>>
