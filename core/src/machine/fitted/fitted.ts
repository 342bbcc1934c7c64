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

/**
 * Everything fitted may be left out (not looked at) or `null` (looked, nothing there). Unknown keys are dropped; a
 * known key that cannot be read is a problem with its path.
 */
export const fittedSchema = z.object({
  wire: wireInputSchema.nullable().optional(),
  spool: spoolSchema.nullable().optional(),
  hubBrake: hubBrakeSchema.nullable().optional(),
  inletGuide: guideSchema.nullable().optional(),
  driveRolls: rollsSchema.nullable().optional(),
  rollPressure: rollPressureSchema.nullable().optional(),
  outletGuide: guideSchema.nullable().optional(),
  liner: linerSchema.nullable().optional(),
  gun: gunSchema.nullable().optional(),
  contactTip: tipSchema.nullable().optional(),
  nozzle: nozzleSchema.nullable().optional(),
  polarity: polaritySchema.nullable().optional(),
  gas: mixtureSchema.nullable().optional(),
  gasFlowLPerMin: gasFlowSchema.nullable().optional(),
  conditions: conditionsSchema.optional(),
})
export type Fitted = z.infer<typeof fittedSchema>
export const FITTED_KEYS = Object.keys(fittedSchema.shape) as [keyof Fitted, ...(keyof Fitted)[]]
