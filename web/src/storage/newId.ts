/** A name nobody else has; also where the page came over plain http, which gives no ready-made ones. */
export function newId(): string {
  if ('randomUUID' in crypto) return crypto.randomUUID()
  const bytes = (crypto as Crypto).getRandomValues(new Uint8Array(16))
  const text = [...bytes].map((n) => n.toString(16).padStart(2, '0')).join('')
  return `${text.slice(0, 8)}-${text.slice(8, 12)}-${text.slice(12, 16)}-${text.slice(16, 20)}-${text.slice(20)}`
}
