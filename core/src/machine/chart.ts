import { z } from 'zod'
import { wrong } from '../base/check.ts'
import { say } from '../base/codes.ts'
import { mixtureSchema } from '../gas/mixtureSchema.ts'
import { FAMILIES, POSITIONS } from '../terms/terms.ts'
import { sizeMm } from './fitted/common.ts'

/**
 * One line of a shop's own settings: a machine's door chart or a wire's data sheet. Figures, or the machine's own
 * marks where it has no figures.
 */
export const chartRowSchema = z
  .object({
    classification: z.string().min(1).max(60).optional(),
    family: z.enum(FAMILIES).optional(),
    sizeMm,
    thicknessMm: z.number().min(0.3).max(200),
    position: z.enum(POSITIONS).optional(),
    gas: mixtureSchema.optional(),
    voltageV: z.number().min(5).max(60).optional(),
    tap: z.string().min(1).max(20).optional(),
    knob: z.number().min(-1000).max(1000).optional(),
    wireSpeedMPerMin: z.number().min(0.1).max(100).optional(),
    dial: z.number().min(-1000).max(1000).optional(),
  })
  .refine(
    (row) => row.classification !== undefined || row.family !== undefined,
    wrong(say('request.chartWire'), ['classification']),
  )
  .refine(
    (row) => [row.voltageV, row.tap, row.knob, row.wireSpeedMPerMin, row.dial].some((v) => v !== undefined),
    wrong(say('request.chartFigures'), ['voltageV']),
  )
export type ChartRow = z.infer<typeof chartRowSchema>
/** One line of a printed pressure chart. */
export const pressureRowSchema = z.object({
  family: z.enum(FAMILIES),
  sizeMm,
  mark: z.number().min(-1000).max(1000),
})
export type PressureRow = z.infer<typeof pressureRowSchema>
/** What a printed pressure chart says of a wire, if it names it. */
export const chartMark = (
  chart: readonly PressureRow[] | undefined,
  wire: { family: PressureRow['family']; diameterMm: number },
): number | undefined =>
  chart?.find((row) => row.family === wire.family && row.sizeMm === wire.diameterMm)?.mark
export const chartSchema = z.array(chartRowSchema).max(500)
