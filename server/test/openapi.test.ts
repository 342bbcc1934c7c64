/** The published document against a general-purpose validator, and against what the code takes and answers. */
import Ajv from 'ajv/dist/2020'
import { Validator } from '@seriousme/openapi-schema-validator'
import { readFileSync } from 'node:fs'
import request from 'supertest'
import {
  changeoverAnswerSchema,
  changeoverRequestSchema,
  decodeAnswerSchema,
  openApi,
  byReference,
  plainSchema,
  problemsAnswerSchema,
  shopFileSchema,
  validate,
  type ProblemCode,
} from '@pepper-knot/core/internal'
import { createApp } from '../src/app.ts'
import { answer } from '../src/answer.ts'
import { times } from '../../core/test/counts.ts'
import { asked } from './asked.ts'

const ajv = new Ajv({ strict: false, logger: false })

test('the document is OpenAPI 3.1 by a general-purpose validator, and served as it is made', async () => {
  const { body } = await request(createApp()).get('/api/v1/openapi.json').set('Host', 'localhost').expect(200)
  expect(body).toEqual(openApi())
  const result = await new Validator().validate(structuredClone(body))
  expect(result.errors ?? []).toEqual([])
  expect(result.valid).toBe(true)
  for (const path of ['/decode', '/changeover', '/info', '/openapi.json'])
    expect(Object.keys(body.paths)).toContain(path)
})

/** Places where a schema says nothing at all, though code reads more. */
const holes = (value: unknown, path: string): string[] => {
  if (typeof value !== 'object' || value === null) return []
  if (Array.isArray(value)) return value.flatMap((v, i) => holes(v, `${path}[${i}]`))
  if (Object.keys(value).length === 0) return [path]
  return Object.entries(value).flatMap(([key, v]) =>
    key === 'const' || key === 'default' || key === 'additionalProperties' ? [] : holes(v, `${path}.${key}`),
  )
}
test.each([
  ['the document', openApi()],
  ['the request', plainSchema(changeoverRequestSchema)],
  ['the file', plainSchema(shopFileSchema)],
])('%s has no hole', (_what, schema) => expect(holes(schema, '')).toEqual([]))

test('what is kept in docs is what the schemas make', () => {
  const kept = (name: string) =>
    JSON.parse(readFileSync(`${__dirname}/../../docs/${name}.schema.json`, 'utf8')) as Record<string, unknown>
  expect(kept('changeover')).toMatchObject(byReference(plainSchema(changeoverRequestSchema)))
  expect(kept('pepperknot')).toMatchObject(byReference(plainSchema(shopFileSchema)))
})

test('with each part said once, the schema of the request takes and refuses the same', () => {
  const long = new Ajv({ strict: false, logger: false }).compile(plainSchema(changeoverRequestSchema))
  const short = new Ajv({ strict: false, logger: false }).compile(
    byReference(plainSchema(changeoverRequestSchema)),
  )
  let refused = 0
  for (const [question, body] of asked(0.3)) {
    if (question !== 'changeover') continue
    const broken = JSON.parse(
      JSON.stringify(body).replace('"fitted":{', '"fitted":{"hubBrake":7,'),
    ) as unknown
    for (const one of [body, broken]) {
      expect(short(one)).toBe(long(one))
      if (!short(one)) refused++
    }
  }
  expect(refused).toBeGreaterThan(20)
})

test('every answer fits its schema, field by field', () => {
  for (const [question, body] of asked(times(0.07, 0.15))) {
    const given = answer({ question, body: new TextEncoder().encode(JSON.stringify(body)) })
    if (typeof given === 'string') throw new Error('heavy')
    const schema =
      given.status !== 200
        ? problemsAnswerSchema
        : question === 'decode'
          ? decodeAnswerSchema
          : changeoverAnswerSchema
    expect(schema.safeParse(JSON.parse(given.body)).error?.issues ?? []).toEqual([])
  }
})

/** Rules that JSON Schema cannot state; `docs/api.md` does. */
const BEYOND: readonly ProblemCode[] = [
  'request.mixtureSum',
  'request.grooveNotListed',
  'request.rangeReversed',
  'request.gasGroup',
  'request.tooManyTasks',
  'request.chartWire',
  'request.chartFigures',
  'diameter.notRead',
  'diameter.noSuchWire',
]
test('the schema refuses what the code refuses, and nothing else', () => {
  const takes = ajv.compile(plainSchema(changeoverRequestSchema))
  let refused = 0
  for (const [question, body] of asked(times(0.4, 1))) {
    if (question !== 'changeover') continue
    const read = validate(changeoverRequestSchema, body)
    const onlyBeyond = !read.ok && read.problems.every(({ code }) => BEYOND.includes(code))
    if (onlyBeyond) continue
    if (!read.ok) refused++
    expect([takes(body), JSON.stringify(read.ok ? '' : read.problems)]).toEqual([
      read.ok,
      JSON.stringify(read.ok ? '' : read.problems),
    ])
  }
  expect(refused).toBeGreaterThan(times(40, 100))
})
