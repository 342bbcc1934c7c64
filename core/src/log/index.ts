export * from './minutes.ts'
