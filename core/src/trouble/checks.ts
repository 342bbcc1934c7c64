import { OWN_LOOKS, type Cause, type OwnLook } from './causes.ts'
import type { LookRow } from './look.ts'

export { FIRSTS, type First } from './look.ts'

/** Which way it is wrong, where a look shows that. */
const WAYS = [
  ...(['too-near', 'too-far', 'slips', 'crushes', 'too-small', 'too-large', 'short', 'long'] as const),
  ...(['tight', 'loose', 'low', 'high', 'thinner', 'thicker', 'wide', 'touches'] as const),
  ...(['push', 'drag', 'fast', 'slow'] as const),
] as const
export type Way = (typeof WAYS)[number]
/** `here`: the fault shows here, which way unsaid; of a try, that it gets better. */
export const OUTCOMES = ['here', 'not-here', 'cannot', ...WAYS] as const
export type LookOutcome = (typeof OUTCOMES)[number]

/** A look, and the causes it shows, whichever of them it is. */
export interface CheckRow extends LookRow {
  finds: readonly Cause[]
  /** Of those, what it shows only now and then: that it does not show clears nothing. */
  partly?: readonly Cause[]
  /** What it shows each way. */
  ways?: Partial<Record<Way, readonly Cause[]>>
}

const OFF = ['machine-off'] as const
const ON = ['machine-on'] as const

