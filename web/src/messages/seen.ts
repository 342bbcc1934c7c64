/** Letters that show nothing, or turn the writing around them; a joiner between two letters or pictures is none. */
const UNSEEN = /(?![\n\t\u00AD])[\p{Cc}\p{Cf}\u034F\u115F\u1160\u2800\u3164\uFFA0]/gu
const JOINS = /[\p{L}\p{M}\p{Extended_Pictographic}\p{Emoji_Modifier}]/u
const isJoiner = (letter: string) => letter === '\u200C' || letter === '\u200D'

/** A text of somebody’s as it is shown: what one would not see of it is named in its place. */
export function seen(text: string): string {
  if (text.search(UNSEEN) < 0) return text
  return text.replace(UNSEEN, (letter, at: number) => {
    const before = [...text.slice(Math.max(0, at - 2), at)].at(-1) ?? ''
    const [after = ''] = text.slice(at + letter.length)
    if (isJoiner(letter) && JOINS.test(before) && JOINS.test(after + (text[at + letter.length + 1] ?? '')))
      return letter
    // Our own words keep a range on one line with it.
    if (letter === '\u2060' && (before === '–' || after === '–')) return letter
    return `‹${letter.codePointAt(0)!.toString(16).toUpperCase().padStart(4, '0')}›`
  })
}
/** The same for all texts of an answer. */
export function seenIn<T>(value: T): T {
  if (typeof value === 'string') return seen(value) as T
  if (typeof value !== 'object' || value === null) return value
  if (Array.isArray(value)) {
    const all = value.map((one: unknown) => seenIn(one))
    return all.some((one, i) => one !== value[i]) ? (all as T) : value
  }
  if (Object.getPrototypeOf(value) !== Object.prototype) return value
  const all = Object.entries(value).map(([key, one]): [string, unknown] => [key, seenIn(one as unknown)])
  return all.some(([key, one]) => one !== (value as Record<string, unknown>)[key])
    ? (Object.fromEntries(all) as T)
    : value
}
