import type { Station } from '../../machine/stations.ts'
import type { Upkeep } from '../../machine/upkeep.ts'
import type { Rank } from '../../match/ranks.ts'

/** How a practitioner finds the state of a station: by eye, by hand, by ear. common practice */
interface Senses {
  look?: string
  feel?: string
  listen?: string
}
export const INSPECT: Record<Station, Senses> = {
  spool: {
    look: 'Rust or white bloom on the wire, crossed turns, a broken flange.',
    feel: 'The locator holds: the spool does not turn on the hub.',
  },
  hubBrake: {
    look: 'Loops fall off when the trigger is let go: too loose.',
    feel: 'A slight pull turns the spool; more is too tight.',
  },
  inletGuide: { look: 'A slot worn by the wire, shavings at its mouth.' },
  driveRolls: {
    look: 'The stamp and the groove against the light; dust or flakes packed in the groove; knotted wire.',
    feel: 'A worn groove has a step at its edge.',
    listen: 'Chatter at the rolls is slip.',
  },
  rollPressure: {
    look: 'Toothed, flattened or shaved wire: too much.',
    feel: 'Wire that skips in the trigger hand: too little.',
  },
  outletGuide: { look: 'A slot worn by the wire; the gap to the roll.' },
  liner: {
    look: 'Dust or whiskers at its end, a kink where the lead was shut in a door.',
    feel: 'Wire pulled through by hand drags or grabs.',
    listen: 'A scrape or squeal as the wire runs.',
  },
  gun: {
    look: 'Cracked O-rings, cuts in the lead, a burnt neck.',
    feel: 'The connector gets hot, or the gun pushes back.',
    listen: 'A hiss at the connector with the gas on.',
  },
  contactTip: {
    look: 'A bore worn oval, spatter on its face, a blue end.',
    feel: 'It turns by hand: loose.',
    listen: 'An arc that spits and wanders.',
  },
  nozzle: { look: 'Spatter inside, blocked diffuser holes, an end out of round.' },
  polarity: {
    look: 'Trace the work lead: the stud it hangs on is the opposite of the gun’s. Pitted clamp jaws, frayed strands.',
    feel: 'With the plug out: a nut that turns is loose. A stud or clamp that gets hot is loose or dirty.',
  },
  gas: { look: 'The label on the cylinder’s shoulder, not the colour of the cylinder.' },
  gasFlow: {
    look: 'The ball with gas flowing, at the nozzle too.',
    listen: 'A hiss after the trigger is let go is a leak.',
  },
  supply: { look: 'The rating on the breaker, the section on the cord, the earth pin of the plug.' },
}

export const CONDITION_NAMES: Record<string, string> = {
  new: 'new',
  good: 'good',
  worn: 'worn',
  dirty: 'dirty',
  kinked: 'kinked',
  damaged: 'damaged',
  loose: 'loose',
  tight: 'tight',
  missing: 'missing',
  present: 'there, sound',
}

export const UPKEEP_NAMES: Record<Upkeep, string> = {
  blowOutLiner: 'blow out the liner',
  brushRolls: 'brush the drive rolls',
  checkORings: 'look at the O-rings',
}

/** What comes of leaving a finding as it is. */
export const RANK_NAMES: Record<Rank, string> = {
  harms: 'Can hurt someone',
  'stops-feed': 'Will stop the feed',
  'spoils-weld': 'Will spoil the weld',
  'only-wears': 'Will only wear or waste',
}
