import type { GunPieceRule, GunRule, GunFact } from '../../../stations/gun/rules.ts'
import { formatLead } from '../../../units/format.ts'
import { GUN_NAMES, nameIn } from '../names.ts'
import { shown, tight, type StationWords } from './stationWords.ts'
import { unread, type Reader, type Rule } from './reader.ts'
import { LINER_WORDS } from './liner.ts'
import { ROLLS_WORDS } from './rolls.ts'

const OWN: Record<Exclude<GunRule, GunPieceRule>, Rule> = {
  'gun-not-read': unread('The gun'),
  'gun-length-not-read': unread('The length of the gun'),
  'gun-missing': () => ({ why: 'No gun is fitted.', otherwise: '' }),
  'gun-worn': (r) => ({
    why: `The gun is ${r.text('condition')}.`,
    otherwise: 'Power and gas do not reach the arc.',
  }),
  'no-push-by-practice': () => ({
    why: 'This shop runs aluminium only through a spool gun or a push-pull gun.',
    otherwise: 'Soft wire pushed far folds at the rolls.',
  }),
  'push-too-long': (r) => ({
    why: `${r.lead('lengthM')} is a long push for ${r.family} wire; beyond about ${r.lead('limitM')} it needs pulling at the gun too.`,
    otherwise:
      r.facts.feedsAtAll === false
        ? 'It folds at the rolls whatever the pressure.'
        : 'Laid quite straight it may run; with every bend and every month of dust the pressure at which it feeds narrows, until it folds at the rolls.',
  }),
  'o-ring-cracked': () => ({
    why: 'An O-ring of the gun is cracked or worn.',
    otherwise: 'Gas leaks at the connector, or air is drawn in: porosity.',
  }),
  'o-ring-dirty': () => ({
    why: 'The O-rings of the gun are dirty.',
    otherwise: 'Grit lets gas leak at the connector.',
  }),
  'gun-dirty': () => ({
    why: 'The gun is dirty inside: diffuser holes closed or spatter built up.',
    otherwise: 'Gas comes out unevenly: porosity.',
  }),
  'gun-fits': (r) => ({
    why: `A ${nameIn(GUN_NAMES, r.text('kind'))} carries this wire${r.facts.soft && r.facts.kind === 'push' ? ' with the lead laid straight' : ''}.`,
    otherwise: '',
  }),
}

/** What is said of a set of rolls or a liner, said of the gun's own: its facts stand in the piece. */
const inTheGun =
  (rule: Rule, piece: 'rolls' | 'innerLiner', where: string): Rule =>
  (r: Reader) => {
    const { why, otherwise } = rule(r.of(piece))
    return { why: where + why, otherwise }
  }
const pieces = (words: Readonly<Record<string, Rule>>, piece: 'rolls' | 'innerLiner', where: string) =>
  Object.fromEntries(Object.entries(words).map(([rule, say]) => [`gun-${rule}`, inTheGun(say, piece, where)]))

export const GUN_WORDS = {
  ...OWN,
  ...pieces(ROLLS_WORDS, 'rolls', 'In the gun, its own rolls: '),
  ...pieces(LINER_WORDS, 'innerLiner', 'In the gun, the inner liner: '),
} as Record<GunRule, Rule<GunFact>>

export const GUN = {
  name: 'Gun',
  short: 'gun',
  rules: GUN_WORDS,
  senses: {
    look: 'Cracked O-rings, cuts in the lead, a burnt neck.',
    feel: 'The connector gets hot, or the gun pushes back.',
    listen: 'A hiss at the connector with the gas on.',
  },
  reading: () => ({
    say: 'Read the gun: kind and length; on a push-pull gun its own rolls and short liner too.',
  }),
  fitted: (setup, units) =>
    shown(
      setup.gun,
      (g) =>
        `${g.kind === 'spool-gun' ? 'spool gun' : g.kind}${g.lengthM === undefined ? '' : ` ${tight(formatLead(g.lengthM, units))}`}`,
    ),
} satisfies StationWords
