import { z } from 'zod'
import { sizeMm } from '../machine/fitted/common.ts'
import {
  coredUnknownSchema,
  handShape,
  wireByHandSchema,
  wireInputSchema,
  wireLabelSchema,
} from '../machine/fitted/wire.ts'
import { KNOWN_MM } from '../wire/diameters.ts'

export type JsonSchema = Record<string, unknown>

const GROUPS: JsonSchema = { type: 'array', items: { type: 'string', maxLength: 20 }, maxItems: 20 }
/** Gas by hand: groups, `null` for none, or as a decoded wire has it. */
const GAS_BY_HAND: JsonSchema = {
  anyOf: [
    { type: 'null' },
    GROUPS,
    {
      type: 'object',
      properties: { needed: { type: 'boolean' }, designations: GROUPS },
    },
  ],
}

/** What a schema cannot tell of itself, because code reads it: said here, so that nothing published is hollow. */
function fill({ zodSchema, jsonSchema }: { zodSchema: z.core.$ZodType; jsonSchema: JsonSchema }) {
  if (zodSchema === wireInputSchema)
    jsonSchema.anyOf = [
      plainSchema(wireLabelSchema),
      { ...plainSchema(wireByHandSchema), not: { type: 'object', required: ['label'] } },
      {
        ...plainSchema(coredUnknownSchema),
        not: { anyOf: ['label', 'family'].map((key) => ({ type: 'object', required: [key] })) },
      },
    ]
  if (zodSchema === sizeMm) jsonSchema.enum = [...KNOWN_MM]
  if (zodSchema === handShape.shape.gas) {
    for (const key of Object.keys(jsonSchema)) delete jsonSchema[key]
    Object.assign(jsonSchema, GAS_BY_HAND)
  }
}

/** A schema as JSON Schema 2020-12: what may be sent. */
export function plainSchema(schema: z.ZodType, io: 'input' | 'output' = 'input'): JsonSchema {
  const { $schema: _dialect, ...rest } = z.toJSONSchema(schema, {
    io,
    unrepresentable: 'any',
    override: fill as never,
  }) as JsonSchema
  return rest
}
