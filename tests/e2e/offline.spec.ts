import { type ChildProcess, spawn } from 'node:child_process';
import { expect, type Page, test } from '@playwright/test';
import { addOwn, planEvening } from './evening-helpers';
import { beginBatch, enterOwnKitchen, fullForecast } from './helpers';

/* a server of its own, so that it can be taken away: what the browser then meets is what it meets without a network */
const PORT = 3520;
test.use({ serviceWorkers: 'allow' });
test.describe.configure({ mode: 'serial' });

let server: ChildProcess | null = null;
let address = '';

async function plugIn(): Promise<void> {
  server = spawn(
    process.execPath,
    ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', new URL(address).port],
    { stdio: 'ignore' },
  );
  await expect(async () => expect((await fetch(`${address}/api/health`)).ok).toBe(true)).toPass({ timeout: 60_000 });
}

async function pullThePlug(): Promise<void> {
  const gone = new Promise((resolve) => server?.once('exit', resolve));
  server?.kill('SIGKILL');
  await gone;
}

test.beforeEach(async () => {
  address = `http://127.0.0.1:${PORT + test.info().workerIndex}`;
  await plugIn();
});
test.afterEach(() => void server?.kill('SIGKILL'));

/** Waits until the app keeps itself and this page. */
async function untilKept(page: Page): Promise<void> {
  const isKept = () =>
    page.evaluate(async () => {
      const { active } = await navigator.serviceWorker.ready;
      const place = document.querySelector<HTMLElement>('[data-place]')!.dataset.place;
      const pages = await caches.open(`drubek-pages-${place}`);
      return active?.state === 'activated' && (await pages.match(location.href, { ignoreVary: true })) !== undefined;
    });
  await expect.poll(isKept).toBe(true);
}

/** Waits until this device knows that the server has what was told in a run: what it only hopes to have arrived waits on. */
async function untilSent(page: Page): Promise<void> {
  const waiting = () =>
    page.evaluate(async () => {
      const opening = indexedDB.open('drubek');
      await new Promise((resolve) => (opening.onsuccess = resolve));
      const count = opening.result.transaction('events').objectStore('events').count();
      await new Promise((resolve) => (count.onsuccess = resolve));
      opening.result.close();
      return count.result;
    });
  await expect.poll(waiting).toBe(0);
}

test('without a network a cook under way survives a reload and a cold start, and what was told arrives later', async ({
  page,
  context,
}) => {
  await enterOwnKitchen(page, address);
  await beginBatch(page);
  await page.getByRole('button', { name: 'The basket is in: start' }).click();
  await expect(page.getByText('It should look like this now')).toBeVisible();
  await untilKept(page);
  const { pathname } = new URL(page.url());
  await page.keyboard.press('s');
  await expect(page.getByRole('button', { name: 'Take back the last tap' })).toBeVisible();
  await untilSent(page);

  await pullThePlug();
  await page.reload();
  await expect(page.getByText(/in the fryer\./)).toBeVisible();
  await expect(page.getByText('It should look like this now')).toBeVisible();
  await page.keyboard.press('o');
  await expect(page.getByText(/1 kept on this device/)).toBeVisible();

  /* the device is switched on again */
  await page.close();
  const again = await context.newPage();
  await again.goto(address + pathname);
  await expect(again.getByText(/in the fryer\./)).toBeVisible();
  await expect(again.getByText(/1 kept on this device/)).toBeVisible();

  await plugIn();
  await expect(again.getByText(/kept on this device/)).toHaveCount(0);
  const kinds = await again.evaluate(async (path) => {
    const stream = new EventSource(`/api/batches/${path.split('/').pop()}/stream`);
    const told = await new Promise<string>((resolve) => (stream.onmessage = ({ data }) => resolve(data as string)));
    stream.close();
    return (JSON.parse(told) as { events: { kind: string }[] }).events.map(({ kind }) => kind);
  }, pathname);
  expect(kinds).toEqual(['loaded', 'shaken', 'drawer-open']);
});

test('the Bench opens and forecasts without a network, and an edit made there waits for it', async ({
  page,
  context,
}) => {
  await enterOwnKitchen(page, address);
  const thickness = page.getByRole('textbox', { name: 'Thickness' });
  await thickness.fill('11');
  await thickness.press('Enter');
  await expect(page.getByText('Saved')).toBeVisible();
  await untilKept(page);
  await pullThePlug();
  await page.close();
  const again = await context.newPage();
  await again.goto(address);
  await fullForecast(again);
  await again.getByRole('tab', { name: /^Load/ }).click();
  const mass = again.getByRole('textbox', { name: 'Into the basket' });
  await mass.fill('430');
  await mass.press('Enter');
  await expect(again.getByText(/Not saved yet/)).toBeVisible();
  await again.reload();
  await again.getByRole('tab', { name: /^Load/ }).click();
  await expect(again.getByRole('textbox', { name: 'Into the basket' })).toHaveValue('430');
  await plugIn();
  await expect(again.getByText('Saved')).toBeVisible();
});

