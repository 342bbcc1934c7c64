import { FAMILY_SHEETS } from '../families/index.ts'
import { judgeSize } from './band.ts'
import type { Machine } from '../machine/machine.ts'
import type { DialInLimits, DialInModel } from '../arc/dialIn.ts'
import { learnDial, tapVolts, type DialScale } from '../arc/knobs.ts'
import { named, type StartJob, type StartWire } from './choices.ts'
import { rowOf, voltsAtSpeed, type StartSettings } from './start.ts'
import type { Try } from '../arc/tries.ts'
import { loadLineV } from '../arc/volts.ts'

/** Where nothing is known of a machine: currents of a common small one, and its feed. common practice, no source */
const USUAL = { minA: 30, maxA: 250, feed: { min: 1, max: 20 } }
/**
 * Machines go a little beyond the load line they are rated on, volts: below it at the bottom, above it at the top.
 * common practice, no source
 */
const BEYOND_LINE_V = { below: 1.5, above: 4 }

export interface DialInPlan {
  model: DialInModel
  /** Whether the start is worked out or remembered; else it is only the middle of what the machine gives. */
  known: boolean
  limits: DialInLimits
  /** Taps of a machine that has no volts, lowest first, with the volts they are taken for. */
  taps?: { tap: string; voltageV: number }[]
  /** A feed dial without a speed scale; `learned` says whether by timed run-outs or only by its ends. */
  dial?: DialScale & { min: number; max: number; learned: boolean }
  /** Whether the volts' ends are the machine's own or worked from its rating. */
  voltsKnown: boolean
}

/** A dial whose marks lie closer than this is none. */
const LEAST_DIAL = 0.5

/** Volts a machine can be set to: its own figures, or about the load line at its least and most current. */
export function voltRange(machine: Pick<Machine, 'output'>): { minV: number; maxV: number; known: boolean } {
  const { minA = USUAL.minA, maxA = USUAL.maxA, minV, maxV } = machine.output ?? {}
  const least = minV ?? loadLineV(minA) - BEYOND_LINE_V.below
  const most = maxV ?? loadLineV(maxA) + BEYOND_LINE_V.above
  // Figures at odds with each other: the whole of both, so that something can be set.
  return {
    minV: Math.min(least, most),
    maxV: Math.max(least, most, Math.min(least, most) + 0.5),
    known: minV !== undefined && maxV !== undefined,
  }
}

/** A feed dial as far as it is known: by its run-outs, else by its ends standing for the machine's slowest and fastest. */
export function dialOf(machine: Pick<Machine, 'feedDial' | 'wireSpeedMPerMin'>): DialInPlan['dial'] {
  const own = machine.feedDial
  if (!own || own.max - own.min < LEAST_DIAL) return undefined
  const { min, max } = own
  const learned = learnDial(own.runOuts)
  const feed = machine.wireSpeedMPerMin ?? USUAL.feed
  const scale =
    learned ??
    learnDial([
      { dial: min, wireSpeedMPerMin: feed.min },
      { dial: max, wireSpeedMPerMin: Math.max(feed.max, feed.min + 0.1) },
    ])!
  return { ...scale, min, max, learned: learned !== undefined }
}

/**
 * The tap and the dial mark nearest to volts and wire speed, as dialling in proposes them: a tap's volts are a guess
 * until the machine's chart is read, and a dial that was not timed is none.
 */
export function nearestMarks(
  machine: Pick<Machine, 'output' | 'voltTaps' | 'feedDial' | 'wireSpeedMPerMin'>,
  voltageV: number | undefined,
  wireSpeedMPerMin: number | undefined,
): { tap?: string; dial?: number } {
  const { minV, maxV } = voltRange(machine)
  const taps = machine.voltTaps === undefined ? [] : tapVolts(machine.voltTaps, minV, maxV)
  const near =
    voltageV === undefined
      ? undefined
      : [...taps].sort((a, b) => Math.abs(a.voltageV - voltageV) - Math.abs(b.voltageV - voltageV))[0]
  const dial = dialOf(machine)
  const mark =
    dial?.learned && wireSpeedMPerMin !== undefined
      ? Math.min(dial.max, Math.max(dial.min, Math.round(dial.dialFor(wireSpeedMPerMin) * 2) / 2))
      : undefined
  return { ...(near && { tap: near.tap }), ...(mark !== undefined && { dial: mark }) }
}

