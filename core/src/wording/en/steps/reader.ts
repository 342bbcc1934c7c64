import type { Facts } from '../../../base/facts.ts'
import type { UnitSystem } from '../../../units/format.ts'

export interface Words {
  /** The order itself, one sentence. */
  say: string
  /** How, and what this machine wants. */
  how?: string
  /** Why it is done, or why here. */
  why?: string
}
export interface Reader {
  f: Facts
  t: (key: string) => string
  size: string
  units: UnitSystem
}
export type Say = (r: Reader) => Words

export const GROOVE_SIDE: Record<string, string> = {
  inner: 'On this machine the groove nearest the motor carries the wire.',
  outer: 'On this machine the outer groove carries the wire.',
  turn: 'On this machine the roll is turned round to change the groove.',
  depth: 'On this machine the roll is shifted in or out to bring the groove into line.',
}

export const groove = (r: Reader) =>
  GROOVE_SIDE[r.t('workingGroove')] ??
  'Sight along the inlet guide: the right groove is the one in line with it.'

export const retainer = (reverse: unknown) =>
  reverse
    ? ' The retainer is reverse-threaded: it loosens clockwise.'
    : ' If it will not turn, it may be reverse-threaded.'

export const cable = (r: Reader) =>
  r.t('wanted') === 'DCEN' ? 'gun cable on minus, work lead on plus' : 'gun cable on plus, work lead on minus'

export const polarityWhy = (r: Reader) =>
  `${r.f.classification ?? 'This wire'} runs ${r.t('wanted')}: ${r.t('wanted') === 'DCEN' ? 'electrode negative' : 'electrode positive'}.`
