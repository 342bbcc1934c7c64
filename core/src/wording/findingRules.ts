import type { Facts } from '../match/finding.ts'
import { formatFlow, formatLead, formatLength, type UnitSystem } from '../units/format.ts'
import type { Family } from '../wire/families.ts'
import {
  FAMILY_NAMES,
  GUN_NAMES,
  LINER_NAMES,
  NOZZLE_NAMES,
  PRESSURE_NAMES,
  PROFILE_NAMES,
  sizeText,
  stampText,
  gunOn,
  boreText,
} from './names.ts'

export interface Say {
  why: string
  /** What happens if it is left as it is. Empty where nothing would. */
  otherwise: string
}

export interface Reader {
  units: UnitSystem
  text: (key: string) => string
  size: string
  family: string
  flow: (key: string) => string
  lead: (key: string) => string
  length: (key: string) => string
  stamp: (key: string) => string
  facts: Facts
}

export function reader(facts: Facts, units: UnitSystem): Reader {
  const number = (key: string) => Number(facts[key])
  return {
    units,
    facts,
    text: (key) => String(facts[key]),
    size: facts.sizeMm === undefined ? '' : sizeText(number('sizeMm'), units),
    family: FAMILY_NAMES[facts.family as Family] ?? 'this',
    flow: (key) => formatFlow(number(key), units),
    lead: (key) => formatLead(number(key), units),
    length: (key) => formatLength(number(key), units),
    stamp: (key) => stampText(String(facts[key]), units),
  }
}

const unread =
  (what: string): ((r: Reader) => Say) =>
  () => ({
    why: `${what} has not been read. The plan starts by reading it and goes on as if it must change.`,
    otherwise: 'A part nobody looked at is the one that stops the wire.',
  })

export type Rule = (r: Reader) => Say

