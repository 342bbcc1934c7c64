export * from './file.ts'
