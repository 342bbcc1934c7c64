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
/** Work on the gas, from its cylinder to the flow. */
export const AT_THE_GAS: readonly CureWork[] = ['open-cylinder', 'other-cylinder', 'purge', 'flow']

export interface CureRow {
  kind: CureKind
  work?: CureWork
  /** Minutes it takes as a rule, for weighing a look against just curing it. common practice, no source */
  minutes: number
}
export const work = (name: CureWork, minutes: number): CureRow => ({ kind: 'work', work: name, minutes })
export const knob = (minutes = 1): CureRow => ({ kind: 'knob', minutes })
export const hand = (minutes: number): CureRow => ({ kind: 'hand', minutes })
export const technician: CureRow = { kind: 'technician', minutes: 60 }
