/**
 * A short name for a text: the same text has the same one, and another text almost surely another. 64 bits, not for
 * secrets. [Fowler, Noll, Vo, FNV-1a, with the two primes recalled from memory]
 */
export function nameFor(text: string): string {
  let [a, b] = [0x811c9dc5, 0x01000193]
  for (let i = 0; i < text.length; i++) {
    const letter = text.charCodeAt(i)
    a = Math.imul(a ^ letter, 0x01000193)
    b = Math.imul(b ^ letter, 0x85ebca6b) ^ (b >>> 15)
  }
  return ((a >>> 0).toString(36) + (b >>> 0).toString(36)).padStart(13, '0')
}
