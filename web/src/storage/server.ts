/** What the server says of itself; `undefined` when it cannot be reached, as the app runs without it. */
export async function fetchInfo(): Promise<{ demo: boolean } | undefined> {
  try {
    const response = await fetch('/api/v1/info')
    const info = (await response.json()) as { demo?: unknown } | null
    return typeof info?.demo === 'boolean' ? { demo: info.demo } : undefined
  } catch {
    return undefined
  }
}
