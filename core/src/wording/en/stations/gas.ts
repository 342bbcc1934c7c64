import type { GasRule, GasFact } from '../../../stations/gas/rules.ts'
import { mixtureText } from '../names.ts'
import { shown, type StationWords } from './stationWords.ts'
import { list, unread, type Rule } from './reader.ts'

export const GAS_WORDS: Record<GasRule, Rule<GasFact>> = {
  'gas-ask-the-box': () => ({
    why: 'Whether this cored wire wants gas, and which, stands on its box. It stays shut until that is read.',
    otherwise: 'Gas over a gasless wire or none over a gas wire: porous either way.',
  }),
  'gas-not-read': unread('The gas on the machine'),
  'no-gas-wanted': () => ({ why: 'This wire shields itself, and no gas is connected.', otherwise: '' }),
  'gas-shut': () => ({ why: 'This wire shields itself; the gas is shut and stays shut.', otherwise: '' }),
  'gas-to-shut': (r) => ({
    why: `This wire shields itself: shut the ${r.text('fitted')}.`,
    otherwise: 'Gas is wasted, and the weld is outside what the wire was tested for.',
  }),
  'gas-missing': (r) => ({
    why: `This wire needs shielding gas, ${r.text('wanted')}; none is connected.`,
    otherwise: 'Porous from the first centimetre.',
  }),
  'active-gas-under-inert-wire': (r) => ({
    why: `Only an inert gas is for ${r.family} wire; ${r.text('fitted')} (${r.text('designation')}) reacts with it.`,
    otherwise: 'Black, porous metal that does not wet.',
  }),
  'inert-gas-under-steel': (r) => ({
    why: `Pure ${r.text('fitted')} does not let ${r.family} wire wet; it asks for ${list(r, 'designations')}.`,
    otherwise: 'A wandering arc, a ropy bead and undercut.',
  }),
  'gas-outside-designation': (r) => ({
    why: `The gas here, ${r.text('fitted')}, is ${r.text('designation')}; this wire asks for ${list(r, 'designations')}.`,
    otherwise: 'Another deposit than the wire was tested for: porosity or brittle metal.',
  }),
  'gas-by-makers-word': (r) => ({
    why: `The gas here, ${r.text('fitted')}, is ${r.text('designation')}, richer in argon than this wire is classified with. Such wire is often sprayed under it: by the wire maker’s word.`,
    otherwise: '',
  }),
  'gas-with-a-trace': (r) => ({
    why: `The gas here, ${r.text('fitted')}, is argon with a trace of a reacting gas, which this wire bears: the arc is steadier and the bead a little duller.`,
    otherwise: '',
  }),
  'gas-as-its-twin': (r) => ({
    why: `The gas here, ${r.text('fitted')}, is ${r.text('designation')}. It carries this wire as it carries the same wire by AWS; strength and toughness were proved in ${list(r, 'designations')}.`,
    otherwise: '',
  }),
  'gas-with-helium': (r) => ({
    why: `The gas here, ${r.text('fitted')}, is inert: helium runs hotter, wants more flow and starts harder.`,
    otherwise: '',
  }),
  'gas-with-hydrogen': (r) => ({
    why: `The gas here, ${r.text('fitted')}, holds a little hydrogen, which austenitic stainless bears: by the wire maker’s word.`,
    otherwise: '',
  }),
  'gas-with-nitrogen': (r) => ({
    why: `The gas here, ${r.text('fitted')}, holds a little nitrogen, which duplex is glad of: by the wire maker’s word.`,
    otherwise: '',
  }),
  'hydrogen-cracks': (r) => ({
    why: `The gas here, ${r.text('fitted')}, holds hydrogen, which is for austenitic stainless alone, to about 2 %; this wire asks for ${list(r, 'designations')}.`,
    otherwise: 'Pores, or cracks a day later.',
  }),
  'gas-right': (r) => ({
    why: `The gas here, ${r.text('fitted')}, is ${r.text('designation')}, which this wire takes.`,
    otherwise: '',
  }),
  'gas-inside-designation-outside-limits': (r) => ({
    why: `The gas here, ${r.text('fitted')}, is ${r.text('designation')}, which this wire takes. Its own standard tests it at ${r.text('argonMin')} to ${r.text('argonMax')} % argon: follow the wire maker's word.`,
    otherwise: '',
  }),
}

export const GAS = {
  name: 'Shielding gas',
  short: 'gas',
  rules: GAS_WORDS,
  senses: { look: 'The label on the cylinder’s shoulder, not the colour of the cylinder.' },
  reading: () => ({ say: 'Read the cylinder label: which gas is connected?' }),
  fitted: (setup) => shown(setup.gas, mixtureText),
} satisfies StationWords
