/** Rooms of core, lowest first. A room may use rooms below its own storey only. */
const STOREYS = [
  ['vocabulary'],
  ['units'],
  ['body', 'kit'],
  ['catalogue', 'log'],
  ['strength'],
  ['limits'],
  ['selection'],
  ['screening', 'dose'],
  ['progression'],
  ['coaching'],
  ['composer'],
  ['session', 'sensing', 'sheet-editing', 'weeks'],
  ['live'],
  ['trends', 'loop'],
  ['simulation'],
];
/** Rooms of core that words may use; of the others they know types only. */
const WORDS_MAY_USE = ['vocabulary', 'units', 'kit', 'dose'];

const room = (name) => `^packages/core/src/${name}/`;
const rooms = (names) => `^packages/core/src/(${names.join('|')})/`;

const coreRules = STOREYS.flatMap((names, storey) =>
  names.map((name) => {
    const below = STOREYS.slice(0, storey).flat();
    return {
      name: `core-${name}-looks-down-only`,
      severity: 'error',
      comment: `${name} may use: ${below.join(', ') || 'nothing'}`,
      from: { path: room(name), pathNot: '\\.test\\.ts$' },
      to: { path: '^packages/core/src/[^/]+/', pathNot: rooms([name, ...below]) },
    };
  }),
);

/** Aggregates of the server, lowest first; what several of them need stands in `shared` and `db`. */
const SERVER_STOREYS = [
  'studio',
  'person',
  'sheet',
  'plan',
  'session',
  'review',
  'trends',
  'pages',
  'transfer',
  'keeping',
  'people',
  'house',
  'trainers',
];
const SERVER_GROUND = ['db', 'shared', 'auth', 'context\\.ts'];

const serverRules = SERVER_STOREYS.map((name, storey) => {
  const may = [...SERVER_GROUND, ...SERVER_STOREYS.slice(0, storey + 1)];
  return {
    name: `server-${name}-looks-down-only`,
    severity: 'error',
    comment: `${name} may use: ${may.join(', ')}; use cases know no express`,
    from: { path: `^packages/server/src/${name}/` },
    to: { path: '^packages/server/src/', pathNot: `^packages/server/src/(${may.join('|')})` },
  };
});

/** Storeys of the app, lowest first: a storey may use those below it and itself. */
const APP_STOREYS = [
  ['theme', 'ui', 'figures', 'charts', 'data', 'workers'],
  ['frame'],
  ['parts'],
  ['features'],
  ['routes'],
  ['app'],
];

const app = (names) => `^packages/app/src/(${names.join('|')})/`;
const appRules = [
  ...APP_STOREYS.slice(0, -1).map((names, storey) => ({
    name: `app-${names[0]}-looks-down-only`,
    severity: 'error',
    comment: `${names.join(', ')} may use: ${APP_STOREYS.slice(0, storey + 1)
      .flat()
      .join(', ')}`,
    from: { path: app(names), pathNot: '\\.test\\.tsx?$' },
    to: { path: '^packages/app/src/', pathNot: app(APP_STOREYS.slice(0, storey + 1).flat()) },
  })),
  {
    name: 'features-do-not-know-each-other',
    severity: 'error',
    comment: 'what two features share is a part',
    from: { path: '^packages/app/src/features/([^/]+)/', pathNot: '\\.test\\.tsx?$' },
    to: { path: '^packages/app/src/features/', pathNot: '^packages/app/src/features/$1/' },
  },
  {
    name: 'data-knows-no-screen',
    severity: 'error',
    from: { path: '^packages/app/src/data/' },
    to: { path: app(['ui', 'charts', 'figures', 'theme']) },
  },
];

const packageRule = (name, from, to, comment) => ({ name, severity: 'error', comment, from: { path: from }, to: { path: to } });

module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    { name: 'no-unresolved', severity: 'error', from: {}, to: { couldNotResolve: true } },
    ...coreRules,
    {
      name: 'words-read-codes-only',
      severity: 'error',
      comment: 'words know the types of what they word, never the engines',
      from: { path: '^packages/words/src/', pathNot: '\\.test\\.ts$' },
      to: { path: '^packages/core/src/', pathNot: rooms(WORDS_MAY_USE), dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'core-is-pure',
      severity: 'error',
      comment: 'core has no runtime dependency',
      from: { path: '^packages/core/src/', pathNot: '\\.test\\.ts$' },
      to: { pathNot: '^packages/core/src/' },
    },
    {
      name: 'rules-do-not-import-rules',
      severity: 'error',
      from: {
        path: '^packages/core/src/(progression|coaching|screening|session)/(questions|methods|second-looks|rules)/([^/]+)\\.ts$',
      },
      to: {
        path: '^packages/core/src/(progression|coaching|screening|session)/(questions|methods|second-looks|rules)/',
        pathNot: '^packages/core/src/$1/$2/$3',
      },
    },
    packageRule('words-on-core-only', '^packages/words/', '^packages/(contracts|server|app|demo)/', 'core ← words'),
    packageRule('contracts-on-core-only', '^packages/contracts/', '^packages/(words|server|app|demo)/', 'core ← contracts'),
    {
      name: 'contracts-take-words-from-core',
      severity: 'error',
      comment: 'the wire format takes vocabulary and types from core, never its maths',
      from: { path: '^packages/contracts/src/', pathNot: '\\.test\\.ts$' },
      to: { path: '^packages/core/src/', pathNot: '^packages/core/src/vocabulary/', dependencyTypesNot: ['type-only'] },
    },
    packageRule('demo-on-contracts', '^packages/demo/', '^packages/(server|app)/', 'demo writes a bundle, nothing more'),
    packageRule('server-not-on-app', '^packages/server/', '^packages/(app|demo)/', 'nobody imports app'),
    packageRule('app-not-on-server', '^packages/app/', '^packages/(server|demo)/', 'nobody imports server'),
    packageRule('e2e-speaks-http', '^e2e/', '^packages/', 'browser tests know no code of ours'),
    ...serverRules,
    {
      name: 'sql-in-one-room',
      severity: 'error',
      comment: 'what speaks SQLite stands in db, so that another database could stand beside it',
      from: { path: '^packages/server/src/', pathNot: '^packages/server/src/db/' },
      to: { path: 'node_modules/(sequelize|sqlite3|umzug)/' },
    },
    ...appRules,
    {
      name: 'testing-for-tests-only',
      severity: 'error',
      from: { pathNot: '(\\.test\\.tsx?$|/tests/|^packages/core/src/testing/)' },
      to: { path: '^packages/core/src/testing/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(node_modules/(?!@drubo))|/dist/|/\\.expo/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
      extensions: ['.ts', '.tsx', '.mjs', '.js', '.json'],
    },
  },
};
