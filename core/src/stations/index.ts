import { STATIONS, type Station } from '../machine/stations.ts'
import { matchContactTip } from './contactTip/match.ts'
import { matchDriveRolls } from './driveRolls/match.ts'
import type { MatchContext } from '../match/finding.ts'
import type { StationFinding } from './rules.ts'
import { matchGas } from './gas/match.ts'
import { matchGasFlow } from './gasFlow/match.ts'
import { matchGun } from './gun/match.ts'
import { matchHubBrake } from './hubBrake/match.ts'
import { matchInletGuide } from './inletGuide/match.ts'
import { matchLiner } from './liner/match.ts'
import { matchNozzle } from './nozzle/match.ts'
import { matchOutletGuide } from './outletGuide/match.ts'
import { matchPolarity } from './polarity/match.ts'
import { matchRollPressure } from './rollPressure/match.ts'
import { matchSpool } from './spool/match.ts'
import { matchSupply } from './supply/match.ts'

const BY_STATION: Record<Station, (c: MatchContext) => StationFinding> = {
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
export const match = (context: MatchContext): StationFinding[] =>
  STATIONS.map((station) => BY_STATION[station](context))
