import type { OwnLook } from '../../../trouble/causes.ts'
import type { Check, First, LookOutcome, Way } from '../../../trouble/checks.ts'
import type { Undone } from '../../../trouble/look.ts'
import { OWN_CHECK_WORDS, type CheckWords } from './causes.ts'

/** How each look is made, and what counts as the fault showing. common practice, no source */
const SHARED: Record<Exclude<Check, OwnLook>, CheckWords> = {
  'tip-off-and-jog': {
    name: 'Tip off, and jog',
    how: 'Machine off: nozzle and tip off. Then on, gun away from everybody, and jog.',
    lookFor: 'It feeds now: the tip is at fault.',
  },
  'read-tip-stamp': {
    name: 'Read the tip’s stamp',
    how: 'Unscrew nozzle and tip; read the size stamped on it.',
    lookFor: 'A size that is not for this wire.',
  },
  'look-tip-bore': {
    name: 'Look into the tip’s bore',
    how: 'Unscrew nozzle and tip; hold the bore against the light.',
    lookFor: 'Oval, keyed on one side, or blocked.',
  },
  'tip-off-to-thread': {
    name: 'Tip off, and thread on',
    how: 'Nozzle and tip off; then feed on slowly, gun away from everybody, until the wire stands out.',
    lookFor: 'It comes through now: the tip was on, or is at fault.',
  },
  'pull-wire-by-hand': {
    name: 'Pull the wire by hand',
    how: 'Arm open, the end at the spool held: pull the wire out of the gun by hand, slowly.',
    lookFor: 'It drags or sticks, though the rolls do not hold it.',
  },
  'lead-straight': {
    name: 'Lay the lead straight',
    how: 'Lay it out with wide bends, and try again.',
    lookFor: 'It gets better.',
  },
  'wire-end': {
    name: 'Cut and straighten the end',
    how: 'Back the wire up, cut it clean, straighten a hand’s length, round the end, and try again.',
    lookFor: 'It passes now.',
  },
  'read-liner': {
    name: 'Read the liner',
    how: 'Look at its end or its mark: material, colour, range of wire.',
    lookFor: 'A material or a range that is not for this wire.',
  },
  'liner-reach': {
    name: 'See how far the liner reaches',
    how: 'Tip and diffuser off; look where the liner ends, at both ends of the lead.',
    lookFor: 'It stops short of its seat, or it is pressed up in a wave.',
  },
  'blow-out-liner': {
    name: 'Blow out the liner',
    how: 'Wire out, tip off; dry air from the gun’s back end, goggles on, low pressure.',
    lookFor: 'Dirt comes out, and it feeds better.',
  },
  'liner-out-look': {
    name: 'Liner out, and look',
    how: 'Wire out, gun off; draw the liner and run it through your fingers.',
    lookFor: 'A kink, a flat, dirt, a wrong length or kind.',
  },
  'read-roll-groove': {
    name: 'Read the groove in line',
    how: 'Open the arm, the end held; read the mark on the side of the rolls.',
    lookFor: 'A size or a profile that is not for this wire.',
  },
  'look-grooves': {
    name: 'Look at the grooves',
    how: 'Open the arm, the end held; look along both rolls with a light.',
    lookFor: 'Clogged, shiny or worn.',
  },
  'look-wire-after-rolls': {
    name: 'Look at the wire past the rolls',
    how: 'Cut a stretch off that has passed them; feel and look at it.',
    lookFor: 'Oval, toothed, or shaved on one side.',
  },
  'guide-gap': {
    name: 'Look at the gap to the guide',
    how: 'Look from the side where the wire goes from rolls to guide.',
    lookFor: 'Room to fold, or a step in the line.',
  },
  'read-gun-rolls': {
    name: 'Read the rolls in the gun',
    how: 'Open the gun’s cover: read its rolls, and see whether they are closed.',
    lookFor: 'Another size or profile, or open.',
  },
  'pressure-test': {
    name: 'Try the roll pressure',
    how: 'Gun at dry wood at a slant, never against a hand, away from earthed metal: feed.',
    lookFor: 'It slips at once, or it curls tight and bears marks.',
  },
  'feel-brake': {
    name: 'Feel the brake',
    how: 'Turn the spool by hand and let go.',
    lookFor: 'It runs on, or it must be forced.',
  },
  'spool-pin': {
    name: 'Look at the hub’s pin',
    how: 'Turn the spool to and fro on the hub.',
    lookFor: 'The hub does not turn with it.',
  },
  'spool-side': {
    name: 'See where the wire leaves the spool',
    how: 'Look where it leaves, and where the inlet is.',
    lookFor: 'It leaves on the other side.',
  },
  'look-wire-rust': {
    name: 'Look for rust on the wire',
    how: 'Draw a cloth along a stretch from the spool.',
    lookFor: 'Brown or black on the cloth.',
  },
  'look-turns': {
    name: 'Look at the turns',
    how: 'Look at the spool where the wire leaves it.',
    lookFor: 'A turn under another, or a snag.',
  },
  'short-gun': {
    name: 'Try a shorter or another gun',
    how: 'Put on another gun you know to be good, the shorter the better.',
    lookFor: 'It feeds now: the fault is in the gun that came off.',
  },
  'trace-work-lead': {
    name: 'Follow the work lead',
    how: 'Follow the cable from the clamp to its stud or plug; touch none.',
    lookFor: 'It is on the other stud than this wire asks for.',
  },
  'read-box': {
    name: 'Read the polarity on the box',
    how: 'Read what the box or the spool’s label says.',
    lookFor: 'It asks for the other polarity.',
  },
  'work-clamp': {
    name: 'Look at the work clamp',
    how: 'Look where it bites; feel its spring.',
    lookFor: 'Paint, rust, a burnt jaw, a weak spring.',
  },
  'cable-tight': {
    name: 'Try the cables',
    how: 'Plug out and waited out; try each cable at its stud or plug by hand.',
    lookFor: 'One moves.',
  },
  'cord-breaker': {
    name: 'Look at cord and breaker',
    how: 'Read the breaker, and look at the cord’s length and thickness. Nothing is opened.',
    lookFor: 'Less than the machine’s plate asks for, or a long thin cord.',
  },
  'cylinder-open': {
    name: 'Is the cylinder open?',
    how: 'Try the valve, and read the contents gauge.',
    lookFor: 'It is shut.',
  },
  'flow-at-nozzle': {
    name: 'Hold a flow meter to the nozzle',
    how: 'Gun in the air: pull the trigger and read the flow at the nozzle, or listen and feel for it.',
    lookFor: 'Little or nothing comes.',
  },
  'read-flow': {
    name: 'Read the flow and the gauge',
    how: 'Rolls released, clamp off: read both while somebody pulls the trigger.',
    lookFor: 'Far from what is set for this wire, or no pressure left.',
  },
  'read-gas': {
    name: 'Read the cylinder',
    how: 'Read the label on its shoulder.',
    lookFor: 'Another gas than this wire takes.',
  },
  'nozzle-diffuser': {
    name: 'Look into nozzle and diffuser',
    how: 'Nozzle off; look at the holes behind the tip.',
    lookFor: 'Spatter in the way.',
  },
  'o-ring': {
    name: 'Look at the O-rings',
    how: 'Wire out, gun off; look at the rings where it plugs in.',
    lookFor: 'Cracked, flat or missing.',
  },
  'leak-check': {
    name: 'Leak spray on the joints',
    how: 'Soapy water or leak spray on every joint, gas on.',
    lookFor: 'Bubbles.',
  },
  click: {
    name: 'Listen for the click',
    how: 'Gun in the air, away from earthed metal: pull the trigger and listen at the machine.',
    lookFor: 'No click.',
  },
  draught: {
    name: 'Feel for a draught',
    how: 'Hold a strip of paper at the weld: doors, fans, extraction.',
    lookFor: 'It moves.',
  },
  purge: {
    name: 'Let gas run through',
    how: 'Gun in the air: pull the trigger for some seconds. Then arm shut, clamp on, and weld again.',
    lookFor: 'The start is sound now.',
  },
  'clean-metal': {
    name: 'Clean the metal',
    how: 'To bright metal, a hand’s width around; weld again.',
    lookFor: 'It gets better.',
  },
  'dry-wire': {
    name: 'Has the wire stood open?',
    how: 'Ask how long, and where; look for spots.',
    lookFor: 'Months open, or a damp place.',
  },
  'tip-distance': {
    name: 'Hold another distance',
    how: 'Weld a short bead nearer, and one further off.',
    lookFor: 'One of them is better.',
  },
  'gun-angle': {
    name: 'Hold another angle',
    how: 'Weld a short bead steeper, and pushing.',
    lookFor: 'It gets better.',
  },
  travel: {
    name: 'Travel at another pace',
    how: 'Weld a short bead slower, and one faster.',
    lookFor: 'One of them is better.',
  },
  'volts-down': {
    name: 'Volts down',
    how: 'Down by a volt, nothing else; weld again.',
    lookFor: 'It gets better.',
  },
  'volts-up': {
    name: 'Volts up',
    how: 'Up by a volt, nothing else; weld again.',
    lookFor: 'It gets better.',
  },
  'speed-down': {
    name: 'Wire speed down',
    how: 'Down by a tenth, nothing else; weld again.',
    lookFor: 'It gets better.',
  },
  'speed-up': {
    name: 'Wire speed up',
    how: 'Up by a tenth, nothing else; weld again.',
    lookFor: 'It gets better.',
  },
  'feed-into-air': {
    name: 'Feed into the air',
    how: 'Gun in the air, away from everybody and from earthed metal: pull the trigger, watch and feel the wire.',
    lookFor: 'It jerks, slows or stands. Steady is not here.',
  },
  'measure-metal': {
    name: 'Measure the metal',
    how: 'Measure the thinnest part of the joint.',
    lookFor: 'Outside what this wire is for.',
  },
}
/** Those of one cause alone stand with the words of that cause. */
export const CHECK_WORDS: Readonly<Record<Check, CheckWords>> = { ...SHARED, ...OWN_CHECK_WORDS }
export const checkName = (check: Check): string => CHECK_WORDS[check].name

