/** What the server says of itself; `undefined` when it cannot be reached, as the app runs without it. */
export async function fetchInfo(): Promise<{ demo: boolean; addresses: string[] } | undefined> {
  try {
    const response = await fetch('/api/v1/info')
    const info = (await response.json()) as { demo?: unknown; addresses?: unknown } | null
    if (typeof info?.demo !== 'boolean') return undefined
    // Where other devices of the network find it.
    const { addresses } = info
    return {
      demo: info.demo,
      addresses: Array.isArray(addresses) ? addresses.filter((one) => typeof one === 'string') : [],
    }
  } catch {
    return undefined
  }
}
