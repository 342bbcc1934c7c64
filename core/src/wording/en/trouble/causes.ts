import { causeRow, CAUSES, type Cause, type LookedFor, type OwnLook } from '../../../trouble/causes.ts'
import type { Because } from '../../../trouble/known.ts'

/** How a look is made, and what counts as the fault showing. */
export interface CheckWords {
  name: string
  how: string
  lookFor: string
}
interface CauseWords {
  name: string
  /** What is at fault, as a sentence. */
  says: string
  /** What helps, where it is a knob, the hand, or somebody else’s work; and what to heed where it is work. */
  cure: string
}
/** What may be at fault, and what helps. common practice, no source */
export const CAUSE_WORDS: {
  readonly [C in Cause]: CauseWords & (C extends LookedFor ? { look: CheckWords } : object)
} = {
  'tip-too-small': {
    name: 'Tip too small',
    says: 'The bore is smaller than the wire, or as tight as makes no odds.',
    cure: 'Fit a tip for this wire.',
  },
  'tip-too-large': {
    name: 'Tip too large',
    says: 'The wire lies loose in the bore, and the current jumps.',
    cure: 'Fit a tip for this wire.',
  },
  'tip-worn': {
    name: 'Tip worn',
    says: 'The bore is worn oval, and the current finds no steady way.',
    cure: 'Fit a new tip.',
  },
  'tip-blocked': {
    name: 'Tip blocked',
    says: 'Spatter or a burnt-back end sits in the bore.',
    cure: 'Fit a new tip; one that is bored free again seldom lasts.',
  },
  'tip-loose': {
    name: 'Tip loose',
    says: 'The tip is not screwed home: it heats and arcs.',
    cure: 'Screw it home and snug it with pliers; do not crank it.',
    look: {
      name: 'Feel whether the tip is tight',
      how: 'Nozzle off; try to turn the tip with pliers, lightly.',
      lookFor: 'It turns.',
    },
  },
  'tip-on-while-threading': {
    name: 'Tip on while threading',
    says: 'The end meets the bore and stops.',
    cure: 'Take the tip off until the wire stands out of the gun.',
  },
  'liner-kinked': {
    name: 'Liner kinked',
    says: 'The liner has a kink or is crushed.',
    cure: 'Fit a new liner.',
  },
  'liner-dirty': {
    name: 'Liner dirty',
    says: 'Dust and shavings drag on the wire.',
    cure: 'Blow it out from the gun’s back end; one that stays dirty is replaced.',
  },
  'liner-wrong': {
    name: 'Liner wrong for the wire',
    says: 'Its material or bore does not suit this wire.',
    cure: 'Fit a liner for this wire.',
  },
  'liner-too-short': {
    name: 'Liner too short',
    says: 'It does not reach its seat: the wire steps over a gap.',
    cure: 'Fit a liner of full length, trimmed by the gun’s instructions.',
  },
  'liner-too-long': {
    name: 'Liner too long',
    says: 'It is pressed into a wave inside the lead.',
    cure: 'Trim it by the gun’s instructions.',
  },
  'lead-bent': {
    name: 'Lead coiled or twisted',
    says: 'Every turn of the lead adds drag.',
    cure: 'Lay the lead out with wide bends, and keep it so.',
  },
  'wire-end-bent': {
    name: 'Wire end bent',
    says: 'The end is bent or burred and catches.',
    cure: 'Back it out, cut it clean, straighten a hand’s length, round the end, thread it again.',
  },
  'push-too-long': {
    name: 'Pushed too far',
    says: 'This wire cannot be pushed through so long a lead.',
    cure: 'Another gun: a shorter lead, a push-pull or a spool gun. Store, the machine’s entry, Fit another gun.',
  },
  'rolls-wrong-profile': {
    name: 'Rolls of the wrong profile',
    says: 'Their groove does not suit this wire.',
    cure: 'Fit rolls for this wire.',
  },
  'rolls-wrong-groove': {
    name: 'Wrong groove in line',
    says: 'The groove is cut for another size.',
    cure: 'Turn the rolls, or fit a set for this size.',
  },
  'rolls-dirty-or-worn': {
    name: 'Rolls dirty or worn',
    says: 'The groove is clogged or worn smooth.',
    cure: 'Brush the grooves; worn rolls are replaced.',
  },
  'pressure-low': {
    name: 'Roll pressure too low',
    says: 'The rolls do not hold the wire against what it meets.',
    cure: 'Raise it a little and try again; when that does not hold it, the fault is further on.',
  },
  'pressure-high': {
    name: 'Roll pressure too high',
    says: 'The rolls crush or shave the wire, and knot it when it meets something.',
    cure: 'Back it off and set it anew.',
  },
  'guide-gap': {
    name: 'Guide too far from the rolls',
    says: 'The wire has room to fold.',
    cure: 'Set the guide as near as it goes without touching.',
  },
  'guide-out-of-line': {
    name: 'Guide out of line',
    says: 'The wire is led over an edge.',
    cure: 'Set guide and groove in one line.',
  },
  'gun-rolls-wrong': {
    name: 'Rolls in the gun wrong',
    says: 'The gun’s own rolls do not suit this wire.',
    cure: 'Fit rolls for this wire in the gun.',
  },
  'gun-rolls-open': {
    name: 'Rolls in the gun open',
    says: 'They were not closed after threading.',
    cure: 'Close them.',
  },
  'brake-tight': {
    name: 'Hub brake too tight',
    says: 'The rolls must drag the spool round.',
    cure: 'Ease it until the spool just stops with the rolls.',
  },
  'brake-loose': {
    name: 'Hub brake too loose',
    says: 'The spool runs on when the rolls stop.',
    cure: 'Tighten it until the spool stops with the rolls, no more.',
  },
  'pin-out': {
    name: 'Spool not on its pin',
    says: 'The hub turns without the spool, so the brake does nothing.',
    cure: 'Turn the spool until the pin stands in its hole.',
  },
  'spool-wrong-side': {
    name: 'Wire leaves the wrong side',
    says: 'It is drawn over an edge, and takes a twist.',
    cure: 'Put the spool on the other way round.',
  },
  'turns-crossed': {
    name: 'Turns crossed on the spool',
    says: 'One turn lies under another and snags.',
    cure: 'Cut back to free turns and thread again; the arm is never opened with the end loose.',
  },
  'wire-rusty': {
    name: 'Wire rusty',
    says: 'Rust or dirt on the wire clogs liner and tip.',
    cure: 'Put on a clean spool, and blow out the liner with it.',
  },
  'wire-damp': {
    name: 'Wire damp',
    says: 'A cored wire that stood open draws moisture.',
    cure: 'Cut off the outer turns and try; dry it only as its maker says; else another spool.',
  },
  'polarity-wrong': {
    name: 'Polarity wrong',
    says: 'Gun and work are on the other studs than this wire asks for.',
    cure: 'Change the polarity to what the box says.',
  },
  'work-clamp': {
    name: 'Work clamp',
    says: 'Rust, paint or a weak spring at the clamp takes the current.',
    cure: 'Clamp on bright metal near the weld; mend or replace the clamp.',
  },
  'cable-loose': {
    name: 'Cable loose',
    says: 'A cable is loose at its stud or plug.',
    cure: 'Tighten it, unplugged and waited out.',
  },
  'supply-weak': {
    name: 'Supply too weak',
    says: 'Circuit or cord cannot carry what is drawn.',
    cure: 'A circuit of its own, a shorter and thicker cord, or lower settings. Work on the circuit is for a licensed electrician.',
  },
  'cylinder-shut': {
    name: 'Cylinder shut',
    says: 'The valve is not open.',
    cure: 'Open it slowly, standing aside.',
  },
  'cylinder-empty': { name: 'Cylinder empty', says: 'No pressure is left.', cure: 'Change the cylinder.' },
  'not-purged': {
    name: 'Not purged',
    says: 'Air stands in hose and gun.',
    cure: 'Let gas run through before the first arc.',
  },
  'gas-wrong': {
    name: 'Gas wrong for the wire',
    says: 'What is in the cylinder does not suit this wire.',
    cure: 'Connect the gas the box asks for.',
  },
  'flow-low': {
    name: 'Flow too low',
    says: 'Too little gas reaches the arc.',
    cure: 'Set the flow at the nozzle.',
  },
  'flow-high': {
    name: 'Flow too high',
    says: 'So fast that it draws in air.',
    cure: 'Turn it down to what nozzle and current ask for.',
  },
  'o-ring': {
    name: 'O-ring at the gun',
    says: 'A seal where the gun plugs in is cracked or missing.',
    cure: 'Fit new O-rings.',
  },
  'hose-leak': {
    name: 'Hose or joint leaks',
    says: 'Gas gets away before the gun.',
    cure: 'Shut the cylinder, mend the joint or the hose, and try it with leak spray.',
  },
  'solenoid-dead': {
    name: 'Gas valve dead',
    says: 'The valve in the machine does not open.',
    cure: 'For a technician: the valve or what drives it. Unplugged only.',
  },
  'nozzle-blocked': {
    name: 'Nozzle or diffuser blocked',
    says: 'Spatter stands in the way of the gas.',
    cure: 'Clean nozzle and diffuser.',
  },
  draught: {
    name: 'Draught',
    says: 'Moving air takes the gas away.',
    cure: 'Screen the work, or use a wire that shields itself; more gas does not help against wind.',
  },
  'wire-cast': {
    name: 'Cast of the wire',
    says: 'The wire is wound so tightly, or twisted so, that it leaves the tip in a curve.',
    cure: 'Another spool; until then a shorter stand-out steadies it.',
    look: {
      name: 'Look at the wire’s cast',
      how: 'Cut a metre off and let it lie free on the floor.',
      lookFor: 'A ring under 300 mm across, or one that stands up more than 25 mm.',
    },
  },
  'wrong-wire': {
    name: 'Another wire than the label says',
    says: 'What is on the spool is not what was thought.',
    cure: 'Put on the wire the job asks for; weld nothing more with this one.',
  },
  'mains-low': {
    name: 'Mains low',
    says: 'The mains gives less than the machine needs when it draws.',
    cure: 'Another hour or another circuit; a licensed electrician measures it under load.',
    look: {
      name: 'Ask for the mains volts under load',
      how: 'Somebody qualified reads the volts while it welds; or look whether lights dim and other machines draw.',
      lookFor: 'More than a tenth below the plate.',
    },
  },
  'duty-cut-out': {
    name: 'Overheated: duty cycle',
    says: 'The machine has protected itself: more arc in ten minutes than it bears.',
    cure: 'Let the fan run it cool, then weld shorter or with less current.',
    look: {
      name: 'Look for the lamp of the thermal guard',
      how: 'Leave it on so that the fan runs; look for its lamp, and try again after a rest.',
      lookFor: 'The lamp is lit, or it welds again once it has cooled.',
    },
  },
  'water-in-gas': {
    name: 'Moisture in the gas',
    says: 'Cylinder or hose carries water.',
    cure: 'Another cylinder; an old hose that was open is replaced.',
    look: {
      name: 'Try another cylinder',
      how: 'Connect one you know to be good, purge, and weld again.',
      lookFor: 'It gets better.',
    },
  },
  'regulator-frozen': {
    name: 'Regulator frozen',
    says: 'Much gas for long has iced it up: the flow drops.',
    cure: 'Let it thaw; a heater or two cylinders for so much CO2. Never a flame.',
    look: {
      name: 'Look at the regulator',
      how: 'After some minutes of welding; touch nothing iced with a bare hand.',
      lookFor: 'Frost on it, and the flow has dropped.',
    },
  },
  'nozzle-spatter': {
    name: 'Spatter bridges nozzle and tip',
    says: 'The nozzle takes current, and the gas swirls.',
    cure: 'Clean nozzle and tip; a little anti-spatter, never in the diffuser.',
  },
  inductance: {
    name: 'Inductance',
    says: 'The short circuits break too hard, or too softly.',
    cure: 'More inductance for less spatter, less for a stiff arc; one step at a time.',
    look: {
      name: 'Turn the inductance',
      how: 'Where the machine has it: one step up, nothing else; weld again.',
      lookFor: 'It gets better.',
    },
  },
  'arc-blow': {
    name: 'Arc blow',
    says: 'The magnetism of the current pushes the arc aside.',
    cure: 'Clamp at the other end or on both, weld away from the clamp, shorter arc, tack first.',
    look: {
      name: 'Move the work clamp',
      how: 'To the other end of the seam, near the weld; weld again.',
      lookFor: 'The arc leans the other way, or no more.',
    },
  },
  'base-metal': {
    name: 'The metal itself',
    says: 'This metal cracks or gasses with this wire or without preheat.',
    cure: 'Find out what it is; preheat, another wire, or a tested procedure. Some metal is not welded.',
    look: {
      name: 'Find out what the metal is',
      how: 'Papers, stamps, spark, file and magnet; ask whoever bought it.',
      lookFor: 'Hardenable, leaded or sulphur steel, cast iron, 2xxx or 7xxx aluminium, or unknown.',
    },
  },
  'technique-end': {
    name: 'The end of the bead',
    says: 'The arc is drawn off and the crater stays open.',
    cure: 'Stop, go back a finger’s breadth and fill it before you let go.',
    look: {
      name: 'Fill the crater',
      how: 'Weld a short bead, go back at its end and fill it.',
      lookFor: 'The end is sound now.',
    },
  },
  'feeder-motor': {
    name: 'Feeder motor',
    says: 'The motor or its gear is failing.',
    cure: 'For a technician.',
  },
  'control-board': {
    name: 'Control board',
    says: 'What drives machine and feeder is failing.',
    cure: 'For a technician.',
  },
  'gun-switch': {
    name: 'Gun switch',
    says: 'The trigger or its lead makes poor contact.',
    cure: 'For a technician, or another gun to make sure.',
  },
  'too-close': {
    name: 'Held too close',
    says: 'The tip is too near the work.',
    cure: 'Hold the tip further off, and keep the distance.',
  },
  'too-far': {
    name: 'Held too far',
    says: 'So much wire stands out that current and gas are lost.',
    cure: 'Come nearer, and keep the distance.',
  },
  'gun-angle': {
    name: 'Gun angle',
    says: 'The gun leans so that gas or force goes the wrong way.',
    cure: 'Steeper; aluminium is pushed, never dragged.',
  },
  travel: {
    name: 'Travel speed',
    says: 'Too fast to wet, or so slow that it piles up or burns through.',
    cure: 'Keep pace with the front of the puddle.',
  },
  'volts-low': {
    name: 'Volts too low',
    says: 'Too few volts for the wire fed.',
    cure: 'Up by half a volt at a time.',
  },
  'volts-high': {
    name: 'Volts too high',
    says: 'Too many volts for the wire fed.',
    cure: 'Down by half a volt at a time.',
  },
  'speed-low': {
    name: 'Wire speed too low',
    says: 'The arc melts more wire than is fed.',
    cure: 'More wire speed, a twentieth at a time.',
  },
  'speed-high': {
    name: 'Wire speed too high',
    says: 'More wire is fed than the arc melts.',
    cure: 'Less wire speed, a twentieth at a time.',
  },
  'wire-thick-for-metal': {
    name: 'Wire too thick for this metal',
    says: 'It needs more current than the metal bears.',
    cure: 'A thinner wire: plan the change.',
  },
  'wire-thin-for-metal': {
    name: 'Wire too thin for this metal',
    says: 'It cannot carry what the metal asks for.',
    cure: 'A thicker wire: plan the change.',
  },
  'metal-dirty': {
    name: 'Metal not clean',
    says: 'Rust, paint, oil, zinc or scale boils out.',
    cure: 'Clean to bright metal; never with chlorinated solvent.',
  },
}

/** The words of looks that stand with the one cause they show. */
export const OWN_CHECK_WORDS = Object.fromEntries(
  CAUSES.flatMap((cause) => {
    const id = causeRow(cause).look?.id
    return id === undefined ? [] : [[id, (CAUSE_WORDS[cause] as { look: CheckWords }).look]]
  }),
) as Record<OwnLook, CheckWords>
export const causeName = (cause: Cause): string => CAUSE_WORDS[cause].name

/** Why a cause weighs what it weighs. */
export const BECAUSE: Record<Exclude<Because, 'mismatch'>, string> = {
  usual: 'As usual with what is said.',
  model: 'The mechanics of this very line make it likelier.',
  setting: 'The settings in use point there.',
  history: 'What is written down of this machine points there.',
  'last-change': 'Something was changed there last.',
  since: 'It fits with when it shows and since when.',
  lead: 'The lead lies that way.',
  'own-finds': 'It was at fault in this shop before.',
}
