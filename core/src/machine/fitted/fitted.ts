import { z } from 'zod'
import { mixtureSchema } from '../../gas/mixtureSchema.ts'
import { conditionsSchema } from './conditions.ts'
import { tipSchema } from './contactTip.ts'
import { rollsSchema } from './driveRolls.ts'
import { gasFlowSchema } from './gasFlow.ts'
import { guideSchema } from './guide.ts'
import { gunSchema } from './gun.ts'
import { hubBrakeSchema } from './hubBrake.ts'
import { linerSchema } from './liner.ts'
import { nozzleSchema } from './nozzle.ts'
import { polaritySchema } from './polarity.ts'
import { rollPressureSchema } from './rollPressure.ts'
import { spoolSchema } from './spool.ts'
import { wireInputSchema } from './wire.ts'

/** Left out: not looked at; `null`: looked, nothing there. */
const seen = <S extends z.ZodType>(schema: S) => schema.nullable().optional()
/** What can be fitted at each station, in the order the wire meets them, from spool to puddle. */
export const AT_STATIONS = {
  spool: seen(spoolSchema),
  hubBrake: seen(hubBrakeSchema),
  inletGuide: seen(guideSchema),
  driveRolls: seen(rollsSchema),
  rollPressure: seen(rollPressureSchema),
  outletGuide: seen(guideSchema),
  liner: seen(linerSchema),
  gun: seen(gunSchema),
  contactTip: seen(tipSchema),
  nozzle: seen(nozzleSchema),
  polarity: seen(polaritySchema),
  gas: seen(mixtureSchema),
  gasFlowLPerMin: seen(gasFlowSchema),
}
/**
 * Everything fitted may be left out (not looked at) or `null` (looked, nothing there). Unknown keys are dropped; a
 * known key that cannot be read is a problem with its path.
 */
export const fittedSchema = z.object({
  wire: seen(wireInputSchema),
  ...AT_STATIONS,
  conditions: conditionsSchema.optional(),
})
export type Fitted = z.infer<typeof fittedSchema>
export const FITTED_KEYS = Object.keys(fittedSchema.shape) as [keyof Fitted, ...(keyof Fitted)[]]
