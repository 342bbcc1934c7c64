/** Texts longer than this are read anew each time. */
const LONGEST_KEPT = 600

/**
 * Remembers the answers of a pure function of one text. Stamps and labels come back thousands of times while a
 * shop is planned; the oldest half is forgotten when the memory is full. Bounded: `most` texts of 600 characters.
 * @param most answers to keep, 2 or more
 */
export function remember<T>(read: (text: string) => T, most = 500): (text: string) => T {
  const known = new Map<string, T>()
  return (text) => {
    const before = known.get(text)
    if (before !== undefined) return before
    const answer = read(text)
    if (text.length > LONGEST_KEPT) return answer
    if (known.size >= most) for (const key of [...known.keys()].slice(0, most / 2)) known.delete(key)
    known.set(text, answer)
    return answer
  }
}
