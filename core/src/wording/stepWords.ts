import { feedSpeed } from './arc.ts'
import { CONVERSION_WORDS } from './conversionWords.ts'
import type { Step } from '../changeover/step.ts'
import type { Station } from '../machine/stations.ts'
import { formatFlow, formatLead, formatLength, type UnitSystem } from '../units/format.ts'
import { LINER_NAMES, NOZZLE_NAMES, PRESSURE_NAMES, PROFILE_NAMES, gunOn, stampText } from './names.ts'

export interface Words {
  /** The order itself, one sentence. */
  say: string
  /** How, and what this machine wants. */
  how?: string
  /** Why it is done, or why here. */
  why?: string
}
export interface Reader {
  f: Step['facts']
  t: (key: string) => string
  size: string
  units: UnitSystem
}

const GROOVE_SIDE: Record<string, string> = {
  inner: 'On this machine the groove nearest the motor carries the wire.',
  outer: 'On this machine the outer groove carries the wire.',
  turn: 'On this machine the roll is turned round to change the groove.',
  depth: 'On this machine the roll is shifted in or out to bring the groove into line.',
}
const groove = (r: Reader) =>
  GROOVE_SIDE[r.t('workingGroove')] ??
  'Sight along the inlet guide: the right groove is the one in line with it.'
const retainer = (reverse: unknown) =>
  reverse
    ? ' The retainer is reverse-threaded: it loosens clockwise.'
    : ' If it will not turn, it may be reverse-threaded.'
const sets = (r: Reader) =>
  r.f.matchedTopRolls || Number(r.f.rollPairs ?? 1) > 1
    ? ' Change every roll of the set, the top ones too where they are grooved.'
    : ''
const THREADING: Record<string, string> = {
  slow: 'Feed slowly all the way.',
  'slow-then-fast': 'First arm’s length slow, then faster.',
  full: 'Full speed.',
}
const money = (r: Reader) =>
  r.f.wireMoney === undefined
    ? undefined
    : `${formatLead(Number(r.f.lengthM), r.units)} of wire is worth about ${Number(r.f.wireMoney).toFixed(2)}; winding it back costs about ${Number(r.f.labourMoney).toFixed(2)} of time and feeds badly later.`

