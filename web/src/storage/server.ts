import { z } from 'zod'

const infoSchema = z.object({ demo: z.boolean() })

/** What the server says of itself; `undefined` when it cannot be reached, as the app runs without it. */
export async function fetchInfo(): Promise<z.infer<typeof infoSchema> | undefined> {
  try {
    const response = await fetch('/api/v1/info')
    const info = infoSchema.safeParse(await response.json())
    return info.success ? info.data : undefined
  } catch {
    return undefined
  }
}
