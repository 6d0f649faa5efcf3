/** Each arrow of imports points down this list only: web, server → contract → core. e2e knows none of them. */
const NOT_FROM_CORE = '^(packages/contract|apps|e2e)/';

module.exports = {
  forbidden: [
    {
      name: 'core-imports-nothing-above',
      comment: 'core is pure computation: it knows neither contract nor apps.',
      severity: 'error',
      from: { path: '^packages/core/' },
      to: { path: NOT_FROM_CORE },
    },
    {
      name: 'core-is-pure',
      comment: 'core has no interface code, no input or output, and no packages at all.',
      severity: 'error',
      from: { path: '^packages/core/src/', pathNot: '\\.(test|bench)\\.ts$' },
      to: { dependencyTypes: ['npm', 'npm-dev', 'core'] },
    },
    {
      name: 'contract-imports-only-core',
      severity: 'error',
      from: { path: '^packages/contract/' },
      to: { path: '^(apps|e2e)/' },
    },
    {
      name: 'server-and-web-stand-apart',
      comment: 'They talk over HTTP, by the contract.',
      severity: 'error',
      from: { path: '^apps/([^/]+)/' },
      to: { path: '^(apps|e2e)/', pathNot: '^apps/$1/' },
    },
    {
      name: 'e2e-sees-only-the-outside',
      severity: 'error',
      from: { path: '^e2e/' },
      to: { path: '^(apps|packages)/' },
    },
    {
      name: 'ui-knows-no-feature',
      comment: 'ui/ and drawings/ are pieces for any feature.',
      severity: 'error',
      from: { path: '^apps/web/ui/' },
      to: { path: '^apps/web/(features|store|app|drawings)/' },
    },
    {
      name: 'drawings-know-no-feature',
      severity: 'error',
      from: { path: '^apps/web/drawings/' },
      to: { path: '^apps/web/(features|store|app)/' },
    },
    {
      name: 'place-imports-only-itself-and-shared',
      comment: 'A folder of features/ is a place of the app; what two places need stands in shared/.',
      severity: 'error',
      from: { path: '^apps/web/features/([^/]+)/' },
      to: { path: '^apps/web/features/', pathNot: '^apps/web/features/($1|shared)/' },
    },
    {
      name: 'features-know-no-route',
      comment: 'Routes compose features, never the other way round.',
      severity: 'error',
      from: { path: '^apps/web/features/' },
      to: { path: '^apps/web/app/' },
    },
    {
      name: 'scripts-install-before-they-import',
      comment:
        'On a fresh clone a script runs before any package is there: it imports packages after it installed them.',
      severity: 'error',
      from: {
        path: '^scripts/',
        pathNot: '^scripts/(bench|jest|mutation|validate|load/bare-server|lib/load-bundled)|\\.d\\.mts$',
      },
      to: { dependencyTypes: ['npm', 'npm-dev'], dynamic: false },
    },
    {
      name: 'no-circular',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    {
      name: 'not-to-unresolvable',
      severity: 'error',
      from: { pathNot: '\\.d\\.ts$' },
      to: { couldNotResolve: true, pathNot: '\\.(css|ttf)$' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(dist|\\.expo|node_modules/\\.cache)/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.cruise.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
      extensions: ['.ts', '.tsx', '.mjs', '.js', '.cjs', '.json', '.ttf', '.css'],
    },
  },
};
