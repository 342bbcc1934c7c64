/** Labels and wires, the catalogue, starting figures, and what a shop is ready for. */
export { photographed } from '../wire/photographed.ts'
export { byLooking } from '../catalogue/byLooking.ts'
export {} from '../catalogue/catalogue.ts'
export { sizeForThickness, suggestWires } from '../catalogue/suggest.ts'
export { metalTyped } from '../metals/read.ts'
export { readChart } from '../procedures/chart.ts'
export { type DialInPlan, dialInFor, dialOf } from '../procedures/dialInFor.ts'
export { type SupplyLine, circuitVerdict, supplyAt, whatGives } from '../procedures/gives.ts'
export { ownSetting } from '../procedures/own.ts'
export { type StartSettings, startSettings } from '../procedures/start.ts'
export {
  type ReadinessCell,
  type ReadinessRow,
  loadedFirst,
  readinessCells,
  readinessMinutes,
  readinessRows,
} from '../readiness/readiness.ts'
export { asItStands } from '../readiness/standing.ts'
export {} from '../wire/besides.ts'
export { linerBoreMm, tipBoreMm } from '../wire/bores.ts'
export { FIRST_BY_HAND, type WireByHand } from '../wire/byHand.ts'
export { CORED_STAND_IN } from '../wire/classification/shopWords.ts'
export { TRADE_SIZES, readDiameter, readStampMm, tradeLabel } from '../wire/diameters.ts'
export { notUnderstood, readLabel } from '../wire/label.ts'
export { stampSizes } from '../wire/sizes.ts'
export { SPOOL_TYPES } from '../wire/spool.ts'
export { type SizedWire, type Wire, isSameWire, isSized } from '../wire/wire.ts'
