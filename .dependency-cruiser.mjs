/** Laws about who may import whom, type imports included. `npm run laws` shows that each is found when broken. */
export default {
  forbidden: [
    {
      name: 'no-circle-of-folders',
      comment: 'Core is read from below: no folder reaches itself through its imports.',
      severity: 'error',
      scope: 'folder',
      from: { path: '^core/src/' },
      to: { circular: true, path: '^core/src/' },
    },
    {
      name: 'no-circle-of-files',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    {
      name: 'proof-apart-from-planning',
      comment: 'What steps do to the machine and how they are planned share nothing but the steps.',
      severity: 'error',
      from: {
        path: '^core/src/(?:stations/[^/]+/acts|bench/|changeover/(?:proof/|convert/conversionProof)|trouble/cureProof)',
      },
      to: {
        reachable: true,
        path: '^core/src/(?:stations/[^/]+/work|stations/index|work/|changeover/(?:plan/|convert/conversion\\.)|trouble/cure(?:List)?\\.)',
      },
    },
    {
      name: 'planning-apart-from-proof',
      severity: 'error',
      comment: 'Who lists the steps, of whatever kind of job, does not ask what executes them.',
      from: {
        path: '^core/src/(?:stations/[^/]+/work|work/|changeover/plan/frame|trouble/cureList)',
      },
      to: { path: '^core/src/(?:stations/[^/]+/acts|changeover/proof/|bench/|trouble/cureProof)' },
    },
    {
      name: 'words-above',
      comment: 'Facts below, words above: nothing in core but its two front doors imports wording.',
      severity: 'error',
      from: {
        path: '^core/src/',
        pathNot: '^core/src/(?:wording/|index\\.ts|package\\.ts|public/(?:words|english)\\.ts)',
      },
      to: { path: '^core/src/wording/' },
    },
    {
      name: 'a-language-is-two-folders',
      comment:
        'Only the front of wording names a language; the server speaks English, tests and scripts too.',
      severity: 'error',
      from: { path: '^core/src/', pathNot: '^core/src/(?:wording/|public/english\\.ts|index\\.ts)' },
      to: { path: '^core/src/wording/[a-z]{2}/' },
    },
    {
      name: 'core-is-the-trade-alone',
      severity: 'error',
      from: { path: '^core/src/' },
      to: { dependencyTypes: ['core', 'npm', 'npm-dev'], pathNot: 'node_modules/zod/' },
    },
    ...[
      ['core', 'web|server|cli|e2e|scripts'],
      ['web', 'server|cli|e2e|scripts'],
      ['server', 'web|cli|e2e|scripts'],
      ['cli', 'web|server|e2e|scripts'],
    ].map(([from, to]) => ({
      name: 'one-way',
      comment: 'web, server and cli know core; core knows none of them, and none knows another.',
      severity: 'error',
      from: { path: `^${from}/` },
      to: { path: `^(?:${to})/` },
    })),
    {
      name: 'front-doors',
      comment: 'What others use of core has a name in one of its fronts; all of it is for scripts and tests.',
      severity: 'error',
      from: { path: '^(?:web|server|cli)/src/' },
      to: {
        path: '(?:^|/)core/(?:src|dist)/',
        pathNot: 'node_modules/|(?:^|/)core/src/(?:public/\\w+|package|demo/saltbarrow)\\.ts',
      },
    },
    {
      name: 'words-by-choice',
      comment: 'The page says nothing in a language that nobody chose.',
      severity: 'error',
      from: { path: '^web/src/' },
      to: { path: '(?:^|/)core/src/public/english\\.ts' },
    },
    {
      name: 'words-by-one-composable',
      severity: 'error',
      from: {
        path: '^web/src/',
        pathNot: '^web/src/(?:messages/|virtual\\.d\\.ts|composables/useWords\\.ts)',
      },
      to: { path: '(?:^|/)core/src/public/words\\.ts' },
    },
    {
      name: 'storage-alone',
      comment: 'Only storage touches the browser’s store.',
      severity: 'error',
      from: { path: '^web/src/', pathNot: '^web/src/storage/' },
      to: { path: 'node_modules/localforage' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: {
      extensions: ['.ts', '.vue', '.js', '.mjs', '.json'],
      exportsFields: ['exports'],
      conditionNames: ['source', 'import', 'types', 'default'],
    },
  },
}
