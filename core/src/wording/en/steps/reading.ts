import type { Station } from '../../../machine/stations.ts'
import type { Say } from './reader.ts'

/** How each station is looked at, before anything is touched. */
export const READING: Record<Station, Say> = {
  spool: () => ({
    say: 'Read the hub: which spool, is the pin in its hole, from which side does the wire leave?',
  }),
  hubBrake: () => ({
    say: 'Feel the hub brake: does the spool stop with the wire, and turn at a slight push?',
  }),
  inletGuide: () => ({ say: 'Look at the inlet guide: steel or polymer, and how far from the roll?' }),
  driveRolls: () => ({
    say: 'Read the drive rolls: smooth V, smooth U or knurled, the stamped sizes, and which groove is in line with the wire.',
    how: 'Look, do not touch: the machine is still on.',
  }),
  rollPressure: () => ({ say: 'Read the mark of the roll pressure.' }),
  outletGuide: () => ({ say: 'Look at the outlet guide: steel or polymer, and how far from the roll?' }),
  liner: () => ({
    say: 'Find out which liner is in the gun: steel coil or polymer, its range and length.',
    how: 'Its label, or its end at the connector.',
  }),
  gun: () => ({
    say: 'Read the gun: kind and length; on a push-pull gun its own rolls and short liner too.',
  }),
  contactTip: () => ({ say: 'Read the stamp on the contact tip, once it is cool.' }),
  nozzle: () => ({ say: 'Look at the nozzle: gas nozzle, cap or none, and its bore.' }),
  polarity: () => ({
    say: 'Trace the work lead: the gun hangs on the other pole.',
    how: 'From outside. Open nothing yet.',
  }),
  gas: () => ({ say: 'Read the cylinder label: which gas is connected?' }),
  gasFlow: () => ({ say: 'Read the flowmeter.' }),
  supply: () => ({ say: 'Read the circuit: voltage, breaker, cord; is the earth pin there?' }),
}
