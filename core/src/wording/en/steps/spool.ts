import type { Task } from '../../../steps/step.ts'
import { retainer, type Say } from './reader.ts'

/** At the spool. */
export const SPOOL_STEPS = {
  readWire: () => ({
    say: 'Read the label of the wire that is on the machine now.',
    how: 'Classification and size. No label: measure the wire, and call it unknown.',
    why: 'Nothing unread is assumed.',
  }),
  holdOldWire: () => ({ say: 'Hold the wire at the spool, and do not let go.' }),
  cutOldWire: () => ({ say: 'Cut the wire on the spool side, holding both ends.' }),
  windBack: () => ({ say: 'Wind the wire back onto the spool, turn by turn, tight.' }),
  tuckOldEnd: () => ({
    say: 'Tuck the end through the hole in the flange and bend it over. Now you may let go.',
  }),
  spoolOff: (r) => ({
    say: 'Take the old spool off and bag it with its label.',
    how: `Mind the retainer.${retainer(r.f.spoolReverse)}`,
  }),
  fitAdapter: (r) => ({ say: `Fit the adapter for the ${r.t('type')} spool on the hub.` }),
  mountSpool: (r) => ({
    say: `Mount the new spool: wire leaving ${r.f.leaves === undefined ? 'in line with the inlet guide' : `from the ${r.t('leaves')}`}, ${r.f.locator === 'none' ? 'home on the hub' : `${r.t('locator')} in its hole`}, retainer on.`,
    how: `${r.f.inletBeforeSpool ? 'On this machine the wire passes the inlet spring before the spool goes on. ' : ''}The end stays tucked.${r.f.spoolReverse ? ' The retainer is reverse-threaded: it tightens anticlockwise.' : ''}`,
    why: 'No reverse bend on the way to the rolls.',
  }),
  setBrake: () => ({
    say: 'Set the hub brake: the spool just stops with the wire, and a slight push turns it.',
    how: 'Turn it by hand, stop: it must not run on.',
  }),
  freeNewEnd: () => ({ say: 'Free the end of the new wire and hold it, arm open.' }),
  cutNewEnd: (r) => ({
    say: `Cut off the crooked part${r.f.wireRusty ? ' and every rusty turn' : ''}; bend the first ${r.units === 'metric' ? '150 mm' : '6 in'} straight; cut clean.`,
  }),
} satisfies Partial<Record<Task, Say>>
