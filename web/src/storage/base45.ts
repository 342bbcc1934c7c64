/**
 * Bytes as the 45 letters that a QR code holds at their densest. published: RFC 9285 (2022)
 */
const LETTERS = '0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZ $%*+-./:'

/** Two bytes are three letters, the lowest first; a last single one is two. */
export function base45(bytes: Uint8Array): string {
  let text = ''
  for (let i = 0; i < bytes.length; i += 2) {
    const two = i + 1 < bytes.length
    let n = two ? bytes[i]! * 256 + bytes[i + 1]! : bytes[i]!
    for (let k = 0; k < (two ? 3 : 2); k++) {
      text += LETTERS[n % 45]
      n = Math.floor(n / 45)
    }
  }
  return text
}

/** @returns nothing where it is no such text */
export function fromBase45(text: string): Uint8Array | undefined {
  if (text.length % 3 === 1) return undefined
  const bytes: number[] = []
  for (let i = 0; i < text.length; i += 3) {
    const values = [...text.slice(i, i + 3)].map((letter) => LETTERS.indexOf(letter))
    if (values.includes(-1)) return undefined
    const n = values.reduceRight((sum, value) => sum * 45 + value, 0)
    if (n > (values.length === 3 ? 0xffff : 0xff)) return undefined
    if (values.length === 3) bytes.push(n >> 8)
    bytes.push(n & 0xff)
  }
  return Uint8Array.from(bytes)
}
