import { STATIONS, type Station } from '../machine/stations.ts'
import { matchContactTip } from './contactTip.ts'
import { matchDriveRolls } from './driveRolls.ts'
import type { Finding, MatchContext } from './finding.ts'
import { matchGas } from './gas.ts'
import { matchGasFlow } from './gasFlow.ts'
import { matchGun } from './gun.ts'
import { matchHubBrake } from './hubBrake.ts'
import { matchInletGuide } from './inletGuide.ts'
import { matchLiner } from './liner.ts'
import { matchNozzle } from './nozzle.ts'
import { matchOutletGuide } from './outletGuide.ts'
import { matchPolarity } from './polarity.ts'
import { matchRollPressure } from './rollPressure.ts'
import { matchSpool } from './spool.ts'
import { matchSupply } from './supply.ts'

const BY_STATION: Record<Station, (c: MatchContext) => Finding> = {
  spool: matchSpool,
  hubBrake: matchHubBrake,
  inletGuide: matchInletGuide,
  driveRolls: matchDriveRolls,
  rollPressure: matchRollPressure,
  outletGuide: matchOutletGuide,
  liner: matchLiner,
  gun: matchGun,
  contactTip: matchContactTip,
  nozzle: matchNozzle,
  polarity: matchPolarity,
  gas: matchGas,
  gasFlow: matchGasFlow,
  supply: matchSupply,
}

/** Compares every station, every time, from spool to puddle. */
export const match = (context: MatchContext): Finding[] =>
  STATIONS.map((station) => BY_STATION[station](context))

export * from './finding.ts'
export * from './obstacles.ts'
export * from './rank.ts'
export { flowFor, flowKindOf } from './gasFlow.ts'
export { handOf, labelAt, prepare, readWire, shelfWire } from './prepare.ts'
export { sameWire } from './rollPressure.ts'
export { GUIDE_GAP_MM } from './guide.ts'
export { asStamp, rangeTakes, stampSizes, stampTakes } from './sizes.ts'
export { cordDrop, leastSupplyCurrentA } from './supply.ts'
