import type { Task } from '../../../steps/step.ts'
import { formatAbout } from '../../../units/format.ts'
import { GUN_NAMES, nameIn, PRESSURE_NAMES, PROFILE_NAMES, stampText } from '../names.ts'
import { cable, groove, polarityWhy, retainer, type Say, type Reader, type Words } from './reader.ts'

const sets = (r: Reader) =>
  r.f.matchedTopRolls || Number(r.f.rollPairs ?? 1) > 1
    ? ' Change every roll of the set, the top ones too where they are grooved.'
    : ''

const THREADING: Record<string, string> = {
  slow: 'Feed slowly all the way.',
  'slow-then-fast': 'First arm’s length slow, then faster.',
  full: 'Full speed.',
}

const GUIDES = { inlet: 'inlet guide', outlet: 'outlet guide' }
const guideWords = (which: keyof typeof GUIDES, r: Reader): Words => ({
  say: `Take the ${r.f.material === undefined ? '' : `${r.t('material')} `}${GUIDES[which]} out and fit the ${r.t('wanted')} one.`,
  how: `About ${formatAbout(2, r.units)} clear of the roll, in line with the groove. Keep the old one in the tray.`,
})

const guideSetWords = (which: keyof typeof GUIDES, r: Reader): Words => ({
  say: `Clean the ${GUIDES[which]} and set it about ${formatAbout(2, r.units)} from the roll.`,
  how: 'As close as it can without touching.',
})

function pressureWords(r: Reader): Words {
  const level = r.f.level === undefined ? '' : `, ${nameIn(PRESSURE_NAMES, r.t('level'))}`
  const chart =
    r.f.chartMark === undefined
      ? ''
      : `This machine’s chart says mark ${r.t('chartMark')} for this wire: start there. `
  const note = `${chart}Write the mark down: next time this wire starts there.`
  if (r.t('school') === 'back-off')
    return {
      say: `Set the roll pressure${level && `${level},`} from the slip.`,
      how: `Back off until the wire slips, then half a turn more. ${note}`,
    }
  if (r.t('school') === 'scale')
    return {
      say: `Set the roll pressure${level && `${level},`} to the mark from the log, and test it.`,
      how: `A mark is good on this machine only. ${note}`,
    }
  const curl = `Against wood at about 45° the wire curls into a loop of about ${formatAbout(50, r.units)} without slipping.`
  return {
    say: `Set the roll pressure${level && `${level},`} by the curl test.`,
    how: r.f.tubular
      ? `${curl} A cored wire is a tube: no test against a wire held fast, it would crush it. It slips: a little more. Flattened, or tooth marks deeper than to be felt: less. ${note}`
      : `${curl} ${r.t('jammed') === 'slip-first' ? 'Held fast, the wire must slip in the rolls before it folds. ' : 'Held fast for an instant, it must not slip. '}It slips: a little more. Still no slip on much smaller loops: a little less. ${note}`,
  }
}

/** What the tag says stands open, off or out. */
const tagged = (r: Reader): string[] => [
  r.t('openWire') === 'out'
    ? 'no wire in the gun'
    : r.t('openWire') === 'new'
      ? 'new wire in the gun'
      : 'old wire in the gun',
  ...(r.f.openArm ? ['pressure arm open'] : []),
  ...(r.f.openTip ? ['contact tip off'] : []),
  ...(r.f.openLiner ? ['liner out'] : []),
  ...(r.f.openPlug ? ['unplugged'] : []),
  'gas shut',
]

