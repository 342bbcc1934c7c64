import type { Fitted } from '../../../machine/fitted/fitted.ts'
import type { Machine } from '../../../machine/machine.ts'
import type { Task } from '../../../steps/step.ts'
import type { UnitSystem } from '../../../units/format.ts'
import { sizeText } from '../names.ts'
import type { Say } from '../steps/reader.ts'
import type { Rule } from './reader.ts'

export type Setup = Partial<Fitted> & { supply?: Machine['supply'] }

/** All that is said of one station. */
export interface StationWords {
  /** The standard name of the trade. */
  name: string
  /** The same in the fewest letters. */
  short: string
  /** Why it fits or does not, rule by rule. */
  rules: Readonly<Record<string, Rule>>
  /** How a practitioner finds its state: by eye, by hand, by ear. common practice */
  senses: { look?: string; feel?: string; listen?: string }
  /** How it is looked at, before anything is touched. */
  reading: Say
  /** What stands there in the fewest words, as it goes under its mark. */
  fitted: (setup: Setup, units: UnitSystem) => string
  /** Steps that are its own. */
  steps?: Partial<Record<Task, Say>>
  /** Fields that are its own, where a place in a file is named. */
  fields?: Readonly<Record<string, string>>
}

/** What is there, that nothing is, or that nobody read it. */
export const shown = <T>(value: T | null | undefined, text: (v: T) => string): string =>
  value === undefined ? UNREAD : value === null ? 'none' : text(value)
export const UNREAD = 'not read'
/** Figure and unit stay on one line. */
export const tight = (text: string) => text.replace(/ /g, '\u00a0')
export const range = (from: number, to: number, units: UnitSystem) =>
  from === to ? sizeText(from, units) : `${sizeText(from, units)}\u2060–\u2060${sizeText(to, units)}`
