/** The arrows of docs/architecture.md. Down only; core reaches nothing outside itself but pure packages. */
const core = (room) => `^src/core/${room}/`;
/** Inside core, each room may use only the rooms before it. */
const order = [
  'units',
  'colour',
  'climate',
  'plants',
  'containers',
  'spots',
  'schools',
  'plantings',
  'layout',
  'growth',
  'canopy',
  'stock',
  'materials',
  'steps',
  'water',
  'balance',
  'buying',
  'jobs',
  'log',
  'groups',
  'compose',
  'papers',
  'formats',
];
const downOnly = order.map((room, i) => ({
  name: `core-${room}-looks-down`,
  severity: 'error',
  from: { path: core(room), pathNot: '\\.test\\.ts$' },
  to: {
    path:
      order
        .slice(i + 1)
        .map(core)
        .join('|') || '^$',
  },
}));
module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-is-pure',
      severity: 'error',
      from: { path: '^src/core' },
      to: { path: '^src/(?!core)|node_modules/(react|react-dom|next|dexie|three|comlink|zustand)/' },
    },
    {
      name: 'one-room-writes-pdf',
      severity: 'error',
      from: { pathNot: '^src/pdf/' },
      to: { path: 'node_modules/(@pdf-lib|pdf-lib)/' },
    },
    {
      name: 'core-without-node',
      severity: 'error',
      from: { path: '^src/core', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'portrait-knows-no-horticulture',
      severity: 'error',
      from: { path: '^src/portrait', pathNot: '\\.test\\.ts$' },
      to: { path: '^src/core/(?!canopy|units|colour|containers)' },
    },
    {
      name: 'portrait-below-features',
      severity: 'error',
      from: { path: '^src/portrait' },
      to: { path: '^src/(app|features|ui|storage|workers|cli|demo)' },
    },
    {
      name: 'ui-below-features',
      severity: 'error',
      from: { path: '^src/ui' },
      to: { path: '^src/(app|features|storage|workers|cli|demo)' },
    },
    {
      name: 'storage-below-features',
      severity: 'error',
      from: { path: '^src/storage' },
      to: { path: '^src/(app|features|ui|portrait|workers|cli)' },
    },
    {
      name: 'workers-below-features',
      severity: 'error',
      from: { path: '^src/workers' },
      to: { path: '^src/(app|features|ui|storage|cli)' },
    },
    {
      name: 'standins-below-features',
      severity: 'error',
      from: { path: '^src/standins' },
      to: { path: '^src/(app|features|ui|portrait|workers|storage|cli|demo)' },
    },
    {
      name: 'demo-is-data',
      severity: 'error',
      from: { path: '^src/demo' },
      to: { path: '^src/(app|features|ui|portrait|workers|storage|cli)' },
    },
    {
      name: 'dexie-only-in-storage',
      severity: 'error',
      from: { path: '^src', pathNot: '^src/storage' },
      to: { path: 'node_modules/dexie' },
    },
    {
      name: 'nobody-imports-app',
      severity: 'error',
      from: { path: '^src', pathNot: '^src/app' },
      to: { path: '^src/app' },
    },
    ...downOnly,
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
      extensions: ['.ts', '.tsx', '.js', '.mjs', '.css'],
    },
  },
};
