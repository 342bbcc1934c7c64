import type { LinerRule, LinerFact } from '../../../stations/pieces/linerRules.ts'
import { LINER_NAMES, LINER_SHORT, nameIn } from '../names.ts'
import { shown, range, type StationWords } from './stationWords.ts'
import { sizeRange, unread, type Rule } from './reader.ts'

export const LINER_WORDS: Record<LinerRule, Rule<LinerFact>> = {
  'liner-not-read': unread('The liner'),
  'liner-missing': () => ({
    why: 'There is no liner in the gun.',
    otherwise: 'The wire has nothing to run in.',
  }),
  'steel-liner-under-soft-wire': (r) => ({
    why: `A ${nameIn(LINER_NAMES, r.text('material'))} liner drags on ${r.family} wire several times more than a polymer one and sheds steel dust on it.`,
    otherwise: 'As soon as the lead is bent or coiled, the rolls flatten or fold the wire before it moves.',
  }),
  'polymer-liner-under-steel': (r) => ({
    why: `Wire of this kind (${r.family}) wears a ${nameIn(LINER_NAMES, r.text('material'))} liner through; it runs in a steel coil.`,
    otherwise: 'The liner wears to shreds that jam the wire.',
  }),
  'steel-liner-not-clean': () => ({
    why: 'Silicon bronze runs in polymer or in a clean steel coil; this one has carried steel.',
    otherwise: 'Steel dust drags on the bronze and spoils the joint.',
  }),
  'liner-range': (r) => ({
    why: `The liner takes ${sizeRange(r)}; the wire is ${r.size}.`,
    otherwise: 'Too tight a liner drags, too wide a one lets the wire snake.',
  }),
  'liner-short': (r) => ({
    why: `The liner is ${r.lead('lengthM')}, the gun ${r.lead('gunLengthM')}: it does not reach the tip.`,
    otherwise: 'The wire kinks in the empty last length.',
  }),
  'liner-ends-at-the-gun': () => ({
    why: 'The liner goes up to the rolls instead of an outlet tube, and this one ends at the gun.',
    otherwise: 'Soft wire folds in the gap behind the rolls.',
  }),
  'liner-worn': (r) => ({
    why: `The liner is ${r.text('condition')}.`,
    otherwise: 'The wire skips and surges, and no pressure cures it.',
  }),
  'liner-own-family': () => ({
    why: 'This shop keeps a liner for each family of wire.',
    otherwise: 'Dust of one wire travels into the weld of the next.',
  }),
  'liner-dirty': () => ({
    why: 'The liner is dirty and can be blown out with dry air while no wire is in it.',
    otherwise: 'The wire skips, surges and burns back.',
  }),
  'liner-after-rusty-wire': () => ({
    why: 'The wire on the machine is rusty or dirty, and its rust stays behind in the liner: blow it out.',
    otherwise: 'The new wire carries the rust into its tip: it skips and burns back.',
  }),
  'feeder-at-rest': () => ({
    why: 'A spool gun feeds from its own spool with its own rolls: the feeder is not touched.',
    otherwise: '',
  }),
  'liner-fits': (r) => ({
    why: `Fitted: ${nameIn(LINER_NAMES, r.text('material'))}, ${sizeRange(r)}: it suits ${r.size} ${r.family} wire.`,
    otherwise: '',
  }),
}

export const LINER = {
  name: 'Liner',
  short: 'liner',
  rules: LINER_WORDS,
  senses: {
    look: 'Dust or whiskers at its end, a kink where the lead was shut in a door.',
    feel: 'Wire pulled through by hand drags or grabs.',
    listen: 'A scrape or squeal as the wire runs.',
  },
  reading: () => ({
    say: 'Find out which liner is in the gun: steel coil or polymer, its range and length.',
    how: 'Its label, or its end at the connector.',
  }),
  fitted: (setup, units) =>
    shown(setup.liner, (l) => `${LINER_SHORT[l.material]} ${range(l.minMm, l.maxMm, units)}`),
} satisfies StationWords
