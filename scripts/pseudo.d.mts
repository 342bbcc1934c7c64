export const KEEP: ReadonlySet<string>
export const pseudo: (text: string) => string
export const pseudoMessage: (text: string) => string
export const pseudoSource: (code: string, path?: string) => string
export const english: (text: string) => string[]
