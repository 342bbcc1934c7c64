import { linerEnd } from '../../../steps/linerEnd.ts'
import type { Task } from '../../../steps/step.ts'
import { formatAbout, formatLead } from '../../../units/format.ts'
import { feedSpeed } from '../arc.ts'
import { preheatSay } from '../metals.ts'
import { nameIn, LINER_NAMES, NOZZLE_NAMES, stampText } from '../names.ts'
import { retainer, type Say, type Reader, type Words } from './reader.ts'

const money = (r: Reader) =>
  r.f.wireMoney === undefined
    ? undefined
    : `${formatLead(Number(r.f.lengthM), r.units)} of wire is worth about ${Number(r.f.wireMoney).toFixed(2)}; winding it back costs about ${Number(r.f.labourMoney).toFixed(2)} of time and feeds badly later.`

const COUPON: Record<string, string> = {
  'mild-steel': 'Grind or brush off mill scale, rust and paint.',
  'low-alloy-steel': 'Grind or brush off mill scale, rust and paint.',
  'galvanised-steel': 'Grind the zinc off both sides, twice as wide as the bead, with extraction.',
  'stainless-steel': 'Degrease it, and brush it with a stainless brush that has never touched carbon steel.',
  aluminium: 'Degrease it first, then brush it with a stainless brush kept for aluminium.',
  'copper-alloy': 'Degrease it and brush it bright.',
  'cast-iron': 'Grind off the casting skin and every crack to its end; burn out the oil.',
}

const couponWords = (r: Reader): Words => ({
  say: 'Clean a piece of scrap of the same metal and thickness, and the spot for the clamp.',
  how:
    r.f.brazes && r.t('metal') === 'galvanised-steel'
      ? 'Degrease it and leave the zinc on: that is why it is brazed. Only the spot for the clamp is ground bright.'
      : (COUPON[r.t('metal')] ?? 'Down to bright metal.'),
  why: 'Dirt in the metal reads like a fault of the gas.',
})

function trimWords(r: Reader): Words {
  const gap = r.units === 'metric' ? '1.5–3 mm' : '1/16–1/8 in'
  const end = linerEnd(r.f)
  if (end === 'rolls')
    return {
      say: 'Trim the liner at the roll end: long to the rolls, close but not touching.',
      how: `Gun on the machine first. Leave ${r.units === 'metric' ? '1.5–2 mm' : 'about 1/16 in'} to the roll. Square and deburred.`,
      why: 'Soft wire folds in any gap.',
    }
  if (end === 'flush')
    return {
      say: 'Trim the liner flush with the diffuser, and screw the diffuser home.',
      how: 'Lead straight. Square and deburred. Check with the tip screwed on, and with the lead bent, that it still reaches.',
    }
  if (end === 'seat')
    return {
      say: 'Trim the liner at the gun end, leaving the maker’s stick-out past the diffuser seat.',
      how: 'Square and deburred; diffuser on again. Check with the tip screwed on that it reaches.',
    }
  return {
    say: `Mark the liner at the collet, draw it back and cut ${gap} on the gun side of the mark.`,
    how: 'Square and deburred; push home, diffuser on again. Check with the tip screwed on that it reaches. Where the gun is trimmed at its own end, follow the maker’s stick-out.',
  }
}

