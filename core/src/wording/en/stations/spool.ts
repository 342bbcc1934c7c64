import type { SpoolRule, SpoolFact } from '../../../stations/spool/rules.ts'
import { shown, type StationWords } from './stationWords.ts'
import { formatAbout, formatLength } from '../../../units/format.ts'
import { unread, type Rule } from './reader.ts'

export const SPOOL_WORDS: Record<SpoolRule, Rule<SpoolFact>> = {
  'spool-not-read': unread('How the spool sits'),
  'basket-needs-adapter': (r) => ({
    why: `A ${r.text('type')} wire basket has no bore of its own; an adapter carries it on the hub.`,
    otherwise: 'The basket wobbles, the wire drags unevenly and the feed surges.',
  }),
  'bore-needs-adapter': (r) => ({
    why: `The hole of a ${r.text('type')} spool is ${r.text('type') === 'S100' ? formatLength(16.5, r.units) : `about ${formatAbout(51, r.units)}`}; this hub takes the other size. An adapter goes between.`,
    otherwise: 'It does not go on, or it wobbles and the feed surges.',
  }),
  'coil-needs-hardware': () => ({
    why: 'A coil has no flanges and no hole: it sits on hardware of its own.',
    otherwise: 'The turns slip over each other and lock.',
  }),
  'drum-needs-hardware': () => ({
    why: 'A drum stands on the floor: cone and hood on it, and a conduit from the hood to the inlet guide. It has no pin, no retainer and no brake.',
    otherwise: 'Without hood and cone the loops rise together and knot.',
  }),
  'drum-stands': () => ({
    why: 'The drum stands with its hood and conduit; there is no brake to set.',
    otherwise: '',
  }),
  'spool-in-the-gun': () => ({ why: 'A small spool sits in the spool gun itself.', otherwise: '' }),
  'hub-empty': () => ({ why: 'The hub is empty and takes this spool.', otherwise: '' }),
  'wire-leaves-wrong-side': (r) => ({
    why: r.facts.byPractice
      ? `This shop lets the wire off the bottom of every spool; it leaves the ${r.text('fittedLeaves')} now.`
      : `On this machine the wire runs to the guide without a reverse bend when it leaves the ${r.text('leaves')} of the spool; it leaves the ${r.text('fittedLeaves')} now.`,
    otherwise: 'A reverse bend at the guide shaves the wire and loads the drive.',
  }),
  'pin-not-engaged': (r) => ({
    why: `The hub ${r.text('locator')} is not in the hole of the spool, so the brake holds the hub and not the spool.`,
    otherwise: 'The spool runs on after the trigger is let go and loops fall off.',
  }),
  'adapter-not-wanted': (r) => ({
    why: `A ${r.text('type')} spool sits on the bare hub; the adapter comes off.`,
    otherwise: 'The spool will not go home on the hub.',
  }),
  'spool-in-poor-state': () => ({
    why: 'The spool on the machine is dirty, rusty or damaged.',
    otherwise: 'Rust packs the liner and insulates the tip.',
  }),
  'spool-sits-right': () => ({ why: 'Hub, locator and side suit this spool.', otherwise: '' }),
}

export const SPOOL = {
  name: 'Spool and hub',
  short: 'spool',
  rules: SPOOL_WORDS,
  senses: {
    look: 'Rust or white bloom on the wire, crossed turns, a broken flange.',
    feel: 'The locator holds: the spool does not turn on the hub.',
  },
  reading: () => ({
    say: 'Read the hub: which spool, on the bare hub or an adapter, is the pin in its hole, from which side does the wire leave?',
  }),
  fitted: (setup) => shown(setup.spool, (s) => s.type ?? 'spool'),
} satisfies StationWords
