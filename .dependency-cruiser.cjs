/** The arrows between rooms: what each room may import besides itself and packages. */
const ALLOWED = {
  core: ['core'],
  schemas: ['schemas', 'core'],
  workers: ['workers', 'schemas', 'core'],
  db: ['db', 'core', 'schemas'],
  devices: ['devices', 'schemas', 'core'],
  services: ['services', 'db', 'devices', 'core', 'schemas'],
  ui: ['ui', 'core', 'schemas'],
  app: ['app', 'services', 'ui', 'schemas', 'core'],
};

const arrows = Object.entries(ALLOWED).map(([room, allowed]) => ({
  name: `arrows-of-${room}`,
  severity: 'error',
  from: { path: `^src/${room}/`, pathNot: '\\.test\\.tsx?$' },
  to: {
    path: '^src/',
    pathNot:
      room === 'ui' || room === 'app'
        ? `^src/(${allowed.join('|')})/|^src/workers/[^/]+/(client|protocol)\\.ts$`
        : `^src/(${allowed.join('|')})/`,
  },
}));

module.exports = {
  forbidden: [
    ...arrows,
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-takes-only-small-numeric-packages',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '\\.test\\.ts$' },
      to: { path: 'node_modules|^(node:|fs|path)', pathNot: 'node_modules/(d3-color|d3-random)/' },
    },
    {
      name: 'client-files-never-reach-the-database',
      severity: 'error',
      from: { path: '(^src/ui/|/_components/)' },
      to: { path: '^src/(db|devices|services)/' },
    },
    {
      name: 'nobody-imports-routes',
      severity: 'error',
      from: { path: '^src/(core|schemas|workers|db|devices|services|ui)/' },
      to: { path: '^src/app/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'require', 'node', 'default'] },
  },
};
