import type { ContactTipRule, ContactTipFact } from '../../../stations/contactTip/rules.ts'
import { stampText } from '../names.ts'
import { shown, type StationWords } from './stationWords.ts'
import { unread, type Rule } from './reader.ts'

export const CONTACT_TIP_WORDS: Record<ContactTipRule, Rule<ContactTipFact>> = {
  'tip-not-read': unread('The stamp on the contact tip'),
  'tip-bore-not-read': unread('Whether the tip has an aluminium bore'),
  'tip-missing': () => ({
    why: 'There is no tip on the gun.',
    otherwise: 'Current does not reach the wire.',
  }),
  'tip-too-small': (r) => ({
    why: `The tip is stamped ${r.stamp('stamp')}; the wire is ${r.size}.`,
    otherwise: 'The wire jams in the tip, and everything behind it knots at the rolls.',
  }),
  'tip-too-large': (r) => ({
    why: `The tip is stamped ${r.stamp('stamp')}; the wire is ${r.size}.`,
    otherwise: 'Contact wanders, the arc skips and the tip arcs inside.',
  }),
  'tip-same-size-aluminium': () => ({
    why: 'Aluminium swells when hot and is never quite round: it wants an aluminium bore, or one trade size up.',
    otherwise: 'The wire seizes in the tip and burns back.',
  }),
  'aluminium-bore-too-loose': () => ({
    why: 'An aluminium bore is too wide for this wire.',
    otherwise: 'Contact wanders, and the arc skips.',
  }),
  'tip-worn': (r) => ({
    why: `The tip is ${r.text('condition')}: its bore is no longer round.`,
    otherwise: 'Current jumps inside the tip: the arc skips and the wire burns back.',
  }),
  'tip-dirty': () => ({ why: 'The tip carries spatter.', otherwise: 'The wire drags and skips at the tip.' }),
  'tip-fits': (r) => ({
    why: `Bore ${r.stamp('stamp')}${r.facts.aluminiumBore ? ', aluminium bore,' : ''} for ${r.size} wire.`,
    otherwise: '',
  }),
}

export const CONTACT_TIP = {
  name: 'Contact tip',
  short: 'tip',
  rules: CONTACT_TIP_WORDS,
  senses: {
    look: 'A bore worn oval, spatter on its face, a blue end.',
    feel: 'It turns by hand: loose.',
    listen: 'An arc that spits and wanders.',
  },
  reading: () => ({ say: 'Read the stamp on the contact tip, once it is cool.' }),
  fitted: (setup, units) =>
    shown(setup.contactTip, (t) => `${stampText(t.stamp, units)}${t.aluminiumBore ? ' Al' : ''}`),
} satisfies StationWords
