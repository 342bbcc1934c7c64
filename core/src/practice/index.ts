export * from './practice.ts'
