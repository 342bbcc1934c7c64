import type { settleJob } from '@pepper-knot/core/jobs'
import { type UnitSystem } from '@pepper-knot/core/trade'
import { newId } from '../../stores/shop.ts'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** The words and ids that settling a change needs of the app. */
export const settleWords = (
  t: (key: string, named: Record<string, string>) => string,
  units: UnitSystem,
): Parameters<typeof settleJob>[4] => ({
  cameOff: (name, wire) => t('sign.cameOff', { name, wire }),
  newId,
  nameOf: (wire) => words.partText('wire', { ...wire }, units),
})
