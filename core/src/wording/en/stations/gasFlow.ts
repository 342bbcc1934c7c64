import type { GasFlowRule, GasFlowFact } from '../../../stations/gasFlow/rules.ts'
import { formatFlow } from '../../../units/format.ts'
import { shown, tight, type StationWords } from './stationWords.ts'
import { bore, unread, type Rule } from './reader.ts'

export const GAS_FLOW_WORDS: Record<GasFlowRule, Rule<GasFlowFact>> = {
  'flow-ask-the-box': () => ({
    why: 'No flow is set before the box tells whether this wire wants gas.',
    otherwise: 'Porosity.',
  }),
  'flow-not-read': unread('The gas flow'),
  'flow-to-shut': () => ({ why: 'This wire shields itself: flow to zero.', otherwise: 'Gas is wasted.' }),
  'flow-shut': () => ({ why: 'No gas flows, and none is wanted.', otherwise: '' }),
  'flow-to-set': (r) => ({
    why: `Set about ${r.flow('value')} with gas flowing${bore(r)}.`,
    otherwise: 'Porosity.',
  }),
  'flow-high': (r) => ({
    why: `${r.flow('flow')} is more than this wire and nozzle want: about ${r.flow('value')}${bore(r)}.`,
    otherwise:
      r.facts.ceiling !== undefined && Number(r.facts.flow) <= Number(r.facts.ceiling)
        ? 'Gas is wasted; the weld is none the better for it.'
        : 'Too fast a stream turns turbulent and sucks in air: porosity.',
  }),
  'flow-low': (r) => ({
    why: `${r.flow('flow')} is less than this wire and nozzle want: about ${r.flow('value')}${bore(r)}.`,
    otherwise: 'Air reaches the puddle: porosity.',
  }),
  'flow-right': (r) => ({
    why: `${r.flow('flow')} lies between ${r.flow('low')} and ${r.flow('high')}.`,
    otherwise: '',
  }),
}

export const GAS_FLOW = {
  name: 'Gas flow',
  short: 'flow',
  rules: GAS_FLOW_WORDS,
  senses: {
    look: 'The ball with gas flowing, at the nozzle too.',
    listen: 'A hiss after the trigger is let go is a leak.',
  },
  reading: () => ({ say: 'Read the flowmeter.' }),
  fitted: (setup, units) =>
    shown(setup.gasFlowLPerMin, (f) => (f === 0 ? 'shut' : tight(formatFlow(f, units)))),
} satisfies StationWords