/** The plate is more than this wire is for, by its band. */
const isTooThick = (wire: StartWire, { thicknessMm }: StartJob): boolean => {
  const { process } = FAMILY_SHEETS[wire.family]
  const sized = { ...wire, ...named(wire), passes: wire.passes ?? ('multi' as const), process }
  return judgeSize(sized, thicknessMm) === 'wire-thin'
}

/** From here aluminium carries the heat off faster than a first pass brings it, mm. common practice, no source */
const WARMED_FROM_MM = 10

/** How volts go with wire speed where no row tells, V for each m/min: short-arc practice. common practice, no source */
const USUAL_SLOPE = 0.5

/**
 * What dialling in starts from: the settings worked out, or what was good last time; how volts go with wire speed
 * there; and the ends of what this machine can be set to. Where neither is known it starts from the middle of what
 * the machine gives, and `known` is false: then the wire maker's sheet comes first.
 * @param gas as `arcGasOf` gives it; `null` for a wire that shields itself
 */
export function dialInFor(
  wire: StartWire,
  job: StartJob,
  start: StartSettings,
  gas: string | null,
  machine: Pick<Machine, 'output' | 'wireSpeedMPerMin' | 'voltTaps' | 'feedDial' | 'inductance'>,
  lastGood?: Pick<Try, 'voltageV' | 'wireSpeedMPerMin'>,
): DialInPlan {
  const { minV, maxV, known } = voltRange(machine)
  const feed = machine.wireSpeedMPerMin ?? USUAL.feed
  const worked =
    start.voltageV && start.wireSpeedMPerMin
      ? // Half volts and a twentieth of a metre: a table knows no better.
        {
          voltageV: Math.round(start.voltageV.value * 2) / 2,
          wireSpeedMPerMin: Math.max(0.1, Math.round(start.wireSpeedMPerMin.value * 20) / 20),
        }
      : undefined
  const middle = { voltageV: (minV + maxV) / 2, wireSpeedMPerMin: (feed.min + feed.max) / 2 }
  const at = lastGood ?? worked ?? middle
  const row = rowOf(start, wire, job, gas)
  const volts = (speed: number) => (row && voltsAtSpeed(row, wire, speed)) ?? null
  const s = at.wireSpeedMPerMin
  const [more, less] = [volts(s * 1.1), volts(s * 0.9)]
  const slope = more !== null && less !== null && more > less ? (more - less) / (0.2 * s) : USUAL_SLOPE
  const minMPerMin = Math.max(0.1, Math.min(feed.min, feed.max))
  const taps = machine.voltTaps === undefined ? undefined : tapVolts(machine.voltTaps, minV, maxV)
  const dial = dialOf(machine)
  return {
    model: {
      voltageV: at.voltageV,
      wireSpeedMPerMin: at.wireSpeedMPerMin,
      slope,
      gasless: gas === null,
      thickPlate: isTooThick(wire, job),
      inductance: machine.inductance === true && start.transfer === 'short-arc',
      warmth: job.material === 'aluminium' && job.thicknessMm >= WARMED_FROM_MM,
    },
    known: (lastGood ?? worked) !== undefined,
    limits: {
      minV,
      maxV,
      minMPerMin,
      maxMPerMin: Math.max(feed.min, feed.max, minMPerMin + 0.1),
      ...(taps?.length && { taps: taps.map((t) => t.voltageV) }),
    },
    ...(taps?.length && { taps }),
    ...(dial && { dial }),
    voltsKnown: known,
  }
}
