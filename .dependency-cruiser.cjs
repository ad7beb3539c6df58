/**
 * The doors between the rooms, as an allow-list: a room may import what stands here and nothing
 * else. A folder that is not listed has no door at all, so a new room is named here first.
 */
const CORE_DOORS = {
  figures: [],
  time: [],
  solve: [],
  terms: [],
  quantity: ['figures'],
  air: ['figures'],
  places: ['figures', 'terms'],
  words: ['quantity', 'time', 'places'],
  pantry: ['quantity'],
  heat: ['figures', 'quantity', 'air', 'places', 'pantry'],
  safety: ['figures', 'quantity', 'terms', 'places', 'words', 'pantry', 'heat'],
  batch: ['figures', 'quantity', 'words', 'pantry', 'heat', 'safety'],
  meal: [
    'figures',
    'quantity',
    'time',
    'terms',
    'places',
    'words',
    'pantry',
    'heat',
    'safety',
    'batch',
  ],
  ledger: [
    'figures',
    'quantity',
    'air',
    'terms',
    'places',
    'words',
    'pantry',
    'heat',
    'safety',
    'batch',
    'meal',
  ],
  plan: [
    'figures',
    'time',
    'terms',
    'places',
    'words',
    'pantry',
    'heat',
    'safety',
    'solve',
    'meal',
    'batch',
    'ledger',
    'patterns',
  ],
  run: [
    'figures',
    'quantity',
    'time',
    'terms',
    'places',
    'pantry',
    'heat',
    'safety',
    'solve',
    'meal',
    'ledger',
    'plan',
  ],
  log: [
    'figures',
    'quantity',
    'time',
    'terms',
    'places',
    'words',
    'pantry',
    'heat',
    'safety',
    'meal',
    'plan',
    'run',
    'reader',
  ],
  patterns: [
    'figures',
    'quantity',
    'terms',
    'places',
    'words',
    'pantry',
    'heat',
    'safety',
    'batch',
    'meal',
  ],
  reader: ['figures', 'quantity', 'terms', 'places', 'words', 'pantry', 'heat', 'batch', 'meal'],
  lists: ['figures', 'quantity', 'time', 'terms', 'words', 'pantry', 'batch', 'meal', 'plan'],
  weave: ['terms', 'places', 'words', 'meal', 'plan'],
  formats: [
    'quantity',
    'time',
    'terms',
    'places',
    'words',
    'pantry',
    'heat',
    'safety',
    'batch',
    'meal',
    'plan',
    'run',
    'log',
    'lists',
    'reader',
  ],
};

const WEB_DOORS = {
  words: [],
  notices: [],
  workers: [],
  storage: [],
  store: ['storage', 'workers', 'notices', 'words'],
  ui: ['store', 'words'],
  pantry: ['store', 'ui', 'words'],
  safety: ['store', 'words'],
  learning: ['store', 'workers', 'words'],
  views: ['store', 'workers', 'notices', 'ui', 'pantry', 'safety', 'learning', 'words'],
  app: ['store', 'storage', 'workers', 'notices', 'ui', 'views', 'words'],
};

/** Packages of the computation, and the rooms that may use them; left out, all. */
const CORE_PACKAGES = {
  zod: undefined,
  'temporal-polyfill': ['time'],
  'numeric-quantity': ['quantity'],
  psychrolib: ['air'],
  htmlparser2: ['reader'],
  'ical.js': ['formats'],
  'ical-generator': ['formats'],
  papaparse: ['formats'],
};

/** Tests and their fixtures may look anywhere in the computation. */
const TESTS = '\\.test\\.tsx?$|^core/test/|^web/src/test/';
const oneOf = (names) => `(${names.join('|')})`;

/** A room sees itself and the rooms of its list. */
function doors(root, rooms) {
  return Object.entries(rooms).map(([room, allowed]) => ({
    name: `${room}-through-its-doors`,
    severity: 'error',
    comment: `${root}${room} may import only: ${allowed.join(', ') || 'nothing'}.`,
    from: { path: `^${root}${room}/`, pathNot: TESTS },
    to: { path: `^${root}`, pathNot: `^${root}${oneOf([room, ...allowed])}/` },
  }));
}

/** What stands in no list may import nothing of its house. */
function unlisted(root, rooms) {
  return {
    name: `${root.split('/')[0]}-room-without-doors`,
    severity: 'error',
    comment: `A new folder of ${root} is given its doors in this file first.`,
    from: { path: `^${root}[^/]+/`, pathNot: `${TESTS}|^${root}${oneOf(Object.keys(rooms))}/` },
    to: { path: `^${root}` },
  };
}

module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    ...doors('core/', CORE_DOORS),
    unlisted('core/', CORE_DOORS),
    ...doors('web/src/', WEB_DOORS),
    unlisted('web/src/', WEB_DOORS),
    {
      name: 'other-rooms-by-their-index',
      severity: 'error',
      comment: 'A room is entered by its index.ts.',
      from: { path: '^core/([^/]+)/', pathNot: TESTS },
      to: { path: '^core/[^/]+/', pathNot: '^core/$1/|^core/[^/]+/index\\.ts$' },
    },
    {
      name: 'core-stands-alone',
      severity: 'error',
      comment: 'The computation knows no interface, no server, no command line.',
      from: { path: '^core/', pathNot: TESTS },
      to: { path: '^(web|server|cli|e2e|bench|scripts)/' },
    },
    {
      name: 'core-has-few-packages',
      severity: 'error',
      from: { path: '^core/', pathNot: TESTS },
      to: {
        dependencyTypes: ['npm', 'npm-dev', 'npm-peer', 'core'],
        pathNot: `node_modules/(@types/papaparse|${Object.keys(CORE_PACKAGES).join('|')})/`,
      },
    },
    ...Object.entries(CORE_PACKAGES).flatMap(([name, rooms]) =>
      rooms
        ? [
            {
              name: `${name}-at-its-edge`,
              severity: 'error',
              comment: `Only ${rooms.join(', ')} uses ${name}.`,
              from: { path: '^core/', pathNot: `${TESTS}|^core/${oneOf(rooms)}/` },
              to: { path: `node_modules/${name}/` },
            },
          ]
        : [],
    ),
    {
      name: 'outside-sees-only-the-door',
      severity: 'error',
      comment: 'web, server and cli see only what core/index.ts exports.',
      from: { path: '^(web|server|cli)/' },
      to: { path: '^core/', pathNot: '^core/index\\.ts$' },
    },
    {
      name: 'views-stay-apart',
      severity: 'error',
      from: { path: '^web/src/views/([^/]+)/' },
      to: { path: '^web/src/views/([^/]+)/', pathNot: '^web/src/views/$1/' },
    },
    { name: 'nothing-unresolved', severity: 'error', from: {}, to: { couldNotResolve: true } },
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
