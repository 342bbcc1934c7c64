import { useI18n } from 'vue-i18n'
import { moneyIn } from '../messages/money.ts'
import { useSettings } from '../stores/settings.ts'

/** What says a sum in the shop’s own currency: see `moneyIn`. */
export function useMoney(): ReturnType<typeof moneyIn> {
  const { locale } = useI18n()
  const settings = useSettings()
  return (sum, digits) => moneyIn(locale.value, settings.all.currency)(sum, digits)
}
