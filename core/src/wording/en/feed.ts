import type { Coefficient } from '../../feed/coefficients.ts'
import type { Cure, CureId } from '../../feed/cures.ts'
import { RIM_RADIUS_M, type BrakeFigures, type BrakeWindow } from '../../feed/brake.ts'
import type { SpoolType } from '../../wire/spool.ts'
import type { FeedFigures } from '../../changeover/plan/feedFigures.ts'
import type { FirstMark } from '../../feed/scale.ts'
import type { FeedSetup } from '../../feed/setup.ts'
import { EASY_RATIO, schoolsAgree, type PressureWindow } from '../../feed/pressureWindow.ts'
import { weakestPlace, type WeakPlace } from '../../feed/weakest.ts'
import type { Practice } from '../../practice/schools.ts'
import { formatForce, formatAbout, formatMinutes, formatTorque, type UnitSystem } from '../../units/format.ts'

export const CURE_NAMES: Record<CureId, string> = {
  'straighten-lead': 'lay the lead straight',
  'ease-brake': 'ease the hub brake',
  'blow-out-liner': 'blow out the liner',
  'close-gap': 'bring the guide up to the rolls',
  'new-tip': 'fit a new tip of this wire’s bore',
  'right-groove': 'turn or fit rolls with this wire’s groove',
  'wider-tip': 'fit a tip one size up, or an aluminium bore',
  'right-rolls': 'fit the rolls this wire asks for',
  'right-liner': 'fit a polymer liner',
  'new-liner': 'fit a new liner',
  'shorter-gun': 'fit a shorter gun',
  'push-pull': 'fit a push-pull gun',
  'spool-gun': 'fit a spool gun',
}
export const WEAK_NAMES: Record<WeakPlace, string> = {
  motor: 'the drive motor',
  gap: 'the gap between rolls and guide',
  bends: 'the bends of the lead',
  liner: 'the liner',
  tip: 'the contact tip',
  brake: 'the hub brake',
  rolls: 'the groove of the rolls',
  wire: 'nothing in particular',
}
export const COEFFICIENT_NAMES: Record<Coefficient, string> = {
  yieldMPa: 'how hard the wire is drawn',
  modulusMPa: 'stiffness of the metal',
  wallShare: 'wall of the cored wire',
  castRadiusMm: 'cast of the wire',
  linerFriction: 'friction in the liner',
  linerDragNPerM: 'drag of the liner a length',
  tipDragN: 'drag in the tip',
  strayBendRad: 'bends nobody counted',
  brakeTorqueNm: 'torque of the brake',
  rollFriction: 'grip of rolls and wire',
  vHalfAngleDeg: 'angle of the groove',
  rollRadiusMm: 'radius of the rolls',
  flatteningShare: 'flattening one allows',
  contactSpread: 'how the groove spreads the pressure',
  motorN: 'strength of the motor',
  gunShare: 'what the gun’s motor takes over',
}

const STOPS = { tip: 'the bore of the tip', groove: 'the groove of the rolls' } as const
const ENDS = { crush: 'the rolls crush the wire', birdnest: 'the wire folds in the gap' } as const

/** Changes in one breath: `lay the lead straight (0.5 min)`. */
export const cureText = (cure: Cure): string =>
  `${CURE_NAMES[cure.id]} (${formatMinutes(cure.minutes)}${cure.money ? `, about ${cure.money} in parts` : ''})`
const andText = (texts: string[]) => texts.join(', and ')

/**
 * Will it feed, what ends it, and the cheapest way out: one sentence or two.
 * @param way as `cheapestWayOpen` gives it
 */
