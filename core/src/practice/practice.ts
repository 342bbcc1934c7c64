import { z } from 'zod'
import { DEFAULT_PRACTICE, SCHOOL_IDS, SCHOOLS, type School } from './schools.ts'

type Option<S extends School> = (typeof SCHOOLS)[S][number]
type Choices = { [S in School]: z.ZodEnum<{ [K in Option<S>]: K }> }
type Defaulted = { [S in School]: z.ZodDefault<Choices[S]> }

/** One choice a school, from the table of schools. */
const choices = Object.fromEntries(
  SCHOOL_IDS.map((school) => [school, z.enum(SCHOOLS[school])]),
) as unknown as Choices
const defaulted = Object.fromEntries(
  SCHOOL_IDS.map((school) => [school, z.enum(SCHOOLS[school]).default(SCHOOLS[school][0])]),
) as unknown as Defaulted
const people = z.union([z.literal(1), z.literal(2)])

export const practiceSchema = z.object({
  ...defaulted,
  fixedFlowLPerMin: z.number().min(3).max(60).default(DEFAULT_PRACTICE.fixedFlowLPerMin),
  people: people.default(DEFAULT_PRACTICE.people),
  labourPerHour: z.number().min(0).max(10000).default(DEFAULT_PRACTICE.labourPerHour),
  wirePerKg: z.number().min(0).max(10000).optional(),
})

/** What one changeover does otherwise than the shop; nothing is filled in. */
export const practiceOverridesSchema = z.object({ ...choices, people }).partial()
export type PracticeOverrides = z.infer<typeof practiceOverridesSchema>
