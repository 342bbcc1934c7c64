import { USUAL_LEAD_DAYS } from '../machine/leadTime.ts'
import { DEFAULT_PRACTICE } from '../practice/schools.ts'
import type { Settings } from './settings.ts'

/** Settings of a shop that set none; a test holds them equal to what the schema fills in. */
export const defaultSettings = (): Settings => ({
  units: 'metric',
  theme: 'system',
  readAloud: true,
  practice: { ...DEFAULT_PRACTICE },
  leadDays: USUAL_LEAD_DAYS,
  heatConvention: 'en-1011',
})
