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
