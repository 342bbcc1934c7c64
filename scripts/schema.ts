/** Writes the published JSON Schemas from the Zod schemas: what may be sent, and the file. */
import { writeFileSync } from 'node:fs'
import { z } from 'zod'
import { changeoverRequestSchema, shopFileSchema } from '@pepper-knot/core'

const write = (name: string, schema: z.ZodType) =>
  writeFileSync(
    new URL(`../docs/${name}.schema.json`, import.meta.url),
    `${JSON.stringify(z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }), null, 2)}\n`,
  )

write('pepperknot', shopFileSchema)
write('changeover', changeoverRequestSchema)
