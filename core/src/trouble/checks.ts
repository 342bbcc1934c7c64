import type { Place } from '../steps/places.ts'
import type { Hazard } from '../steps/step.ts'
import type { Cause } from './causes.ts'

/** What must be true before it is done. */
export const FIRSTS = [
  'machine-off',
  'machine-on',
  'plug-out',
  'clamp-off',
  'gas-shut',
  'gas-open',
  'arm-open',
] as const
export type First = (typeof FIRSTS)[number]

/** `here`: the fault shows here; of a try, that it gets better. */
export const OUTCOMES = ['here', 'not-here', 'cannot'] as const
export type LookOutcome = (typeof OUTCOMES)[number]

/** One look or try. Minutes without the walk: common practice, no source. */
export interface CheckRow {
  minutes: number
  place: Place
  first: readonly First[]
  hazards: readonly Hazard[]
  /** Causes it shows, whichever of them it is. */
  finds: readonly Cause[]
  /** Something is changed and tried, not only looked at. */
  isTry?: true
  /** Where it gets better, it is mended with that. */
  mends?: true
  /** A setting is turned. */
  knob?: true
  /** It wants something that is seldom at hand: the chance that it cannot be made. */
  seldom?: number
}

const OFF = ['machine-off'] as const
const ON = ['machine-on'] as const

