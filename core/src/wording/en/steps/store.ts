import type { Task } from '../../../steps/step.ts'
import type { Say } from './reader.ts'

/** At the store. */
export const STORE_STEPS = {
  gatherParts: (r) => ({
    say: 'Bring the parts and tools of the list to the machine.',
    ...(r.f.opened && {
      how: 'Lay them out in the tray in the order in which the wire meets them.',
    }),
    why: 'What is missing is found before anything is opened.',
  }),
  protect: (r) => ({
    say: `Jacket, gloves and eye protection on${r.f.people === 2 ? ', both of you' : ''}.`,
    why: 'Wire ends whip and pierce.',
  }),
  askBox: () => ({
    say: 'Find the box of this wire, or ask who sold it: classification, polarity, gas. Found: plan again with what it says.',
    how: 'Not found: go on with what every such wire shares. Until it is, no cable is moved, no gas opened and no arc struck.',
    why: 'Cored wire runs with gas or without, on plus or on minus; nothing on the wire itself tells which.',
  }),
  putAway: () => ({
    say: 'Label what came off with machine and wire, and put it in its drawer.',
    why: 'It is the way back.',
  }),
} satisfies Partial<Record<Task, Say>>
