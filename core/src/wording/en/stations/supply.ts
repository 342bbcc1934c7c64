import type { SupplyRule, SupplyFact } from '../../../stations/supply/rules.ts'
import { shown, UNREAD, type StationWords } from './stationWords.ts'
import { unread, type Rule } from './reader.ts'

export const SUPPLY_WORDS: Record<SupplyRule, Rule<SupplyFact>> = {
  'supply-not-read': unread('The circuit (voltage and breaker)'),
  'earth-pin-missing': () => ({
    why: 'The earth pin of the plug is missing or damaged.',
    otherwise:
      'A fault makes the case live. Do not use the machine until a licensed electrician has mended it.',
  }),
  'circuit-too-small': (r) => ({
    why: r.facts.small
      ? `A ${r.text('breakerA')} A circuit is small for a machine on ${r.text('voltageV')} V: it wants one of ${r.text('neededA')} A of its own.`
      : `A ${r.text('breakerA')} A circuit is small here: ${r.facts.byJob ? 'at this job’s' : 'at its rated'} ${r.text('ratedA')} A the machine heats it like ${r.text('neededA')} A.`,
    otherwise: 'The breaker trips in the middle of a weld, the sooner the more current it takes.',
  }),
  'cord-too-thin': (r) => ({
    why: r.facts.small
      ? `The extension cord is too thin for ${r.lead('cordLengthM')}: at least ${r.facts.cordWantedMm2 === undefined ? '3.3' : r.text('cordWantedMm2')} mm²${r.facts.cordWantedMm2 === 3.3 ? ' (12 AWG)' : ''}, three-wire.`
      : r.facts.cordWantedMm2 === undefined
        ? `No cord carries ${r.facts.byJob ? 'this job’s current' : 'the rated output'} over ${r.lead('cordLengthM')}: bring the circuit nearer.`
        : `A cord of ${r.text('cordMm2')} mm² over ${r.lead('cordLengthM')} takes more than 5 % of the voltage ${r.facts.byJob ? 'at this job’s current' : 'at rated output'}: at least ${r.text('cordWantedMm2')} mm².`,
    otherwise: 'Voltage drops, the arc is cold and the cord heats.',
  }),
  'supply-fits': (r) => ({
    why: r.facts.byJob
      ? 'Circuit and cord carry this job’s current.'
      : 'Circuit and cord carry the rated output.',
    otherwise: '',
  }),
}

export const SUPPLY = {
  name: 'Mains supply',
  short: 'mains',
  rules: SUPPLY_WORDS,
  senses: { look: 'The rating on the breaker, the section on the cord, the earth pin of the plug.' },
  reading: () => ({ say: 'Read the circuit: voltage, breaker, cord; is the earth pin there?' }),
  fitted: (setup) =>
    shown(setup.supply, (s) =>
      s.voltageV === undefined
        ? UNREAD
        : `${s.voltageV} V${s.breakerA === undefined ? '' : ` ${s.breakerA} A`}`,
    ),
} satisfies StationWords
