/* npm run screenshots: one current picture of each main view from a fresh demo kitchen, into docs/screenshots. */
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { endApp, portFrom, startApp } from './lib/app.mjs';
import { ensureBuild } from './lib/build.mjs';
import { openCluster } from './lib/cluster.mjs';
import { ensureDatabase, migrate } from './lib/database.mjs';
import { ensureDebianPackages, ensureNodeModules } from './lib/packages.mjs';
import { must, ROOT, say } from './lib/run.mjs';

const FOLDER = join(ROOT, 'docs', 'screenshots');
const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

ensureDebianPackages({ postgres: true, chromium: true });
ensureNodeModules();
await ensureBuild();
const cluster = await openCluster('test', { fast: true });
await ensureDatabase(cluster.url('postgres'), 'drubek_shots');
const env = {
  DATABASE_URL: cluster.url('drubek_shots'),
  DRUBEK_DEMO: '1',
  DRUBEK_DEVICES: 'http://127.0.0.1:3298/kitchens/{kitchen}',
};
await migrate(env.DATABASE_URL);
must(process.execPath, ['--import', 'tsx', 'scripts/seed-demo.ts', '--fresh', '--run'], {
  env: { ...process.env, ...env },
});
const { app, address } = await startApp('start', await portFrom(3700), env);
const { chromium } = await import('@playwright/test');
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    /* the drawer is painted by the processor where there is no graphics card */
    '--use-angle=swiftshader',
    '--enable-unsafe-swiftshader',
    '--ignore-gpu-blocklist',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
  ],
});
mkdirSync(FOLDER, { recursive: true });

try {
  const page = await browser.newPage({ viewport: DESK });
  const take = async (name) => {
    await page.screenshot({ path: join(FOLDER, `${name}.png`) });
    say(`docs/screenshots/${name}.png`);
  };
  /* fingers have no keys: what stands for a keyboard alone is left out on a phone */
  const touch = await page.context().newCDPSession(page);
  const asPhone = async (isPhone) => {
    await touch.send('Emulation.setTouchEmulationEnabled', { enabled: isPhone });
    await page.setViewportSize(isPhone ? PHONE : DESK);
  };
  const settle = () => page.waitForTimeout(900);
  /* price tags and sensitivity are worked out beside, once nothing moves */
  const prices = () => page.waitForTimeout(6000);
  const station = (name) => page.getByRole('tab', { name: new RegExp(`^${name}`) }).click();

  /* what the server sends has a forecast too; touched it can be once its button can */
  const alive = () => page.locator('button:enabled', { hasText: 'Cook this' }).first().waitFor();
  await page.goto(`${address}/start`);
  await page.getByText(/^Pull after about \d+ min/).waitFor();
  await prices();
  await take('start');
  await page.goto(`${address}/cook`);
  await settle();
  await settle();
  await take('cook-runs');
  await page.goto(`${address}/log`);
  await settle();
  await settle();
  await take('log');
  await page
    .getByRole('link', { name: /Beetroot chips/ })
    .first()
    .click();
  await page.getByText('Colour when pulled').waitFor();
  await page.getByRole('tablist', { name: 'Likely causes' }).waitFor();
  await settle();
  await take('batch');
  await page.goto(`${address}/log`);
  const celeriac = page.getByRole('checkbox', { name: 'Tick Celeriac batons' });
  await celeriac.nth(0).check();
  await celeriac.nth(1).check();
  await page.getByRole('link', { name: 'Lay side by side' }).click();
  await page.getByText('the amount', { exact: true }).waitFor();
  await settle();
  await page.mouse.wheel(0, 420);
  await settle();
  await take('log-compare');

  await page.goto(`${address}/kitchen`);
  await page.getByRole('tablist', { name: 'Fryers of this kitchen' }).waitFor();
  await page.getByRole('tab', { name: /^Small, borrowed/ }).click();
  await page.getByText('next forecast good to').last().waitFor();
  await settle();
  await take('kitchen');

  await page.goto(`${address}/evenings`);
  await page.getByRole('link', { name: 'Board-game evening' }).click();
  await page.getByRole('heading', { name: /^The best of/ }).waitFor();
  await prices();
  await take('evening');
  await asPhone(true);
  await page.getByRole('tab', { name: 'What is next' }).click();
  await settle();
  await take('evening-phone');
  await asPhone(false);
  await page.goto(address);
  await alive();
  await station('Load');
  const load = page.getByRole('textbox', { name: 'Into the basket' });
  await load.fill('800');
  await load.press('Enter');
  await prices();
  await take('bench-load');
  await page.getByRole('radiogroup', { name: 'How many loads' }).getByRole('radio', { name: '2 loads' }).click();
  await prices();
  await page.getByRole('columnheader', { name: 'Size' }).scrollIntoViewIfNeeded();
  await page.mouse.wheel(0, 300);
  await settle();
  await take('bench-loads');
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await station('Cook');
  await page.getByRole('button', { name: 'Find better' }).click();
  await page.getByText(/ways tried;/).waitFor({ timeout: 60_000 });
  await page.mouse.wheel(0, 2000);
  await settle();
  await take('bench-find-better');
  await page.goto(address);
  await alive();
  await station('All steps');
  const add = async (name) => {
    await page.getByRole('button', { name: 'Add a step before' }).click();
    await page.getByRole('menuitem', { name, exact: true }).click();
  };
  for (const name of ['First cook', 'Press flat', 'Dip']) await add(name);
  await page.getByRole('button', { name: 'Close' }).click();
  await prices();
  await page.mouse.wheel(0, 120);
  await settle();
  await take('bench-steps');
  for (let n = 0; n < 3; n++) await page.getByRole('button', { name: 'Undo' }).click();
  await settle();
  await page.goto(`${address}/plans`);
  await settle();
  await take('plans');
  await page
    .getByRole('link', { name: /^Versions/ })
    .first()
    .click();
  await page.waitForURL(/plans\/.+/);
  await page.goto(`${page.url()}/card`);
  await page.getByText(/Pull after about \d+ min; begin looking/).waitFor();
  await settle();
  await take('card');

  await page.clock.install({ time: new Date(Date.now()) });
  await page.goto(address);
  await alive();
  await prices();
  await take('bench');
  await asPhone(true);
  await settle();
  await take('bench-phone');
  await asPhone(false);

  await page.getByRole('button', { name: 'Cook this' }).click();
  await page.getByRole('button', { name: 'Start', exact: true }).first().click();
  await page.clock.fastForward('01:20');
  await settle();
  await take('cook-prep');
  await page.getByRole('button', { name: 'The basket is in: start' }).click();
  await page.getByText('It should look like this now').waitFor();
  await page.clock.fastForward('08:05');
  await page.keyboard.press('s');
  await page.clock.fastForward('05:02');
  await settle();
  await page.keyboard.press('3');
  await page.getByText(/After one answer/).waitFor();
  /* the three pictures to compare with, and the two rings, are painted one after the other */
  await prices();
  await take('cook');
  await asPhone(true);
  await prices();
  await take('cook-phone');
} finally {
  await browser.close();
  await endApp(app);
  if (cluster.startedHere) cluster.stop();
}
