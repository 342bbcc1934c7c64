import type { NozzleRule, NozzleFact } from '../../../stations/nozzle/rules.ts'
import { boreText, nameIn, NOZZLE_NAMES } from '../names.ts'
import { shown, type StationWords } from './stationWords.ts'
import { unread, type Rule } from './reader.ts'

export const NOZZLE_WORDS: Record<NozzleRule, Rule<NozzleFact>> = {
  'nozzle-not-read': unread('The nozzle'),
  'gas-nozzle-needed': (r) => ({
    why: `A wire that runs with gas needs a gas nozzle; fitted: ${nameIn(NOZZLE_NAMES, r.text('kind')) ?? 'no nozzle'}.`,
    otherwise: 'The gas blows away before it covers the puddle: porosity.',
  }),
  'cap-for-gasless': () => ({
    why: 'Without gas, a gasless cap shields the diffuser thread and lets the tip be seen. There is one in the store.',
    otherwise: 'The gas nozzle only hides the longer extension and gathers spatter.',
  }),
  'guard-for-gasless': () => ({
    why: 'With no cap in the store, the gas nozzle stays on as a guard against spatter.',
    otherwise: 'Spatter closes the diffuser.',
  }),
  'bare-by-practice': () => ({
    why: 'This shop runs self-shielded wire with the nozzle off.',
    otherwise: '',
  }),
  'nozzle-worn': (r) => ({
    why: `The nozzle is ${r.text('condition')}.`,
    otherwise: 'It no longer sits or shields as it should.',
  }),
  'nozzle-dirty': () => ({
    why: 'Spatter in the nozzle turns the gas.',
    otherwise: 'Porosity, and an arc from tip to nozzle.',
  }),
  'nozzle-fits': (r) => ({
    why: r.facts.gasNeeded
      ? 'A gas nozzle for a wire that runs with gas.'
      : r.facts.kind === 'gas'
        ? 'The gas nozzle serves as a guard against spatter.'
        : 'This suits a wire without gas.',
    otherwise: '',
  }),
}

export const NOZZLE = {
  name: 'Nozzle',
  short: 'nozzle',
  rules: NOZZLE_WORDS,
  senses: { look: 'Spatter inside, blocked diffuser holes, an end out of round.' },
  reading: () => ({ say: 'Look at the nozzle: gas nozzle, cap or none, and its bore.' }),
  fitted: (setup, units) =>
    shown(setup.nozzle, (n) =>
      n.kind === 'gas'
        ? n.boreMm === undefined
          ? 'gas'
          : boreText(n.boreMm, units)
        : n.kind === 'none'
          ? 'bare'
          : 'cap',
    ),
} satisfies StationWords
