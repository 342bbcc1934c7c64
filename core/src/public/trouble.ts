/** The trouble finder, and the model of the feed. */
export { brakeFigures, brakeWindow, spoolHoldsKg } from '../feed/brake.ts'
export { cheapestWayOpen, cures } from '../feed/cures.ts'
export { forceAlong } from '../feed/liner.ts'
export { DRAWS, type FeedChances, startRun } from '../feed/monteCarlo.ts'
export { type PressureWindow, curlPushN, pressureWindow } from '../feed/pressureWindow.ts'
export { firstMark, windowCentreN } from '../feed/scale.ts'
export { type FeedSetup, coefficientsOf, feedSetupOf, geometryOf } from '../feed/setup.ts'
export { type TrimKind, linerTrim } from '../feed/trim.ts'
export { weakestPlace } from '../feed/weakest.ts'
export { kgFromThickness, wireLeft } from '../feed/wireLeft.ts'
export { type Cause, causeRow, cureRow } from '../trouble/causes.ts'
export { CHECKS, type Check, checkRow } from '../trouble/checks.ts'
export { type CurePlan, type StoppedAt, machineInRun, planCure } from '../trouble/cure.ts'
export { type Ranked, type Trouble, findTrouble, prepareTrouble } from '../trouble/find.ts'
export { isMended } from '../trouble/reason.ts'
export { type Checked, type Told, type TroubleRequest, troubleRequestSchema } from '../trouble/request.ts'
export {
  AREAS,
  type Area,
  LEADS,
  PHASES,
  SINCE,
  SYMPTOMS,
  type Symptom,
  areaOf,
} from '../trouble/symptoms.ts'
