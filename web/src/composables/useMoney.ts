import { useI18n } from 'vue-i18n'
import { useSettings } from '../stores/settings.ts'

/**
 * A sum in the shop’s currency; a bare figure while none is chosen.
 * @returns what says a sum: `digits` significant ones, else to the smallest coin
 */
export function useMoney(): (sum: number, digits?: number) => string {
  const { locale } = useI18n()
  const settings = useSettings()
  return (sum, digits) => {
    const { currency } = settings.all
    return new Intl.NumberFormat(locale.value, {
      ...(currency && { style: 'currency', currency }),
      ...(digits === undefined
        ? !currency && { minimumFractionDigits: 2, maximumFractionDigits: 2 }
        : { maximumSignificantDigits: digits }),
    }).format(sum)
  }
}
