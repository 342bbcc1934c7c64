import type { GuideRule, GuideFact } from '../../../stations/pieces/guideRules.ts'
import { shown, type StationWords } from './stationWords.ts'
import { unread, type Rule } from './reader.ts'

export const GUIDE_WORDS: Record<GuideRule, Rule<GuideFact>> = {
  'guide-not-read': unread('The guide'),
  'guide-missing': (r) => ({
    why: `There is no guide here; the wire needs a ${r.text('wanted')} one close to the rolls.`,
    otherwise: 'Unsupported wire folds between roll and guide.',
  }),
  'guide-material': (r) => ({
    why: `A ${r.text('material')} guide scores ${r.family} wire; a ${r.text('wanted')} one lets it slide.`,
    otherwise: 'Shavings pack the liner, and the wire knots at the rolls.',
  }),
  'guide-worn': () => ({
    why: 'The guide is worn: its mouth no longer lines the wire up with the groove.',
    otherwise: 'The wire rubs on one side and climbs out of the groove.',
  }),
  'guide-touches-roll': () => ({
    why: 'The guide touches the roll. It should come as close as it can without touching.',
    otherwise: 'It grinds, and its dust goes down the liner.',
  }),
  'guide-gap-wide': (r) => ({
    why: `There are ${r.length('gapMm')} between guide and roll; soft wire folds in so wide a gap.`,
    otherwise: 'A birdnest at the rolls at the first catch.',
  }),
  'guide-dirty': () => ({
    why: 'The guide is packed with dust.',
    otherwise: 'The dust goes on down the liner.',
  }),
  'liner-led-to-rolls': () => ({
    why: 'The outlet tube is out and the liner itself goes up to the rolls, close but not touching: that carries soft wire well.',
    otherwise: '',
  }),
  'liner-to-be-led-up': (r) => ({
    why:
      r.facts.material !== undefined
        ? `By choice the liner itself is led up to the rolls: the ${r.text('material')} outlet tube comes out.`
        : 'By choice the liner itself is led up to the rolls; no outlet tube goes in.',
    otherwise: 'Unsupported wire folds between roll and liner.',
  }),
  'feeder-at-rest': () => ({
    why: 'A spool gun feeds from its own spool with its own rolls: the feeder is not touched.',
    otherwise: '',
  }),
  'guide-fits': (r) => ({ why: `A ${r.text('material')} guide carries ${r.family} wire.`, otherwise: '' }),
}

export const INLET_GUIDE = {
  name: 'Inlet guide',
  short: 'in guide',
  rules: GUIDE_WORDS,
  senses: { look: 'A slot worn by the wire, shavings at its mouth.' },
  reading: () => ({ say: 'Look at the inlet guide: steel or polymer, and how far from the roll?' }),
  fitted: (setup) => shown(setup.inletGuide, (g) => g.material),
} satisfies StationWords

export const OUTLET_GUIDE = {
  name: 'Outlet guide',
  short: 'out guide',
  rules: GUIDE_WORDS,
  senses: { look: 'A slot worn by the wire; the gap to the roll.' },
  reading: () => ({ say: 'Look at the outlet guide: steel or polymer, and how far from the roll?' }),
  fitted: (setup) => shown(setup.outletGuide, (g) => g.material),
} satisfies StationWords
