/** The doors between the rooms: quantity ← pantry ← batch, heat, safety ← meal ← plan ← run ← log. */
const room = (name) => `^core/${name}/`;

/** A room may not look into these. */
const closed = (from, to) => ({
  name: `${from}-sees-too-much`,
  severity: 'error',
  comment: `core/${from} must not know of ${to.join(', ')}.`,
  from: { path: room(from), pathNot: '\\.test\\.ts$|^core/test/' },
  to: { path: to.map(room) },
});

module.exports = {
  forbidden: [
    {
      name: 'no-circles',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    {
      name: 'core-stands-alone',
      severity: 'error',
      comment: 'The computation knows no interface, no server, no command line.',
      from: { path: '^core/', pathNot: '\\.test\\.ts$|^core/test/' },
      to: { path: '^(web|server|cli|e2e|bench|scripts)/' },
    },
    {
      name: 'core-has-few-packages',
      severity: 'error',
      from: { path: '^core/', pathNot: '\\.test\\.ts$|^core/test/' },
      to: {
        dependencyTypes: ['npm', 'npm-dev', 'npm-peer', 'core'],
        pathNot: 'node_modules/(zod|temporal-polyfill|numeric-quantity)/',
      },
    },
    closed('quantity', [
      'pantry',
      'batch',
      'safety',
      'meal',
      'plan',
      'weave',
      'formats',
      'words',
      'time',
    ]),
    closed('time', [
      'quantity',
      'pantry',
      'batch',
      'safety',
      'meal',
      'plan',
      'weave',
      'formats',
      'words',
    ]),
    closed('words', ['pantry', 'batch', 'safety', 'meal', 'plan', 'weave', 'formats']),
    closed('pantry', ['batch', 'safety', 'meal', 'plan', 'weave', 'formats']),
    closed('safety', ['batch', 'meal', 'plan', 'weave', 'formats']),
    closed('batch', ['meal', 'plan', 'weave', 'formats']),
    closed('meal', ['plan', 'weave', 'formats']),
    closed('solve', [
      'quantity',
      'time',
      'words',
      'pantry',
      'batch',
      'safety',
      'meal',
      'plan',
      'weave',
      'formats',
    ]),
    closed('meal', ['solve']),
    closed('plan', ['weave', 'formats']),
    closed('weave', ['formats']),
    {
      name: 'outside-sees-only-the-door',
      severity: 'error',
      comment: 'web, server and cli see only what core/index.ts exports.',
      from: { path: '^(web|server|cli)/' },
      to: { path: '^core/', pathNot: '^core/index\\.ts$' },
    },
    {
      name: 'views-do-not-store',
      severity: 'error',
      comment: 'Data flows file → core → store → view.',
      from: { path: '^web/src/(storage|workers|words)/' },
      to: { path: '^web/src/(views|app|ui)/' },
    },
    {
      name: 'store-sees-no-view',
      severity: 'error',
      from: { path: '^web/src/store/' },
      to: { path: '^web/src/(views|app|ui)/' },
    },
    {
      name: 'views-stay-apart',
      severity: 'error',
      from: { path: '^web/src/views/([^/]+)/' },
      to: { path: '^web/src/views/([^/]+)/', pathNot: '^web/src/views/$1/' },
    },
    {
      name: 'nothing-unresolved',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)dist/|\\.worker-' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
      extensions: ['.ts', '.tsx', '.js', '.mjs', '.cjs', '.json', '.css'],
    },
  },
};
