export * from './minutes.ts'
export * from './marks.ts'
