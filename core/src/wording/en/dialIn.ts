import type { DialInPlan } from '../../procedures/dialInFor.ts'
import type { Proposal } from '../../arc/dialIn.ts'
import type { ArcReport, Bead, Try, WeldKind } from '../../arc/tries.ts'
import type { TrySign } from '../../arc/watchTries.ts'
import type { Transfer } from '../../terms/terms.ts'
import { feedSpeed } from './arc.ts'
import { formatSpeed, formatVolts, type UnitSystem } from '../../units/format.ts'

const STEADY: Record<Transfer, string> = {
  'short-arc': 'Steady: an even, crisp crackle',
  globular: 'Steady: large drops, but even',
  spray: 'Steady: a soft, even hum',
  slag: 'Steady: a smooth, even fry',
}
/** What the arc does, by ear and hand; steady sounds otherwise for each transfer. */
export const arcWords = (transfer: Transfer): Record<ArcReport, string> => ({
  steady: STEADY[transfer],
  stubbing: 'Stubs: bangs, the wire pushes the gun back',
  'long-arc': 'Long arc: hisses, big drops fly',
  burnback: 'Burns back to the tip',
})
/** The same in a word or two, beside a mark. */
export const ARC_SHORT: Record<ArcReport, string> = {
  steady: 'steady',
  stubbing: 'stubs',
  'long-arc': 'long arc',
  burnback: 'burned back',
}
export const BEAD_NAMES: Record<Bead, string> = {
  good: 'Good',
  cold: 'Cold',
  hot: 'Hot',
  undercut: 'Undercut',
  spattered: 'Spattered',
  'burnt-through': 'Burnt through',
  porous: 'Porous',
  'worm-tracks': 'Worm tracks',
  'not-fused': 'Not fused',
}
/** The same inside a sentence. */
const BEAD_SHORT: Record<Bead, string> = {
  good: 'good',
  cold: 'cold',
  hot: 'hot',
  undercut: 'undercut',
  spattered: 'spattered',
  'burnt-through': 'burnt through',
  porous: 'porous',
  'worm-tracks': 'worm tracks',
  'not-fused': 'not fused',
}
/** What each bead looks like. */
export const BEAD_LOOKS: Record<Bead, string> = {
  good: 'Low crown, even ripples, edges run in',
  cold: 'High and narrow, edges lie on top',
  hot: 'Wide, flat or sunk, dark at the back',
  undercut: 'A groove left along the edge',
  spattered: 'Coarse drops stuck beside it',
  'burnt-through': 'A hole, or drops hanging behind',
  porous: 'Pinholes in it or on it',
  'worm-tracks': 'Long hollows like worms under the slag',
  'not-fused': 'It lies on the metal and peels or breaks off',
}
export const WELD_NAMES: Record<WeldKind, string> = { bead: 'Bead', tack: 'Tack' }

/** What one try showed, in the fewest words: `stubs, cold`. */
export const trySaid = (t: Pick<Try, 'arc' | 'bead'>): string =>
  t.bead === null
    ? ARC_SHORT[t.arc]
    : t.arc === 'steady'
      ? BEAD_SHORT[t.bead]
      : `${ARC_SHORT[t.arc]}, ${BEAD_SHORT[t.bead]}`

type Knobs = Pick<DialInPlan, 'taps' | 'dial'>
type Set = Pick<Try, 'voltageV' | 'wireSpeedMPerMin' | 'tap' | 'dial'>
/** Volts, or the mark of the tap with the volts it is taken for. */
const voltsWords = (s: Set, knobs: Knobs): string => {
  const tap = s.tap ?? knobs.taps?.find((t) => Math.abs(t.voltageV - s.voltageV) < 0.05)?.tap
  return tap === undefined ? formatVolts(s.voltageV) : `tap ${tap} (about ${Math.round(s.voltageV)} V)`
}
/** A wire speed, or the mark on the dial that stands for it. */
const speedWords = (s: Set, knobs: Knobs, units: UnitSystem): string => {
  if (s.dial !== undefined) return `dial ${s.dial} (about ${feedSpeed(s.wireSpeedMPerMin, units)})`
  if (!knobs.dial) return formatSpeed(s.wireSpeedMPerMin, units)
  const mark = dialMark(s.wireSpeedMPerMin, knobs.dial)
  return `dial ${mark} (about ${feedSpeed(knobs.dial.speedAt(mark), units)})`
}
/** The mark for a speed, to a tenth, kept on the dial. */
export const dialMark = (s: number, dial: NonNullable<DialInPlan['dial']>): number =>
  Math.round(Math.min(dial.max, Math.max(dial.min, dial.dialFor(s))) * 10) / 10