export function feedSentence(
  setup: FeedSetup,
  w: PressureWindow,
  way: readonly Cure[],
  units: UnitSystem,
): string {
  const force = (n: number) => formatForce(n, units)
  const place = WEAK_NAMES[weakestPlace(setup, w)]
  const out = way.length
    ? `Cheapest way out: ${andText(way.map(cureText))}.`
    : 'Nothing listed here opens it: another wire or another gun.'
  if (w.stopped)
    return `Will not feed, whatever the pressure: ${STOPS[w.stopped]} is smaller than the wire. ${out}`
  if (w.stalls)
    return `Will not feed: it needs ${force(w.pushN + w.dragN)} and the motor gives about ${force(w.motorN)}. ${out}`
  if (!w.opens)
    return `Will not feed as it stands: to push ${force(w.pushN)} the rolls must press ${force(w.lowN)}, and at ${force(w.highN)} ${ENDS[w.upper]}. The weakest place is ${place}. ${out}`
  if (w.mayStop)
    return `May feed, and may not: a kink can stop the wire whatever the pressure. A new liner first.`
  const between = `press between ${force(w.lowN)} and ${force(w.highN)}; above that ${ENDS[w.upper]}`
  return w.ratio < EASY_RATIO * 1.5
    ? `Feeds, but narrowly: ${between}. The weakest place is ${place}.`
    : `Feeds: ${between}. The push needed is ${force(w.pushN)}, and the wire folds at ${force(w.birdnestN)}.`
}

/** Whether the two schools of a jammed wire agree on this setup, and why. */
export const schoolsSentence = (w: PressureWindow, units: UnitSystem): string =>
  !w.opens
    ? 'Neither school helps while the window is shut.'
    : schoolsAgree(w)
      ? `The schools agree here: the wire would take ${formatForce(w.foldN, units)} to fold, and the rolls mark it at ${formatForce(w.crushN, units)}. Press as you are used to, and a jam slips before it knots.`
      : `The schools clash here: pressed so that it never slips, above ${formatForce(w.foldN, units)}, a jammed wire folds at the rolls before they slip. Slip first is the safe one.`

/** What the brake should be, in torque and in what to look for. */
export function brakeSentence(torqueNm: number, brake: BrakeWindow, units: UnitSystem): string {
  const t = (nm: number) => formatTorque(nm, units)
  const high = brake.highNm
  if (torqueNm < brake.lowNm)
    return `Brake too loose: loops fall off when the trigger is let go. Tighten it to at least ${t(brake.lowNm)}.`
  if (high !== null && torqueNm > high)
    return `Brake too tight: near its end the spool takes too much of the grip. Ease it below ${t(high)}.`
  return high !== null && high < brake.lowNm
    ? `No setting suits full and empty spool alike: start at ${t(brake.lowNm)} and ease it as the spool empties.`
    : `Brake right: between ${t(brake.lowNm)}${high === null ? '' : ` and ${t(high)}`}.`
}

/** What the brake should be as a pull at the spool's rim, which a spring balance shows, beside the torque that nobody measures. */
export function brakePullSentence(type: SpoolType, brake: BrakeWindow, units: UnitSystem): string {
  const rim = RIM_RADIUS_M[type]
  const shut = brake.highNm !== null && brake.highNm < brake.lowNm
  const band = (say: (nm: number) => string) =>
    brake.highNm === null || shut
      ? `at least ${say(brake.lowNm)}`
      : `${say(brake.lowNm)} to ${say(brake.highNm)}`
  const torque = band((nm) => formatTorque(nm, units))
  const said =
    rim === null
      ? `The hub turns at ${torque}.`
      : `A spring balance at the rim of the spool reads ${band((nm) => formatForce(nm / rim, units))} as it just turns (${torque} at the hub).`
  return shut ? `${said} Ease it as the spool empties: full and empty do not agree.` : said
}

/** A first mark for this wire, or why none can be said. */
export function firstMarkSentence(first: FirstMark): string {
  if (first.known && first.by)
    return first.by === 'standing'
      ? `Start at mark ${first.mark}: it stands there now, with this wire. Test it all the same.`
      : `Start at mark ${first.mark}: this machine’s printed chart says so. Test it all the same.`
  if (first.known) {
    const figure = (n: number) => String(Math.round(n * 10) / 10)
    return `Start at mark ${figure(first.mark)} (${figure(first.low)} to ${figure(first.high)}, from ${first.from === 1 ? 'one mark' : `${first.from} marks`} that passed on this machine). Test it all the same.`
  }
  return {
    'no-marks':
      'No mark on this machine has passed a test yet, so no first mark can be said: start light and test.',
    'no-window': 'No mark can be said while the window is shut.',
    'no-scale': 'This arm has no scale: start light and test.',
  }[first.because]
}

