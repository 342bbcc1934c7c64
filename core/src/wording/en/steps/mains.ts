import type { Task } from '../../../steps/step.ts'
import type { Say } from './reader.ts'

/** At the plug. */
export const MAINS_STEPS = {
  unplug: () => ({
    say: 'Pull the mains plug, and keep it where you can see it.',
    how: 'Engine-driven: stop the engine.',
    why: 'Off is not enough before cables are moved.',
  }),
  supplyFix: (r) =>
    r.t('rule') === 'earth-pin-missing'
      ? {
          say: 'Have the earth pin of the plug mended before the machine is used.',
          how: 'By a licensed electrician. Without it a fault makes the case live.',
        }
      : {
          say: 'Put the machine on the circuit or cord it needs.',
          how: 'Plugs, breakers and circuits are for a licensed electrician.',
        },
  plugIn: () => ({ say: 'Case closed, then plug in.' }),
} satisfies Partial<Record<Task, Say>>