/** What can be looked at or tried that shows more causes than one, or that a table reads better; a row each. */
const SHARED = {
  'tip-off-and-jog': {
    minutes: 2,
    place: 'gun',
    first: ['machine-on', 'clamp-off', 'gas-shut', 'cooled'],
    hazards: ['hot-parts', 'feeding-wire', 'live-wire'],
    finds: ['tip-too-small', 'tip-blocked', 'tip-on-while-threading', 'tip-worn', 'liner-too-short'],
    isTry: true,
    undoes: ['clamp', 'tip', 'nozzle'],
    partly: ['tip-worn', 'liner-too-short'],
  },
  'read-tip-stamp': {
    minutes: 1,
    place: 'gun',
    first: ['machine-off', 'cooled'],
    hazards: ['hot-parts'],
    finds: ['tip-too-small', 'tip-too-large'],
    ways: { 'too-small': ['tip-too-small'], 'too-large': ['tip-too-large'] },
    undoes: ['tip', 'nozzle'],
  },
  'look-tip-bore': {
    minutes: 1,
    place: 'gun',
    first: ['machine-off', 'cooled'],
    hazards: ['hot-parts'],
    finds: ['tip-worn', 'tip-blocked'],
    undoes: ['tip', 'nozzle'],
  },
  'tip-off-to-thread': {
    minutes: 1,
    place: 'gun',
    first: ['machine-off', 'cooled'],
    hazards: ['hot-parts', 'wire-end'],
    finds: ['tip-on-while-threading', 'tip-blocked', 'tip-too-small'],
    isTry: true,
    undoes: ['tip', 'nozzle'],
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
      'wire-rusty',
      'liner-too-long',
      'liner-too-short',
    ],
    undoes: ['arm'],
    partly: ['liner-wrong', 'wire-rusty', 'liner-too-long', 'liner-too-short', 'lead-bent'],
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
  'read-liner': {
    minutes: 2,
    place: 'gun',
    first: ['machine-off', 'cooled'],
    hazards: ['hot-parts'],
    finds: ['liner-wrong'],
  },
  'liner-reach': {
    minutes: 3,
    place: 'gun',
    first: ['machine-off', 'cooled'],
    hazards: ['hot-parts', 'wire-end'],
    finds: ['liner-too-short', 'liner-too-long'],
    ways: { short: ['liner-too-short'], long: ['liner-too-long'] },
    undoes: ['tip', 'nozzle'],
  },
  'blow-out-liner': {
    minutes: 20,
    place: 'cabinet',
    first: OFF,
    hazards: ['compressed-air', 'wire-end'],
    finds: ['liner-dirty'],
    isTry: true,
    mends: true,
    undoes: ['wire', 'tip', 'gun'],
  },
  'liner-out-look': {
    minutes: 22,
    place: 'gun',
    first: OFF,
    hazards: ['wire-end'],
    finds: ['liner-kinked', 'liner-dirty', 'liner-wrong', 'liner-too-short', 'liner-too-long'],
    undoes: ['wire', 'tip', 'gun'],
  },
  'read-roll-groove': {
    minutes: 1,
    place: 'cabinet',
    first: OFF,
    hazards: ['machine-off'],
    finds: ['rolls-wrong-profile', 'rolls-wrong-groove'],
    undoes: ['arm'],
  },
  'look-grooves': {
    minutes: 1,
    place: 'cabinet',
    first: OFF,
    hazards: ['machine-off'],
    finds: ['rolls-dirty-or-worn'],
    undoes: ['arm'],
  },
  'look-wire-after-rolls': {
    minutes: 0.5,
    place: 'cabinet',
    first: OFF,
    hazards: ['machine-off'],
    finds: [
      'pressure-high',
      'rolls-wrong-profile',
      'rolls-wrong-groove',
      'guide-out-of-line',
      'gun-rolls-wrong',
      'wire-rusty',
    ],
    partly: ['rolls-wrong-groove', 'wire-rusty', 'gun-rolls-wrong'],
  },
  'guide-gap': {
    minutes: 1,
    place: 'cabinet',
    first: OFF,
    hazards: ['machine-off'],
    finds: ['guide-gap', 'guide-out-of-line', 'liner-too-long'],
    ways: { wide: ['guide-gap'], touches: ['liner-too-long'] },
  },
  'read-gun-rolls': {
    minutes: 2,
    place: 'gun',
    first: ['machine-off', 'cooled'],
    hazards: ['machine-off', 'hot-parts'],
    finds: ['gun-rolls-wrong', 'gun-rolls-open'],
    undoes: ['arm'],
  },
  'pressure-test': {
    minutes: 2,
    place: 'cabinet',
    first: ['machine-on', 'clamp-off'],
    hazards: ['feeding-wire', 'live-wire', 'moving-rolls'],
    finds: ['pressure-low', 'pressure-high', 'rolls-dirty-or-worn', 'rolls-wrong-groove'],
    isTry: true,
    ways: {
      slips: ['pressure-low', 'rolls-dirty-or-worn', 'rolls-wrong-groove'],
      crushes: ['pressure-high'],
    },
    undoes: ['clamp'],
    partly: ['rolls-wrong-groove', 'rolls-dirty-or-worn'],
  },
  'feel-brake': {
    minutes: 0.5,
    place: 'spool',
    first: OFF,
    hazards: ['machine-off'],
    finds: ['brake-tight', 'brake-loose', 'pin-out'],
    ways: { tight: ['brake-tight'], loose: ['brake-loose', 'pin-out'] },
  },
  'spool-pin': { minutes: 1, place: 'spool', first: OFF, hazards: ['machine-off'], finds: ['pin-out'] },
  'spool-side': { minutes: 0.5, place: 'spool', first: [], hazards: [], finds: ['spool-wrong-side'] },
  'look-wire-rust': { minutes: 0.5, place: 'spool', first: [], hazards: [], finds: ['wire-rusty'] },
  'look-turns': { minutes: 0.5, place: 'spool', first: [], hazards: [], finds: ['turns-crossed'] },
  'short-gun': {
    minutes: 15,
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
    undoes: ['gun', 'wire'],
  },
  'trace-work-lead': {
    minutes: 1,
    place: 'source',
    first: OFF,
    hazards: ['live-studs'],
    finds: ['polarity-wrong'],
  },
  'read-box': {
    minutes: 0.5,
    place: 'spool',
    first: [],
    hazards: [],
    finds: ['polarity-wrong', 'wrong-wire'],
  },
  'work-clamp': {
    minutes: 1,
    place: 'gun',
    first: ['machine-off', 'cooled'],
    hazards: ['hot-parts'],
    finds: ['work-clamp'],
    undoes: ['clamp'],
  },
  'cable-tight': {
    minutes: 2,
    place: 'source',
    first: ['machine-off', 'plug-out'],
    hazards: ['live-studs', 'stored-charge'],
    finds: ['cable-loose'],
    undoes: ['plug'],
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
    first: ['machine-on', 'gas-open', 'clamp-off', 'arm-open'],
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
      'regulator-frozen',
    ],
    undoes: ['clamp', 'arm'],
    partly: ['hose-leak', 'flow-low', 'regulator-frozen'],
  },
  'read-flow': {
    minutes: 0.5,
    place: 'cylinder',
    first: ['machine-on', 'clamp-off', 'arm-open'],
    hazards: ['cylinder', 'live-wire', 'gas-in-closed-space'],
    finds: ['cylinder-empty', 'cylinder-shut', 'flow-low', 'flow-high', 'regulator-frozen'],
    undoes: ['clamp', 'arm'],
    ways: { low: ['cylinder-empty', 'cylinder-shut', 'flow-low', 'regulator-frozen'], high: ['flow-high'] },
  },
  'read-gas': { minutes: 0.5, place: 'cylinder', first: [], hazards: [], finds: ['gas-wrong'] },
  'nozzle-diffuser': {
    minutes: 1,
    place: 'gun',
    first: ['machine-off', 'cooled'],
    hazards: ['hot-parts'],
    finds: ['nozzle-blocked', 'nozzle-spatter'],
    undoes: ['nozzle'],
  },
  'o-ring': {
    minutes: 20,
    place: 'cabinet',
    first: OFF,
    hazards: ['machine-off'],
    finds: ['o-ring'],
    undoes: ['gun', 'wire'],
  },
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
    first: ['machine-on', 'clamp-off', 'arm-open'],
    hazards: ['live-wire', 'moving-rolls'],
    finds: ['solenoid-dead', 'gun-switch'],
    undoes: ['clamp'],
  },
  draught: { minutes: 0.5, place: 'gun', first: [], hazards: [], finds: ['draught'] },
  purge: {
    minutes: 0.5,
    place: 'gun',
    first: ['machine-on', 'gas-open', 'clamp-off', 'arm-open'],
    hazards: ['live-wire', 'moving-rolls', 'gas-in-closed-space'],
    finds: ['not-purged'],
    isTry: true,
    mends: true,
    undoes: ['clamp', 'arm'],
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
    ways: { 'too-near': ['too-close'], 'too-far': ['too-far'] },
  },
  'gun-angle': {
    minutes: 0.5,
    place: 'gun',
    first: ON,
    hazards: ['arc'],
    finds: ['gun-angle'],
    isTry: true,
    mends: true,
    ways: { push: ['gun-angle'], drag: ['gun-angle'] },
  },
  travel: {
    minutes: 0.5,
    place: 'gun',
    first: ON,
    hazards: ['arc'],
    finds: ['travel'],
    isTry: true,
    mends: true,
    ways: { fast: ['travel'], slow: ['travel'] },
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
    undoes: ['clamp'],
    partly: [
      'guide-out-of-line',
      'wire-rusty',
      'liner-too-long',
      'liner-too-short',
      'rolls-wrong-profile',
      'liner-wrong',
    ],
  },
  'measure-metal': {
    minutes: 1,
    place: 'gun',
    first: [],
    hazards: [],
    finds: ['wire-thick-for-metal', 'wire-thin-for-metal'],
    ways: { thinner: ['wire-thick-for-metal'], thicker: ['wire-thin-for-metal'] },
  },
} as const satisfies Record<string, CheckRow>

