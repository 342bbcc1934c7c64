import { z } from 'zod'
import { ownMetalSchema } from '../../metals/own.ts'
import { recordKind } from './recordKind.ts'

const schema = ownMetalSchema.extend({ id: z.string().min(1).max(100) })
/** Metals by the shop’s own word. */
export const metalRecord = recordKind<z.infer<typeof schema>>().as({ schema, list: 'metals' })