export const STEP_WORDS: Record<Step['task'], (r: Reader) => Words> = {
  readWire: () => ({
    say: 'Read the label of the wire that is on the machine now.',
    how: 'Classification and size. No label: measure the wire, and call it unknown.',
    why: 'Nothing unread is assumed.',
  }),
  readStation: (r) => READ[r.t('of') as Station](r),
  gatherParts: () => ({
    say: 'Bring the parts and tools of the list to the machine.',
    how: 'Lay them out in the tray in the order of the wire: rolls, guides, liner, tip, nozzle.',
    why: 'What is missing is found before anything is opened.',
  }),
  protect: (r) => ({
    say: `Jacket, gloves and eye protection on${r.f.people === 2 ? ', both of you' : ''}.`,
    why: 'Wire ends whip.',
  }),
  shutCylinder: (r) => ({
    say: r.f.gasNeeded
      ? 'Shut the cylinder valve and back the regulator screw out.'
      : 'Shut the cylinder valve, back the regulator screw out and leave it shut.',
    how: 'The cylinder stays chained.',
    why: r.f.gasNeeded
      ? 'No gas while the wire is threaded.'
      : 'This wire makes its own shield; gas would be wasted and takes the weld outside what the wire was tested for.',
  }),
  switchOff: () => ({
    say: 'Switch the machine off.',
    how: 'Where a separate feeder keeps the wire live, switch off the power source.',
    why: 'Rolls, guides and liner are only touched with the machine off.',
  }),
  unplug: () => ({
    say: 'Pull the mains plug, and keep it where you can see it.',
    how: 'Engine-driven: stop the engine.',
    why: 'Off is not enough before cables are moved.',
  }),
  waitDischarge: () => ({
    say: 'Wait until the capacitors have discharged.',
    how: 'As long as the machine’s manual says; at least five minutes where it says nothing.',
    why: 'They hold charge with the plug out.',
  }),
  coolGun: () => ({
    say: 'Let nozzle and tip cool.',
    how: 'Hold the back of a gloved hand near; quench nothing.',
  }),
  clampOff: () => ({
    say: 'Take the work clamp off the metal and hang the gun where it touches nothing earthed.',
    how: 'Not on an earthed metal table.',
    why: 'The trigger makes the wire live.',
  }),
  nozzleOff: () => ({ say: 'Take the nozzle off.', how: 'Look for spatter and closed diffuser holes.' }),
  snipBall: () => ({
    say: 'Snip the ball off the end of the wire.',
    how: 'Cut towards the floor.',
    why: 'A ball will not pass the tip.',
  }),
  tipOff: () => ({
    say: 'Take the contact tip off and look at its bore.',
    how: 'A bore worn oval goes in the scrap.',
  }),
  layLeadStraight: () => ({
    say: 'Lay the gun lead out straight, without a twist.',
    why: 'Every loop multiplies the push.',
  }),
  holdOldWire: () => ({ say: 'Hold the wire at the spool, and do not let go.' }),
  openArm: () => ({ say: 'Swing the pressure arm open.' }),
  cutOldWire: () => ({ say: 'Cut the wire on the spool side, holding both ends.' }),
  windBack: () => ({ say: 'Wind the wire back onto the spool, turn by turn, tight.' }),
  tuckOldEnd: () => ({
    say: 'Tuck the end through the hole in the flange and bend it over. Now you may let go.',
  }),
  clearTangle: () => ({
    say: 'Cut the knotted wire out of the rolls in short pieces, and pick every piece out.',
    how: 'Arm open, machine off. Cut on both sides of the knot first: it is a spring. Look for shavings, and at the guides: a knot bends them.',
    why: 'Pulled instead of cut, it scores the guide and kinks the liner.',
  }),
  pullOldWire: (r) => ({
    say: 'Pull the old wire out at the gun and coil it.',
    how: r.f.way === 'keep-as-filler' ? 'Keep it as filler, labelled with its alloy.' : 'Into the scrap.',
    why: money(r) ?? 'By the shop’s practice.',
  }),
  spoolOff: (r) => ({
    say: 'Take the old spool off and bag it with its label.',
    how: `Mind the retainer.${retainer(r.f.spoolReverse)}`,
  }),
  lookOver: () => ({
    say: 'Look it over while it is open: grooves, guides, O-rings, rust, shavings.',
    how: 'Brush the dust off the rolls. Work clamp and the earth pin of the plug too.',
    why: 'A wear found now costs nothing.',
  }),
  gunOff: () => ({
    say: 'Take the gun off the machine and lay it straight.',
    how: 'Control plug out, knob loose, pull straight.',
  }),
  gunSwap: (r) => ({
    say: `Take the ${r.t('wanted').replace('-', ' ')} gun instead.`,
    how: 'Label the old one and hang it up straight.',
  }),
  linerOut: () => ({
    say: 'Draw the old liner out gently.',
    how: 'Retaining nut or screw off first. Label it with machine and wire, and keep it coiled wide. Blow the empty gun through with dry air at low pressure.',
    why: 'It is the way back.',
  }),
  linerIn: (r) => ({
    say: `Push the ${LINER_NAMES[r.t('wanted')]} liner in from the machine end until it bottoms.`,
    how: 'Diffuser off, so that it does not catch on the thread. No kinks. Collet, O-ring, nut snug: over-tightened O-rings leak.',
  }),
  linerTrim: (r) => trimWords(r),
  oRing: () => ({ say: 'Fit new O-rings at the gun connector.', how: 'No oil; wipe the seats.' }),
  oRingCheck: () => ({
    say: 'Look at the O-rings of the gun: no cracks, no flats, a trace of grease.',
    how: 'A cracked one is replaced now.',
  }),
  gunBack: () => ({
    say: 'Put the gun back: pushed home until no O-ring shows, knob tight, control plug in.',
  }),
  blowOutLiner: () => ({
    say: 'Blow the liner out with dry air from the machine end.',
    how: 'No wire in it, low pressure, gun end pointing to the floor.',
    why: 'Dust in the liner is drag.',
  }),
  innerLiner: (r) => ({ say: `Fit the short liner for ${r.size} in the gun.`, how: 'Square ends, no burr.' }),
  innerLinerClean: () => ({ say: 'Blow out the short liner in the gun.' }),
  gunClean: () => ({ say: 'Clean the gun end: diffuser holes open, spatter out.' }),
  inletGuideChange: (r) => guideWords('inlet', r),
  inletGuideSet: (r) => guideSetWords('inlet', r),
  outletGuideChange: (r) => guideWords('outlet', r),
  outletGuideSet: (r) => guideSetWords('outlet', r),
  rollsChange: (r) => ({
    say: `Take the rolls off and fit the ${PROFILE_NAMES[r.t('wantedProfile')]} rolls, ${stampText(r.t('wantedGroove'), r.units)} groove in line with the wire.`,
    how: `${groove(r)}${sets(r)} Line up the key, turn the retainer home.${r.f.reverseThread ? retainer(true) : ''} Spin by hand: it must not slide off.`,
  }),
  rollsTurn: (r) => ({
    say: `Turn the rolls so that the ${stampText(r.t('wantedGroove'), r.units)} groove is in line with the wire.`,
    how: `${groove(r)}${sets(r)}${r.f.reverseThread ? retainer(true) : ''}`,
  }),
  rollsClean: () => ({
    say: 'Brush the grooves of the rolls clean.',
    how: 'A stiff brush, never a solvent with chlorine.',
  }),
  gunRollsChange: (r) => ({
    say: `Change the rolls in the gun for ${r.size}.`,
    how: `Leave them open for threading.${retainer(r.f.reverseThread)}`,
    why: 'A push-pull gun has rolls of its own.',
  }),
  gunRollsTurn: (r) => ({
    say: `Turn the rolls in the gun to the ${r.size} groove.`,
    how: `Leave them open for threading.${retainer(r.f.reverseThread)}`,
  }),
  gunRollsClean: () => ({ say: 'Brush the rolls in the gun clean.' }),
  swapStuds: (r) => ({
    say: `Swap the two cables inside the cabinet: ${cable(r)}.`,
    how: 'Is the mains plug out? Mark them first. Nuts tight: a loose stud heats. Close the case.',
    why: polarityWhy(r),
  }),
  swapPlugs: (r) => ({
    say: `Swap the two cable plugs: ${cable(r)}.`,
    how: 'Is the mains plug out? Push home and twist tight: a loose plug heats.',
    why: polarityWhy(r),
  }),
  turnSwitch: (r) => ({
    say: `Turn the polarity switch to ${gunOn(r.t('wanted'))} (${r.t('wanted')}).`,
    why: polarityWhy(r),
  }),
  tightenStuds: () => ({
    say: 'Tighten the cables on their studs or plugs.',
    how: 'Clean the faces first. Close the case.',
    why: 'A loose stud heats.',
  }),
  regulatorOff: (r) => ({
    say: `Take the regulator off the ${r.f.fitted === undefined ? 'old' : r.t('fitted')} cylinder; cap on, cylinder back in its chain.`,
    how: 'Valve shut first; loosen slowly and let the pressure bleed.',
  }),
  chainCylinder: (r) => ({
    say: `Chain the ${r.t('wanted')} cylinder upright, then take its cap off.`,
    how: 'Never move a cylinder without its cap.',
  }),
  crackValve: () => ({
    say: 'Stand aside, crack the valve for an instant to blow the dust out, and shut it.',
  }),
  regulatorOn: (r) => ({
    say: 'Fit the regulator with a wrench, screw backed out; hose on.',
    how: `${r.f.otherOutlet ? 'CO2 and argon mixtures have different outlets: use the regulator made for this one. ' : ''}No oil, no tape. A hose rated for the gas, never fuel hose.`,
  }),
  fitAdapter: (r) => ({ say: `Fit the adapter for the ${r.t('type')} spool on the hub.` }),
  mountSpool: (r) => ({
    say: `Mount the new spool: wire leaving ${r.f.leaves === undefined ? 'in line with the inlet guide' : `from the ${r.t('leaves')}`}, ${r.f.locator === 'none' ? 'home on the hub' : `${r.t('locator')} in its hole`}, retainer on.`,
    how: `${r.f.inletBeforeSpool ? 'On this machine the wire passes the inlet spring before the spool goes on. ' : ''}The end stays tucked.${r.f.spoolReverse ? ' The retainer is reverse-threaded: it tightens anticlockwise.' : ''}`,
    why: 'No reverse bend on the way to the rolls.',
  }),
  setBrake: () => ({
    say: 'Set the hub brake: the spool just stops with the wire, and a slight push turns it.',
    how: 'Turn it by hand, stop: it must not run on.',
  }),
  freeNewEnd: () => ({ say: 'Free the end of the new wire and hold it, arm open.' }),
  cutNewEnd: (r) => ({
    say: `Cut off the crooked part${r.f.wireRusty ? ' and every rusty turn' : ''}; bend the first ${r.units === 'metric' ? '150 mm' : '6 in'} straight; cut clean.`,
  }),
  threadNewWire: (r) => ({
    say: `Through the inlet guide, over the groove, ${r.units === 'metric' ? '50–100 mm' : '2–4 in'} into the outlet guide.`,
  }),
  closeArm: () => ({ say: 'Close the pressure arm. The rolls hold the wire: now you may let go.' }),
  supplyFix: (r) =>
    r.t('rule') === 'earth-pin-missing'
      ? {
          say: 'Have the earth pin of the plug mended before the machine is used.',
          how: 'By a licensed electrician. Without it a fault makes the case live.',
        }
      : {
          say: 'Put the machine on the circuit or cord it needs.',
          how: 'Plugs, breakers and circuits are for a licensed electrician.',
        },
  plugIn: () => ({ say: 'Case closed, then plug in.' }),
  switchOn: () => ({ say: 'Switch the machine on.', how: 'Fingers, gloves and sleeves clear of the rolls.' }),
  feedThrough: (r) => ({
    say: `Feed the wire through until about ${formatLength(25, r.units)} stands out of the gun.`,
    how: `Gas shut, ${r.f.keepTip ? 'nozzle off, the end clean and straight' : 'tip and nozzle off'}, gun pointed away from people and metal. ${r.f.jog ? 'Use the jog button.' : 'Use the jog button if there is one; the trigger makes the wire live.'} ${r.f.pushPull ? 'Gun rolls open, push soft wire by hand as far as it goes. ' : ''}${THREADING[r.t('threading')] ?? ''} Watch the rolls and the spool. If it stops, release at once, back up, help by hand.`,
  }),
  tipClean: () => ({ say: 'Clean the contact tip.' }),
  fitTip: (r) => ({
    say: `Screw the tip on: ${stampText(r.t('wantedStamp'), r.units)}${r.f.wantedAluminiumBore ? ', aluminium bore' : ''}.`,
    how: `Finger off the trigger. ${r.t('tipTightness') === 'fingers' ? 'Finger-snug; look at it again when it is hot.' : 'Snug with pliers, lightly.'} A loose tip heats and arcs.`,
  }),
  nozzleClean: () => ({ say: 'Clean the spatter out of the nozzle and the diffuser holes.' }),
  fitNozzle: (r) => ({
    say: r.f.wanted === 'none' ? 'Leave the nozzle off.' : `Fit the ${NOZZLE_NAMES[r.t('wanted')]}.`,
  }),
  trimWire: (r) => ({
    say: `Trim the wire to ${r.units === 'metric' ? '6–10 mm' : '1/4–3/8 in'} past the tip.`,
  }),
  setPressure: (r) => pressureWords(r),
  openCylinder: () => ({
    say: 'Stand aside and open the cylinder valve slowly.',
    how: 'Chained, screw out.',
  }),
  leakCheck: () => ({ say: 'Brush soapy water on the joints: no bubbles.' }),
  setFlow: (r) => ({
    say: `Set the flow to about ${formatFlow(Number(r.f.value), r.units)} with gas flowing.`,
    how: `Purge button, or the trigger with the pressure arm open, gun in the air, clamp off. Between ${formatFlow(Number(r.f.low), r.units)} and ${formatFlow(Number(r.f.high), r.units)}${r.f.ceiling === undefined ? '' : `; more than ${formatFlow(Number(r.f.ceiling), r.units)} is turbulent`}. Listen at the nozzle.`,
  }),
  clampMend: (r) =>
    r.f.clamp === 'change'
      ? {
          say: 'Replace the work clamp, and tighten its lead.',
          why: 'A clamp that does not grip heats, and the arc wanders.',
        }
      : { say: 'File the jaws of the work clamp bright, and tighten its lead.' },
  cleanCoupon: (r) => couponWords(r),
  preheat: (r) => ({
    say: `Warm the aluminium evenly, to about ${r.units === 'metric' ? '100 °C, never above 120 °C' : '200 °F, never above 250 °F'}.`,
    how: 'Check it with a crayon or a thermometer: aluminium does not change colour before it melts.',
    why: 'Thick aluminium carries the heat away: the first weld lies cold.',
  }),
  clampOn: () => ({ say: 'Work clamp on clean, bright metal, near the weld.' }),
  testWeld: (r) => ({
    say: `${toSet(r)}, and weld a test on scrap of the same thickness.`,
    how: `${r.f.taps ? 'Taps have no volts on them: take the machine’s chart for about these. ' : ''}Helmet down, screens up, ventilation on. Change one thing at a time. Good when the last two look the same and right.`,
    why: 'The test tells what no list can; the machine’s own chart comes before these figures.',
  }),
  ...CONVERSION_WORDS,
  putAway: () => ({
    say: 'Label what came off with machine and wire, and put it in its drawer.',
    why: 'It is the way back.',
  }),
}