export type Check = keyof typeof SHARED | OwnLook
/** From the tip backwards; a look at one cause alone stands in the row of that cause. */
const ROWS: Readonly<Record<string, CheckRow>> = { ...SHARED, ...OWN_LOOKS }
export const CHECKS = Object.keys(ROWS) as [Check, ...Check[]]
/** How a look that shows something is answered: which way it is wrong, and `here` for what no way says. */
function shownAs({ ways = {}, finds }: CheckRow): readonly LookOutcome[] {
  const said = Object.values(ways).flat()
  const rest = finds.some((cause) => !said.includes(cause))
  return [...(Object.keys(ways) as Way[]), ...(rest ? (['here'] as const) : [])]
}
const FULL: ReadonlyMap<string, CheckRow & { shownAs: readonly LookOutcome[] }> = new Map(
  Object.entries(ROWS).map(([check, row]) => [check, { ...row, shownAs: shownAs(row) }]),
)
export const checkRow = (check: Check) => FULL.get(check)!
/** What a look may be answered with. */
export const outcomesOf = (check: Check): readonly LookOutcome[] => [
  ...(Object.keys(checkRow(check).ways ?? {}) as Way[]),
  'here',
  'not-here',
  'cannot',
]
/** It showed the fault, whichever way. */
export const showsIt = (outcome: LookOutcome): boolean => outcome !== 'not-here' && outcome !== 'cannot'
/** What an answer points to: the causes of that way, or all that the look shows. */
export const pointsTo = (check: Check, outcome: LookOutcome): readonly Cause[] => {
  const { ways = {}, finds } = checkRow(check)
  return outcome in ways ? ways[outcome as Way]! : finds
}
