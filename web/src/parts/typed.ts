/** A plain number as typed, with a comma or a point: `undefined` for nothing, NaN for what is none. */
export const typedNumber = (text: string): number | undefined =>
  text.trim() === '' ? undefined : Number(text.replace(',', '.'))
