const swc = [
  '@swc/jest',
  { jsc: { parser: { syntax: 'typescript' }, target: 'es2023' }, module: { type: 'commonjs' } },
]
const project = (room) => ({
  displayName: room,
  rootDir: room,
  testEnvironment: 'node',
  testEnvironmentOptions: { customExportConditions: ['source', 'node', 'node-addons'] },
  testMatch: ['<rootDir>/test/**/*.test.ts'],
  transform: { '^.+\\.(?:ts|js|mjs)$': swc },
  transformIgnorePatterns: ['/node_modules/(?!@seriousme/|pinia/).*(?<!\\.mjs)$'],
  extensionsToTreatAsEsm: [],
})

/** Components are mounted in jsdom; the others run as they do on a server. */
const web = {
  ...project('web'),
  setupFiles: ['<rootDir>/test/words.ts'],
  testEnvironment: 'jsdom',
  testEnvironmentOptions: { customExportConditions: ['source', 'node', 'node-addons'] },
  moduleFileExtensions: ['ts', 'js', 'mjs', 'cjs', 'json', 'vue'],
  transform: { '^.+\\.(?:ts|js|mjs)$': swc, '^.+\\.vue$': '<rootDir>/test/vue.transform.cjs' },
}

export default { projects: [project('core'), project('server'), project('cli'), web] }
