import type { Cause } from './causes.ts'

/** What a cure is: work on the machine, a knob, the hand, something bought or brought, or somebody who may. */
export type CureKind = 'work' | 'knob' | 'hand' | 'technician'
/** Where the work is: how far the machine is opened for it. */
export type CureWork =
  | 'tip-new'
  | 'tip-tighten'
  | 'tip-off'
  | 'liner-new'
  | 'liner-clean'
  | 'liner-trim'
  | 'rethread'
  | 'rolls-new'
  | 'rolls-clean'
  | 'pressure'
  | 'guide-set'
  | 'gun-rolls-new'
  | 'gun-rolls-close'
  | 'brake'
  | 'seat'
  | 'other-spool'
  | 'polarity'
  | 'clamp'
  | 'studs'
  | 'supply'
  | 'open-cylinder'
  | 'other-cylinder'
  | 'purge'
  | 'flow'
  | 'seals'
  | 'nozzle'

export interface CureRow {
  kind: CureKind
  work?: CureWork
  /** Minutes it takes as a rule, for weighing a look against just curing it. common practice, no source */
  minutes: number
}
const work = (name: CureWork, minutes: number): CureRow => ({ kind: 'work', work: name, minutes })
const knob = (minutes = 1): CureRow => ({ kind: 'knob', minutes })
const hand = (minutes: number): CureRow => ({ kind: 'hand', minutes })
const technician: CureRow = { kind: 'technician', minutes: 60 }

/** What helps against each cause. */
const CURES: Record<Cause, CureRow> = {
  'tip-too-small': work('tip-new', 5),
  'tip-too-large': work('tip-new', 5),
  'tip-worn': work('tip-new', 5),
  'tip-blocked': work('tip-new', 5),
  'tip-loose': work('tip-tighten', 3),
  'tip-on-while-threading': work('tip-off', 3),
  'liner-kinked': work('liner-new', 24),
  'liner-dirty': work('liner-clean', 16),
  'liner-wrong': work('liner-new', 24),
  'liner-too-short': work('liner-new', 24),
  'liner-too-long': work('liner-trim', 18),
  'lead-bent': hand(1),
  'wire-end-bent': work('rethread', 14),
  'push-too-long': hand(60),
  'rolls-wrong-profile': work('rolls-new', 17),
  'rolls-wrong-groove': work('rolls-new', 17),
  'rolls-dirty-or-worn': work('rolls-clean', 15),
  'pressure-low': work('pressure', 5),
  'pressure-high': work('pressure', 5),
  'guide-gap': work('guide-set', 15),
  'guide-out-of-line': work('guide-set', 15),
  'gun-rolls-wrong': work('gun-rolls-new', 16),
  'gun-rolls-open': work('gun-rolls-close', 2),
  'brake-tight': work('brake', 2),
  'brake-loose': work('brake', 2),
  'pin-out': work('seat', 3),
  'spool-wrong-side': work('other-spool', 16),
  'turns-crossed': work('rethread', 14),
  'wire-rusty': work('other-spool', 16),
  'wire-damp': work('other-spool', 16),
  'polarity-wrong': work('polarity', 11),
  'work-clamp': work('clamp', 2),
  'cable-loose': work('studs', 9),
  'supply-weak': work('supply', 4),
  'cylinder-shut': work('open-cylinder', 2),
  'cylinder-empty': work('other-cylinder', 9),
  'not-purged': work('purge', 2),
  'gas-wrong': work('other-cylinder', 9),
  'flow-low': work('flow', 3),
  'flow-high': work('flow', 3),
  'o-ring': work('seals', 15),
  'hose-leak': hand(10),
  'solenoid-dead': technician,
  'nozzle-blocked': work('nozzle', 3),
  draught: hand(2),
  'feeder-motor': technician,
  'control-board': technician,
  'gun-switch': technician,
  'too-close': hand(0.5),
  'too-far': hand(0.5),
  'gun-angle': hand(0.5),
  travel: hand(0.5),
  'volts-low': knob(),
  'volts-high': knob(),
  'speed-low': knob(),
  'speed-high': knob(),
  'wire-thick-for-metal': hand(30),
  'wire-thin-for-metal': hand(30),
  'metal-dirty': hand(3),
}
export const cureRow = (cause: Cause): CureRow => CURES[cause]
