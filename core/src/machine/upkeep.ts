import { z } from 'zod'

/** Upkeep that a machine open for a change invites. */
export const UPKEEP = ['blowOutLiner', 'brushRolls', 'checkORings'] as const
export type Upkeep = (typeof UPKEEP)[number]

/** All that is looked after on a machine by days: what a change invites, and what has its own time. */
export const CARE = [...UPKEEP, 'cleanNozzle', 'leakCheck', 'workClamp', 'extinguisher'] as const
export type Care = (typeof CARE)[number]

/**
 * Days between two times. common practice, no source: the liner about monthly, the others by the same habit. The
 * extinguisher beside it is looked at every month. published, recalled from memory: NFPA 10, inspection
 */
export const CARE_DAYS: Record<Care, number> = {
  blowOutLiner: 30,
  brushRolls: 30,
  checkORings: 90,
  cleanNozzle: 7,
  leakCheck: 30,
  workClamp: 90,
  extinguisher: 30,
}

export const upkeepDatesSchema = z.partialRecord(z.enum(CARE), z.iso.datetime())
export type UpkeepDates = z.infer<typeof upkeepDatesSchema>

export interface UpkeepDue {
  upkeep: Care
  /** Days since it was last done; `null` when nobody wrote it down. */
  days: number | null
  due: boolean
}

/**
 * What is due on a machine today. What was never written down is not called due: nobody knows.
 * @param today ISO time, passed in
 */
export function upkeepDue(dates: UpkeepDates | undefined, today: string): UpkeepDue[] {
  return CARE.map((upkeep) => {
    const last = dates?.[upkeep]
    const days = last === undefined ? null : Math.floor((Date.parse(today) - Date.parse(last)) / 86_400_000)
    return { upkeep, days, due: days !== null && days >= CARE_DAYS[upkeep] }
  })
}
