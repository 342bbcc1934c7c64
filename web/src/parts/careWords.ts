import { useI18n } from 'vue-i18n'
import type { upkeepDue } from '@pepper-knot/core/machine'
import { formatMass } from '@pepper-knot/core/trade'
import { useSettings } from '../stores/settings.ts'

type Row = ReturnType<typeof upkeepDue>[number]

/** What makes a piece of upkeep due, in words: days, wire or arc since it was last done. */
export function useCareWords() {
  const { t } = useI18n()
  const settings = useSettings()
  const amount = {
    days: (n: number) => t('care.days', { n }, n),
    kg: (n: number) => t('care.kg', { mass: formatMass(n, settings.units) }),
    arcHours: (n: number) => t('care.hours', { n: Math.round(n * 10) / 10 }),
  }
  /** What it has done since, by that by which it is due. */
  const dueSays = (row: Row) => row.dueBy.map((by) => amount[by](row[by]!)).join(', ')
  /** How often: by days, and by whatever else the shop names. */
  const everySays = ({ every }: Pick<Row, 'every'>) =>
    (['days', 'kg', 'arcHours'] as const)
      .flatMap((by) => (every[by] === undefined ? [] : [amount[by](every[by])]))
      .join(t('care.or'))
  return { dueSays, everySays }
}