test('an evening under way survives a reload without a network, with all that was marked before and since', async ({
  page,
}) => {
  await enterOwnKitchen(page, address);
  await planEvening(page, address);
  await addOwn(page, 'Stew', 'chop roots 20 min\nsimmer stew 2 min, 25 min waiting, hob', /^Hot/);
  await expect(page.getByText('Saved')).toBeVisible();
  await page.reload();
  await untilKept(page);
  const next = page.getByRole('region', { name: 'What is next' });
  await page.getByRole('tab', { name: 'What is next' }).click();
  await next.getByRole('button', { name: 'Begun' }).click();
  await expect(next.getByRole('button', { name: 'Done', exact: true })).toBeVisible();
  await expect(page.getByText(/marked on this device only/)).toHaveCount(0);

  await pullThePlug();
  await page.reload();
  await page.getByRole('tab', { name: 'What is next' }).click();
  /* begun before, and sent: the page that was kept is older than that */
  await expect(next.getByRole('button', { name: 'Done', exact: true })).toBeVisible();
  await expect(next.getByRole('button', { name: 'Begun' })).toBeHidden();
  await next.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(page.getByText(/1 marked on this device only/)).toBeVisible();
  await page.reload();
  await page.getByRole('tab', { name: 'What is next' }).click();
  await expect(next.getByRole('button', { name: 'Take back: “chop roots” is done' })).toBeVisible();
  await plugIn();
  await expect(page.getByText(/marked on this device only/)).toHaveCount(0);
});

test('a page that was kept before the last change shows what was saved since, on the Bench and in an evening', async ({
  page,
}) => {
  await enterOwnKitchen(page, address);
  await fullForecast(page);
  await untilKept(page);
  await page.getByRole('tab', { name: /^Load/ }).click();
  const mass = page.getByRole('textbox', { name: 'Into the basket' });
  await mass.fill('430');
  await mass.press('Enter');
  await expect(page.getByText('Saved')).toBeVisible();
  await pullThePlug();
  await page.reload();
  await page.getByRole('tab', { name: /^Load/ }).click();
  await expect(page.getByRole('textbox', { name: 'Into the basket' })).toHaveValue('430');
  await plugIn();

  await planEvening(page, address);
  await page.reload();
  await untilKept(page);
  await addOwn(page, 'Stew', 'chop roots 20 min\nsimmer stew 2 min, 25 min waiting, hob', /^Hot/);
  await expect(page.getByText('Saved')).toBeVisible();
  await pullThePlug();
  await page.reload();
  await page.getByRole('tab', { name: 'Dishes' }).click();
  await expect(page.getByRole('list', { name: 'Dishes' }).getByText('Stew', { exact: true })).toBeVisible();
  await plugIn();
});

test('what was told offline waits for its own kitchen: another one in between gets nothing of it and shows nothing', async ({
  page,
}) => {
  await enterOwnKitchen(page, address);
  await beginBatch(page);
  await page.getByRole('button', { name: 'The basket is in: start' }).click();
  await expect(page.getByText('It should look like this now')).toBeVisible();
  await untilKept(page);
  const run = page.url();
  await untilSent(page);
  await pullThePlug();
  for (let n = 0; n < 5; n++) await page.keyboard.press('s');
  await expect(page.getByText(/5 kept on this device/)).toBeVisible();
  await plugIn();
  /* another kitchen is entered before anything could be sent: by another tab, which asks for nothing first */
  const made = await page.request.post(`${address}/api/session/enter`, {
    data: { kitchen: 'new' },
    headers: { origin: address },
  });
  expect(made.ok()).toBe(true);
  await page.goto(`${address}/log`);
  await expect(page.getByText(/No batch yet/)).toBeVisible();
  await expect
    .poll(() =>
      page.evaluate(() =>
        caches.keys().then((names) => names.filter((name) => name.startsWith('drubek-pages-')).length),
      ),
    )
    .toBe(1);
  /* the keeper of this page has looked, and left alone what is of the other kitchen */
  await page.waitForTimeout(6000);
  await pullThePlug();
  await page.goto(run).catch(() => undefined);
  await expect(page.getByText('It should look like this now')).toHaveCount(0);
  await plugIn();
  await page.goto(`${address}/enter`);
  await page.getByRole('button', { name: 'Back to My kitchen' }).click();
  await expect(page.getByRole('button', { name: 'Kitchen: My kitchen' })).toBeVisible();
  await page.goto(run);
  await untilSent(page);
  await page.goto(run.replace('/cook/', '/log/'));
  await expect(page.getByRole('listitem').filter({ hasText: 'Shaken' })).toHaveCount(5);
});

test('whoever signs out leaves no page of the kitchen on the device', async ({ page }) => {
  await enterOwnKitchen(page, address);
  await untilKept(page);
  await page.goto(`${address}/kitchen?show=people`);
  page.on('dialog', (dialog) => void dialog.accept());
  await page.getByRole('button', { name: 'Sign out here' }).click();
  await expect(page).toHaveURL(/\/enter/);
  const left = () =>
    page.evaluate(async () => ({
      pages: (await caches.keys()).filter((name) => name.startsWith('drubek-pages')),
      kept: Object.keys(localStorage).filter((key) => /^drubek[.-](run|saved|unsaved|evening|under)/.test(key)),
    }));
  await expect.poll(left).toEqual({ pages: [], kept: [] });
  await pullThePlug();
  const answer = await page.goto(`${address}/log`).catch(() => null);
  expect(answer).toBeNull();
});
