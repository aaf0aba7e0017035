/** The arrows between rooms: what each room may import besides itself and packages. */
const ALLOWED = {
  core: ['core'],
  schemas: ['schemas', 'core'],
  editing: ['editing', 'schemas', 'core'],
  workers: ['workers', 'editing', 'schemas', 'core'],
  db: ['db', 'core', 'schemas'],
  devices: ['devices', 'schemas', 'core'],
  services: ['services', 'db', 'devices', 'editing', 'schemas', 'core'],
  ui: ['ui', 'editing', 'schemas', 'core'],
  app: ['app', 'services', 'ui', 'editing', 'schemas', 'core'],
};

/** The floors of the core, lowest first: each imports from its own and from those below. */
const FLOORS = [
  ['numeric', 'units', 'properties'],
  ['food', 'cut'],
  ['plan'],
  ['piece'],
  ['prep', 'fryer'],
  ['batch'],
  ['forecast'],
  ['search', 'coach'],
  ['learn'],
  ['trouble', 'trial'],
  ['run', 'evening'],
];

const floors = FLOORS.slice(0, -1).map((rooms, floor) => ({
  name: `floor-of-${rooms.join('-')}`,
  severity: 'error',
  from: { path: `^src/core/(${rooms.join('|')})/`, pathNot: '\\.test\\.ts$' },
  to: {
    path: `^src/core/(${FLOORS.slice(floor + 1)
      .flat()
      .join('|')})/`,
  },
}));

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
    ...floors,
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-takes-only-small-numeric-packages',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '\\.test\\.ts$' },
      to: { path: 'node_modules|^(node:|fs|path)', pathNot: 'node_modules/(d3-color|d3-random|tinyqueue)/' },
    },
    {
      name: 'client-files-never-reach-the-database',
      severity: 'error',
      from: { path: '(^src/ui/|/_components/)' },
      to: { path: '^src/(db|devices|services)/' },
    },
    {
      name: 'rooms-of-the-core-are-on-a-floor',
      severity: 'error',
      from: {},
      to: { path: '^src/core/', pathNot: `^src/core/(${FLOORS.flat().join('|')})/` },
    },
    {
      name: 'nobody-imports-routes',
      severity: 'error',
      from: { path: '^src/(core|schemas|editing|workers|db|devices|services|ui)/' },
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
