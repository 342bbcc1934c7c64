export * from './schema.ts'
export * from './stations.ts'
export * from './validate.ts'
export * from './upkeep.ts'
