import { USUAL_LEAD_DAYS } from '../../machine/leadTime.ts'
import type { Finding, MatchContext, Substitute } from '../../match/finding.ts'
import type { Part } from '../../machine/store.ts'
import type { GatherLine } from '../plan/gather.ts'

/** One thing to buy. */
export interface OrderLine {
  line: GatherLine
  count: number
  /** Days from order to drawer. */
  leadDays: number
  /** What one costs in this shop, where it said. */
  price: number | undefined
  /** Names of what else would do; `wording` knows them. */
  substitutes: readonly Substitute[]
}
export interface OrderList {
  lines: OrderLine[]
  /** Days until the last of them is here: nought when nothing is missing. */
  days: number
  /** Of those whose price is known. */
  cost: number
}

/**
 * What is missing for a change, with how long it takes to come. A line of the store that ran out tells its own days;
 * every other part takes the shop's usual. Parts that only a reading can call for are left to the reading.
 */
export function orderList(
  c: MatchContext,
  findings: readonly Finding[],
  gather: readonly GatherLine[],
  usualDays = USUAL_LEAD_DAYS,
): OrderList {
  const lines = gather
    .filter((line) => !line.have && !line.ifNeeded)
    .map((line) => ({
      line,
      count: 1,
      leadDays: shelfLine(c, line, 'leadDays')?.leadDays ?? usualDays,
      price: shelfLine(c, line, 'price')?.price,
      substitutes: findings.find((f) => f.station === line.station)?.alsoDo ?? [],
    }))
  return {
    lines,
    days: Math.max(0, ...lines.map((l) => l.leadDays)),
    cost: lines.reduce((sum, l) => sum + l.count * (l.price ?? 0), 0),
  }
}

/** The store's own line of such a part that says its days or its price. */
function shelfLine(
  c: MatchContext,
  { kind, spec }: GatherLine,
  says: 'leadDays' | 'price',
): Part | undefined {
  const same = (key: string, value: unknown) => spec[key] === undefined || value === spec[key]
  return c.store?.find(
    (p) =>
      p.kind === kind &&
      p[says] !== undefined &&
      ('material' in p ? same('material', p.material) : true) &&
      ('profile' in p ? same('profile', p.profile) : true) &&
      ('stamp' in p ? same('stamp', p.stamp) : true),
  )
}

/** The first day a change can be done when everything is ordered today. @param today ISO date or time, passed in */
export function earliestDay(days: number, today: string): string {
  const day = new Date(Date.parse(today))
  if (Number.isNaN(day.getTime())) throw new RangeError(`not a date: ${today}`)
  day.setUTCDate(day.getUTCDate() + days)
  return day.toISOString().slice(0, 10)
}
