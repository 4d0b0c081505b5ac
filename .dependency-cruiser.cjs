/** The arrows of docs/architecture.md, checked. */
const layer = (name, allowed, extra = '') => ({
  name: `${name}-depends-only-on-${allowed.join('-') || 'nothing'}`,
  severity: 'error',
  // samples of tests are made with what stands above
  from: { path: `^src/${name}/`, pathNot: '(\\.test\\.ts$|/test/)' },
  to: {
    path: `^(src|demo)/`,
    pathNot: [`^src/(${[name, ...allowed, 'vendor'].join('|')})/`, ...(extra ? [extra] : [])],
  },
});

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'not-to-unresolvable',
      severity: 'error',
      from: {},
      to: {
        couldNotResolve: true,
        pathNot: ['^virtual:', '\\?url$', '^@schummar/icu-type-parser$'],
      },
    },
    layer('core', []),
    layer('records', ['core']),
    layer('model', ['records', 'core']),
    layer('db', ['records', 'core']),
    layer('workers', ['db', 'model', 'records', 'core']),
    layer('meeting', ['records', 'core']),
    layer('instruments', ['records', 'core']),
    layer('store', ['db', 'records', 'core']),
    layer('server', ['records', 'core']),
    {
      name: 'app-does-not-import-the-server',
      severity: 'error',
      from: { path: '^src/app/' },
      to: { path: '^src/server/' },
    },
    {
      name: 'core-uses-only-numerics-packages',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '(\\.test\\.ts$|/test/)' },
      to: {
        dependencyTypes: ['npm', 'npm-dev', 'core'],
        pathNot: '^node_modules/(jstat|psychrolib|fft\\.js)/',
      },
    },
    {
      name: 'only-db-touches-dexie',
      severity: 'error',
      from: { pathNot: '^src/db/' },
      to: { path: '^node_modules/(dexie|dexie-react-hooks)/' },
    },
    {
      name: 'stations-do-not-import-each-other',
      severity: 'error',
      from: { path: '^src/app/stations/([^/]+)/' },
      to: { path: '^src/app/stations/', pathNot: '^src/app/stations/$1/' },
    },
    {
      name: 'zod-only-through-our-module',
      severity: 'error',
      from: { path: '^(src|demo)/', pathNot: '^src/records/zod.ts$' },
      to: { path: '^node_modules/zod/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'default'] },
  },
};