/** One entry a rule, named as `match` names it. */
export const FINDING_RULES: Record<string, Rule> = {
  'spool-not-read': unread('How the spool sits'),
  'basket-needs-adapter': (r) => ({
    why: `A ${r.text('type')} wire basket has no bore of its own; an adapter carries it on the hub.`,
    otherwise: 'The basket wobbles, the wire drags unevenly and the feed surges.',
  }),
  'hub-empty': () => ({ why: 'The hub is empty and takes this spool.', otherwise: '' }),
  'wire-leaves-wrong-side': (r) => ({
    why: r.facts.byPractice
      ? `This shop lets the wire off the bottom of every spool; it leaves the ${r.text('fittedLeaves')} now.`
      : `On this machine the wire runs to the guide without a reverse bend when it leaves the ${r.text('leaves')} of the spool; it leaves the ${r.text('fittedLeaves')} now.`,
    otherwise: 'A reverse bend at the guide shaves the wire and loads the drive.',
  }),
  'pin-not-engaged': (r) => ({
    why: `The hub ${r.text('locator')} is not in the hole of the spool, so the brake holds the hub and not the spool.`,
    otherwise: 'The spool runs on after the trigger is let go and loops fall off.',
  }),
  'adapter-not-wanted': (r) => ({
    why: `A ${r.text('type')} spool sits on the bare hub; the adapter comes off.`,
    otherwise: 'The spool will not go home on the hub.',
  }),
  'spool-in-poor-state': () => ({
    why: 'The spool on the machine is dirty, rusty or damaged.',
    otherwise: 'Rust packs the liner and insulates the tip.',
  }),
  'spool-sits-right': () => ({ why: 'Hub, locator and side suit this spool.', otherwise: '' }),

  'brake-not-read': unread('The hub brake'),
  'brake-loose': () => ({
    why: 'The brake is loose: it must just stop the spool when the wire stops.',
    otherwise: 'The spool runs on, loops fall off and catch.',
  }),
  'brake-tight': () => ({
    why: 'The brake is tight: a slight force must turn the spool.',
    otherwise: 'The drag makes the rolls slip, and the wire burns back to the tip.',
  }),
  'brake-for-other-spool': (r) => ({
    why: `The brake was set for a ${r.text('oldType')} spool; a ${r.text('newType')} spool of another weight runs on further or drags more.`,
    otherwise: 'Too slack, and loops fall off; too hard, and the rolls slip.',
  }),
  'brake-set': () => ({
    why: 'The brake is set. Check it once the new spool is on: it stops with the wire and turns at a slight push.',
    otherwise: '',
  }),

  'guide-not-read': unread('The guide'),
  'guide-missing': (r) => ({
    why: `There is no guide here; the wire needs a ${r.text('wanted')} one close to the rolls.`,
    otherwise: 'Unsupported wire folds between roll and guide.',
  }),
  'guide-material': (r) => ({
    why: `A ${r.text('material')} guide scores ${r.family} wire; a ${r.text('wanted')} one lets it slide.`,
    otherwise: 'Shavings pack the liner, and the wire knots at the rolls.',
  }),
  'guide-worn': () => ({
    why: 'The guide is worn: its mouth no longer lines the wire up with the groove.',
    otherwise: 'The wire rubs on one side and climbs out of the groove.',
  }),
  'guide-touches-roll': () => ({
    why: 'The guide touches the roll. It should come as close as it can without touching.',
    otherwise: 'It grinds, and its dust goes down the liner.',
  }),
  'guide-gap-wide': (r) => ({
    why: `There are ${r.length('gapMm')} between guide and roll; soft wire folds in so wide a gap.`,
    otherwise: 'A birdnest at the rolls at the first catch.',
  }),
  'guide-dirty': () => ({
    why: 'The guide is packed with dust.',
    otherwise: 'The dust goes on down the liner.',
  }),
  'guide-fits': (r) => ({ why: `A ${r.text('material')} guide carries ${r.family} wire.`, otherwise: '' }),

  'rolls-not-read': unread('The drive rolls'),
  'active-groove-not-read': unread('Which groove is in line with the wire'),
  'rolls-missing': () => ({ why: 'No rolls are fitted.', otherwise: 'Nothing moves the wire.' }),
  'v-pinches-soft-wire': (r) => ({
    why: `${cap(r.family)} wire is soft. A V groove pinches it on two lines and leaves it oval; a U groove carries it round.`,
    otherwise: 'Oval wire drags in the tip, and the next push folds it at the rolls.',
  }),
  'knurl-cuts-soft-wire': (r) => ({
    why: `Knurling cuts teeth into ${r.family} wire.`,
    otherwise: 'The teeth file the liner and tip, and the swarf blocks them.',
  }),
  'knurl-shaves-solid': () => ({
    why: 'Knurling shaves solid wire; a smooth V grips it well enough.',
    otherwise: 'Copper dust and steel whiskers fill the liner until the wire stops.',
  }),
  'knurl-crushes-sheath': () => ({
    why: 'The sheath of metal-cored wire is soft; knurling crushes it.',
    otherwise: 'The wire opens and powder fills the liner.',
  }),
  'smooth-slips-on-cored': () => ({
    why: 'A cored wire is a filled tube: it is gripped by the teeth of a knurled V at light pressure. A smooth groove would have to crush it to hold it.',
    otherwise: 'It slips, and pressing harder flattens the tube.',
  }),
  'u-slips-on-hard-wire': () => ({
    why: 'A U groove touches hard wire all round and grips it less than a V.',
    otherwise: 'The wire slips at the first drag.',
  }),
  'no-groove-for-size': (r) => ({
    why: `No groove on these rolls is stamped for ${r.size} wire.`,
    otherwise: 'Too small a groove shaves and flattens the wire, too large a one lets it slip.',
  }),
  'rolls-worn': () => ({
    why: 'The grooves are worn.',
    otherwise: 'The wire slips, and more pressure only deforms it.',
  }),
  'other-groove-active': (r) => ({
    why: `The right groove is on this roll, but ${r.stamp('active')} is in line with the wire.`,
    otherwise: 'The wire runs in the wrong groove: it is shaved or it slips.',
  }),
  'grooves-dirty': () => ({
    why: 'The grooves are packed with dust.',
    otherwise: 'A packed groove slips and cannot seat the wire.',
  }),
  'birdnest-at-rolls': () => ({
    why: 'The rolls suit the wire, but wire has knotted at them. The plan frees it first.',
    otherwise: 'Nothing feeds.',
  }),
  'rolls-fit': (r) => ({
    why: `${cap(PROFILE_NAMES[r.text('profile')] ?? '')}, with the groove for ${r.size} wire in line.`,
    otherwise: '',
  }),

  'pressure-not-read': unread('The roll pressure'),
  'pressure-to-set': (r) => ({
    why: `With a wire newly on, the pressure is set by test: ${PRESSURE_NAMES[r.text('level')]}.`,
    otherwise: 'Too little slips, too much crushes.',
  }),
  'pressure-for-other-wire': (r) => ({
    why: `Pressure belongs to one wire on one machine. This wire wants it ${PRESSURE_NAMES[r.text('level')]}${r.facts.oldLevel !== undefined && r.facts.oldLevel !== r.facts.level ? `, where the old one had it ${PRESSURE_NAMES[r.text('oldLevel')]}` : ''}.`,
    otherwise:
      r.facts.level === 'firm'
        ? 'Too light, and the wire slips and burns back.'
        : 'The old pressure crushes or flattens this wire, and it knots at the next catch.',
  }),
  'pressure-kept': () => ({
    why: 'The same wire goes back on: start from its mark, and test again.',
    otherwise: '',
  }),

  'liner-not-read': unread('The liner'),
  'liner-missing': () => ({
    why: 'There is no liner in the gun.',
    otherwise: 'The wire has nothing to run in.',
  }),
  'steel-liner-under-soft-wire': (r) => ({
    why: `A ${LINER_NAMES[r.text('material')]} liner drags on ${r.family} wire several times more than a polymer one and sheds steel dust on it.`,
    otherwise: 'As soon as the lead is bent or coiled, the rolls flatten or fold the wire before it moves.',
  }),
  'polymer-liner-under-steel': (r) => ({
    why: `${cap(r.family)} wire wears a ${LINER_NAMES[r.text('material')]} liner through; it runs in a steel coil.`,
    otherwise: 'The liner wears to shreds that jam the wire.',
  }),
  'steel-liner-not-clean': () => ({
    why: 'Silicon bronze runs in polymer or in a clean steel coil; this one has carried steel.',
    otherwise: 'Steel dust drags on the bronze and spoils the joint.',
  }),
  'liner-range': (r) => ({
    why: `The liner takes ${sizeRange(r)}; the wire is ${r.size}.`,
    otherwise: 'Too tight a liner drags, too wide a one lets the wire snake.',
  }),
  'liner-short': (r) => ({
    why: `The liner is ${r.lead('lengthM')}, the gun ${r.lead('gunLengthM')}: it does not reach the tip.`,
    otherwise: 'The wire kinks in the empty last length.',
  }),
  'liner-worn': (r) => ({
    why: `The liner is ${r.text('condition')}.`,
    otherwise: 'The wire skips and surges, and no pressure cures it.',
  }),
  'liner-own-family': () => ({
    why: 'This shop keeps a liner for each family of wire.',
    otherwise: 'Dust of one wire travels into the weld of the next.',
  }),
  'liner-dirty': () => ({
    why: 'The liner is dirty and can be blown out with dry air while no wire is in it.',
    otherwise: 'The wire skips, surges and burns back.',
  }),
  'liner-after-rusty-wire': () => ({
    why: 'The wire on the machine is rusty or dirty, and its rust stays behind in the liner: blow it out.',
    otherwise: 'The new wire carries the rust into its tip: it skips and burns back.',
  }),
  'liner-fits': (r) => ({
    why: `${cap(LINER_NAMES[r.text('material')] ?? '')}, ${sizeRange(r)}: it suits ${r.size} ${r.family} wire.`,
    otherwise: '',
  }),

  'gun-not-read': unread('The gun'),
  'gun-length-not-read': unread('The length of the gun'),
  'gun-missing': () => ({ why: 'No gun is fitted.', otherwise: '' }),
  'gun-worn': (r) => ({
    why: `The gun is ${r.text('condition')}.`,
    otherwise: 'Power and gas do not reach the arc.',
  }),
  'no-push-by-practice': () => ({
    why: 'This shop runs aluminium only through a spool gun or a push-pull gun.',
    otherwise: 'Soft wire pushed far folds at the rolls.',
  }),
  'push-too-long': (r) => ({
    why: `${r.lead('lengthM')} is a long push for ${r.family} wire; beyond about ${r.lead('limitM')} it needs pulling at the gun too.`,
    otherwise:
      r.facts.feedsAtAll === false
        ? 'It folds at the rolls whatever the pressure.'
        : 'Laid quite straight it may run; with every bend and every month of dust the pressure at which it feeds narrows, until it folds at the rolls.',
  }),
  'o-ring-cracked': () => ({
    why: 'An O-ring of the gun is cracked or worn.',
    otherwise: 'Gas leaks at the connector, or air is drawn in: porosity.',
  }),
  'o-ring-dirty': () => ({
    why: 'The O-rings of the gun are dirty.',
    otherwise: 'Grit lets gas leak at the connector.',
  }),
  'gun-dirty': () => ({
    why: 'The gun is dirty inside: diffuser holes closed or spatter built up.',
    otherwise: 'Gas comes out unevenly: porosity.',
  }),
  'gun-fits': (r) => ({
    why: `A ${GUN_NAMES[r.text('kind')]} carries this wire${r.facts.soft && r.facts.kind === 'push' ? ' with the lead laid straight' : ''}.`,
    otherwise: '',
  }),

  'tip-not-read': unread('The stamp on the contact tip'),
  'tip-bore-not-read': unread('Whether the tip has an aluminium bore'),
  'tip-missing': () => ({
    why: 'There is no tip on the gun.',
    otherwise: 'Current does not reach the wire.',
  }),
  'tip-too-small': (r) => ({
    why: `The tip is stamped ${r.stamp('stamp')}; the wire is ${r.size}.`,
    otherwise: 'The wire jams in the tip, and everything behind it knots at the rolls.',
  }),
  'tip-too-large': (r) => ({
    why: `The tip is stamped ${r.stamp('stamp')}; the wire is ${r.size}.`,
    otherwise: 'Contact wanders, the arc skips and the tip arcs inside.',
  }),
  'tip-same-size-aluminium': () => ({
    why: 'Aluminium swells when hot and is never quite round: it wants an aluminium bore, or one trade size up.',
    otherwise: 'The wire seizes in the tip and burns back.',
  }),
  'aluminium-bore-too-loose': () => ({
    why: 'An aluminium bore is too wide for this wire.',
    otherwise: 'Contact wanders, and the arc skips.',
  }),
  'tip-worn': (r) => ({
    why: `The tip is ${r.text('condition')}: its bore is no longer round.`,
    otherwise: 'Current jumps inside the tip: the arc skips and the wire burns back.',
  }),
  'tip-dirty': () => ({ why: 'The tip carries spatter.', otherwise: 'The wire drags and skips at the tip.' }),
  'tip-fits': (r) => ({
    why: `Bore ${r.stamp('stamp')}${r.facts.aluminiumBore ? ', aluminium bore,' : ''} for ${r.size} wire.`,
    otherwise: '',
  }),

  'nozzle-not-read': unread('The nozzle'),
  'gas-nozzle-needed': (r) => ({
    why: `A wire that runs with gas needs a gas nozzle; fitted: ${NOZZLE_NAMES[r.text('kind')] ?? 'no nozzle'}.`,
    otherwise: 'The gas blows away before it covers the puddle: porosity.',
  }),
  'cap-for-gasless': () => ({
    why: 'Without gas, a gasless cap shields the diffuser thread and lets the tip be seen. There is one in the store.',
    otherwise: 'The gas nozzle only hides the longer extension and gathers spatter.',
  }),
  'guard-for-gasless': () => ({
    why: 'With no cap in the store, the gas nozzle stays on as a guard against spatter.',
    otherwise: 'Spatter closes the diffuser.',
  }),
  'bare-by-practice': () => ({
    why: 'This shop runs self-shielded wire with the nozzle off.',
    otherwise: '',
  }),
  'nozzle-worn': (r) => ({
    why: `The nozzle is ${r.text('condition')}.`,
    otherwise: 'It no longer sits or shields as it should.',
  }),
  'nozzle-dirty': () => ({
    why: 'Spatter in the nozzle turns the gas.',
    otherwise: 'Porosity, and an arc from tip to nozzle.',
  }),
  'nozzle-fits': (r) => ({
    why: r.facts.gasNeeded
      ? 'A gas nozzle for a wire that runs with gas.'
      : r.facts.kind === 'gas'
        ? 'The gas nozzle serves as a guard against spatter.'
        : 'This suits a wire without gas.',
    otherwise: '',
  }),

  'polarity-ask-the-box': () => ({
    why: 'Self-shielded wires run on either polarity by their classification. Only the box tells which.',
    otherwise: 'Wrong polarity runs, but coarse and spattering.',
  }),
  'polarity-not-read': (r) => ({
    why: `This wire runs ${gunOn(r.text('wanted'))} (${r.text('wanted')}). How the machine is connected has not been read: trace the work lead, the gun hangs on the other side.`,
    otherwise: 'Wrong polarity runs, but coarse and spattering.',
  }),
  'polarity-gun-negative': (r) => ({
    why: `${r.facts.classification ?? 'This wire'} is classified for electrode negative: the gun cable goes on minus, the work lead on plus (DCEN, also called straight polarity).`,
    otherwise: 'Heavy coarse spatter and a high, narrow, ropy bead.',
  }),
  'polarity-gun-positive': (r) => ({
    why: `${r.facts.classification ?? 'This wire'} runs with electrode positive: the gun cable goes on plus, the work lead on minus (DCEP, also called reverse polarity).`,
    otherwise: 'An unsteady arc, poor penetration and spatter.',
  }),
  'polarity-self-shielded-positive': (r) => ({
    why: `${r.facts.classification ?? 'This wire'} shields itself and still runs gun positive: its classification decides, not the word gasless. Gun cable on plus (DCEP).`,
    otherwise: 'Coarse spatter and porosity.',
  }),
  'studs-loose': () => ({
    why: 'The cable is loose on its stud or plug.',
    otherwise: 'A loose connection heats, burns and wanders in voltage.',
  }),
  'work-clamp-dirty': () => ({
    why: 'The jaws of the work clamp are dirty: clean them to bright metal.',
    otherwise: 'An erratic arc and a cold bead; the clamp heats.',
  }),
  'work-clamp-worn': (r) => ({
    why: `The work clamp is ${r.text('clampState')}: it no longer grips.`,
    otherwise: 'The arc wanders and the clamp burns.',
  }),
  'polarity-kept-self-shielded-positive': (r) => ({
    why: `${r.facts.classification ?? 'This wire'} shields itself and still runs gun positive (DCEP): leave the cables as they are.`,
    otherwise: '',
  }),
  'polarity-right': (r) => ({
    why: `${cap(gunOn(r.text('fitted')))} (${r.text('fitted')}) is what ${r.facts.classification ?? 'this wire'} asks for.${r.facts.open ? ' The standard leaves it open: read the box.' : ''}`,
    otherwise: '',
  }),

  'gas-not-read': unread('The gas on the machine'),
  'no-gas-wanted': () => ({ why: 'This wire shields itself, and no gas is connected.', otherwise: '' }),
  'gas-shut': () => ({ why: 'This wire shields itself; the gas is shut and stays shut.', otherwise: '' }),
  'gas-to-shut': (r) => ({
    why: `This wire shields itself: shut the ${r.text('fitted')}.`,
    otherwise: 'Gas is wasted, and the weld is outside what the wire was tested for.',
  }),
  'gas-missing': (r) => ({
    why: `This wire needs shielding gas, ${r.text('wanted')}; none is connected.`,
    otherwise: 'Porous from the first centimetre.',
  }),
  'active-gas-under-inert-wire': (r) => ({
    why: `${cap(r.family)} wire needs an inert gas; ${r.text('fitted')} (${r.text('designation')}) oxidises it.`,
    otherwise: 'Black, porous metal that does not wet.',
  }),
  'inert-gas-under-steel': (r) => ({
    why: `Pure ${r.text('fitted')} does not let ${r.family} wire wet; it asks for ${list(r, 'designations')}.`,
    otherwise: 'A wandering arc, a ropy bead and undercut.',
  }),
  'gas-outside-designation': (r) => ({
    why: `${cap(r.text('fitted'))} is ${r.text('designation')}; this wire asks for ${list(r, 'designations')}.`,
    otherwise: 'Another deposit than the wire was tested for: porosity or brittle metal.',
  }),
  'gas-right': (r) => ({
    why: `${cap(r.text('fitted'))} is ${r.text('designation')}, which this wire takes.`,
    otherwise: '',
  }),
  'gas-inside-designation-outside-limits': (r) => ({
    why: `${cap(r.text('fitted'))} is ${r.text('designation')}, which this wire takes. Its own standard tests it at ${r.text('argonMin')} to ${r.text('argonMax')} % argon: follow the wire maker's word.`,
    otherwise: '',
  }),

  'flow-not-read': unread('The gas flow'),
  'flow-to-shut': () => ({ why: 'This wire shields itself: flow to nought.', otherwise: 'Gas is wasted.' }),
  'flow-shut': () => ({ why: 'No gas flows, and none is wanted.', otherwise: '' }),
  'flow-to-set': (r) => ({
    why: `Set about ${r.flow('value')} with gas flowing${bore(r)}.`,
    otherwise: 'Porosity.',
  }),
  'flow-high': (r) => ({
    why: `${r.flow('flow')} is more than this wire and nozzle want: about ${r.flow('value')}${bore(r)}.`,
    otherwise: 'Too fast a stream turns turbulent and sucks in air: porosity.',
  }),
  'flow-low': (r) => ({
    why: `${r.flow('flow')} is less than this wire and nozzle want: about ${r.flow('value')}${bore(r)}.`,
    otherwise: 'Air reaches the puddle: porosity.',
  }),
  'flow-right': (r) => ({
    why: `${r.flow('flow')} lies between ${r.flow('low')} and ${r.flow('high')}.`,
    otherwise: '',
  }),

  'supply-not-read': unread('The circuit (voltage and breaker)'),
  'earth-pin-missing': () => ({
    why: 'The earth pin of the plug is missing or damaged.',
    otherwise:
      'A fault makes the case live. Do not use the machine until a licensed electrician has mended it.',
  }),
  'circuit-too-small': (r) => ({
    why: r.facts.small
      ? `A ${r.text('breakerA')} A circuit is small for a machine on ${r.text('voltageV')} V: it wants one of ${r.text('neededA')} A of its own.`
      : `A ${r.text('breakerA')} A circuit is small here: ${r.facts.byJob ? 'at this job’s' : 'at its rated'} ${r.text('ratedA')} A the machine heats it like ${r.text('neededA')} A.`,
    otherwise: 'The breaker trips in the middle of a weld, the sooner the more current it takes.',
  }),
  'cord-too-thin': (r) => ({
    why: r.facts.small
      ? `The extension cord is too thin for ${r.lead('cordLengthM')}: at least ${r.facts.cordWantedMm2 === undefined ? '3.3' : r.text('cordWantedMm2')} mm²${r.facts.cordWantedMm2 === 3.3 ? ' (12 AWG)' : ''}, three-wire.`
      : r.facts.cordWantedMm2 === undefined
        ? `No cord carries ${r.facts.byJob ? 'this job’s current' : 'the rated output'} over ${r.lead('cordLengthM')}: bring the circuit nearer.`
        : `A cord of ${r.text('cordMm2')} mm² over ${r.lead('cordLengthM')} takes more than 5 % of the voltage ${r.facts.byJob ? 'at this job’s current' : 'at rated output'}: at least ${r.text('cordWantedMm2')} mm².`,
    otherwise: 'Voltage drops, the arc is cold and the cord heats.',
  }),
  'supply-fits': (r) => ({
    why: r.facts.byJob
      ? 'Circuit and cord carry this job’s current.'
      : 'Circuit and cord carry the rated output.',
    otherwise: '',
  }),
}

const cap = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)
const list = (r: Reader, key: string) => ((r.facts[key] as readonly string[] | undefined) ?? []).join(', ')
const bore = (r: Reader) =>
  (r.facts.boreAssumed
    ? `; the nozzle bore was not read, ${boreText(Number(r.facts.boreMm), r.units)} assumed`
    : '') +
  (r.facts.trueFlow === undefined
    ? ''
    : ` on a meter made for argon: the helium mixture needs about ${r.flow('trueFlow')} of true flow`)
const sizeRange = (r: Reader): string => {
  const [from, to] = [Number(r.facts.minMm), Number(r.facts.maxMm)].map((mm) => sizeText(mm, r.units))
  return from === to ? from! : `${from} to ${to}`
}