const COUPON: Record<string, string> = {
  'mild-steel': 'Grind or brush off mill scale, rust and paint.',
  'low-alloy-steel': 'Grind or brush off mill scale, rust and paint.',
  'galvanised-steel': 'Grind the zinc off both sides, twice as wide as the bead, with the ventilation on.',
  'stainless-steel': 'Degrease it, and brush it with a stainless brush that has never touched carbon steel.',
  aluminium: 'Degrease it first, then brush it with a stainless brush kept for aluminium.',
  'copper-alloy': 'Degrease it and brush it bright.',
}
const couponWords = (r: Reader): Words => ({
  say: 'Clean a piece of scrap of the same metal and thickness, and the spot for the clamp.',
  how: COUPON[r.t('metal')] ?? 'Down to bright metal.',
  why: 'Dirt in the metal reads like a fault of the gas.',
})

const cable = (r: Reader) =>
  r.t('wanted') === 'DCEN' ? 'gun cable on minus, work lead on plus' : 'gun cable on plus, work lead on minus'
const polarityWhy = (r: Reader) =>
  `${r.f.classification ?? 'This wire'} runs ${r.t('wanted')}: ${r.t('wanted') === 'DCEN' ? 'electrode negative' : 'electrode positive'}.`

function trimWords(r: Reader): Words {
  const gap = r.units === 'metric' ? '1.5–3 mm' : '1/16–1/8 in'
  if (r.f.soft || r.t('trim') === 'long')
    return {
      say: 'Trim the liner at the roll end: long to the rolls, close but not touching.',
      how: `Gun on the machine first. Leave ${r.units === 'metric' ? '1.5–2 mm' : 'about 1/16 in'} to the roll. Square and deburred.`,
      why: 'Soft wire folds in any gap.',
    }
  if (r.t('trimSchool') === 'flush')
    return {
      say: 'Trim the liner flush with the diffuser.',
      how: 'Lead straight, gun on. Square and deburred. Check with the tip screwed on, and with the lead bent, that it still reaches.',
    }
  if (r.t('trim') === 'gun-end' && r.t('trimSchool') !== 'short-of-mark')
    return {
      say: 'Trim the liner at the gun end, leaving the maker’s stick-out past the diffuser seat.',
      how: 'Square and deburred. Check with the tip screwed on that it reaches.',
    }
  return {
    say: `Mark the liner at the collet, draw it back and cut ${gap} on the gun side of the mark.`,
    how: 'Square and deburred; push home. Check with the tip screwed on that it reaches. Where the gun is trimmed at its own end, follow the maker’s stick-out.',
  }
}
const guideWords = (which: string, r: Reader): Words => ({
  say: `Take the ${r.f.material === undefined ? '' : `${r.t('material')} `}${which} guide out and fit the ${r.t('wanted')} one.`,
  how: `About ${formatLength(2, r.units)} clear of the roll, in line with the groove. Keep the old one in the tray.`,
})
const guideSetWords = (which: string, r: Reader): Words => ({
  say: `Clean the ${which} guide and set it about ${formatLength(2, r.units)} from the roll.`,
  how: 'As close as it can without touching.',
})

