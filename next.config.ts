import { dirname } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { NextConfig } from 'next';

const root = dirname(fileURLToPath(import.meta.url));

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  typedRoutes: true,
  /* npm test checks the types, once and with the tests */
  typescript: { ignoreBuildErrors: true },
  headers: async () => [{ source: '/:path*', headers: [{ key: 'x-content-type-options', value: 'nosniff' }] }],
  turbopack: { root },
  outputFileTracingRoot: root,
};

export default config;
