import type { Task } from '../../../steps/step.ts'
import { retainer, type Say, type Words } from './reader.ts'

const DRUM: Words = {
  say: 'Stand the drum behind the machine, cone in, hood on, and lead the conduit from the hood to the inlet guide.',
  how: 'Cut no tie before the hood is on. The end stays clipped; the conduit in wide bends, without a kink.',
  why: 'No pin, no retainer and no brake: cone and hood keep the loops apart.',
}

/** At the spool. */
export const SPOOL_STEPS = {
  readWire: () => ({
    say: 'Read the label of the wire that is on the machine now.',
    how: 'Classification and size. No label: measure the wire, and call it unknown.',
    why: 'Nothing unread is assumed.',
  }),
  leadConduit: () => ({
    say: 'Lead the end through the conduit up to the inlet guide, the hand at it all the way.',
    how: 'The hood stays on; nobody reaches into the drum.',
  }),
  holdOldWire: () => ({ say: 'Hold the wire at the spool, and do not let go.' }),
  cutOldWire: () => ({
    say: 'Cut the wire on the feeder side of your hand; keep hold of the end at the spool.',
  }),
  windBack: () => ({ say: 'Wind the wire back onto the spool, turn by turn, tight.' }),
  tuckOldEnd: () => ({
    say: 'Tuck the end through the hole in the flange and bend it over. Now you may let go.',
  }),
  spoolOff: (r) => ({
    say: r.f.spoolGun
      ? 'Take the small spool out of the gun and bag it with its label.'
      : r.f.oldDrum === true
        ? 'Clip the end of the wire at the drum, draw the conduit off the inlet guide, and roll the drum away.'
        : r.f.empty
          ? 'Lift the empty spool off the hub.'
          : r.f.onlySpool
            ? 'Take the spool that is on the hub off, if there is one, and bag it with its label.'
            : 'Take the old spool off and bag it with its label.',
    how: r.f.spoolGun
      ? 'Nut and spring stay with the gun.'
      : r.f.oldDrum === true
        ? 'Hood stays on.'
        : `Retainer off first.${retainer(r.f.spoolReverse)}`,
  }),
  adapterOff: () => ({ say: 'Take the adapter off the hub, and keep it with its drawer.' }),
  fitAdapter: (r) => ({
    say:
      r.t('mount') === 'drum'
        ? 'Bring the drum’s cone, hood and conduit to the machine.'
        : r.t('mount') === 'hardware'
          ? 'Fit the hardware for the coil on the hub.'
          : `Fit the adapter for the ${r.t('type')} spool on the hub.`,
  }),
  mountSpool: (r) =>
    r.f.spoolGun
      ? {
          say: `Put the ${r.f.again ? '' : 'new '}small spool into the gun, wire leaving in line with its rolls, nut on.`,
          how: 'The end stays tucked.',
        }
      : r.t('mount') === 'drum'
        ? DRUM
        : {
            say: `${r.f.again ? 'Put the spool on again' : 'Mount the new spool'}: wire leaving ${r.f.leaves === undefined ? 'in line with the inlet guide' : `from the ${r.t('leaves')}`}, ${r.f.locator === 'none' ? 'home on the hub' : `${r.t('locator')} in its hole`}, retainer on.`,
            how: `${r.f.inletBeforeSpool ? 'The end stays clipped at the inlet spring.' : 'The end stays tucked.'}${r.f.spoolReverse ? ' The retainer is reverse-threaded: it tightens anticlockwise.' : ''}`,
            why: 'No reverse bend on the way to the rolls.',
          },
  seatSpool: (r) => ({
    say: `Retainer off, turn the spool until the ${r.f.locator === 'none' ? 'hub' : r.t('locator')} is home in its hole, retainer on again.`,
    how: `${r.f.cutFree ? 'The end stays tucked.' : 'The rolls hold the wire meanwhile: leave the arm closed.'}${r.f.spoolReverse ? ' The retainer is reverse-threaded: it tightens anticlockwise.' : ''}`,
    why: 'A spool that is not located slips on its brake.',
  }),
  passInlet: (r) => ({
    say: `Pass the end of the ${r.f.again ? '' : 'new '}wire through the inlet spring and clip it there.`,
    how: 'The spool stands beside the hub. Hold the wire until the clip is on: then both hands are free to lift.',
    why: 'On this machine the spool stands in the way once it is on.',
  }),
  tuckNewEnd: () => ({
    say: 'Tuck the end through the hole in the flange and bend it over. Now you may let go.',
  }),
  setBrake: (r) => ({
    say: r.f.spoolGun
      ? 'Set the nut of the small spool: it just stops with the wire, and a slight push turns it.'
      : 'Set the hub brake: the spool just stops with the wire, and a slight push turns it.',
    why: 'Too loose it runs on and the loops cross; too tight it drags at the rolls.',
  }),
  takeNewEnd: (r) => ({
    say: `Free the end of the new wire and hold it: cut off the crooked part${r.f.wireRusty ? ' and every rusty turn' : ''}, bend the first ${r.units === 'metric' ? '150 mm' : '6 in'} straight, cut clean.`,
    how: 'Arm open. The hand stays at the wire until the arm is closed.',
  }),
  freeNewEnd: () => ({ say: 'Free the end of the new wire and hold it, arm open.' }),
  cutNewEnd: (r) => ({
    say: `Cut off the crooked part${r.f.wireRusty ? ' and every rusty turn' : ''}; bend the first ${r.units === 'metric' ? '150 mm' : '6 in'} straight; cut clean.`,
  }),
} satisfies Partial<Record<Task, Say>>
