/**
 * Remembers the answers of a pure function of one text. Stamps and labels come back thousands of times while a
 * shop is planned; the oldest half is forgotten when the memory is full.
 * @param most answers to keep, 2 or more
 */
export function remember<T>(read: (text: string) => T, most = 500): (text: string) => T {
  const known = new Map<string, T>()
  return (text) => {
    const before = known.get(text)
    if (before !== undefined) return before
    if (known.size >= most) for (const key of [...known.keys()].slice(0, most / 2)) known.delete(key)
    const answer = read(text)
    known.set(text, answer)
    return answer
  }
}