/** What to set before the test weld: what is known, and the sheet or chart for the rest. */
function toSet(r: Reader): string {
  const marks = r.f.startMarks ? String(r.f.startMarks) : ''
  const figures = [
    ...(r.f.startV === undefined
      ? []
      : [
          `${Math.round(Number(r.f.startV) * 2) / 2} V${!marks && r.f.nearTap !== undefined ? ` (tap ${r.t('nearTap')})` : ''}`,
        ]),
    ...(r.f.startSpeed === undefined
      ? []
      : [
          `${feedSpeed(Number(r.f.startSpeed), r.units)}${!marks && r.f.nearDial !== undefined ? ` (dial ${r.t('nearDial')})` : ''}`,
        ]),
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

/** How the gun is held: pushed or dragged, its lean, its distance, and which way the weld goes. */
function handWords(r: Reader): string {
  const way: Record<string, string> = {
    flat: 'lying flat',
    horizontal: 'horizontal',
    'vertical-up': 'upwards, in small steps',
    'vertical-down': 'downwards, the arc on the leading edge of the puddle',
    overhead: 'overhead, gloves buttoned',
  }
  const distance =
    r.f.tipToWorkMm === undefined
      ? 'the tip as far off as the wire maker says'
      : `the tip about ${formatAbout(Number(r.f.tipToWorkMm), r.units)} from the work`
  const place = r.f.position === undefined ? '' : `, ${way[r.t('position')] ?? ''}`
  return `${r.t('hand') === 'drag' ? 'Drag' : 'Push'} the gun, leaning 10–15°, ${distance}${place}.`
}

/** Stringer or weave, how fast, and how the end is filled. common practice, no source */
function wayWords(r: Reader): string {
  const mm = r.f.thicknessMm === undefined ? undefined : Number(r.f.thicknessMm)
  const sheet = mm !== undefined && mm < 2
  const bead =
    r.t('position') === 'vertical-up'
      ? 'Small weave or triangle, a pause at each side.'
      : r.f.hand === 'drag' || r.f.soft || sheet
        ? 'Straight stringer beads, no weave.'
        : 'A stringer, or a narrow weave no wider than two or three wires.'
  const travel = sheet
    ? 'Travel fast enough that the puddle stays small; short runs on sheet.'
    : 'Travel so that the arc stays on the leading edge of the puddle.'
  const crater = r.f.soft
    ? 'At the end go back over the last finger’s breadth and fill the crater, or it cracks.'
    : 'At the end stop, go back a little and fill the crater.'
  return `${bead} ${travel} ${crater}`
}

/** What a good weld of this family looks like, and where to look. common practice, no source */
function goodWords(r: Reader): string {
  const mm = r.f.thicknessMm === undefined ? undefined : Number(r.f.thicknessMm)
  const back =
    mm !== undefined && mm < 3 ? ' Turn the sheet over: an even line of heat, no drops through.' : ''
  const toes = 'Toes run out flat, without a groove or a roll-over.'
  const looks: Record<string, string> = {
    'flux-cored-self-shielded': 'Slag covers it all and comes off in one piece; no worm tracks under it.',
    'flux-cored-gas-shielded': 'Slag covers it all and peels; no worm tracks, little spatter.',
    'metal-cored': 'Smooth and nearly without spatter, only islands of glass on it.',
    'solid-stainless': 'Straw to gold in colour; grey and rough is too hot or short of gas.',
    aluminium: 'Bright, with a white cleaned strip beside it and no black soot.',
    'silicon-bronze': r.f.brazes
      ? 'It wets the sheet, which did not melt; a smooth golden bead.'
      : 'Melted in on both sides, in the colour of the wire; no pores, no soot.',
  }
  const look = looks[r.t('family')] ?? 'Even ripples, little spatter, a steady fry.'
  return `${toes} ${look}${back} Tacks: a little hotter than beads, short, flat, and dressed before they are welded over.`
}

/** At the gun. */
export const GUN_STEPS = {
  coolGun: () => ({
    say: 'Let nozzle and tip cool.',
    how: 'Hold the back of a gloved hand near; quench nothing.',
  }),
  clampOff: () => ({
    say: 'Take the work clamp off the metal and hang the gun where it touches nothing earthed.',
    how: 'Not on a metal table.',
    why: 'So a trigger pressed by mistake feeds wire and strikes nothing.',
  }),
  nozzleOff: () => ({ say: 'Take the nozzle off.', how: 'Look for spatter and closed diffuser holes.' }),
  snipBall: () => ({
    say: 'Snip the ball off the end of the wire.',
    why: 'A ball will not pass the tip.',
  }),
  tipOff: (r) => ({
    say: r.f.ball
      ? 'Snip the ball off the wire, then take the contact tip off and look at its bore.'
      : 'Take the contact tip off and look at its bore.',
    how: 'A bore worn oval goes in the scrap.',
  }),
  gunRollsOpen: () => ({
    say: 'Swing the rolls in the gun open, if it has rolls.',
    how: 'They hold the wire as those of the feeder do.',
  }),
  gunRollsClose: () => ({
    say: 'Close the rolls in the gun again, where the gun pulls the wire.',
    how: 'Finger off the trigger; the wire lies in its groove. Lightly: they only pull.',
    why: 'Left open, the feeder pushes alone and soft wire folds.',
  }),
  layLeadStraight: () => ({
    say: 'Lay the gun lead out straight, without a twist.',
    why: 'Every loop multiplies the push.',
  }),
  pullOldWire: (r) => ({
    say: r.f.spoolGun
      ? 'Pull the old wire out at the end of the gun.'
      : 'Lay the lead out straight, without a twist, and pull the old wire out at the gun.',
    how:
      r.f.way === 'keep-as-filler'
        ? 'Coil it, and keep it as filler, labelled with its alloy.'
        : 'Coiled, into the scrap.',
    why: money(r) ?? 'By the shop’s practice.',
  }),
  linerOut: () => ({
    say: 'Draw the old liner out gently.',
    how: 'Retaining nut or screw off first. Label it with machine and wire, and keep it coiled wide. Blow the empty gun through with dry air, gently.',
    why: 'It is the way back.',
  }),
  linerIn: (r) => ({
    say: `Push the ${nameIn(LINER_NAMES, r.t('wanted'))} liner in from the machine end until it bottoms.`,
    how: `Diffuser off, so that it does not catch on the thread. No kinks. A short brass or bronze end goes to the hot end of the gun; ${
      r.t('trim') === 'long'
        ? 'the polymer end to the rolls. Diffuser on again once the liner bottoms. '
        : 'the collet sits at the machine. '
    }${r.f.soft ? 'A polymer liner is held by its own collet, or by a sleeve and insert of its outside size; the ones of the steel liner do not grip it. ' : ''}O-ring, nut snug: over-tightened O-rings leak.`,
  }),
  linerTrim: (r) => trimWords(r),
  innerLiner: (r) => ({ say: `Fit the short liner for ${r.size} in the gun.`, how: 'Square ends, no burr.' }),
  innerLinerClean: () => ({ say: 'Blow out the short liner in the gun.' }),
  gunClean: () => ({ say: 'Clean the gun end: diffuser holes open, spatter out.' }),
  gunRollsChange: (r) => ({
    say: `Change the rolls in the gun for ${r.size}.`,
    how: `Leave them open for threading.${retainer(r.f.reverseThread)}`,
    why: 'This gun has rolls of its own.',
  }),
  gunRollsTurn: (r) => ({
    say: `Turn the rolls in the gun to the ${r.size} groove.`,
    how: `Leave them open for threading.${retainer(r.f.reverseThread)}`,
  }),
  gunRollsClean: () => ({ say: 'Brush the rolls in the gun clean.' }),
  tipClean: () => ({ say: 'Clean the contact tip.' }),
  fitTip: (r) => ({
    say: `Screw the tip on: ${stampText(r.t('wantedStamp'), r.units)}${r.f.wantedAluminiumBore ? ', aluminium bore' : ''}.`,
    how: `Finger off the trigger. ${r.t('tipTightness') === 'fingers' ? 'Finger-snug; look at it again when it is hot.' : 'Snug with pliers, lightly.'}`,
    why: 'A loose tip heats and arcs.',
  }),
  nozzleClean: () => ({ say: 'Clean the spatter out of the nozzle and the diffuser holes.' }),
  fitNozzle: (r) => ({
    say: r.f.wanted === 'none' ? 'Leave the nozzle off.' : `Fit the ${nameIn(NOZZLE_NAMES, r.t('wanted'))}.`,
    ...(r.f.insulatedGuide
      ? {
          how: 'This wire runs with a long extension: fit the insulated guide for it at the gun’s end first.',
        }
      : {}),
  }),
  trimWire: (r) => ({
    say: `${r.f.afterTest ? 'Cut the curl off: trim' : 'Trim'} the wire to ${r.units === 'metric' ? '6–10 mm' : '1/4–3/8 in'} past the tip${r.f.afterTest ? ', or the longer distance this wire asks for' : ''}.`,
    ...(r.f.afterTest ? { why: 'An arc must not start on a curl.' } : {}),
  }),
  clampMend: (r) =>
    r.f.clamp === 'change'
      ? {
          say: 'Replace the work clamp, and tighten its lead.',
          why: 'A clamp that does not grip heats, and the arc wanders.',
        }
      : { say: 'File the jaws of the work clamp bright, and tighten its lead.' },
  cleanCoupon: (r) => couponWords(r),
  preheat: (r) => {
    const { say, how } = preheatSay(r.f, r.units)
    return r.t('by') === 'aluminium'
      ? {
          say,
          how: `Check it with a crayon or a thermometer: aluminium does not change colour before it melts.${r.f.richInMagnesium ? ` More than 3 % magnesium: not held between ${r.units === 'metric' ? '65 and 200 °C' : '150 and 400 °F'}; warm it and weld.` : ''}`,
          why: 'Thick and cast aluminium carries the heat away: the first weld lies cold.',
        }
      : {
          say,
          how,
          why: 'Welded colder it cracks beside the weld, often a day later. The maker’s sheet or your procedure comes first.',
        }
  },
  hotWork: (r) => ({
    say: `Clear or cover what burns within ${r.units === 'metric' ? '11 m' : '35 ft'}; extinguisher at hand, permit where one is asked.`,
    how: 'Look behind walls and under floors too. Drums and tanks: not before they are proved clean.',
    why: 'Before the arc, not after the fire. (NFPA 51B, OSHA 1910.252, or the local rule.)',
  }),
  fireWatch: () => ({
    say: 'Keep a fire watch when the welding stops: 60 min (NFPA 51B), 30 min at least (OSHA 1910.252).',
    how: 'Somebody with an extinguisher stays, or comes back to look.',
    why: 'What glows behind a wall flames up half an hour later.',
  }),
  clampOn: (r) => ({
    say: r.f.back
      ? 'Put the work clamp back where it was.'
      : 'Work clamp on clean, bright metal, near the weld.',
  }),
  testWeld: (r) => ({
    say: `${toSet(r)}, and weld a test on scrap of the same thickness.`,
    how: `${handWords(r)} ${wayWords(r)} ${r.f.taps && !r.f.startMarks ? 'Which tap gives these volts is a guess until the machine’s chart is read. ' : ''}Change one thing at a time. ${goodWords(r)} Good when the last two look the same and right.`,
    why: 'The test tells what no list can; the machine’s own chart comes before these figures.',
  }),
} satisfies Partial<Record<Task, Say>>
