export * from './flow.ts'
export * from './mixture.ts'
