import nextVitals from 'eslint-config-next/core-web-vitals';
import nextTypescript from 'eslint-config-next/typescript';
import prettier from 'eslint-config-prettier';

const forbiddenInCore = ['Date', 'performance', 'process', 'fetch', 'console', 'window', 'document', 'crypto'];

const config = [
  {
    ignores: [
      '.next/**',
      'node_modules/**',
      'next-env.d.ts',
      'test-results/**',
      'playwright-report/**',
      'public/service-worker.js',
    ],
  },
  ...nextVitals,
  ...nextTypescript,
  prettier,
  {
    rules: {
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_' }],
      'no-console': 'error',
      eqeqeq: ['error', 'always', { null: 'ignore' }],
    },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['src/core/**/*.test.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        ...forbiddenInCore.map((name) => ({
          name,
          message: 'The core has no clock, chance, interface or I/O; inject it.',
        })),
      ],
      'no-restricted-properties': ['error', { object: 'Math', property: 'random', message: 'Inject a RandomSource.' }],
    },
  },
  { files: ['scripts/**'], rules: { 'no-console': 'off' } },
];

export default config;
