/** Writes the published JSON Schemas from the Zod schemas: what may be sent, and the file. */
import { writeFileSync } from 'node:fs'
import type { z } from 'zod'
import { byReference, changeoverRequestSchema, plainSchema, shopFileSchema } from '@pepper-knot/core/internal'

const DIALECT = 'https://json-schema.org/draft/2020-12/schema'
const write = (name: string, schema: z.ZodType) =>
  writeFileSync(
    new URL(`../docs/${name}.schema.json`, import.meta.url),
    `${JSON.stringify({ $schema: DIALECT, ...byReference(plainSchema(schema)) }, null, 2)}\n`,
  )

write('pepperknot', shopFileSchema)
write('changeover', changeoverRequestSchema)
