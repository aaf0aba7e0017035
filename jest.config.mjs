import { existsSync } from 'node:fs';

const distributionOf = (name) => {
  const path = `<rootDir>/node_modules/${name}/dist/${name}.min.js`;
  return existsSync(path.replace('<rootDir>', import.meta.dirname)) ? path : undefined;
};
const d3Modules = [
  'd3-array',
  'd3-axis',
  'd3-color',
  'd3-scale',
  'd3-shape',
  'd3-selection',
  'd3-interpolate',
  'd3-format',
  'd3-time',
  'd3-time-format',
  'd3-path',
];

/* native modules: the exports of CommonJS are getters, which make the solver's hot loops several times slower */
const asModules = {
  extensionsToTreatAsEsm: ['.ts'],
  transform: {
    '^.+\\.ts$': [
      '@swc/jest',
      { module: { type: 'es6' }, jsc: { target: 'es2022', parser: { syntax: 'typescript' } } },
    ],
  },
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
};

const shared = {
  /* written as a module alone */
  transformIgnorePatterns: ['/node_modules/(?!tinyqueue/)'],
  transform: {
    '^.+\\.(t|j)sx?$': [
      '@swc/jest',
      {
        jsc: {
          target: 'es2022',
          parser: { syntax: 'typescript', tsx: true },
          transform: { react: { runtime: 'automatic' } },
        },
      },
    ],
  },
  moduleNameMapper: {
    '^@/(.*)$': '<rootDir>/src/$1',
    '^d3$': '<rootDir>/node_modules/d3/dist/d3.min.js',
    ...Object.fromEntries(d3Modules.map((name) => [`^${name}$`, distributionOf(name)]).filter(([, path]) => path)),
    '^server-only$': '<rootDir>/node_modules/next/dist/compiled/server-only/empty.js',
  },
};

const config = {
  /* a machine that others keep busy too takes longer; every wait is for a state */
  testTimeout: 600_000,
  projects: [
    {
      ...asModules,
      displayName: 'core',
      testEnvironment: 'node',
      testMatch: [
        '<rootDir>/src/core/**/*.test.ts',
        '<rootDir>/src/schemas/**/*.test.ts',
        '<rootDir>/src/devices/**/*.test.ts',
        '<rootDir>/src/editing/**/*.test.ts',
        '<rootDir>/tests/reference/**/*.test.ts',
        '<rootDir>/tests/command/**/*.test.ts',
      ],
    },
    {
      ...shared,
      displayName: 'unit',
      testEnvironment: 'node',
      testMatch: ['<rootDir>/src/{app,ui,services,workers,db}/**/*.test.{ts,tsx}', '<rootDir>/src/proxy.test.ts'],
      setupFilesAfterEnv: ['<rootDir>/tests/jest-setup.ts'],
    },
    {
      ...shared,
      displayName: 'database',
      testEnvironment: 'node',
      testMatch: ['<rootDir>/tests/db/**/*.test.ts'],
    },
  ],
};

export default config;
