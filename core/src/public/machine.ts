/** A machine, its stations and the store; what fits and what does not. */
export { confirmSeen, fittedKey, seenOnly } from '../machine/assumed.ts'
export { type ChartRow, pressureRowSchema } from '../machine/chart.ts'
export { CONDITIONS } from '../machine/fitted/common.ts'
export { COOLINGS, GUN_KINDS } from '../machine/fitted/gun.ts'
export { NOZZLE_KINDS } from '../machine/fitted/nozzle.ts'
export { POLARITY_CHANGES } from '../machine/fitted/polarity.ts'
export { LEAVES } from '../machine/fitted/spool.ts'
export { mixedGroovesText, readMixedGrooves } from '../machine/grooves.ts'
export { CONTROLS, type Machine, machineSchema } from '../machine/machine.ts'
export { putInStore } from '../machine/part.ts'
export { MACHINE_BUILDS, cylindersFor, quickMachine } from '../machine/quickMachine.ts'
export { readPartLines } from '../machine/quickPart.ts'
export {
  type ChangeoverRequest,
  type Job,
  askedChangeoverSchema,
  changeoverRequestSchema,
  decodeRequestSchema,
  jobSchema,
  suggestRequestSchema,
} from '../machine/request.ts'
export { setupCardSchema } from '../machine/setupCard.ts'
export { STATIONS, type Station } from '../machine/stations.ts'
export { fittedOn, fittedParts, isLow } from '../machine/stock.ts'
export { type Part, partSchema } from '../machine/store.ts'
export { UPKEEP, upkeepDue } from '../machine/upkeep.ts'
export { usualSpares } from '../machine/usualSpares.ts'
export { type Finding } from '../match/finding.ts'
export { contextFor, handOf, readWire, shelfWire } from '../match/prepare.ts'
export { RANKS } from '../match/ranks.ts'
export { flowFor } from '../stations/gasFlow/match.ts'
export { type StationFinding, match } from '../stations/index.ts'
export { obstacles } from '../stations/obstacles.ts'
export { isWorn, rankOf, ranked } from '../stations/rank.ts'
export { ownMetalSchema, ownNamed } from '../metals/own.ts'
