export * from './minutes.ts'
export * from './marks.ts'
export * from './lastGood.ts'
