export * from './readiness.ts'
