const { process } = globalThis as { process?: { env: Record<string, string | undefined> } }

/** How often a law is tried: a seeded sample with `npm test`, the full count with `npm run bench -- long`. */
export const times = (sample: number, full: number): number => (process?.env.LONG ? full : sample)
