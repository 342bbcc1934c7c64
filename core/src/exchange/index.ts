export * from './file.ts'
export * from './kept.ts'
