import { z } from 'zod'

/** Upkeep that a machine open for a change invites. */
export const UPKEEP = ['blowOutLiner', 'brushRolls', 'checkORings'] as const
export type Upkeep = (typeof UPKEEP)[number]

/** Days between two times. common practice, no source: the liner about monthly, the others by the same habit. */
export const UPKEEP_DAYS: Record<Upkeep, number> = { blowOutLiner: 30, brushRolls: 30, checkORings: 90 }

export const upkeepDatesSchema = z.partialRecord(z.enum(UPKEEP), z.iso.datetime())
export type UpkeepDates = z.infer<typeof upkeepDatesSchema>

export interface UpkeepDue {
  upkeep: Upkeep
  /** Days since it was last done; `null` when nobody wrote it down. */
  days: number | null
  due: boolean
}

/**
 * What is due on a machine today. What was never written down is not called due: nobody knows.
 * @param today ISO time, passed in
 */
export function upkeepDue(dates: UpkeepDates | undefined, today: string): UpkeepDue[] {
  return UPKEEP.map((upkeep) => {
    const last = dates?.[upkeep]
    const days = last === undefined ? null : Math.floor((Date.parse(today) - Date.parse(last)) / 86_400_000)
    return { upkeep, days, due: days !== null && days >= UPKEEP_DAYS[upkeep] }
  })
}
