const swc = [
  '@swc/jest',
  { jsc: { parser: { syntax: 'typescript' }, target: 'es2023' }, module: { type: 'commonjs' } },
]
const project = (room) => ({
  displayName: room,
  rootDir: room,
  testEnvironment: 'node',
  testMatch: ['<rootDir>/test/**/*.test.ts'],
  transform: { '^.+\\.(?:ts|js)$': swc },
  transformIgnorePatterns: ['/node_modules/(?!@seriousme/)'],
  extensionsToTreatAsEsm: [],
})

export default { projects: ['core', 'server', 'web'].map(project) }
