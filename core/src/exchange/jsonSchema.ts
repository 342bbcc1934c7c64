import { z } from 'zod'
import { sizeMm } from '../machine/fitted/common.ts'
import { grooveSchema, plainRollsSchema, rollsSchema } from '../machine/fitted/driveRolls.ts'
import { partSchema, plainPartSchema } from '../machine/store.ts'
import {
  coredUnknownSchema,
  handShape,
  wireByHandSchema,
  wireInputSchema,
  wireLabelSchema,
} from '../machine/fitted/wire.ts'
import { runFieldsSchema, runRecord } from '../record/kinds/run.ts'
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

function replace(jsonSchema: JsonSchema, by: JsonSchema): void {
  for (const key of Object.keys(jsonSchema)) delete jsonSchema[key]
  Object.assign(jsonSchema, by)
}
/** Rolls as they may be sent: a groove by its size, or with its own profile and state; then the roll needs none. */
function withGrooveObjects(rolls: JsonSchema): JsonSchema {
  const properties = rolls.properties as Record<string, JsonSchema> | undefined
  if (!properties?.grooves) return rolls
  const groove = plainSchema(grooveSchema)
  const widened = (stamp: JsonSchema): JsonSchema => ({ anyOf: [stamp, groove] })
  return {
    ...rolls,
    properties: {
      ...properties,
      grooves: { ...properties.grooves, items: widened(properties.grooves.items as JsonSchema) },
      active: widened(properties.active!),
    },
    required: ((rolls.required as string[] | undefined) ?? []).filter((key) => key !== 'profile'),
  }
}

/** A union of objects, with the fields that all of them have said once beside it. */
function withSharedFields(union: JsonSchema): JsonSchema {
  const kinds = (union.oneOf ?? union.anyOf) as {
    properties: Record<string, JsonSchema>
    required?: string[]
  }[]
  const [first] = kinds
  const said = (value: unknown) => JSON.stringify(value)
  const shared = Object.keys(first!.properties).filter((key) =>
    kinds.every(({ properties }) => said(properties[key]) === said(first!.properties[key])),
  )
  const only = <T>(entries: Record<string, T>, keep: (key: string) => boolean) =>
    Object.fromEntries(Object.entries(entries).filter(([key]) => keep(key)))
  const isShared = (key: string) => shared.includes(key)
  return {
    type: 'object',
    properties: only(first!.properties, isShared),
    required: (first!.required ?? []).filter(isShared),
    oneOf: kinds.map(({ properties, required = [] }) => ({
      type: 'object',
      properties: only(properties, (key) => !isShared(key)),
      required: required.filter((key) => !isShared(key)),
    })),
  }
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
  if (zodSchema === rollsSchema) return replace(jsonSchema, withGrooveObjects(plainSchema(plainRollsSchema)))
  if (zodSchema === partSchema) {
    const plain = plainSchema(plainPartSchema)
    const options = (plain.oneOf ?? plain.anyOf) as JsonSchema[]
    return replace(jsonSchema, { anyOf: options.map((option) => withGrooveObjects(option)) })
  }
  if (zodSchema === runRecord.schema)
    return replace(jsonSchema, withSharedFields(plainSchema(runFieldsSchema)))
  if (zodSchema === sizeMm) jsonSchema.enum = [...KNOWN_MM]
  if (zodSchema === handShape.shape.gas) {
    replace(jsonSchema, GAS_BY_HAND)
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

/** A schema shorter than this as text is no shorter as a reference. */
const WORTH_NAMING = 160

/**
 * The same schema with each part that stands more than once said once, under `$defs`, by the name of the field it was
 * first met at. @param schema one without references of its own
 */
export function byReference(schema: JsonSchema): JsonSchema {
  const counts = new Map<string, number>()
  const count = (value: unknown): void => {
    if (typeof value !== 'object' || value === null) return
    if (!Array.isArray(value)) {
      const said = JSON.stringify(value)
      const times = counts.get(said) ?? 0
      counts.set(said, times + 1)
      // What stands in a part met before was counted with it.
      if (times > 0 && said.length > WORTH_NAMING) return
    }
    Object.values(value).forEach(count)
  }
  count(schema)
  const names = new Map<string, string>()
  const defs: Record<string, unknown> = {}
  const nameFor = (field: string): string => {
    for (let n = 1; ; n++) {
      const name = n === 1 ? field : `${field}${n}`
      if (!(name in defs)) return name
    }
  }
  const said = (value: unknown, field: string, isSchema: boolean): unknown => {
    if (typeof value !== 'object' || value === null) return value
    if (Array.isArray(value)) return value.map((one) => said(one, field, isSchema))
    const text = JSON.stringify(value)
    const inside = () =>
      Object.fromEntries(
        Object.entries(value as JsonSchema).map(([key, one]) => [
          key,
          // Names of fields are no schemas; what stands under them is.
          key === 'properties'
            ? Object.fromEntries(
                Object.entries(one as JsonSchema).map(([name, of]) => [name, said(of, name, true)]),
              )
            : said(one, field, true),
        ]),
      )
    if (!isSchema || text.length <= WORTH_NAMING || (counts.get(text) ?? 0) < 2) return inside()
    let name = names.get(text)
    if (name === undefined) {
      name = nameFor(field)
      names.set(text, name)
      defs[name] = null
      defs[name] = inside()
    }
    return { $ref: `#/$defs/${name}` }
  }
  const whole = said(schema, 'whole', false) as JsonSchema
  return Object.keys(defs).length ? { ...whole, $defs: defs } : whole
}
