import type { RollPressureRule, RollPressureFact } from '../../../stations/rollPressure/rules.ts'
import { nameIn, PRESSURE_NAMES } from '../names.ts'
import { shown, tight, type StationWords } from './stationWords.ts'
import { unread, type Rule } from './reader.ts'

export const ROLL_PRESSURE_WORDS: Record<RollPressureRule, Rule<RollPressureFact>> = {
  'pressure-not-read': unread('The roll pressure'),
  'pressure-to-set': (r) => ({
    why: `With a wire newly on, the pressure is set by test: ${nameIn(PRESSURE_NAMES, r.text('level'))}.`,
    otherwise: 'Too little slips, too much crushes.',
  }),
  'pressure-for-other-wire': (r) => ({
    why: `Pressure belongs to one wire on one machine. This wire wants it ${nameIn(PRESSURE_NAMES, r.text('level'))}${r.facts.oldLevel !== undefined && r.facts.oldLevel !== r.facts.level ? `, where the old one had it ${nameIn(PRESSURE_NAMES, r.text('oldLevel'))}` : ''}.`,
    otherwise:
      r.facts.level === 'firm'
        ? 'Too light, and the wire slips and burns back.'
        : 'The old pressure crushes or flattens this wire, and it knots at the next catch.',
  }),
  'pressure-off-its-mark': (r) => {
    const low = Number(r.facts.mark) < Number(r.facts.chartMark)
    return {
      why: `The arm stands at ${r.text('mark')}, where the machine’s chart has ${r.text('chartMark')} for this wire.`,
      otherwise: low
        ? 'Too little: the wire slips and burns back.'
        : 'Too much: the wire is crushed or shaved, and knots at the next catch.',
    }
  },
  'pressure-kept': () => ({
    why: 'The same wire goes back on: start from its mark, and test again.',
    otherwise: '',
  }),
}

export const ROLL_PRESSURE = {
  name: 'Roll pressure',
  short: 'pressure',
  rules: ROLL_PRESSURE_WORDS,
  senses: {
    look: 'Toothed, flattened or shaved wire: too much.',
    feel: 'Wire that skips in the trigger hand: too little.',
  },
  reading: () => ({ say: 'Read the mark of the roll pressure.' }),
  fitted: (setup) => shown(setup.rollPressure, (p) => (p.mark == null ? 'no mark' : tight(`mark ${p.mark}`))),
} satisfies StationWords
