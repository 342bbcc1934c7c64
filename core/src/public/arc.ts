/** Current, volts, speed, dialling in; gases and cylinders. */
export { usualExtensionMm } from '../arc/burnOff.ts'
export { type Proposal, lookedAt, nextTry, unexpected } from '../arc/dialIn.ts'
export { fumeReminders } from '../arc/fume.ts'
export { type Joint, fillJoint } from '../arc/joint.ts'
export { RUN_OUT_S, speedOfRunOut } from '../arc/knobs.ts'
export { HEAT_CONVENTIONS, heatInputKJPerMm, lensShade } from '../arc/limits.ts'
export { simulatedArc } from '../arc/simulatedArc.ts'
export {
  ARC_REPORTS,
  BEADS,
  type Try,
  WELDS,
  type WeldKind,
  goodTry,
  isGood,
  seldomTogether,
  trySchema,
} from '../arc/tries.ts'
export { type Banded } from '../arc/volts.ts'
export { trySigns } from '../arc/watchTries.ts'
export { arcGasOf } from '../gas/arcGas.ts'
export {
  GAS_LEFT_BAND,
  flowmeterFactor,
  gasCost,
  gasLeft,
  gasLeftM3,
  hosePurgeSeconds,
  isLiquid,
} from '../gas/cylinder.ts'
export { awsName, gasDesignation, isoName } from '../gas/designation.ts'
export { CO2_CYLINDER_L_PER_MIN, DRAUGHT_LIMIT_M_PER_S, turbulentFlowLPerMin } from '../gas/flow.ts'
export { HOSE_BORE_MM, heldBehindValveL, leakLPerMin, lostInMonthL } from '../gas/leak.ts'
export { USUAL_MIXTURES, parseMixture, shortMixture } from '../gas/mixture.ts'
export { ARGON, type Mixture } from '../gas/mixtureSchema.ts'
export { gasesFor, takesGas } from '../gas/suits.ts'
