export * from './format.ts'
export * from './gauge.ts'
export * from './length.ts'
export * from './parse.ts'
