import { partText, type SettleWords, type UnitSystem } from '@pepper-knot/core/internal'
import { newId } from '../../stores/shop.ts'

/** The words and ids that settling a change needs of the app. */
export const settleWords = (
  t: (key: string, named: Record<string, string>) => string,
  units: UnitSystem,
): SettleWords => ({
  cameOff: (name, wire) => t('sign.cameOff', { name, wire }),
  newId,
  nameOf: (wire) => partText('wire', { ...wire }, units),
})
