import type { Task } from '../../../steps/step.ts'
import { gunOn } from '../names.ts'
import { cable, polarityWhy, type Say } from './reader.ts'

/** At the power source. */
export const SOURCE_STEPS = {
  switchOff: () => ({
    say: 'Switch the machine off.',
    how: 'Where a separate feeder keeps the wire live, switch off the power source.',
    why: 'Rolls, guides and liner are only touched when nothing can turn.',
  }),
  hosesOff: () => ({
    say: 'Switch the cooler off, let its pressure go, and take both water hoses off the gun.',
    how: 'Caps on, or a bucket under them: no water into the feeder.',
  }),
  hosesOn: (r) => ({
    say: r.f.ifStays
      ? 'Where the same gun went on again, connect both water hoses, flow to flow.'
      : 'Connect both water hoses again, flow to flow; the cooler runs once the machine is on.',
    how: 'No drips, and the return runs before the arc: a gun that is not cooled burns in a minute.',
  }),
  waitDischarge: (r) => ({
    say: 'Wait until the capacitors have discharged, counted from when the plug came out.',
    how:
      r.f.minutes === undefined
        ? 'As long as the machine’s manual says; at least five minutes where it says nothing.'
        : `${r.t('minutes')} min by this machine’s manual.`,
  }),
  swapPlugs: (r) => ({
    say: r.f.nothingOn
      ? `Connect the two cables at the front: ${cable(r)}.`
      : `Swap the two cable plugs: ${cable(r)}.`,
    how: 'Push home and twist tight: a loose plug heats.',
    why: polarityWhy(r),
  }),
  turnSwitch: (r) => ({
    say: `Turn the polarity switch to ${gunOn(r.t('wanted'))} (${r.t('wanted')}).`,
    why: polarityWhy(r),
  }),
  switchOn: () => ({
    say: 'Switch the machine on.',
    how: 'Look along the wire once more first: nothing left lying in the cabinet, every tool out.',
  }),
} satisfies Partial<Record<Task, Say>>
