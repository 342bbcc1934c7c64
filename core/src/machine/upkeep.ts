import { z } from 'zod'

/** Upkeep that a machine open for a change invites. */
export const UPKEEP = ['blowOutLiner', 'brushRolls', 'checkORings'] as const
export type Upkeep = (typeof UPKEEP)[number]

/** All that is looked after on a machine by days: what a change invites, and what has its own time. */
export const CARE = [...UPKEEP, 'checkTip', 'cleanNozzle', 'leakCheck', 'workClamp', 'extinguisher'] as const
export type Care = (typeof CARE)[number]

/**
 * Days between two times. common practice, no source: the liner about monthly, tip and nozzle weekly, the others by
 * the same habit. The extinguisher beside it is looked at every month. published, recalled from memory: NFPA 10, inspection
 */
export const CARE_DAYS: Record<Care, number> = {
  blowOutLiner: 30,
  brushRolls: 30,
  checkORings: 90,
  checkTip: 7,
  cleanNozzle: 7,
  leakCheck: 30,
  workClamp: 90,
  extinguisher: 30,
}

export const upkeepDatesSchema = z.partialRecord(z.enum(CARE), z.iso.datetime())
export type UpkeepDates = z.infer<typeof upkeepDatesSchema>

/**
 * How often the shop looks after it: by days in the place of the usual ones, by kilograms of wire, by hours of arc. Of
 * these two no usual figure is known: they count where the shop names them.
 */
export const CARE_BY = ['days', 'kg', 'arcHours'] as const
export type CareBy = (typeof CARE_BY)[number]
export const upkeepEverySchema = z.partialRecord(
  z.enum(CARE),
  z.object({
    days: z.number().int().min(1).max(3650).optional(),
    kg: z.number().positive().max(100_000).optional(),
    arcHours: z.number().positive().max(100_000).optional(),
  }),
)
export type UpkeepEvery = z.infer<typeof upkeepEverySchema>

/** A note of the log, as far as it tells of work. */
interface WorkNote extends Worked {
  what: string
}
/** The work of which notes tell: spools that ran empty, readings of an hour counter. */
export const workIn = (notes: readonly WorkNote[]): Worked[] =>
  notes.flatMap(({ what, at, kg, arcHours }): Worked[] =>
    what === 'spool-emptied' ? [{ at, kg }] : what === 'arc-hours' ? [{ at, arcHours }] : [],
  )
/** What was written down of the work a machine did. */
export interface Worked {
  /** ISO time. */
  at: string
  /** Wire of a spool that ran empty, kg. */
  kg?: number | undefined
  /** What its hour counter read, h of arc. */
  arcHours?: number | undefined
}
/**
 * Work between two times: kilograms of the spools that ran empty, hours by the counter. A counter that reads less than
 * before was changed or set back, and begins anew.
 * @param from ISO time, left out of it; @param to ISO time, in it
 * @returns `null` where nothing was written down that tells
 */
export function workBetween(
  worked: readonly Worked[],
  from: string,
  to: string,
): Record<Exclude<CareBy, 'days'>, number | null> {
  const rows = [...worked].sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0))
  const inside = rows.filter(({ at }) => at > from && at <= to)
  const spools = inside.flatMap(({ kg }) => kg ?? [])
  const before = rows.filter(({ at, arcHours }) => at <= from && arcHours !== undefined).at(-1)
  const readings = [...(before ? [before] : []), ...inside].flatMap(({ arcHours }) => arcHours ?? [])
  const hours = readings.slice(1).reduce((sum, h, i) => {
    const last = readings[i]!
    return sum + (h >= last ? h - last : h)
  }, 0)
  return {
    kg: spools.length ? spools.reduce((sum, kg) => sum + kg, 0) : null,
    arcHours: readings.length > 1 ? hours : null,
  }
}

export interface UpkeepDue {
  upkeep: Care
  /** Days since it was last done; `null` when nobody wrote it down. */
  days: number | null
  /** Work since, where it was written down. */
  kg: number | null
  arcHours: number | null
  /** Between two times: days always, the others where the shop named them. */
  every: { days: number; kg?: number | undefined; arcHours?: number | undefined }
  /** By which of them it is due; none where it is not. */
  dueBy: CareBy[]
  due: boolean
}

/**
 * What is due on a machine today, by whatever comes first. What was never written down is not called due: nobody knows.
 * @param today ISO time, passed in
 * @param notes what the log says of this machine
 */
export function upkeepDue(
  { upkeep: dates, upkeepEvery }: { upkeep?: UpkeepDates | undefined; upkeepEvery?: UpkeepEvery | undefined },
  today: string,
  notes: readonly WorkNote[] = [],
): UpkeepDue[] {
  const worked = workIn(notes)
  return CARE.map((upkeep) => {
    const last = dates?.[upkeep]
    const every = { days: CARE_DAYS[upkeep], ...upkeepEvery?.[upkeep] }
    const since = {
      days: last === undefined ? null : Math.floor((Date.parse(today) - Date.parse(last)) / 86_400_000),
      ...(last === undefined ? { kg: null, arcHours: null } : workBetween(worked, last, today)),
    }
    const dueBy = CARE_BY.filter((by) => since[by] !== null && since[by] >= (every[by] ?? Infinity))
    return { upkeep, ...since, every, dueBy, due: dueBy.length > 0 }
  })
}
