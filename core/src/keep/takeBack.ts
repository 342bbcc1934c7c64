import { differences, mergeFields, withField, type Content, type FieldDifference } from './fields.ts'

/** One record that a touch changed: how it was before, and after. */
export interface Change<K extends string = string> {
  key: K
  before: Content | null
  after: Content | null
}

/** A field that was changed again since: as it is now, and as it would be again. */
export interface Clash<K extends string = string> extends FieldDifference {
  key: K
}
export interface TakenBack<K extends string = string> {
  /** What to write: fields untouched since are as they were, those changed since as they are now. */
  changes: Change<K>[]
  /** What a person must pick; `a` is how it was before, `b` how it is now. */
  clashes: Clash<K>[]
}

/**
 * Takes back what one touch did and nothing else.
 * @param now how the records stand
 */
export function takeBack<K extends string>(
  touch: readonly Change<K>[],
  now: (key: K) => Content | null,
): TakenBack<K> {
  const changes: Change<K>[] = []
  const clashes: Clash<K>[] = []
  for (const { key, before, after } of touch) {
    const current = now(key)
    // Towards what is there now wherever it was touched since.
    const { content, clashes: found } = mergeFields(after, current, before)
    clashes.push(...found.map(({ path, a, b }) => ({ key, path, a: b, b: a })))
    if (differences(current, content).length) changes.push({ key, before: current, after: content })
  }
  return { changes, clashes }
}

/** The same with the picks of a person: the clashes that go back after all. */
export function withPicks<K extends string>(
  { changes, clashes }: TakenBack<K>,
  back: (clash: Clash<K>) => boolean,
  now: (key: K) => Content | null,
): Change<K>[] {
  const by = new Map(changes.map((change) => [change.key, change]))
  for (const clash of clashes) {
    if (!back(clash)) continue
    const current = now(clash.key)
    const change = by.get(clash.key) ?? { key: clash.key, before: current, after: current }
    const after =
      clash.path.length === 0 || change.after === null
        ? clash.path.length === 0
          ? (clash.a as Content | null)
          : change.after
        : withField(change.after, clash.path, clash.a)
    by.set(clash.key, { ...change, after })
  }
  return [...by.values()].filter(({ before, after }) => differences(before, after).length > 0)
}
