import js from '@eslint/js'
import globals from 'globals'
import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import tseslint from 'typescript-eslint'

// Imports go one way: web -> core, server -> core. Nothing imports web or server.
const noRooms = (...rooms) => ({
  patterns: rooms.flatMap((room) => [
    {
      group: [`@pepper-knot/${room}`, `**/${room}/src/**`],
      message: `Imports go one way: nothing here may import ${room}.`,
    },
  ]),
})
const platform = [
  'window',
  'document',
  'navigator',
  'localStorage',
  'fetch',
  'process',
  'Buffer',
  'setTimeout',
  'setInterval',
  'performance',
  'crypto',
  'console',
]

export default tseslint.config(
  {
    ignores: ['**/dist/**', '**/node_modules/**', '**/test-results/**', '**/playwright-report/**'],
  },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  ...vue.configs['flat/recommended'],
  {
    files: ['**/*.vue'],
    languageOptions: {
      parserOptions: { parser: tseslint.parser, extraFileExtensions: ['.vue'] },
      globals: globals.browser,
    },
    rules: {
      'vue/no-static-inline-styles': 'error', // the content security policy forbids them
      'vue/require-default-prop': 'off',
      'no-undef': 'off',
    },
  },
  { files: ['web/**/*.ts'], languageOptions: { globals: globals.browser } },
  {
    files: ['**/*.{js,mjs,cjs}', 'scripts/**', 'server/**', 'e2e/**'],
    languageOptions: { globals: { ...globals.node, ...globals.browser } },
  },
  {
    files: ['core/src/**/*.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            ...noRooms('web', 'server', 'e2e').patterns,
            {
              group: ['node:*', 'fs', 'path', 'vue', 'vue/*', 'pinia', 'vuetify', 'vuetify/*', 'express'],
              message: 'Core is the trade alone: no interface, no platform.',
            },
          ],
        },
      ],
      'no-restricted-globals': [
        'error',
        ...platform.map((name) => ({ name, message: 'Core knows no platform: pass it in.' })),
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Pass a seed in.' },
        { object: 'Date', property: 'now', message: 'Pass the time in.' },
      ],
      'no-restricted-syntax': [
        'error',
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: 'Pass the time in.' },
      ],
    },
  },
  { files: ['web/**'], rules: { 'no-restricted-imports': ['error', noRooms('server', 'e2e')] } },
  {
    files: ['web/src/**'],
    ignores: ['web/src/storage/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          ...noRooms('server', 'e2e'),
          paths: [{ name: 'localforage', message: 'Only storage/ touches the browser store.' }],
        },
      ],
    },
  },
  { files: ['server/**'], rules: { 'no-restricted-imports': ['error', noRooms('web', 'e2e')] } },
  {
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true },
      ],
      eqeqeq: ['error', 'always', { null: 'ignore' }],
    },
  },
  {
    files: ['web/test/**'],
    rules: { 'vue/one-component-per-file': 'off', 'vue/require-prop-types': 'off' },
  },
  { files: ['**/*.cjs'], rules: { '@typescript-eslint/no-require-imports': 'off' } },
  prettier,
)
