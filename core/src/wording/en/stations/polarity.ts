import type { PolarityRule, PolarityFact } from '../../../stations/polarity/rules.ts'
import { gunOn } from '../names.ts'
import { shown, tight, type StationWords } from './stationWords.ts'
import type { Rule } from './reader.ts'

export const POLARITY_WORDS: Record<PolarityRule, Rule<PolarityFact>> = {
  'polarity-ask-the-box': () => ({
    why: 'Cored wires run on either polarity by their classification. Only the box tells which.',
    otherwise: 'Wrong polarity runs, but coarse and spattering.',
  }),
  'polarity-not-read': (r) => ({
    why: `This wire runs ${gunOn(r.text('wanted'))} (${r.text('wanted')}). How the machine is connected has not been read: trace the work lead, the gun hangs on the other side.`,
    otherwise: 'Wrong polarity runs, but coarse and spattering.',
  }),
  'polarity-gun-negative': (r) => ({
    why: `${r.facts.classification ?? 'This wire'} is classified for electrode negative: the gun cable goes on minus, the work lead on plus (DCEN, also called straight polarity).`,
    otherwise: 'Heavy coarse spatter and a high, narrow, ropy bead.',
  }),
  'polarity-gun-positive': (r) => ({
    why: `${r.facts.classification ?? 'This wire'} runs with electrode positive: the gun cable goes on plus, the work lead on minus (DCEP, also called reverse polarity).`,
    otherwise: 'An unsteady arc, poor penetration and spatter.',
  }),
  'polarity-self-shielded-positive': (r) => ({
    why: `${r.facts.classification ?? 'This wire'} shields itself and still runs gun positive: its classification decides, not the word gasless. Gun cable on plus (DCEP).`,
    otherwise: 'Coarse spatter and porosity.',
  }),
  'studs-loose': () => ({
    why: 'The cable is loose on its stud or plug.',
    otherwise: 'A loose connection heats, burns and wanders in voltage.',
  }),
  'work-clamp-dirty': () => ({
    why: 'The jaws of the work clamp are dirty: clean them to bright metal.',
    otherwise: 'An erratic arc and a cold bead; the clamp heats.',
  }),
  'work-clamp-worn': (r) => ({
    why: `The work clamp is ${r.text('clampState')}: it no longer grips.`,
    otherwise: 'The arc wanders and the clamp burns.',
  }),
  'polarity-kept-self-shielded-positive': (r) => ({
    why: `${r.facts.classification ?? 'This wire'} shields itself and still runs gun positive (DCEP): leave the cables as they are.`,
    otherwise: '',
  }),
  'polarity-usual-is-other': (r) => ({
    why: `The standard of ${r.facts.classification ?? 'this wire'} does not give the polarity. Usual is ${gunOn(r.text('wanted'))} (${r.text('wanted')}); as it is, ${gunOn(r.text('fitted'))}, only the box may say. Ask the box, or change it.`,
    otherwise: 'Coarse spatter and an unsteady arc, unless the box says otherwise.',
  }),
  'polarity-usual': (r) => ({
    why: `As it is, ${gunOn(r.text('fitted'))} (${r.text('fitted')}), is usual for this wire. Its standard does not give the polarity: the box decides.`,
    otherwise: '',
  }),
  'polarity-negative-by-maker': (r) => ({
    why: `${r.facts.classification ?? 'This wire'} runs gun positive; out of position some makers advise gun negative, as it is now. Only by the box.`,
    otherwise: '',
  }),
  'polarity-right': (r) => ({
    why: `As it is, ${gunOn(r.text('fitted'))} (${r.text('fitted')}), is what ${r.facts.classification ?? 'this wire'} asks for.${r.facts.open ? ' The standard leaves it open: read the box.' : ''}`,
    otherwise: '',
  }),
}

export const POLARITY = {
  name: 'Polarity',
  short: 'polarity',
  rules: POLARITY_WORDS,
  senses: {
    look: 'Trace the work lead: the stud it hangs on is the opposite of the gun’s. Pitted clamp jaws, frayed strands.',
    feel: 'With the plug out: a nut that turns is loose. A stud or clamp that gets hot is loose or dirty.',
  },
  reading: () => ({
    say: 'Trace the work lead: the gun hangs on the other pole.',
    how: 'From outside. Open nothing yet.',
  }),
  fitted: (setup) => shown(setup.polarity, (p) => tight(gunOn(p))),
} satisfies StationWords