/** What can be looked at or tried, a row each, from the tip backwards. */
const ROWS = {
  'tip-off-and-jog': {
    minutes: 2,
    place: 'gun',
    first: ['machine-on', 'clamp-off', 'gas-shut'],
    hazards: ['hot-parts', 'feeding-wire', 'live-wire'],
    finds: ['tip-too-small', 'tip-blocked', 'tip-on-while-threading'],
    isTry: true,
  },
  'read-tip-stamp': {
    minutes: 1,
    place: 'gun',
    first: OFF,
    hazards: ['hot-parts'],
    finds: ['tip-too-small', 'tip-too-large'],
  },
  'look-tip-bore': {
    minutes: 1,
    place: 'gun',
    first: OFF,
    hazards: ['hot-parts'],
    finds: ['tip-worn', 'tip-blocked'],
  },
  'tip-tight': { minutes: 0.5, place: 'gun', first: OFF, hazards: ['hot-parts'], finds: ['tip-loose'] },
  'tip-off-to-thread': {
    minutes: 1,
    place: 'gun',
    first: OFF,
    hazards: ['hot-parts', 'wire-end'],
    finds: ['tip-on-while-threading'],
  },
  'pull-wire-by-hand': {
    minutes: 1,
    place: 'gun',
    first: ['machine-off', 'arm-open'],
    hazards: ['wire-end'],
    finds: [
      'tip-too-small',
      'tip-blocked',
      'liner-kinked',
      'liner-dirty',
      'liner-wrong',
      'lead-bent',
      'brake-tight',
      'turns-crossed',
    ],
  },
  'lead-straight': {
    minutes: 0.5,
    place: 'gun',
    first: [],
    hazards: [],
    finds: ['lead-bent'],
    isTry: true,
    mends: true,
  },
  'wire-end': {
    minutes: 1,
    place: 'cabinet',
    first: OFF,
    hazards: ['wire-end'],
    finds: ['wire-end-bent'],
    isTry: true,
    mends: true,
  },
  'read-liner': { minutes: 2, place: 'gun', first: OFF, hazards: ['hot-parts'], finds: ['liner-wrong'] },
  'liner-reach': {
    minutes: 2,
    place: 'gun',
    first: OFF,
    hazards: ['hot-parts', 'wire-end'],
    finds: ['liner-too-short', 'liner-too-long'],
  },
  'blow-out-liner': {
    minutes: 3,
    place: 'cabinet',
    first: OFF,
    hazards: ['compressed-air', 'wire-end'],
    finds: ['liner-dirty'],
    isTry: true,
    mends: true,
  },
  'liner-out-look': {
    minutes: 9,
    place: 'gun',
    first: OFF,
    hazards: ['wire-end'],
    finds: ['liner-kinked', 'liner-dirty', 'liner-wrong', 'liner-too-short', 'liner-too-long'],
  },
  'read-roll-groove': {
    minutes: 1,
    place: 'cabinet',
    first: OFF,
    hazards: ['machine-off'],
    finds: ['rolls-wrong-profile', 'rolls-wrong-groove'],
  },
  'look-grooves': {
    minutes: 1,
    place: 'cabinet',
    first: OFF,
    hazards: ['machine-off'],
    finds: ['rolls-dirty-or-worn'],
  },
  'look-wire-after-rolls': {
    minutes: 0.5,
    place: 'cabinet',
    first: OFF,
    hazards: ['machine-off'],
    finds: ['pressure-high', 'rolls-wrong-profile', 'rolls-wrong-groove', 'guide-out-of-line'],
  },
  'guide-gap': {
    minutes: 1,
    place: 'cabinet',
    first: OFF,
    hazards: ['machine-off'],
    finds: ['guide-gap', 'guide-out-of-line'],
  },
  'read-gun-rolls': {
    minutes: 2,
    place: 'gun',
    first: OFF,
    hazards: ['machine-off', 'hot-parts'],
    finds: ['gun-rolls-wrong', 'gun-rolls-open'],
  },
  'pressure-test': {
    minutes: 2,
    place: 'cabinet',
    first: ['machine-on', 'clamp-off'],
    hazards: ['feeding-wire', 'live-wire', 'moving-rolls'],
    finds: ['pressure-low', 'pressure-high'],
    isTry: true,
  },
  'feel-brake': {
    minutes: 0.5,
    place: 'spool',
    first: OFF,
    hazards: ['machine-off'],
    finds: ['brake-tight', 'brake-loose'],
  },
  'spool-pin': { minutes: 1, place: 'spool', first: OFF, hazards: ['machine-off'], finds: ['pin-out'] },
  'spool-side': { minutes: 0.5, place: 'spool', first: [], hazards: [], finds: ['spool-wrong-side'] },
  'look-wire-rust': { minutes: 0.5, place: 'spool', first: [], hazards: [], finds: ['wire-rusty'] },
  'look-turns': { minutes: 0.5, place: 'spool', first: [], hazards: [], finds: ['turns-crossed'] },
  'short-gun': {
    minutes: 3,
    place: 'gun',
    first: OFF,
    hazards: ['machine-off', 'wire-end'],
    finds: [
      'push-too-long',
      'liner-kinked',
      'liner-dirty',
      'liner-wrong',
      'liner-too-short',
      'liner-too-long',
      'lead-bent',
    ],
    isTry: true,
    seldom: 0.6,
  },
  'trace-work-lead': {
    minutes: 1,
    place: 'source',
    first: OFF,
    hazards: ['live-studs'],
    finds: ['polarity-wrong'],
  },
  'read-box': { minutes: 0.5, place: 'spool', first: [], hazards: [], finds: ['polarity-wrong'] },
  'work-clamp': { minutes: 1, place: 'gun', first: OFF, hazards: ['hot-parts'], finds: ['work-clamp'] },
  'cable-tight': {
    minutes: 2,
    place: 'source',
    first: ['machine-off', 'plug-out'],
    hazards: ['live-studs', 'stored-charge'],
    finds: ['cable-loose'],
  },
  'cord-breaker': { minutes: 2, place: 'mains', first: [], hazards: ['mains-work'], finds: ['supply-weak'] },
  'cylinder-open': {
    minutes: 0.5,
    place: 'cylinder',
    first: [],
    hazards: ['cylinder'],
    finds: ['cylinder-shut'],
  },
  'flow-at-nozzle': {
    minutes: 1,
    place: 'gun',
    first: ['machine-on', 'gas-open', 'clamp-off'],
    hazards: ['live-wire', 'moving-rolls', 'gas-in-closed-space'],
    finds: [
      'cylinder-shut',
      'cylinder-empty',
      'flow-low',
      'o-ring',
      'hose-leak',
      'solenoid-dead',
      'nozzle-blocked',
      'gun-switch',
    ],
  },
  'read-flow': {
    minutes: 0.5,
    place: 'cylinder',
    first: ON,
    hazards: ['cylinder'],
    finds: ['cylinder-empty', 'cylinder-shut', 'flow-low', 'flow-high'],
  },
  'read-gas': { minutes: 0.5, place: 'cylinder', first: [], hazards: [], finds: ['gas-wrong'] },
  'nozzle-diffuser': {
    minutes: 1,
    place: 'gun',
    first: OFF,
    hazards: ['hot-parts'],
    finds: ['nozzle-blocked'],
  },
  'o-ring': { minutes: 2, place: 'cabinet', first: OFF, hazards: ['machine-off'], finds: ['o-ring'] },
  'leak-check': {
    minutes: 3,
    place: 'cylinder',
    first: ['gas-open'],
    hazards: ['cylinder', 'gas-in-closed-space'],
    finds: ['hose-leak', 'o-ring'],
  },
  click: {
    minutes: 0.5,
    place: 'cabinet',
    first: ['machine-on', 'clamp-off'],
    hazards: ['live-wire', 'moving-rolls'],
    finds: ['solenoid-dead', 'gun-switch'],
  },
  draught: { minutes: 0.5, place: 'gun', first: [], hazards: [], finds: ['draught'] },
  purge: {
    minutes: 0.5,
    place: 'gun',
    first: ['machine-on', 'gas-open', 'clamp-off'],
    hazards: ['live-wire', 'moving-rolls', 'gas-in-closed-space'],
    finds: ['not-purged'],
    isTry: true,
    mends: true,
  },
  'clean-metal': {
    minutes: 2,
    place: 'gun',
    first: [],
    hazards: ['solvent', 'fume'],
    finds: ['metal-dirty'],
    isTry: true,
    mends: true,
  },
  'dry-wire': { minutes: 1, place: 'spool', first: [], hazards: [], finds: ['wire-damp'] },
  'tip-distance': {
    minutes: 0.5,
    place: 'gun',
    first: ON,
    hazards: ['arc'],
    finds: ['too-close', 'too-far'],
    isTry: true,
    mends: true,
  },
  'gun-angle': {
    minutes: 0.5,
    place: 'gun',
    first: ON,
    hazards: ['arc'],
    finds: ['gun-angle'],
    isTry: true,
    mends: true,
  },
  travel: {
    minutes: 0.5,
    place: 'gun',
    first: ON,
    hazards: ['arc'],
    finds: ['travel'],
    isTry: true,
    mends: true,
  },
  'volts-down': {
    minutes: 1,
    place: 'source',
    first: ON,
    hazards: ['arc'],
    finds: ['volts-high'],
    isTry: true,
    mends: true,
    knob: true,
  },
  'volts-up': {
    minutes: 1,
    place: 'source',
    first: ON,
    hazards: ['arc'],
    finds: ['volts-low'],
    isTry: true,
    mends: true,
    knob: true,
  },
  'speed-down': {
    minutes: 1,
    place: 'source',
    first: ON,
    hazards: ['arc'],
    finds: ['speed-high'],
    isTry: true,
    mends: true,
    knob: true,
  },
  'speed-up': {
    minutes: 1,
    place: 'source',
    first: ON,
    hazards: ['arc'],
    finds: ['speed-low'],
    isTry: true,
    mends: true,
    knob: true,
  },
  'feed-into-air': {
    minutes: 0.5,
    place: 'gun',
    first: ['machine-on', 'clamp-off'],
    hazards: ['feeding-wire', 'live-wire', 'moving-rolls'],
    finds: [
      'tip-too-small',
      'tip-blocked',
      'liner-kinked',
      'liner-dirty',
      'liner-wrong',
      'liner-too-short',
      'liner-too-long',
      'lead-bent',
      'push-too-long',
      'rolls-wrong-profile',
      'rolls-wrong-groove',
      'rolls-dirty-or-worn',
      'pressure-low',
      'guide-out-of-line',
      'gun-rolls-wrong',
      'gun-rolls-open',
      'brake-tight',
      'turns-crossed',
      'wire-rusty',
      'feeder-motor',
      'gun-switch',
    ],
  },
  'measure-metal': {
    minutes: 1,
    place: 'gun',
    first: [],
    hazards: [],
    finds: ['wire-thick-for-metal', 'wire-thin-for-metal'],
  },
} as const satisfies Record<string, CheckRow>

export type Check = keyof typeof ROWS
export const CHECKS = Object.keys(ROWS) as [Check, ...Check[]]
export const checkRow = (check: Check): CheckRow => ROWS[check]
