/** The house: an arrow allows every layer further right: app → ui → store | files | workers → core. */
const layer = (name, from, forbidden) => ({
  name,
  severity: 'error',
  from: { path: `^${from}/`, pathNot: '\\.test\\.tsx?$' },
  to: { path: forbidden },
});

/** The layers of the core: each may use those above it in this list only. */
const LAYERS = [
  'kernel',
  'tables',
  'equations',
  'catalog',
  'casefile',
  'site',
  'reading',
  'schedule',
  'treat',
  'outlook',
  'judge',
  'area',
  'buy',
  'tell',
  'plan',
  'look',
  'bench',
  'practice',
];
const coreLayers = LAYERS.slice(0, -1).map((name, at) => ({
  name: `core-${name}-knows-nothing-below`,
  severity: 'error',
  from: { path: `^core/${name}/`, pathNot: '\\.test\\.ts$' },
  to: { path: `^core/(${LAYERS.slice(at + 1).join('|')})/` },
}));

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    ...coreLayers,
    {
      name: 'core-is-made-of-layers',
      severity: 'error',
      from: { path: '^core/' },
      to: { path: '^core/', pathNot: `^core/(${LAYERS.join('|')})/` },
    },
    { name: 'no-orphan-imports', severity: 'error', from: {}, to: { couldNotResolve: true } },
    layer(
      'core-stands-alone',
      'core',
      // Where rings cross is found by a library that is as pure as the core itself.
      '^(app|ui|store|files|workers|words|demo|e2e)|^node_modules/(?!sweepline-intersections/)|^node:',
    ),
    layer('store-knows-only-core', 'store', '^(app|ui|files|workers|words|e2e)/'),
    layer('files-know-only-core-and-words', 'files', '^(app|ui|store|workers|e2e)/'),
    layer('demo-knows-only-core', 'demo', '^(app|ui|store|files|workers|words|e2e)/'),
    layer('ui-stands-below-app', 'ui', '^(app|e2e|scripts|published)/'),
    layer('words-know-the-kernel', 'words', '^(app|ui|store|files|core/(?!kernel/))'),
    {
      name: 'app-is-thin',
      severity: 'error',
      from: { path: '^app/', pathNot: '^app/api/' },
      to: { path: '^(store|files|workers)/' },
    },
    {
      name: 'nobody-imports-tests',
      severity: 'error',
      from: { pathNot: '(\\.test\\.tsx?$|^(e2e|published|test|scripts)/|^[^/]+$)' },
      to: { path: '(\\.test\\.tsx?$|^(e2e|published|test)/)' },
    },
    {
      name: 'browser-tests-see-no-core',
      severity: 'error',
      from: { path: '^e2e/' },
      to: { path: '^(core|ui|store|files)/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'node', 'default'],
    },
  },
};
