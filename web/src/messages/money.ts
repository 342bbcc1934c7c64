/**
 * What says a sum in a currency; a bare figure while none is chosen.
 * @returns takes the sum, and `digits` significant ones, else to the smallest coin
 */
export const moneyIn =
  (locale: string, currency: string | undefined) =>
  (sum: number, digits?: number): string =>
    new Intl.NumberFormat(locale, {
      ...(currency && { style: 'currency', currency }),
      ...(digits === undefined
        ? !currency && { minimumFractionDigits: 2, maximumFractionDigits: 2 }
        : { maximumSignificantDigits: digits }),
    }).format(sum)
