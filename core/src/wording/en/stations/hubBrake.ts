import type { HubBrakeRule, HubBrakeFact } from '../../../stations/hubBrake/rules.ts'
import { shown, type StationWords } from './stationWords.ts'
import { unread, type Rule } from './reader.ts'

export const HUB_BRAKE_WORDS: Record<HubBrakeRule, Rule<HubBrakeFact>> = {
  'brake-not-read': unread('The hub brake'),
  'brake-loose': () => ({
    why: 'The brake is loose: it must just stop the spool when the wire stops.',
    otherwise: 'The spool runs on, loops fall off and catch.',
  }),
  'brake-tight': () => ({
    why: 'The brake is tight: a slight force must turn the spool.',
    otherwise: 'The drag makes the rolls slip, and the wire burns back to the tip.',
  }),
  'brake-for-other-spool': (r) => ({
    why: `The brake was set for a ${r.text('oldType')} spool; a ${r.text('newType')} spool of another weight runs on further or drags more.`,
    otherwise: 'Too slack, and loops fall off; too hard, and the rolls slip.',
  }),
  'no-brake-on-drum': () => ({ why: 'A drum stands still; it has no brake.', otherwise: '' }),
  'brake-set': () => ({
    why: 'The brake is set. Check it once the new spool is on: it stops with the wire and turns at a slight push.',
    otherwise: '',
  }),
}

export const HUB_BRAKE = {
  name: 'Hub brake',
  short: 'brake',
  rules: HUB_BRAKE_WORDS,
  senses: {
    look: 'Loops fall off when the trigger is let go: too loose.',
    feel: 'A slight pull turns the spool; more is too tight.',
  },
  reading: () => ({
    say: 'Feel the hub brake: does the spool stop with the wire, and turn at a slight push?',
  }),
  fitted: (setup) => shown(setup.hubBrake, (b) => b),
} satisfies StationWords
