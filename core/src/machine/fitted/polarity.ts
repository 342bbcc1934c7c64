import { z } from 'zod'
import { POLARITIES } from '../../terms/terms.ts'

export const POLARITY_CHANGES = ['studs', 'plugs', 'switch', 'fixed'] as const
export const polaritySchema = z.enum(POLARITIES)
