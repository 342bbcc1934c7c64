import type { Caution, CautionRule, Obstacle, ObstacleRule } from '../../stations/obstacles.ts'
import { formatDraught, formatLength, type UnitSystem } from '../../units/format.ts'
import type { Family, Material, Position } from '../../terms/terms.ts'
import type { Decides } from '../../metals/joint.ts'
import type { NeverReason } from '../../metals/metal.ts'
import {
  andOf,
  decidesText,
  metalName,
  metalNoteText,
  neverText,
  ownMetalText,
  takeText,
  warmthText,
} from './metals.ts'
import { FAMILY_NAMES, MATERIAL_NAMES, POSITION_NAMES, gunOn, sizeText, valueText } from './names.ts'

interface Words {
  message: string
  wayOut: string
}
type Say = (f: Obstacle['facts'], units: UnitSystem) => Words

const OBSTACLES: Record<ObstacleRule, Say> = {
  'box-polarity-unread': () => ({
    message: 'Which polarity this self-shielded wire runs on is not given, and its family does not tell.',
    wayOut: 'Read it on the box, and enter DCEP (gun on plus) or DCEN (gun on minus).',
  }),
  'polarity-fixed-unread': (f) => ({
    message: `The polarity of this machine cannot be changed, and which one it has was not read; this wire runs ${gunOn(String(f.wanted))}.`,
    wayOut:
      'Read it first: trace the work lead, the gun hangs on the other pole. If it is the wrong one, another wire or another machine is the answer; no cable is moved.',
  }),
  'spool-spoiled': (f) => ({
    message: `The spool that is on is ${String(f.condition)}.`,
    wayOut: 'Put another spool of this wire on, as a changeover: this one is not mended on the hub.',
  }),
  'polarity-fixed': (f) => ({
    message: `The machine is fixed ${gunOn(String(f.fitted))}; this wire runs ${gunOn(String(f.wanted))}.`,
    wayOut:
      f.wanted === 'DCEN'
        ? 'Take a self-shielded wire that runs gun positive, or a gas wire, or a machine whose polarity can be changed.'
        : 'Take a self-shielded wire that runs gun negative, such as E71T-11, or a machine whose polarity can be changed.',
  }),
  'no-gas-gear': () => ({
    message: 'This wire needs shielding gas, and the machine has no gas gear.',
    wayOut: 'Take a self-shielded wire, or have solenoid, hose and regulator fitted by a competent person.',
  }),
  'spool-does-not-fit': (f) => ({
    message: `The wire comes on a ${valueText(f.type)} spool; the machine takes ${(f.takes as readonly string[]).map(valueText).join(', ')}.`,
    wayOut: 'Buy the wire on a spool the machine takes, or use another machine.',
  }),
  'spool-gun-takes-small-spool': (f) => ({
    message: `A spool gun takes S100 spools; this is a ${valueText(f.type)}.`,
    wayOut: 'Buy the wire on an S100 spool, or fit the push gun.',
  }),
  'draught-too-strong': (f, u) => ({
    message: `A draught of ${formatDraught(Number(f.draught), u)} blows shielding gas away; gas-shielded work stops at ${formatDraught(Number(f.limit), u)}.`,
    wayOut: 'Put up a shelter, or take a self-shielded wire.',
  }),
  beryllium: (f) => ({
    message: `${metalName(f.alloy as readonly string[])}: its fume gives a lung disease that does not heal.`,
    wayOut:
      'No arc on it without extraction made for beryllium and medical watch. Who has both says so with the job.',
  }),
  'wire-not-for-metal': (f) => ({
    message: `This wire (${FAMILY_NAMES[f.family as Family]}) does not weld ${MATERIAL_NAMES[f.material as Material]}.`,
    wayOut: FOR_METAL[f.material as Material],
  }),
}
const FOR_METAL: Record<Material, string> = {
  'mild-steel': 'Take a carbon steel wire, such as ER70S-6 with gas or E71T-11 without.',
  'low-alloy-steel': 'Take a carbon or low-alloy steel wire by the strength wanted.',
  'galvanised-steel': 'Take a steel wire, or braze with ERCuSi-A.',
  'stainless-steel': 'Take a stainless wire matched to the plate.',
  aluminium: 'Take an aluminium wire, such as ER5356 or ER4043.',
  'copper-alloy': 'Take a copper-base wire that matches the metal.',
  'cast-iron': 'Take a nickel wire by its maker’s sheet, or braze with ERCuSi-A.',
}

