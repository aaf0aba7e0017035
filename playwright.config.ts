import { defineConfig } from '@playwright/test';

const port = Number(process.env.E2E_PORT ?? 3477);

export default defineConfig({
  testDir: 'tests/e2e',
  /* limits for a machine that others keep busy too; every wait is for a state and ends as soon as it is there */
  timeout: 240_000,
  expect: { timeout: 40_000 },
  workers: 2,
  fullyParallel: true,
  reporter: [['line'], ['json']],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    /* only the tests without a network let the app keep itself: elsewhere a kept page could hide what the server says */
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        /* without a graphics card the drawer as food would cost the other tests their cores; drawer.spec looks at it */
        '--disable-3d-apis',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  projects: [
    { name: 'app', testIgnore: /outage/ },
    { name: 'outage', testMatch: /outage/, dependencies: ['app'], workers: 1 },
  ],
  webServer: {
    command: `node node_modules/next/dist/bin/next start -H 127.0.0.1 -p ${port} --keepAliveTimeout 75000`,
    url: `http://127.0.0.1:${port}/api/health`,
    reuseExistingServer: false,
    timeout: 120_000,
  },
});
