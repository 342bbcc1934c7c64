import { FAMILY_SHEETS } from '../families/index.ts'
import type { Family } from '../terms/terms.ts'
import { kgPerMetre } from '../wire/spool.ts'
import type { MatchContext } from '../match/finding.ts'
import { TASK_ROWS } from '../steps/taskTable.ts'

/** Whether the wire left in the gun is scrapped or wound back, and the sum behind it. */
export interface WireInGun {
  way: 'rewind' | 'scrap' | 'keep-as-filler'
  lengthM: number
  wireMoney: number
  labourMoney: number
}

/** Where nothing is known of the wire. Invented. */
const ANY_PRICE = 4
/** A kilogram of this wire, in the shop's currency: its own price, else a round one. */
export const wirePricePerKg = (family: Family | undefined, own: number | undefined): number =>
  own ?? (family ? FAMILY_SHEETS[family].pricePerKg : ANY_PRICE)

const REWIND_EXTRA_MINUTES =
  TASK_ROWS.windBack.minutes - TASK_ROWS.cutOldWire.minutes - TASK_ROWS.pullOldWire.minutes

/** Metres x price against minutes x rate. Rewound wire feeds badly, so a tie is scrapped. */
export function wireInGun(c: MatchContext): WireInGun {
  const lengthM = (c.fitted.gun?.lengthM ?? 3) + 0.5
  const price = wirePricePerKg(c.oldWire?.family, c.practice.wirePerKg)
  const wireMoney = c.oldWire ? lengthM * kgPerMetre(c.oldWire.family, c.oldWire.exactMm) * price : 0
  const labourMoney = (REWIND_EXTRA_MINUTES / 60) * c.practice.labourPerHour
  const way =
    c.practice.wireInGun === 'by-money'
      ? wireMoney > labourMoney
        ? 'rewind'
        : 'scrap'
      : c.practice.wireInGun
  return { way, lengthM, wireMoney, labourMoney }
}