/** Settings as they are turned on this machine: `17.6 V, 5.2 m/min`, `tap 3 (about 18 V), dial 4.5 (about 5 m/min)`. */
export const settingsWords = (s: Set, knobs: Knobs, units: UnitSystem): string =>
  `${voltsWords(s, knobs)}, ${speedWords(s, knobs, units)}`

/** Why the last try asks for what comes next. */
const CAUSE: Record<ArcReport, string> = {
  stubbing: 'It stubs: the wire arrives faster than these volts melt it.',
  'long-arc': 'The arc is long: too many volts for this wire speed.',
  burnback:
    'It burns back: the wire comes slower than it melts. More wire, look for a slip, hold the tip farther off; fewer volts last.',
  steady: '',
}
const BEAD_CAUSE: Partial<Record<Bead, string>> = {
  cold: 'Cold with a steady arc: more current, so more wire.',
  hot: 'Hot with a steady arc: less current, so less wire.',
  'burnt-through': 'It burns through: less current, so less wire. Travel faster too.',
  undercut: 'The edge is left unfilled: a shorter arc, or slower travel.',
  'worm-tracks': 'Worm tracks: fewer volts, a longer distance from tip to work, and a dry wire.',
  'not-fused': 'It has not fused: more current, so more wire; point the arc at the root, and travel slower.',
  spattered: 'Coarse spatter: volts and wire speed do not go together yet.',
}
const causeOf = (t: Try): string =>
  (t.bead === 'worm-tracks' && BEAD_CAUSE[t.bead]) || CAUSE[t.arc] || (t.bead && BEAD_CAUSE[t.bead]) || ''

export interface ProposalWords {
  /** What to set. */
  say: string
  why: string
}
/** To figures that can be turned to: a wire speed that was worked out, not one that was set, in steps of 5 ipm. */
const turnable = (next: Proposal & { done: false }, units: UnitSystem) =>
  units === 'metric' || (next.turn !== 'speed' && next.turn !== 'both' && next.why !== 'start')
    ? next
    : { ...next, wireSpeedMPerMin: Math.round(next.wireSpeedMPerMin / 0.127) * 0.127 }