function pressureWords(r: Reader): Words {
  const level = PRESSURE_NAMES[r.t('level')]
  const loop = r.units === 'metric' ? 'about 50 mm' : 'about 2 in'
  const safe = 'Clamp off, gun at dry wood, never at a hand or earthed metal.'
  const note = 'Write the mark down: next time this wire starts there.'
  if (r.t('school') === 'back-off')
    return {
      say: `Set the roll pressure, ${level}: back off until the wire slips, then half a turn more.`,
      how: `${safe} ${note}`,
    }
  if (r.t('school') === 'scale')
    return {
      say: `Set the roll pressure, ${level}, to the mark from the log, and test it.`,
      how: `${safe} A mark is good on this machine only. ${note}`,
    }
  return {
    say: `Set the roll pressure, ${level}, by the curl test: against wood at about 45°, the wire curls into a loop of ${loop} without slipping.`,
    how: `${safe} ${r.t('jammed') === 'slip-first' ? 'Held fast, the wire must slip in the rolls before it folds. ' : 'Held fast for an instant, it must not slip. '}It slips: a little more. Still no slip on much smaller loops: a little less. ${note}`,
  }
}

const READ: Record<Station, (r: Reader) => Words> = {
  spool: () => ({
    say: 'Read the hub: which spool, is the pin in its hole, from which side does the wire leave?',
  }),
  hubBrake: () => ({
    say: 'Feel the hub brake: does the spool stop with the wire, and turn at a slight push?',
  }),
  inletGuide: () => ({ say: 'Look at the inlet guide: steel or polymer, and how far from the roll?' }),
  driveRolls: () => ({
    say: 'Read the drive rolls: smooth V, smooth U or knurled, the stamped sizes, and which groove is in line with the wire.',
    how: 'Look, do not touch: the machine is still on.',
  }),
  rollPressure: () => ({ say: 'Read the mark of the roll pressure.' }),
  outletGuide: () => ({ say: 'Look at the outlet guide: steel or polymer, and how far from the roll?' }),
  liner: () => ({
    say: 'Find out which liner is in the gun: steel coil or polymer, its range and length.',
    how: 'Its label, or its end at the connector.',
  }),
  gun: () => ({
    say: 'Read the gun: kind and length; on a push-pull gun its own rolls and short liner too.',
  }),
  contactTip: () => ({ say: 'Read the stamp on the contact tip, once it is cool.' }),
  nozzle: () => ({ say: 'Look at the nozzle: gas nozzle, cap or none, and its bore.' }),
  polarity: () => ({
    say: 'Trace the work lead: the gun hangs on the other pole.',
    how: 'From outside. Open nothing yet.',
  }),
  gas: () => ({ say: 'Read the cylinder label: which gas is connected?' }),
  gasFlow: () => ({ say: 'Read the flowmeter.' }),
  supply: () => ({ say: 'Read the circuit: voltage, breaker, cord; is the earth pin there?' }),
}

/** What to set before the test weld: what is known, and the sheet or chart for the rest. */
function toSet(r: Reader): string {
  const marks = r.f.startMarks ? String(r.f.startMarks) : ''
  const figures = [
    ...(r.f.startV === undefined ? [] : [`${Math.round(Number(r.f.startV) * 2) / 2} V`]),
    ...(r.f.startSpeed === undefined ? [] : [feedSpeed(Number(r.f.startSpeed), r.units)]),
    ...(marks ? [marks] : []),
  ]
  if (figures.length === 0) return 'Set volts and wire speed by the wire maker’s sheet or the machine’s chart'
  const rest =
    marks || figures.length > 1
      ? ''
      : r.f.startV === undefined
        ? ', volts by the machine’s chart'
        : ', wire speed by the wire maker’s sheet'
  return `Set about ${figures.join(' and ')}${rest}`
}