/** One thing that can be seen at a pressure test, and what it means. */
export interface Outcome {
  see: string
  means: string
}
/** The shop's pressure test: how it is done, and what each outcome says. common practice */
export function pressureTestWords(
  school: Practice['pressureTest'],
  units: UnitSystem,
): { how: string; outcomes: Outcome[] } {
  const loop = `about ${formatAbout(50, units)}`
  const marks: Outcome[] = [
    {
      see: 'The wire comes out flattened, toothed or with shavings.',
      means: 'Too much. Ease off; look at groove and profile.',
    },
  ]
  if (school === 'curl')
    return {
      how: `Feed against dry wood at about 45° from ${formatAbout(50, units)} away, and turn the arm until the wire curls.`,
      outcomes: [
        {
          see: `It curls into a loop of ${loop} and the rolls do not slip.`,
          means: 'Right. Write the mark down.',
        },
        {
          see: 'The rolls slip before it curls.',
          means: 'Too little, or something downstream drags: tip off and feed again before you add pressure.',
        },
        {
          see: 'It winds into much smaller loops and still does not slip.',
          means: 'Too much. Ease off a quarter turn and test again.',
        },
        ...marks,
      ],
    }
  if (school === 'back-off')
    return {
      how: 'Feed on to dry wood from tight, ease the arm until the rolls slip, then turn it on by half a turn from where it grips.',
      outcomes: [
        { see: 'It grips half a turn above the slip.', means: 'Right. Write the mark down.' },
        {
          see: 'It slips again when the lead is bent.',
          means: 'A quarter turn more; then look at the liner.',
        },
        ...marks,
      ],
    }
  return {
    how: 'Set the mark from the log of this machine, then check it once on dry wood.',
    outcomes: [
      { see: 'It feeds steadily with the lead bent as it will lie.', means: 'Right. Write the mark down.' },
      {
        see: 'It slips.',
        means: 'This spool is not the one the mark was found with: test as if it were new.',
      },
      ...marks,
    ],
  }
}

/** What to look for while the spool is mounted, the wire threaded and fed through. */
export const feedWatch = (soft: boolean, threading: string): readonly string[] => [
  'The wire leaves the spool in line with the inlet guide, without a reverse bend.',
  ...(threading === 'slow' ? [] : ['A hand on the spool, so that it stops when the wire does.']),
  soft
    ? 'A second hand helps at the gun: soft wire is pushed no further than it goes by itself.'
    : 'The lead straight and untwisted until the wire stands out of the gun.',
]

/** The model's figure beside a finding: push and where it folds or is crushed, left as it is and set right. */
export function feedFigureText(figures: FeedFigures, units: UnitSystem): string {
  const say = (w: PressureWindow) =>
    w.mayStop && !w.stopped
      ? 'a kink may stop the wire, whatever the pressure'
      : w.opens
        ? `push needed ${formatForce(w.pushN, units)}, ${w.upper === 'birdnest' ? `folds at ${formatForce(w.birdnestN, units)}` : `crushed at ${formatForce(w.crushN, units)} of roll force`}, window ${twoSignificant(w.ratio)} to 1`
        : w.stopped
          ? `nothing passes: ${STOPS[w.stopped]} is smaller than the wire`
          : `no window: push needed ${formatForce(w.pushN, units)}, but ${ENDS[w.upper]}`
  const { asFitted, asAsked } = figures
  if (!asFitted) return `Set right: ${say(asAsked)}.`
  const same = Math.abs(asFitted.ratio / asAsked.ratio - 1) < 0.03
  return same ? `Model: ${say(asAsked)}.` : `Left as it is: ${say(asFitted)}. Set right: ${say(asAsked)}.`
}
const twoSignificant = (n: number) => String(Number(n.toPrecision(2)))

/** Run-on and drag of a brake, as figures. */
export function brakeFigureText(figures: BrakeFigures, units: UnitSystem): string {
  const run = (m: number) =>
    units === 'metric' ? `${twoSignificant(m * 1000)} mm` : `${twoSignificant(m / 0.0254)} in`
  return `Let go, the spool runs on ${run(figures.runOnFeedM)} at feed speed and ${run(figures.runOnThreadingM)} at threading speed. It drags ${formatForce(figures.dragNowN, units)} now and ${formatForce(figures.dragEmptyN, units)} when nearly empty.`
}