/** The next try in words: one knob, which way, to where. */
export function proposalWords(
  proposal: Proposal,
  tries: readonly Try[],
  knobs: Knobs,
  units: UnitSystem,
): ProposalWords {
  const last = tries.at(-1)
  if (proposal.done) {
    const kept = last!
    return {
      say: `Dialled in: ${settingsWords(kept, knobs, units)}.`,
      why: 'Two in a row look the same and right.',
    }
  }
  const next = turnable(proposal, units)
  const all = settingsWords(next, knobs, units)
  switch (next.why) {
    case 'start':
      return {
        say: `Begin at ${all}.`,
        why: 'On scrap of the same metal and thickness, in the same position.',
      }
    case 'confirm':
      return { say: `The same again: ${all}.`, why: 'One good weld may be luck; two in a row are a setting.' }
    case 'check-gas':
      return {
        say: `Leave the knobs. Look at the gas, then the same again: ${all}.`,
        why: 'Pores come from gas, draught, grease, paint or damp, not from volts: flow, nozzle, hose, cylinder, metal.',
      }
    case 'check-metal':
      return {
        say: `Leave the knobs. Clean the metal, then the same again: ${all}.`,
        why: 'Pores without gas come from rust, paint or damp on the metal, a damp wire, too short an extension or too many volts. The valve stays shut.',
      }
    case 'feed-first':
      return {
        say: `Leave the knobs: the feed first. Then the same again: ${all}.`,
        why: 'It stubbed and burned back at about one setting: the wire comes by jerks. Tip, liner, rolls, pressure and brake, from the tip backwards.',
      }
    case 'lead-otherwise':
      return {
        say: `Leave the knobs and lead it otherwise: slower, gun steeper, fill the toes. Then the same again: ${all}.`,
        why: 'A groove at the toe with a steady arc comes from travel, angle or distance first; from too many volts after that.',
      }
    case 'hold-closer':
      return {
        say: `Leave the knobs. Hold the nozzle closer and steeper, then the same again: ${all}.`,
        why: 'Still porous with the gas looked at: too far off or too flat, the gas is lost before it covers the pool.',
      }
    case 'hold-farther':
      return {
        say: `Leave the knobs. Hold the tip farther off, then the same again: ${all}.`,
        why: 'A wire that shields itself wants its length outside the tip to warm up; the maker’s sheet gives it.',
      }
    case 'soften':
      return {
        say: `A step more inductance; volts and wire stay: ${all}.`,
        why: 'The arc is steady and it still spatters: softer, each short lets go more gently.',
      }
    case 'warm-it':
      return {
        say: `Warm the plate, then the same again: ${all}.`,
        why: 'Thick aluminium carries the heat off. To the warmth its sheet allows, 120 °C (250 °F) at most; measure it.',
      }
    case 'another-wire':
      return {
        say: 'Stop turning: this plate is too thick for this wire as it is set up.',
        why: 'Three did not fuse. A thicker wire, spray, a bevel or preheat helps; a knob does not.',
      }
    case 'at-the-limit':
      return {
        say: `Nothing better is left to set on this machine: ${all}.`,
        why: 'Try another distance from tip to work, or another wire.',
      }
    case 'to-the-window':
    case 'likeliest': {
      if (next.turn === 'both')
        return {
          say: `Begin again at ${all}.`,
          why: 'Volts and wire speed were both far from where this wire starts; from there one thing at a time.',
        }
      const up =
        next.turn === 'volts'
          ? next.voltageV > (last?.voltageV ?? 0)
          : next.wireSpeedMPerMin > (last?.wireSpeedMPerMin ?? 0)
      const say =
        next.turn === 'volts'
          ? `${up ? 'More' : 'Fewer'} volts: ${voltsWords(next, knobs)}. Leave the wire speed at ${speedWords(next, knobs, units)}.`
          : `${up ? 'More' : 'Less'} wire: ${speedWords(next, knobs, units)}. Leave the volts at ${voltsWords(next, knobs)}.`
      const why =
        next.why === 'to-the-window'
          ? 'That was far from where this wire starts; first back there.'
          : `${last ? causeOf(last) : ''} One thing at a time.`.trim()
      return { say, why }
    }
  }
}

const SIGNS: Record<TrySign, string> = {
  'feed-first':
    'Feed first: it stubbed and burned back at about one setting. Look from the tip backwards before a knob is turned.',
  'gasless-pores-again':
    'Pores again and again without gas: clean metal, dry wire, a longer extension, fewer volts. The gas stays shut; is the polarity the one on the box?',
  'pores-again':
    'Pores again and again: in a draught no flow helps. Put up a shelter, or weld with a wire that shields itself.',
  'burns-back-again':
    'It keeps burning back: look at tip size, rolls, brake and liner before the knobs; a wire that comes by jerks burns back at any setting.',
  'spatter-again':
    'Coarse spatter at every setting: look at the polarity, the work clamp and the wire’s rust before going on.',
  'many-tries':
    'Many tries and none good: measure the wire speed, look at the tip and the distance from tip to work, and begin again at the start settings.',
}
export const trySignText = (sign: TrySign): string => SIGNS[sign]

/** What ran well, in one line, for the sign-off and the card. */
export const ranWellSentence = (t: Set & Partial<Pick<Try, 'weld'>>, units: UnitSystem): string =>
  `Ran well at ${settingsWords(t, {}, units)}${t.weld === 'tack' ? ', as a tack' : ''}.`