/** In the cabinet. */
export const CABINET_STEPS = {
  takeOldWire: (r) => ({
    say: r.f.spoolGun
      ? 'Cover of the gun off; hold the wire at the small spool, and with the other hand open the gun’s pressure arm.'
      : 'Hold the wire at the spool and do not let go; with the other hand open the pressure arm.',
  }),
  openArm: () => ({ say: 'Swing the pressure arm open.' }),
  clearTangle: () => ({
    say: 'Cut the knotted wire out of the rolls in short pieces, and pick every piece out.',
    how: 'Arm open. Cut on both sides of the knot first: it is a spring. Look for shavings, and at the guides: a knot bends them.',
    why: 'Pulled instead of cut, it scores the guide and kinks the liner.',
  }),
  lookOver: (r) => ({
    say: r.f.spoolGun
      ? 'Look the gun over while it is open: grooves, tube, rust, shavings.'
      : 'Look it over while it is open: grooves, guides, O-rings, rust, shavings.',
    how: `${r.f.rollsGo ? '' : 'Brush the dust off the rolls. '}Work clamp and the earth pin of the plug too.`,
    why: 'A wear found now costs nothing.',
  }),
  gunOff: (r) => ({
    say: 'Take the gun off the machine and lay it straight.',
    how: `${r.f.askWater ? 'Water-cooled: cooler off and both hoses off first. ' : ''}Control plug out, knob loose, pull straight.`,
  }),
  gunSwap: (r) => ({
    say: r.f.first
      ? `Bring the ${nameIn(GUN_NAMES, r.t('wanted'))} to the machine and lay it straight.`
      : `Take the ${nameIn(GUN_NAMES, r.t('wanted'))} instead.`,
    how: `${r.f.first ? '' : 'Label the old one and hang it up straight. '}Look at it before it goes on: O-rings whole, nothing bent, which liner and tip are in it.`,
  }),
  oRing: () => ({ say: 'Fit new O-rings at the gun connector.', how: 'No oil; wipe the seats.' }),
  oRingCheck: () => ({
    say: 'Look at the O-rings of the gun: no cracks, no flats, a trace of grease.',
    how: 'A cracked one is replaced now.',
  }),
  gunBack: (r) => ({
    say: `${r.f.first ? 'Put the gun on' : 'Put the gun back'}: pushed home until no O-ring shows, knob tight${r.f.first ? '' : ', control plug in'}.`,
  }),
  blowOutLiner: () => ({
    say: 'Blow the liner out with dry air from the machine end.',
    how: 'Gun off the machine, tip off, no wire in it, its end pointing to the floor and at nobody.',
    why: 'Dust in the liner is drag.',
  }),
  inletGuideChange: (r) => guideWords('inlet', r),
  inletGuideSet: (r) => guideSetWords('inlet', r),
  outletGuideChange: (r) => guideWords('outlet', r),
  outletGuideSet: (r) => guideSetWords('outlet', r),
  outletGuideOut: (r) => ({
    say: `Take the ${r.f.material === undefined ? '' : `${r.t('material')} `}outlet tube out: the liner itself comes up to the rolls.`,
    how: 'Keep the tube in the tray, labelled: another wire wants it back.',
  }),
  hangTag: (r) => ({
    say: 'Hang a tag on the machine: broken off in the middle of a change, do not switch on.',
    how: `Write on it: ${tagged(r).join(', ')}; and who to ask.`,
    why: 'Whoever comes next must not switch it on unwarned.',
  }),
  takeTagOff: () => ({
    say: 'Take the tag off, and read what it says was left undone.',
    how: 'The first steps of this list finish that.',
  }),
  rollsChange: (r) => ({
    say: `Take the rolls off and fit the ${nameIn(PROFILE_NAMES, r.t('wantedProfile'))} rolls, ${stampText(r.t('wantedGroove'), r.units)} groove in line with the wire.`,
    how: `${groove(r)}${sets(r)} Line up the key, turn the retainer home.${r.f.reverseThread ? retainer(true) : ''} Spin by hand: it must not slide off.`,
  }),
  rollsTurn: (r) => ({
    say: `Turn the rolls so that the ${r.f.wantedProfile === undefined ? '' : `${nameIn(PROFILE_NAMES, r.t('wantedProfile'))} `}${stampText(r.t('wantedGroove'), r.units)} groove is in line with the wire.`,
    how: `Cover and retaining nut or cap off; nut or cap and cover on again before wire goes in. ${groove(r)}${sets(r)}${r.f.reverseThread ? retainer(true) : ''}`,
  }),
  rollsClean: () => ({
    say: 'Brush the grooves of the rolls clean.',
    how: 'A stiff brush, never a solvent with chlorine.',
  }),
  swapStuds: (r) => ({
    say: r.f.nothingOn
      ? `Connect the two cables inside the cabinet: ${cable(r)}.`
      : `Swap the two cables inside the cabinet: ${cable(r)}.`,
    how: `${r.f.nothingOn ? '' : 'Mark them first. '}Nuts tight: a loose stud heats. Close the case.`,
    why: polarityWhy(r),
  }),
  tightenStuds: () => ({
    say: 'Tighten the cables on their studs or plugs.',
    how: 'Clean the faces first. Close the case.',
    why: 'A loose stud heats.',
  }),
  threadNewWire: (r) => ({
    say: r.f.spoolGun
      ? 'Over the groove of the gun’s rolls and into its tube.'
      : `Through the inlet guide, over the groove, ${r.units === 'metric' ? '50–100 mm' : '2–4 in'} into the ${r.f.outletOut ? 'liner' : 'outlet guide'}.`,
    ...(r.f.soft && !r.f.spoolGun && { how: 'Arm open: push soft wire on by hand as far as it goes.' }),
  }),
  closeArm: (r) => ({
    say: 'Close the pressure arm. The rolls hold the wire: now you may let go.',
    ...(r.f.spoolGun && { how: 'Cover of the gun on again.' }),
  }),
  feedThrough: (r) => ({
    say: `Feed the wire through until about ${formatAbout(25, r.units)} stands out of the gun.`,
    how: `Gas shut, ${r.f.keepTip ? 'nozzle off, the end clean and straight' : 'tip and nozzle off'}. ${r.f.jog ? 'Use the jog button.' : 'Use the jog button if there is one.'} ${r.f.pushPull ? 'Gun rolls open. ' : ''}${THREADING[r.t('threading')] ?? ''} Watch the rolls and the spool. If it stops, release at once, back up, help by hand.`,
  }),
  setPressure: (r) => pressureWords(r),
  openCase: () => ({
    say: 'Open the case.',
    how: 'Plug in your sight, its wait over. Follow the machine’s manual.',
  }),
  fitSolenoid: () => ({
    say: 'Fit the gas solenoid valve where the machine’s diagram puts it, arrow with the flow.',
    how: 'Its coil voltage must be the one the diagram gives: many are at mains voltage.',
  }),
  wireSolenoid: () => ({
    say: 'Have the solenoid coil wired by the machine’s diagram, by a competent electrician.',
    how: 'Plug in sight and out. No measuring with the case open and power on.',
    why: 'Many coils are at mains voltage.',
  }),
  fitGasHose: () => ({
    say: 'Fit the gas hose from the inlet to the solenoid and on to the gun connector, clipped at both ends.',
    how: 'Hose rated for the gas, never fuel hose.',
  }),
  hoseOff: () => ({
    say: 'Take the gas hose off and cap the inlet.',
    how: 'Keep hose and clips together, labelled.',
  }),
  solenoidOut: () => ({
    say: 'Have the solenoid disconnected and taken out, its leads insulated, by a competent electrician.',
    how: 'Label it with the machine: it is the way back.',
  }),
  closeCase: () => ({
    say: 'Close the case, every screw.',
    why: 'Nothing is switched on with the case open.',
  }),
  clickTest: () => ({
    say: 'Press the trigger and listen for the click of the solenoid.',
    how: 'No gas connected, no wire in the rolls. No click: unplug, and have the wiring looked at.',
    why: 'A valve proved by its click costs nothing; a cylinder bought for a dead valve does.',
  }),
  connectGun: (r) => ({
    say: `Connect the ${r.t('kind') === 'spool-gun' ? 'spool gun’s' : r.t('kind') === 'push-pull' ? 'push-pull gun’s' : 'gun’s'} control plug${r.t('kind') === 'push' ? '' : ' and motor lead'}, and set the machine’s gun switch to it.`,
    ...(r.f.home !== true && { how: 'Pushed home, no O-ring showing, knob tight.' }),
  }),
} satisfies Partial<Record<Task, Say>>
