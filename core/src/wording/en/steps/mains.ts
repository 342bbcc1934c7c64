import type { Task } from '../../../steps/step.ts'
import type { Say } from './reader.ts'

/** At the plug. */
export const MAINS_STEPS = {
  unplug: () => ({
    say: 'Pull the mains plug, and keep it where you can see it.',
    how: 'Engine-driven: stop the engine.',
    why: 'Off is not enough before cables are moved.',
  }),
  supplyFix: (r) => {
    // In work that was planned for something else it is the earth that bars the way.
    const faults = (r.f.faults as readonly string[] | undefined) ?? [
      r.f.rule === undefined ? 'earth-pin-missing' : r.t('rule'),
    ]
    const orders = [
      ...(faults.includes('earth-pin-missing')
        ? ['have the earth pin of the plug mended before the machine is used']
        : []),
      ...(faults.includes('circuit-too-small')
        ? [`put it on a circuit of at least ${r.t('neededA')} A`]
        : []),
      ...(faults.includes('cord-too-thin')
        ? [
            r.f.cordWantedMm2 === undefined
              ? 'bring the circuit nearer: no cord will do over this length'
              : `take a cord of at least ${r.t('cordWantedMm2')} mm²`,
          ]
        : []),
    ]
    return {
      say: `For the mains side: ${orders.join('; ')}.`,
      ...(faults.includes('earth-pin-missing')
        ? { how: 'Without it a fault makes the case live: the machine stays off until then.' }
        : {}),
    }
  },
  plugIn: () => ({ say: 'Case closed, then plug in.' }),
} satisfies Partial<Record<Task, Say>>
