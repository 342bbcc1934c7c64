import { coefficientsOf, geometryOf, stoppedBy, usualValues, type FeedSetup, type Stop } from './setup.ts'
import { feedModel, OUT, OUTPUTS } from './model.ts'

/** What closes the pressure window on each side. */
export type LowerBound = 'push' | 'brake'
export type UpperBound = 'crush' | 'birdnest'

/** How hard the rolls must press, and how hard they may, N of roll force. */
export interface PressureWindow {
  lowN: number
  highN: number
  /** high / low: under 1 there is no pressure at which it feeds. */
  ratio: number
  lower: LowerBound
  upper: UpperBound
  crushN: number
  /** Roll force at which the wire folds before the rolls slip, when it jams. */
  foldN: number
  /** Push down the lead and pull off the spool, N at the wire. */
  pushN: number
  dragN: number
  /** Push at which the wire folds in the gap, N. */
  birdnestN: number
  /** Grip that one newton of roll force gives. */
  gripPerN: number
  /** What the motor can push, N. */
  motorN: number
  opens: boolean
  /** The motor stalls before the rolls slip. */
  stalls: boolean
  /** Nothing passes, whatever the pressure: a bore or a groove smaller than the wire. */
  stopped?: Stop
  /** A kink costs little where it sits well and stops the wire where it does not: no figure tells which. */
  mayStop?: true
}

/** Room a window wants to be set by hand: high at least half as much again as low. common practice */
export const EASY_RATIO = 1.5

/** Reads the model's output. */
export function readWindow(out: Float64Array): PressureWindow {
  const at = (i: number) => out[i]!
  const foldN = at(OUT.birdnest) / at(OUT.gripPerN)
  const stalls = at(OUT.push) + at(OUT.drag) > at(OUT.motor)
  return {
    lowN: at(OUT.low),
    highN: at(OUT.high),
    ratio: at(OUT.ratio),
    lower: at(OUT.drag) > at(OUT.push) ? 'brake' : 'push',
    upper: foldN < at(OUT.crush) ? 'birdnest' : 'crush',
    crushN: at(OUT.crush),
    foldN,
    pushN: at(OUT.push),
    dragN: at(OUT.drag),
    birdnestN: at(OUT.birdnest),
    gripPerN: at(OUT.gripPerN),
    motorN: at(OUT.motor),
    opens: at(OUT.ratio) > 1 && !stalls,
    stalls,
  }
}

/** The pressure window of a setup, every coefficient at its usual value. */
export function pressureWindow(setup: FeedSetup): PressureWindow {
  const out = new Float64Array(OUTPUTS)
  feedModel(geometryOf(setup), usualValues(coefficientsOf(setup)), out)
  const window: PressureWindow = {
    ...readWindow(out),
    ...(setup.linerState === 'kinked' && { mayStop: true }),
  }
  const stopped = stoppedBy(setup)
  return stopped ? { ...window, opens: false, stopped } : window
}

/**
 * Why two schools agree or clash here. `slip-first` presses so lightly that a jammed wire slips before it folds;
 * `never-slip` presses to the top of the window. They agree where the rolls mark the wire before it can fold.
 */
export const schoolsAgree = (w: PressureWindow): boolean => w.foldN >= w.crushN

/**
 * Push that a curl of such a loop shows, at the least, N: plastic moment over the lever. A check, not a gauge.
 * model: sigma d^3 / 6 / (D / 2)
 */
export const curlPushN = (yieldMPa: number, diameterMm: number, loopMm: number): number =>
  (yieldMPa * diameterMm ** 3) / 6 / (loopMm / 2)
