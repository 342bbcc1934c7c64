import { settingsSchema } from '../settings.ts'

export const settingsRecord = { schema: settingsSchema } as const
