export * from './flow.ts'
export * from './mixture.ts'
export * from './cylinder.ts'
