/** The staircase of imports. `scripts/arrows.mjs` runs it and proves that a planted fault is caught. */
const areas = ['app', 'server', 'features', 'client', 'ui', 'workers', 'instruments', 'formats', 'demo', 'db', 'words', 'core']
const allowed = {
  app: ['app', 'server', 'features', 'client', 'ui', 'formats', 'words', 'core'],
  server: ['server', 'core', 'db', 'formats', 'instruments', 'words'],
  features: ['features', 'core', 'ui', 'client', 'workers', 'instruments', 'formats', 'words'],
  client: ['client', 'core', 'formats'],
  workers: ['workers', 'core', 'formats'],
  instruments: ['instruments', 'core'],
  formats: ['formats', 'instruments', 'words', 'core'],
  demo: ['demo', 'core', 'formats'],
  db: ['db', 'core'],
  ui: ['ui', 'words'],
  words: ['words', 'instruments', 'core'],
  core: ['core'],
}
/** Pure numeric packages that core may use. */
const NUMERIC = []

/** Shapes of entries, which lean on the validator. */
const schemas = '\\.schema\\.ts$'
const tests = '\\.(test|spec)\\.tsx?$'
const arrows = areas.map((area) => ({
  name: `arrow-from-${area}`,
  severity: 'error',
  comment: `${area} may import only ${allowed[area].join(', ')}`,
  from: { path: `^src/${area}/`, pathNot: tests },
  to: {
    path: '^src/',
    pathNot: `^src/(${[...allowed[area], ...(area === 'ui' ? ['core/units'] : [])].join('|')})/|^src/core/result\\.ts$|\\.css$`,
  },
}))

module.exports = {
  forbidden: [
    ...arrows,
    {
      name: 'no-cycles',
      severity: 'error',
      from: { pathNot: tests },
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    {
      name: 'core-is-pure',
      severity: 'error',
      from: { path: '^src/core/', pathNot: [tests, schemas] },
      to: { dependencyTypes: ['npm', 'npm-dev', 'core'], pathNot: NUMERIC.length ? `node_modules/(${NUMERIC.join('|')})/` : '^$' },
    },
    {
      name: 'schemas-need-yup-only',
      severity: 'error',
      from: { path: schemas },
      to: { dependencyTypes: ['npm', 'npm-dev', 'core'], pathNot: 'node_modules/yup/' },
    },
    {
      name: 'schemas-for-readers',
      severity: 'error',
      comment: 'a page carries no validator: what reads entries from outside imports the schemas, all else only their types',
      from: { path: '^src/', pathNot: [tests, schemas, '^src/(formats|server)/'] },
      to: { path: schemas, dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'postgres-in-db-only',
      severity: 'error',
      from: { path: '^src/', pathNot: '^src/db/' },
      to: { path: 'node_modules/postgres/' },
    },
    {
      name: 'areas-by-their-door',
      severity: 'error',
      comment: 'a core area is entered through its index.ts',
      from: { path: '^src/(?!core/)|^src/core/([^/]+)/', pathNot: tests },
      to: { path: '^src/core/([^/]+)/(?!index\\.ts$)', pathNot: ['^src/core/$1/', schemas, tests] },
    },
    {
      name: 'stages-by-their-door',
      severity: 'error',
      comment: 'a stage is entered through its index.ts, which loads it when it is wanted; what several share stands in features/shared',
      from: { path: '^src/features/([^/]+)/', pathNot: tests },
      to: { path: '^src/features/[^/]+/(?!index\\.ts$)', pathNot: '^src/features/($1|shared)/' },
    },
    {
      name: 'demo-by-scripts-only',
      severity: 'error',
      from: { path: '^src/', pathNot: ['^src/demo/', tests] },
      to: { path: '^src/demo/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    exclude: { path: '^\\.next' },
  },
}
