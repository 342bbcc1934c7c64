import type { z } from 'zod'
import {
  changeoverAnswerSchema,
  decodeAnswerSchema,
  handoverAnswerSchema,
  infoAnswerSchema,
  suggestAnswerSchema,
  troubleAnswerSchema,
  problemsAnswerSchema,
} from '../../exchange/api.ts'
import { plainSchema, type JsonSchema } from '../../exchange/jsonSchema.ts'
import { wireInputSchema } from '../../machine/fitted/wire.ts'
import { machineSchema } from '../../machine/machine.ts'
import {
  changeoverRequestSchema,
  decodeRequestSchema,
  jobSchema,
  suggestRequestSchema,
} from '../../machine/request.ts'
import { troubleRequestSchema } from '../../trouble/request.ts'
import { partSchema } from '../../machine/store.ts'
import { practiceSchema } from '../../practice/practice.ts'

const ref = (name: string) => ({ $ref: `#/components/schemas/${name}` })
const json = (name: string) => ({ 'application/json': { schema: ref(name) } })
const refused = (description: string) => ({ description, content: json('Problems') })
const asks = (summary: string, operationId: string, request: string, answer: string) => ({
  post: {
    summary,
    operationId,
    requestBody: { required: true, content: json(request) },
    responses: {
      200: { description: 'The answer.', content: json(answer) },
      405: refused('Another method; `Allow` names the one.'),
      413: refused('Larger than 1 MB.'),
      422: refused('Not to be read: each problem with its path.'),
      503: {
        ...refused('Too much is asked for at once.'),
        headers: { 'Retry-After': { schema: { type: 'integer' }, description: 'Seconds.' } },
      },
    },
  },
})

/** Components by name: requests as they may be sent, answers as they are given. */
const COMPONENTS: readonly (readonly [string, z.ZodType, 'input' | 'output'])[] = [
  ['Machine', machineSchema, 'input'],
  ['Part', partSchema, 'input'],
  ['Wire', wireInputSchema, 'input'],
  ['Job', jobSchema, 'input'],
  ['Practice', practiceSchema, 'input'],
  ['DecodeRequest', decodeRequestSchema, 'input'],
  ['ChangeoverRequest', changeoverRequestSchema, 'input'],
  ['SuggestRequest', suggestRequestSchema, 'input'],
  ['TroubleRequest', troubleRequestSchema, 'input'],
  ['DecodeAnswer', decodeAnswerSchema, 'output'],
  ['ChangeoverAnswer', changeoverAnswerSchema, 'output'],
  ['SuggestAnswer', suggestAnswerSchema, 'output'],
  ['TroubleAnswer', troubleAnswerSchema, 'output'],
  ['Info', infoAnswerSchema, 'output'],
  ['Handover', handoverAnswerSchema, 'output'],
  ['Problems', problemsAnswerSchema, 'output'],
]

const wrongCode = { 404: 'No bundle has this code.', 429: 'Too many wrong codes in a minute.' }
const byCode = (operationId: string, summary: string, good: object) => ({
  summary,
  operationId,
  parameters: [
    { name: 'code', in: 'query', required: true, schema: { type: 'string', pattern: '^[0-9]{6}$' } },
  ],
  responses: {
    ...good,
    ...Object.fromEntries(
      Object.entries(wrongCode).map(([status, description]) => [
        status,
        { description, content: json('Problems') },
      ]),
    ),
  },
})
const bundle = { 'application/json': { schema: { type: 'object' } } }
/** A bundle from one device to another, held in memory for ten minutes. */
const handoverPath = {
  post: {
    summary: 'Holds a bundle, a file of a shop, at most 20 MB, under a code of six figures.',
    operationId: 'handOver',
    requestBody: { required: true, content: bundle },
    responses: {
      201: { description: 'The code, and until when it is good.', content: json('Handover') },
      422: { description: 'It is no file of a shop.', content: json('Problems') },
      503: { description: 'Too much is held already.', content: json('Problems') },
    },
  },
  get: byCode('takeOver', 'The bundle of a code.', { 200: { description: 'The bundle.', content: bundle } }),
  delete: byCode('tookOver', 'The bundle was taken: it is held no longer.', {
    204: { description: 'It is gone.' },
  }),
}

/** References into a schema's own definitions point to its component once it stands in the document. */
function moved(value: unknown, name: string): unknown {
  if (Array.isArray(value)) return value.map((v) => moved(v, name))
  if (typeof value !== 'object' || value === null) return value
  return Object.fromEntries(
    Object.entries(value).map(([key, v]) => [
      key,
      key === '$ref' && typeof v === 'string'
        ? v.replace(/^#/, `#/components/schemas/${name}`)
        : moved(v, name),
    ]),
  )
}

/**
 * The whole contract as an OpenAPI 3.1 document, made from the schemas that read requests and hold answers. What no
 * schema can say stands in `docs/api.md`.
 */
export function openApi(): JsonSchema {
  return {
    openapi: '3.1.0',
    info: {
      title: 'Pepper Knot',
      version: '1',
      description:
        'One machine from one wire to another: what a label means, what must change, the steps in a proved order, and where to begin with the settings.',
    },
    servers: [{ url: '/api/v1' }],
    paths: {
      '/decode': asks('What the label of a box means.', 'decode', 'DecodeRequest', 'DecodeAnswer'),
      '/changeover': asks(
        'Plan a changeover: verdicts, what to gather, steps, proof, settings.',
        'changeover',
        'ChangeoverRequest',
        'ChangeoverAnswer',
      ),
      '/trouble': asks(
        'From what is seen, heard and felt to the next look, or to the cause and its cure.',
        'trouble',
        'TroubleRequest',
        'TroubleAnswer',
      ),
      '/suggest': asks('Wires that suit a job, best first.', 'suggest', 'SuggestRequest', 'SuggestAnswer'),
      '/info': {
        get: {
          summary: 'What this server is.',
          operationId: 'info',
          responses: { 200: { description: 'Name, and whether it shows the demo.', content: json('Info') } },
        },
      },
      '/handover': handoverPath,
      '/openapi.json': {
        get: {
          summary: 'This document.',
          operationId: 'openApi',
          responses: {
            200: {
              description: 'OpenAPI 3.1.',
              content: { 'application/json': { schema: { type: 'object', required: ['openapi'] } } },
            },
          },
        },
      },
    },
    components: {
      schemas: Object.fromEntries(
        COMPONENTS.map(([name, schema, io]) => [name, moved(plainSchema(schema, io), name)]),
      ),
    },
  }
}
