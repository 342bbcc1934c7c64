import type { Station } from '../../../machine/stations.ts'
import type { RuleAt, StationRule } from '../../../stations/index.ts'
import type { Rule } from './reader.ts'
import type { Say } from '../steps/reader.ts'
import type { StationWords } from './stationWords.ts'
import { SPOOL } from './spool.ts'
import { HUB_BRAKE } from './hubBrake.ts'
import { INLET_GUIDE, OUTLET_GUIDE } from './guide.ts'
import { DRIVE_ROLLS } from './rolls.ts'
import { ROLL_PRESSURE } from './rollPressure.ts'
import { LINER } from './liner.ts'
import { GUN } from './gun.ts'
import { CONTACT_TIP } from './contactTip.ts'
import { NOZZLE } from './nozzle.ts'
import { POLARITY } from './polarity.ts'
import { GAS } from './gas.ts'
import { GAS_FLOW } from './gasFlow.ts'
import { SUPPLY } from './supply.ts'

/** What is said of each station: one line a station. */
const WORDS = {
  spool: SPOOL,
  hubBrake: HUB_BRAKE,
  inletGuide: INLET_GUIDE,
  driveRolls: DRIVE_ROLLS,
  rollPressure: ROLL_PRESSURE,
  outletGuide: OUTLET_GUIDE,
  liner: LINER,
  gun: GUN,
  contactTip: CONTACT_TIP,
  nozzle: NOZZLE,
  polarity: POLARITY,
  gas: GAS,
  gasFlow: GAS_FLOW,
  supply: SUPPLY,
} satisfies { [S in Station]: StationWords & { rules: Readonly<Record<RuleAt[S], Rule>> } }

/** The same, whichever station it is. */
export const STATION_WORDS: Readonly<Record<Station, StationWords>> = WORDS
const stations = Object.keys(WORDS) as Station[]
const each = <T>(of: (words: StationWords) => T) =>
  Object.fromEntries(stations.map((station) => [station, of(STATION_WORDS[station])])) as Record<Station, T>
export const STATION_NAMES = each(({ name }) => name)
export const STATION_SHORT = each(({ short }) => short)
export const INSPECT = each(({ senses }) => senses)

const together = <T>(parts: readonly (Readonly<Record<string, T>> | undefined)[]) =>
  Object.assign({}, ...parts) as Record<string, T>
/** What every rule says. */
export const RULE_WORDS = together<Rule>(stations.map((station) => STATION_WORDS[station].rules)) as Record<
  StationRule,
  Rule
>
type Words = (typeof WORDS)[Station]
/** What the steps say that belong to one station alone. */
export const OWN_STEPS = together<Say>(stations.map((station) => STATION_WORDS[station].steps)) as Record<
  OwnStep,
  Say
>
type OwnStep = Words extends infer W ? (W extends { steps: infer S } ? keyof S : never) : never
/** Fields that one station alone has, in words. */
export const OWN_FIELDS = together<string>(stations.map((station) => STATION_WORDS[station].fields))
