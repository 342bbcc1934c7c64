/** Letters to change, add or drop from one word to another. published: Levenshtein, Soviet Physics Doklady 10 (1966) */
export function editDistance(a: string, b: string): number {
  let row = Array.from({ length: b.length + 1 }, (_, i) => i)
  for (let i = 1; i <= a.length; i++) {
    const next = [i]
    for (let j = 1; j <= b.length; j++)
      next[j] = Math.min(row[j]! + 1, next[j - 1]! + 1, row[j - 1]! + (a[i - 1] === b[j - 1] ? 0 : 1))
    row = next
  }
  return row[b.length]!
}

/** The word of a list that is nearest to another, whatever its case; the first of several. @throws RangeError for none */
export function nearestWord(word: string, known: readonly string[]): string {
  if (known.length === 0) throw new RangeError('no words to compare with')
  const asked = word.toLowerCase()
  const far = known.map((k) => editDistance(asked, k.toLowerCase()))
  return known[far.indexOf(Math.min(...far))]!
}

/** Letters a word may be off by: a short one by one, a longer one by two (two that changed places count as two). */
const offBy = (word: string): number => (word.length < 4 ? 0 : word.length < 6 ? 1 : 2)

/** The word of a list that another was meant for; nothing where none is near. */
export function nearWord(word: string, known: readonly string[]): string | undefined {
  if (known.length === 0 || offBy(word) === 0) return undefined
  const near = nearestWord(word, known)
  return editDistance(word.toLowerCase(), near.toLowerCase()) <= offBy(word) ? near : undefined
}