/** Above this nobody burns through, but at an open root. common practice, no source */
const BURNS_THROUGH_TO_MM = 6
const bandText = (f: Obstacle['facts'], u: UnitSystem): string => {
  const from = formatLength(Number(f.fromMm), u)
  return f.toMm === undefined ? `${from} and more` : `${from} to ${formatLength(Number(f.toMm), u)}`
}
const usualText = (f: Obstacle['facts'], u: UnitSystem): string =>
  f.usualMm === undefined ? '' : ` About ${sizeText(Number(f.usualMm), u)} is usual here.`

const CAUTIONS: Record<CautionRule, (f: Obstacle['facts'], units: UnitSystem) => string> = {
  'note-old-form-no-gas-letter': () =>
    'Without a gas letter this is the older form, classified on CO2. Read the box: a newer wire says C or M.',
  'note-old-form-e-for-er': () => 'An old form of the name; today it is written with ER.',
  'note-hyphen-added': () => 'The hyphen was missing; there is one possible meaning.',
  'note-polarity-left-open': () =>
    'The standard leaves polarity open for T-GS; it is run gun negative in practice. Read the box.',
  'note-either-polarity': () =>
    'T-5 runs gun positive; some makers advise gun negative out of position. Read the box.',
  'note-single-pass': () => 'A single-pass wire: never one bead over another.',
  'note-thick-plate-limit': (_f, u) =>
    `Not advised above about ${formatLength(19, u)} without preheat and interpass control.`,
  'note-gas-and-shielding-left-open': () =>
    'The standard leaves gas and polarity open for this type. Follow the box.',
  'note-gas-by-maker': () => 'The standard leaves the gas to the maker; these are usual. Read the box.',
  'note-withdrawn-type': () => 'This type has been dropped from the standard; the box is old.',
  'note-old-iso-gas-letter': () =>
    'The gas is given in the old form: M for a mixture of group M21, C for CO2.',
  'note-old-din-name': () => 'An old German name; read as the wire that replaced it.',
  'note-old-stainless-form': () =>
    'The old form without a position figure: taken as flat and horizontal only.',
  'note-polarity-not-coded': () =>
    'This designation does not give the polarity; the usual one is shown. The box decides.',
  'note-copper-alloy': () => 'A copper-base wire: how it is welded is in the maker\u2019s sheet.',
  'note-two-standards': () => 'The box names it under two standards; both were read.',
  'note-case-mended': () => 'Capitals were put right; there is one possible meaning.',
  'note-spaces-mended': () => 'The spaces were missing; there is one possible meaning.',
  'note-letters-mended': () =>
    'Letters that a camera mistakes for figures (O, l) were read as figures. Check it against the box.',
  'note-short-form': () => 'The short form of the name was read as the wire that carries it.',
  'note-shop-words': () =>
    'Named by a shop word, not by its classification: polarity, gas and positions are the usual ones. The box decides.',
  'note-kind-unknown': () =>
    'A cored wire of which it is not known whether it shields itself. Gas and polarity stay open until the box is read.',
  'note-metal-unknown': () =>
    'A solid wire of which the metal is not known. Add it: steel, stainless, aluminium or bronze.',
  'note-two-carbon-grades': () => 'One heat sold for two grades of carbon: it holds to the lower.',
  'note-by-hand': () => 'Entered by hand: what the box says comes first.',
  'position-not-in-classification': (f) =>
    `By its classification this wire is for ${andOf((f.positions as readonly Position[]).map((p) => POSITION_NAMES[p]))} only, not ${POSITION_NAMES[f.position as Position]}.`,
  'single-pass-on-plate': (f, u) =>
    `${formatLength(Number(f.thicknessMm), u)} usually wants more than one pass; this wire is for single passes.`,
  'zinc-fume': () => 'Galvanised: grind the zinc off the joint, ventilate far more, stay out of the plume.',
  'zinc-stays-on': () =>
    'Galvanised, brazed: the zinc stays on, that is why it is brazed. Extract at the arc or wear a fitted fume respirator: zinc gives metal fume fever. Wax and foam in closed sections burn: clear them.',
  'chromium-fume': () => 'The fume holds chromium(VI), which can cause cancer. Extract it at the arc.',
  'wire-thick-for-metal': (f, u) =>
    `${sizeText(Number(f.sizeMm), u)} wire is thick for ${formatLength(Number(f.thicknessMm), u)}: ${
      Number(f.thicknessMm) <= BURNS_THROUGH_TO_MM
        ? 'hot enough to run it burns through, and cooler it laps cold'
        : 'it lays more metal than such a joint holds'
    }. It is for ${bandText(f, u)}.${usualText(f, u)}`,
  'wire-thin-for-metal': (f, u) =>
    `${sizeText(Number(f.sizeMm), u)} wire is thin for ${formatLength(Number(f.thicknessMm), u)}: slow, in many passes, with cold laps if it is hurried. It is for ${bandText(f, u)}.`,
  'wire-for-stitches-only': (f, u) =>
    `${sizeText(Number(f.sizeMm), u)} wire on ${formatLength(Number(f.thicknessMm), u)}: no long beads, tack or stitch, or it burns through.${usualText(f, u)}`,
  'wire-off-usual': (f, u) =>
    `One wire for everything: on ${formatLength(Number(f.thicknessMm), u)} about ${sizeText(Number(f.usualMm), u)} is usual. ${
      Number(f.sizeMm) < Number(f.usualMm)
        ? 'The thinner wire is slower here.'
        : 'The thicker wire runs hotter here: short beads.'
    }`,
  'stainless-on-carbon': (f) =>
    f.bridges
      ? `${valueText(f.classification)} joins stainless to carbon steel. Carbon steel to carbon steel wants a steel wire.`
      : `${valueText(f.classification ?? 'a stainless wire')} is not for carbon steel: stainless to carbon wants 309L or 18 8 Mn, carbon to carbon a steel wire.`,
  'lead-fume': () => 'Lead in the fume: extraction or supplied air, and hands washed before eating.',
  'beryllium-fume': () =>
    'Beryllium: only with the extraction made for it and medical watch standing, as was said.',
  'parent-never': (f) =>
    `${valueText(f.classification)} is not for ${metalName(f.alloy as readonly string[])}: ${neverText(f.why as NeverReason)}.${takeText(f.first as readonly string[])}`,
  'parent-unlisted': (f) =>
    `${valueText(f.classification)} is not among the usual wires for ${metalName(f.alloy as readonly string[])}: the wire maker’s table or a tested procedure decides.${takeText(f.first as readonly string[])}`,
  'parent-no-wire': (f) =>
    f.two
      ? `No common wire joins ${metalName(f.alloy as readonly string[])} by MIG: a tested procedure decides.`
      : `No MIG wire of a shop is usual for ${metalName(f.alloy as readonly string[])}: a tested procedure decides.`,
  'parent-unknown': (f) =>
    `${valueText(f.alloy)} is in no table here: whether this wire suits it, and how warm it must be, the wire maker’s table says.`,
  'parent-by-shop': (f) => ownMetalText(String(f.alloy), f.note as string | undefined),
  'parent-contradicts': (f) =>
    `${valueText(f.alloy)} is not ${MATERIAL_NAMES[f.material as Material]}: one of the two is wrong.`,
  'parent-decides': (f) => decidesText(f.decides as Exclude<Decides, 'nothing-common'>),
  'parent-warmth': (f, u) => warmthText(f, u),
  'hot-service-metal': (f) =>
    `${metalName(f.alloy as readonly string[])} itself is not for service above 65 °C (150 °F), whatever the wire.`,
  'metal-single-pass-thin-only': (f, u) => metalNoteText('single-pass-thin-only', String(f.alloy), u),
  'metal-weaker-where-design-says': (f, u) => metalNoteText('weaker-where-design-says', String(f.alloy), u),
  'metal-preheat-by-maker': (f, u) => metalNoteText('preheat-by-maker', String(f.alloy), u),
  'metal-low-hydrogen': (f, u) => metalNoteText('low-hydrogen', String(f.alloy), u),
  'metal-austenitic-under-restraint': (f, u) =>
    metalNoteText('austenitic-under-restraint', String(f.alloy), u),
  'metal-treated-after-matching-wire': (f, u) =>
    metalNoteText('treated-after-matching-wire', String(f.alloy), u),
  'metal-tested-procedure': (f, u) => metalNoteText('tested-procedure', String(f.alloy), u),
  'metal-repair-only': (f, u) => metalNoteText('repair-only', String(f.alloy), u),
  'metal-springs-not-welded': (f, u) => metalNoteText('springs-not-welded', String(f.alloy), u),
  'metal-treat-after-by-procedure': (f, u) => metalNoteText('treat-after-by-procedure', String(f.alloy), u),
  'metal-cool-then-treat': (f, u) => metalNoteText('cool-then-treat', String(f.alloy), u),
  'metal-cold-peened-beads': (f, u) => metalNoteText('cold-peened-beads', String(f.alloy), u),
  'metal-white-iron': (f, u) => metalNoteText('white-iron', String(f.alloy), u),
  'metal-titanium-burns-off': (f, u) => metalNoteText('titanium-burns-off', String(f.alloy), u),
  'metal-hot-cracks': (f, u) => metalNoteText('hot-cracks', String(f.alloy), u),
  'metal-grains-grow': (f, u) => metalNoteText('grains-grow', String(f.alloy), u),
  'metal-only-where-strength-not-needed': (f, u) =>
    metalNoteText('only-where-strength-not-needed', String(f.alloy), u),
  'metal-heat-input-2205': (f, u) => metalNoteText('heat-input-2205', String(f.alloy), u),
  'metal-heat-input-2507': (f, u) => metalNoteText('heat-input-2507', String(f.alloy), u),
  'metal-no-filler-cracks': (f, u) => metalNoteText('no-filler-cracks', String(f.alloy), u),
  'metal-weak-beside': (f, u) => metalNoteText('weak-beside', String(f.alloy), u),
  'metal-unfit-hot': (f, u) => metalNoteText('unfit-hot', String(f.alloy), u),
  'metal-not-held-warm': (f, u) => metalNoteText('not-held-warm', String(f.alloy), u),
  'metal-die-castings-blister': (f, u) => metalNoteText('die-castings-blister', String(f.alloy), u),
  'metal-slow-cooling': (f, u) => metalNoteText('slow-cooling', String(f.alloy), u),
  'metal-porous-no-hydrogen': (f, u) => metalNoteText('porous-no-hydrogen', String(f.alloy), u),
  'metal-leaded-cracks': (f, u) => metalNoteText('leaded-cracks', String(f.alloy), u),
  'metal-zinc-off-both-sides': (f, u) => metalNoteText('zinc-off-both-sides', String(f.alloy), u),
  'metal-not-for-fusion': (f, u) => metalNoteText('not-for-fusion', String(f.alloy), u),
  'gun-rating-low': (f) =>
    `The gun is rated for ${String(f.ratingA)} A; this starts at about ${String(f.currentA)} A. Its duty falls, and it runs hot: a larger gun${f.cooling === 'water' ? '' : ', or one cooled by water'}.`,
  'over-duty': (f) =>
    `About ${String(f.currentA)} A is more than this machine bears in steady work: ${String(f.minutes)} minutes of ten, by its rating of ${String(f.dutyAtA)} A at ${String(f.dutyPercent)} %.`,
  'nozzle-narrow': (f, u) =>
    `A nozzle of ${formatLength(Number(f.boreMm), u)} is narrow for about ${String(f.currentA)} A: spatter closes it and the shield is thin. About ${formatLength(Number(f.usualMm), u)} is usual.`,
  'insulated-guide-wanted': (_f, u) =>
    `So long an extension (${u === 'metric' ? '25 mm' : '1 in'} and more) wants an insulated guide at the gun’s end, and a gun rated for the current.`,
  'downhill-on-plate': (f, u) =>
    `Vertical down on ${formatLength(Number(f.thicknessMm), u)}: ${f.slag ? 'puddle and slag run' : 'the puddle runs'} ahead of the arc, and it fuses poorly. Uphill where the joint must hold.`,
  'output-small': (f, u) =>
    `The machine gives ${String(f.maxA)} A at most; ${sizeText(Number(f.sizeMm), u)} wire of this kind is seldom run below ${String(f.leastA)} A. A thinner wire or a larger machine is easier.`,
  'new-wire-rusty': () =>
    'The new wire is rusty or dirty outside: cut off every turn that shows it before threading. Rust insulates the tip and packs the liner.',
  'new-wire-spoiled': (f) =>
    `The new wire is ${valueText(f.condition)}: take another spool. What does not run off the spool clean will not run through the gun.`,
  'liner-shared-with-steel': () =>
    'This liner carried steel: its dust ends up in the weld. A liner of its own is better; else blow it out well and look for black streaks.',
  'liner-carbon-pick-up': () =>
    'This liner carried carbon steel. Where the weld must not rust, keep one liner for stainless alone.',
  'birdnest-find-cause': () =>
    'The wire has knotted at the rolls. Find why before the new wire goes in, from the tip backwards: tip blocked or too small, liner kinked or dirty, gap at the guides, pressure too high.',
}

/** Why a change cannot be made, and the way out. */
export const obstacleText = (obstacle: Obstacle, units: UnitSystem): Words =>
  OBSTACLES[obstacle.rule](obstacle.facts, units)
/** A caution beside the change. */
export const cautionText = (caution: Caution, units: UnitSystem): string =>
  CAUTIONS[caution.rule](caution.facts, units)
