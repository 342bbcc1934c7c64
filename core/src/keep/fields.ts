/** What a record holds, as JSON. */
export type Content = Readonly<Record<string, unknown>>

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** A value as text, its fields in the order of the alphabet: in which order they were written is no difference. */
export const textOf = (value: unknown): string =>
  JSON.stringify(value, (_key, inside: unknown) =>
    isObject(inside)
      ? Object.fromEntries(Object.entries(inside).sort(([a], [b]) => (a < b ? -1 : 1)))
      : inside,
  ) ?? 'undefined'

/** Whether two values say the same. */
export function saysSame(a: unknown, b: unknown): boolean {
  if (a === b) return true
  if (Array.isArray(a) || Array.isArray(b))
    return (
      Array.isArray(a) &&
      Array.isArray(b) &&
      a.length === b.length &&
      a.every((one, i) => saysSame(one, b[i]))
    )
  if (!isObject(a) || !isObject(b)) return false
  // A field set to nothing is a field left out: that is how JSON writes it.
  const said = (value: Record<string, unknown>) => Object.keys(value).filter((k) => value[k] !== undefined)
  const keys = said(a)
  return (
    keys.length === said(b).length && keys.every((key) => Object.hasOwn(b, key) && saysSame(a[key], b[key]))
  )
}

/**
 * Fields whose own fields are told apart: what stands at two stations of a machine, or in two rows of the settings,
 * is two fields. Everything else is one field, however much it holds: half of one liner and half of another is no
 * liner.
 */
const OPENED: ReadonlySet<string> = new Set([
  'fitted',
  'practice',
  'job',
  'output',
  'frozen',
  'upkeep',
  'upkeepEvery',
])

/** Fields that count: who changes one adds or takes away, and two who do are both right. */
const COUNTED: ReadonlySet<string> = new Set(['count'])

/** Where two records differ, field by field. */
export interface FieldDifference {
  path: readonly string[]
  a: unknown
  b: unknown
}

/** Fields in which two records differ; a record that is gone differs as a whole, with an empty path. */
export function differences(a: Content | null, b: Content | null): FieldDifference[] {
  if (a === null || b === null) return a === b ? [] : [{ path: [], a, b }]
  const found: FieldDifference[] = []
  const look = (x: Record<string, unknown>, y: Record<string, unknown>, under: readonly string[]) => {
    for (const key of new Set([...Object.keys(x), ...Object.keys(y)])) {
      const [p, q] = [x[key], y[key]]
      if (saysSame(p, q)) continue
      const path = [...under, key]
      if (OPENED.has(key) && isObject(p) && isObject(q)) look(p, q, path)
      else found.push({ path, a: p, b: q })
    }
  }
  look(a, b, [])
  return found.sort((x, y) => (x.path.join('.') < y.path.join('.') ? -1 : 1))
}

export interface Merged {
  content: Content | null
  /** Fields that both sides changed, each otherwise; `mine` stands in the content. */
  clashes: FieldDifference[]
}

/**
 * Brings together what two sides made of one record: a field that one side left alone is as the other has it, and of
 * a count what each added is added.
 * @param base the record both set out from
 */
export function mergeFields(base: Content | null, mine: Content | null, theirs: Content | null): Merged {
  if (saysSame(mine, base)) return { content: theirs, clashes: [] }
  if (saysSame(theirs, base)) return { content: mine, clashes: [] }
  if (mine === null && theirs === null) return { content: null, clashes: [] }
  if (base === null && saysSame(mine, theirs)) return { content: mine, clashes: [] }
  if (base === null || mine === null || theirs === null)
    return { content: mine, clashes: [{ path: [], a: mine, b: theirs }] }
  const clashes: FieldDifference[] = []
  const bring = (
    b: Record<string, unknown>,
    m: Record<string, unknown>,
    t: Record<string, unknown>,
    under: readonly string[],
  ) => {
    const whole: Record<string, unknown> = {}
    for (const key of new Set([...Object.keys(t), ...Object.keys(m)])) {
      const [was, here, there] = [b[key], m[key], t[key]]
      const path = [...under, key]
      let value: unknown
      if (saysSame(here, was)) value = there
      else if (saysSame(there, was)) value = here
      else if (under.length === 0 && COUNTED.has(key) && [was, here, there].every(Number.isInteger))
        value = Math.max(0, (here as number) + (there as number) - (was as number))
      else if (saysSame(here, there)) value = here
      else if (OPENED.has(key) && isObject(here) && isObject(there))
        value = bring(isObject(was) ? was : {}, here, there, path)
      else {
        clashes.push({ path, a: here, b: there })
        value = here
      }
      if (value !== undefined) whole[key] = value
    }
    return whole
  }
  const content = bring(base, mine, theirs, [])
  return { content, clashes }
}

/** A record with one field set, or taken out where the value is undefined. */
export function withField(content: Content, path: readonly string[], value: unknown): Content {
  const [key, ...rest] = path
  if (key === undefined) return content
  const inside = content[key]
  const next = rest.length ? withField(isObject(inside) ? inside : {}, rest, value) : value
  const { [key]: _old, ...others } = content
  return next === undefined ? others : { ...others, [key]: next }
}
