import type { School } from '../../practice/schools.ts'
import { formatLead, formatAbout, type UnitSystem } from '../../units/format.ts'

interface SchoolWords {
  question: string
  /** Each choice: its name, and what speaks for it and what it costs. */
  options: Record<string, { name: string; because: string }>
}

/** The schools in words, each choice with its reason. common practice */
export const schoolWords = (school: School, units: UnitSystem): SchoolWords => SCHOOLS[school](units)

const SCHOOLS: Record<School, (units: UnitSystem) => SchoolWords> = {
  wireInGun: (u) => ({
    question: 'Wire left in the gun',
    options: {
      'by-money': {
        name: 'decide by money',
        because: 'Metres times price against minutes times rate; the sum is shown with the plan.',
      },
      rewind: {
        name: 'rewind it',
        because: `Saves ${formatLead(2.5, u)} to ${formatLead(8, u)} of wire; takes longer, and rewound wire feeds badly.`,
      },
      scrap: { name: 'cut and scrap it', because: 'The quickest; the wire is lost.' },
      'keep-as-filler': {
        name: 'keep it as TIG filler',
        because: 'Nothing is lost, but every tail must be labelled with its alloy.',
      },
    },
  }),
  pressureTest: (u) => ({
    question: 'Roll pressure test',
    options: {
      curl: {
        name: 'curl against wood',
        because: `At about 45° into a loop of ${u === 'metric' ? 'about 50 mm' : 'about 2 in'} without slip: it needs nothing but wood and tells push and slip at once. Pinching the wire with a gloved hand is a hazard and is not offered: a fed wire pierces a finger.`,
      },
      'back-off': {
        name: 'back off until it slips, then half a turn',
        because: 'Finds the lightest grip; it leaves little in hand when the liner gets dirty.',
      },
      scale: {
        name: 'mark from the log or the door',
        because: 'Quick, but a mark is good on one machine only; it is tested again with each wire.',
      },
    },
  }),
  jammedWire: () => ({
    question: 'When the wire jams',
    options: {
      'by-wire': {
        name: 'as the wire asks',
        because: 'Soft wire slips first, before it folds; steel never slips.',
      },
      'never-slip': {
        name: 'the rolls never slip',
        because: 'Steady feed through drag; a jam knots the wire at the rolls.',
      },
      'slip-first': {
        name: 'the rolls slip before it knots',
        because: 'A jam costs nothing; drag in the lead shows at once as a wandering arc.',
      },
    },
  }),
  threadingSpeed: (u) => ({
    question: 'Threading speed',
    options: {
      'slow-then-fast': {
        name: `first ${formatLead(1, u)} slow, then fast`,
        because: 'A catch near the rolls does no harm, and the rest is quick.',
      },
      slow: {
        name: 'slow all the way',
        because: 'A catch anywhere does no harm; it takes about a minute more.',
      },
      full: { name: 'full speed', because: 'The quickest; a catch knots the wire.' },
    },
  }),
  tipWhileThreading: () => ({
    question: 'Tip while threading',
    options: {
      off: { name: 'off, always', because: 'A wire end with a burr cannot catch in the bore.' },
      on: {
        name: 'on, with a straight clean end',
        because:
          'Saves taking a right tip off and on; a burr jams in it. Only where the tip stays and the wire is stiff.',
      },
    },
  }),
  tipTightness: () => ({
    question: 'Tip tightness',
    options: {
      pliers: { name: 'snug with pliers, lightly', because: 'A loose tip heats and arcs in its thread.' },
      fingers: { name: 'finger-snug', because: 'Comes off by hand when it is burnt; look at it more often.' },
    },
  }),
  nozzleWithGasless: () => ({
    question: 'Nozzle with gasless wire',
    options: {
      'cap-if-owned': {
        name: 'gasless cap if owned',
        because: 'Keeps spatter off the diffuser and lets the tip be seen.',
      },
      'gas-nozzle': {
        name: 'gas nozzle as a guard',
        because: 'Nothing to change; it hides the long extension.',
      },
      bare: { name: 'bare', because: 'The best view; spatter reaches the diffuser.' },
    },
  }),
  aluminiumTip: () => ({
    question: 'Tip for aluminium',
    options: {
      'aluminium-bore': {
        name: 'aluminium bore, same size',
        because: 'The right bore with the right name, if there is one in the drawer.',
      },
      'one-size-up': {
        name: 'one trade size up',
        because: 'Any drawer has one; contact is a little looser.',
      },
    },
  }),
  linerOnSizeChange: () => ({
    question: 'Liner when the size changes',
    options: {
      'keep-in-range': {
        name: 'keep it while in range',
        because: 'A steel coil serves every steel in range; soft wire always has a liner of its own.',
      },
      'one-per-family': {
        name: 'one liner for each family',
        because:
          'No dust of one wire in the weld of the next; several minutes more at each change of family.',
      },
    },
  }),
  linerTrim: (u) => ({
    question: 'Liner trim',
    options: {
      'by-connector': {
        name: 'by family and connector',
        because:
          'Soft wire long to the rolls, a collet short of its mark, a gun-end kind by the maker’s stick-out.',
      },
      flush: {
        name: 'flush at the diffuser',
        because: 'Easy to see; check that it reaches when the lead is bent.',
      },
      'short-of-mark': {
        name: `${formatAbout(1.5, u)} to ${formatAbout(3, u)} short of the mark`,
        because: 'Leaves room for the tip to screw home.',
      },
    },
  }),
  spoolDirection: () => ({
    question: 'Wire off the spool',
    options: {
      'as-the-rolls-lie': {
        name: 'as the rolls lie',
        because: 'The machine decides: no reverse bend on the way to the guide.',
      },
      'always-bottom': {
        name: 'always from the bottom',
        because: 'One habit for every machine; some then bend the wire back.',
      },
    },
  }),
  oneWireForAll: (u) => ({
    question: 'One wire for all',
    options: {
      'by-thickness': {
        name: 'wire to thickness',
        because: 'Thin wire on sheet, thick on plate; what it costs to stay is shown.',
      },
      'one-for-all': {
        name: u === 'metric' ? '0.9 mm for everything' : '.035 for everything',
        because: 'Fewer changes; burns through on sheet and lies cold on plate.',
      },
    },
  }),
  softWireOutlet: () => ({
    question: 'Soft wire after the rolls',
    options: {
      guide: {
        name: 'a polymer outlet guide',
        because: 'The liner ends where the gun ends, and any gun can be put on again without trimming.',
      },
      'liner-to-rolls': {
        name: 'the liner itself, led up to the rolls',
        because:
          'The outlet tube comes out and the liner is left long: no joint for the wire to fold in, and no guide to buy. The liner then fits this machine only.',
      },
    },
  }),
  aluminiumByPush: (u) => ({
    question: 'Aluminium without a spool gun',
    options: {
      'to-3-m': {
        name: `straight push to about ${formatLead(3, u)}`,
        because: 'Works with a straight lead, 5xxx wire, polymer liner and a wide tip.',
      },
      never: { name: 'only spool gun or push-pull', because: 'No knots at the rolls; it needs the gun.' },
    },
  }),
  metalCoredRolls: () => ({
    question: 'Rolls for metal-cored wire',
    options: {
      smooth: { name: 'smooth V or U, light', because: 'The soft sheath is not marked.' },
      'fine-knurl': {
        name: 'fine knurl, very light',
        because: 'Grips an oily wire; too much pressure opens the seam.',
      },
    },
  }),
  flowSetting: () => ({
    question: 'Gas flow',
    options: {
      computed: {
        name: 'by nozzle, wire and draught',
        because: 'Worked out for the wire and bore, and capped where the flow turns turbulent.',
      },
      fixed: {
        name: 'one number for all',
        because: 'Easy to check at a glance; the turbulent limit still caps it.',
      },
    },
  }),
}
