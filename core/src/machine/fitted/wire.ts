import { z } from 'zod'
import { addWrong, saidOf, wrong } from '../../base/check.ts'
import { say } from '../../base/codes.ts'
import { WIRE_GAS_GROUPS } from '../../gas/designation.ts'
import { FAMILIES, POLARITIES } from '../../terms/terms.ts'
import { CORED_STAND_IN } from '../../wire/classification/shopWords.ts'
import { SPOOL_TYPES } from '../../wire/spool.ts'
import { conditionSchema, sizeMm } from './common.ts'

/** Enough of a wire to plan with: a label, or family and size by hand. */
export const wireSpoolSchema = z.object({
  type: z.enum(SPOOL_TYPES).optional(),
  massKg: z.number().positive().max(1000).optional(),
})
export const wireLabelSchema = z.object({
  label: z.string().max(500),
  spool: wireSpoolSchema.optional(),
  condition: conditionSchema.optional(),
})
/** Groups of ISO 14175, as the box gives them. */
const gasGroups = z
  .array(
    z
      .string()
      .max(20)
      .transform((text) => text.trim().toUpperCase())
      .refine((group) => WIRE_GAS_GROUPS.includes(group), wrong(say('request.gasGroup'))),
  )
  .max(20)
  .transform((groups) => [...new Set(groups)])
export const handShape = z.object({
  family: z.enum(FAMILIES),
  /** Cored, and nobody knows whether it shields itself: `family` only stands in. */
  tubular: z.literal(true).optional(),
  diameterMm: sizeMm,
  polarity: z
    .union([z.array(z.enum(POLARITIES)).min(1).max(10), z.enum(POLARITIES).transform((p) => [p])])
    .optional(),
  gas: z.preprocess((value: unknown) => {
    if (value === null) return []
    if (typeof value !== 'object' || Array.isArray(value)) return value
    const { needed, designations = [] } = value as { needed?: unknown; designations?: unknown }
    if (needed !== undefined && typeof needed !== 'boolean') return value
    return needed === false ? [] : designations
  }, gasGroups.optional()),
})
export const wireByHandSchema = handShape.extend({
  spool: wireSpoolSchema.optional(),
  condition: conditionSchema.optional(),
})
/** A cored wire whose kind nobody knows is entered by its size alone. */
export const coredUnknownSchema = wireByHandSchema.omit({ family: true, polarity: true, gas: true }).extend({
  tubular: z.literal(true),
})
/** A family that is said settles the kind; where only `tubular` is, one stands in for what the kinds share. */
const withStandIn = (value: unknown): unknown => {
  if (typeof value !== 'object' || value === null || !('tubular' in value)) return value
  const { tubular, ...rest } = value
  if (tubular !== true) return value
  const family = 'family' in rest ? rest.family : undefined
  return family === undefined || family === CORED_STAND_IN ? { ...value, family: CORED_STAND_IN } : rest
}
export const wireInputSchema = z.unknown().transform((value, context) => {
  const hasLabel =
    typeof value === 'object' && value !== null && 'label' in value && value.label !== undefined
  const result = hasLabel
    ? wireLabelSchema.safeParse(value, { reportInput: true })
    : wireByHandSchema.safeParse(withStandIn(value), { reportInput: true })
  if (result.success) return result.data
  if (
    !hasLabel &&
    (typeof value !== 'object' ||
      value === null ||
      !('family' in value || 'diameterMm' in value || 'tubular' in value))
  )
    addWrong(context, say('request.labelOrByHand'))
  else
    for (const issue of result.error.issues)
      addWrong(context, saidOf(issue), issue.path as (string | number)[])
  return z.NEVER
})
export type WireInput = z.infer<typeof wireLabelSchema> | z.infer<typeof wireByHandSchema>
