import type { RollsRule, RollsFact } from '../../../stations/pieces/rollsRules.ts'
import { nameIn, PROFILE_NAMES, PROFILE_SHORT, stampText } from '../names.ts'
import { shown, type StationWords } from './stationWords.ts'
import { unread, type Rule } from './reader.ts'

export const ROLLS_WORDS: Record<RollsRule, Rule<RollsFact>> = {
  'rolls-not-read': unread('The drive rolls'),
  'active-groove-not-read': unread('Which groove is in line with the wire'),
  'rolls-missing': () => ({ why: 'No rolls are fitted.', otherwise: 'Nothing moves the wire.' }),
  'v-pinches-soft-wire': (r) => ({
    why: `This wire (${r.family}) is soft. A V groove pinches it on two lines and leaves it oval; a U groove carries it round.`,
    otherwise: 'Oval wire drags in the tip, and the next push folds it at the rolls.',
  }),
  'knurl-cuts-soft-wire': (r) => ({
    why: `Knurling cuts teeth into ${r.family} wire.`,
    otherwise: 'The teeth file the liner and tip, and the swarf blocks them.',
  }),
  'knurl-shaves-solid': () => ({
    why: 'Knurling shaves solid wire; a smooth V grips it well enough.',
    otherwise: 'Copper dust and steel whiskers fill the liner until the wire stops.',
  }),
  'knurl-crushes-sheath': () => ({
    why: 'The sheath of metal-cored wire is soft; knurling crushes it.',
    otherwise: 'The wire opens and powder fills the liner.',
  }),
  'smooth-slips-on-cored': () => ({
    why: 'A cored wire is a filled tube: it is gripped by the teeth of a knurled V at light pressure. A smooth groove would have to crush it to hold it.',
    otherwise: 'It slips, and pressing harder flattens the tube.',
  }),
  'u-slips-on-hard-wire': () => ({
    why: 'A U groove touches hard wire all round and grips it less than a V.',
    otherwise: 'The wire slips at the first drag.',
  }),
  'no-groove-for-size': (r) => ({
    why: `No groove on these rolls is stamped for ${r.size} wire.`,
    otherwise: 'Too small a groove shaves and flattens the wire, too large a one lets it slip.',
  }),
  'rolls-worn': () => ({
    why: 'The grooves are worn.',
    otherwise: 'The wire slips, and more pressure only deforms it.',
  }),
  'other-groove-active': (r) => ({
    why: `The right groove is on this roll, but ${r.stamp('active')} is in line with the wire.`,
    otherwise: 'The wire runs in the wrong groove: it is shaved or it slips.',
  }),
  'grooves-dirty': () => ({
    why: 'The grooves are packed with dust.',
    otherwise: 'A packed groove slips and cannot seat the wire.',
  }),
  'birdnest-at-rolls': () => ({
    why: 'The rolls suit the wire, but wire has knotted at them. The plan frees it first.',
    otherwise: 'Nothing feeds.',
  }),
  'feeder-at-rest': () => ({
    why: 'A spool gun feeds from its own spool with its own rolls: the feeder is not touched.',
    otherwise: '',
  }),
  'rolls-fit': (r) => ({
    why: `Fitted: ${nameIn(PROFILE_NAMES, r.text('profile'))}, with the groove for ${r.size} wire in line.`,
    otherwise: '',
  }),
}

export const DRIVE_ROLLS = {
  name: 'Drive rolls',
  short: 'rolls',
  rules: ROLLS_WORDS,
  senses: {
    look: 'The stamp and the groove against the light; dust or flakes packed in the groove; knotted wire.',
    feel: 'A worn groove has a step at its edge.',
    listen: 'Chatter at the rolls is slip.',
  },
  reading: () => ({
    say: 'Read the drive rolls: smooth V, smooth U or knurled, the stamped sizes, and which groove is in line with the wire.',
    how: 'Look, do not touch: the machine is still on.',
  }),
  fitted: (setup, units) =>
    shown(
      setup.driveRolls,
      (r) =>
        `${nameIn(PROFILE_SHORT, r.profile)} ${r.active ? stampText(r.active, units) : r.grooves.map((g) => stampText(g, units)).join('·')}`,
    ),
} satisfies StationWords
