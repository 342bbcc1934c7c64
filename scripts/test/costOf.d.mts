export const costOf: (text: string) => {
  limit: number
  room: string
  tests: string[]
  copies: string[][]
  existing: string[]
  tables: string[]
  added: string[]
}
