import { z } from 'zod'
import { ENTRY_FIELDS, fieldsOf } from '../entries.ts'
import { RUN_SCHEMAS, withJobKind, type Run } from '../run.ts'
import { recordKind } from './recordKind.ts'

const beside = Object.fromEntries([...ENTRY_FIELDS, 'planned'].map((key) => [key, true])) as Record<
  (typeof ENTRY_FIELDS)[number] | 'planned',
  true
>
/** What is written of a run today: the fields of its kind. */
export const runFieldsSchema = z.discriminatedUnion(
  'kind',
  Object.values(RUN_SCHEMAS).map((schema) =>
    (schema as (typeof RUN_SCHEMAS)['change']).omit(beside),
  ) as never,
)
/** A run without its entries and its plan, which stand beside it. */
export const runRecord = recordKind<Run>().as({
  schema: z.preprocess(
    (run) => (typeof run === 'object' && run !== null && !Array.isArray(run) ? withJobKind(run) : run),
    runFieldsSchema,
  ),
  list: 'runs',
  own: fieldsOf,
})
