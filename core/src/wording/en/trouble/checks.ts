import type { OwnLook } from '../../../trouble/causes.ts'
import type { Check, First } from '../../../trouble/checks.ts'
import { OWN_CHECK_WORDS, type CheckWords } from './causes.ts'

/** How each look is made, and what counts as the fault showing. common practice, no source */
const SHARED: Record<Exclude<Check, OwnLook>, CheckWords> = {
  'tip-off-and-jog': {
    name: 'Tip off, and jog',
    how: 'Unscrew nozzle and tip, point the gun away from everybody, and jog.',
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
    name: 'Is the tip off while threading?',
    how: 'Look at the end of the gun.',
    lookFor: 'The tip is on, and the end cannot pass.',
  },
  'pull-wire-by-hand': {
    name: 'Pull the wire by hand',
    how: 'Pull the wire out of the gun by hand, slowly.',
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
    how: 'Feel and look at a stretch that has passed them.',
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
    how: 'Feed against dry wood at a slant: clamp off, never against a hand.',
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
    how: 'Rolls released, clamp off; pull the trigger and read the flow at the nozzle, or listen and feel for it.',
    lookFor: 'Little or nothing comes.',
  },
  'read-flow': {
    name: 'Read the flow and the gauge',
    how: 'Read both while somebody pulls the trigger.',
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
    how: 'Gun off; look at the rings where it plugs in.',
    lookFor: 'Cracked, flat or missing.',
  },
  'leak-check': {
    name: 'Leak spray on the joints',
    how: 'Soapy water or leak spray on every joint, gas on.',
    lookFor: 'Bubbles.',
  },
  click: {
    name: 'Listen for the click',
    how: 'Clamp off, gun in the air; pull the trigger and listen at the machine.',
    lookFor: 'No click.',
  },
  draught: {
    name: 'Feel for a draught',
    how: 'Hold a strip of paper at the weld: doors, fans, extraction.',
    lookFor: 'It moves.',
  },
  purge: {
    name: 'Let gas run through',
    how: 'Clamp off, rolls released; pull the trigger for some seconds, and weld again.',
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
    how: 'Clamp off, gun away from everybody; pull the trigger, and watch and feel the wire.',
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
}
/** The machine was switched off for the look before. */
export const SWITCH_ON_AGAIN = 'Switch the machine on again.'