export const FIRST_WORDS: Record<First, string> = {
  'machine-off': 'machine off',
  'machine-on': 'machine on',
  'plug-out': 'plug out, and wait',
  'clamp-off': 'clamp off the work',
  'gas-shut': 'cylinder shut',
  'gas-open': 'cylinder open',
  'arm-open': 'roll arm open, end held',
  cooled: 'gun cooled, gloves on',
}
/** What was left off or open, put back before this look. */
export const UNDONE_WORDS: Record<Undone, string> = {
  clamp: 'the work clamp',
  arm: 'the pressure arm',
  tip: 'the tip',
  nozzle: 'the nozzle',
  gun: 'the gun',
  wire: 'the wire, threaded',
  plug: 'the plug',
}
/** Which way it was wrong, as whoever looked says it. */
const WAY_WORDS: { readonly [C in Check]?: Partial<Record<Way | 'here', string>> } = {
  'tip-distance': { 'too-near': 'Better further off', 'too-far': 'Better nearer' },
  'pressure-test': { slips: 'It slips', crushes: 'It comes out crushed' },
  'read-tip-stamp': { 'too-small': 'Smaller than the wire', 'too-large': 'Larger than the wire' },
  'liner-reach': { short: 'Too short', long: 'Too long' },
  'feel-brake': { tight: 'It must be forced', loose: 'It runs on' },
  'read-flow': { low: 'Low, or nothing', high: 'Too high' },
  'measure-metal': { thinner: 'Thinner', thicker: 'Thicker' },
  'guide-gap': { wide: 'Room to fold', touches: 'It touches the rolls', here: 'A step in the line' },
  'gun-angle': { push: 'Better dragged or steeper', drag: 'Better pushed or steeper' },
  travel: { fast: 'Better slower', slow: 'Better faster' },
}
const OUTCOME_WORDS: Record<'here' | 'not-here' | 'cannot', string> = {
  here: 'It shows here',
  'not-here': 'Not here',
  cannot: 'Cannot look',
}
/** One answer to a look, as a button says it. */
export const outcomeText = (check: Check, outcome: LookOutcome): string =>
  WAY_WORDS[check]?.[outcome as Way] ??
  (outcome in OUTCOME_WORDS ? OUTCOME_WORDS[outcome as 'here'] : outcome)
/** What helps where the look showed which way: nothing where the cause says it already. */
export const wayCure = (check: Check, outcome: LookOutcome): string | undefined =>
  WAY_CURES[check]?.[outcome as Way]
const WAY_CURES: { readonly [C in Check]?: Partial<Record<Way, string>> } = {
  travel: {
    fast: 'Travel slower: keep on the front of the puddle.',
    slow: 'Travel faster: stay ahead of the slag and the heat.',
  },
  'gun-angle': {
    push: 'Steeper, or drag it: it leant too far into the push.',
    drag: 'Steeper, or push it: it leant too far back. Aluminium is pushed.',
  },
}
/** The machine was switched off for the look before. */
export const SWITCH_ON_AGAIN = 'Switch the machine on again.'
