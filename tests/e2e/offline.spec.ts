import { expect, test } from '@playwright/test';
import { beginBatch, enterOwnKitchen, fullForecast } from './helpers';

test.use({ serviceWorkers: 'allow' });

/** Waits until the app keeps itself and this page. */
async function untilKept(page: import('@playwright/test').Page): Promise<void> {
  await page.waitForFunction(
    async () => {
      const { active } = await navigator.serviceWorker.ready;
      const pages = await caches.open('drubek-pages');
      return active?.state === 'activated' && (await pages.match(location.href)) !== undefined;
    },
    undefined,
    { timeout: 30_000 },
  );
}

test('without a network a cook under way survives a reload and a cold start, and what was told arrives later', async ({
  page,
  context,
}) => {
  test.setTimeout(120_000);
  await enterOwnKitchen(page);
  await beginBatch(page);
  await page.getByRole('button', { name: 'The basket is in: start' }).click();
  await expect(page.getByText('Should look like this now:')).toBeVisible({ timeout: 30_000 });
  await untilKept(page);
  const { pathname } = new URL(page.url());
  await page.keyboard.press('s');
  await expect(page.getByRole('button', { name: 'Take back the last tap' })).toBeVisible();

  await context.setOffline(true);
  await page.reload();
  await expect(page.getByText(/in the fryer\./)).toBeVisible({ timeout: 30_000 });
  await expect(page.getByText('Should look like this now:')).toBeVisible({ timeout: 30_000 });
  await page.keyboard.press('o');
  await expect(page.getByText(/1 kept on this device/)).toBeVisible();

  /* the device is switched on again */
  await page.close();
  const again = await context.newPage();
  await again.goto(pathname);
  await expect(again.getByText(/in the fryer\./)).toBeVisible({ timeout: 30_000 });
  await expect(again.getByText(/1 kept on this device/)).toBeVisible();

  await context.setOffline(false);
  await expect(again.getByText(/kept on this device/)).toHaveCount(0, { timeout: 20_000 });
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
  test.setTimeout(120_000);
  await enterOwnKitchen(page);
  const thickness = page.getByRole('textbox', { name: 'Thickness' });
  await thickness.fill('11');
  await thickness.press('Enter');
  await expect(page.getByText('Saved')).toBeVisible();
  await untilKept(page);
  await context.setOffline(true);
  await page.close();
  const again = await context.newPage();
  await again.goto('/');
  await fullForecast(again);
  await again.getByRole('tab', { name: /^Load/ }).click();
  const mass = again.getByRole('textbox', { name: 'Into the basket' });
  await mass.fill('430');
  await mass.press('Enter');
  await expect(again.getByText(/Not saved yet/)).toBeVisible({ timeout: 20_000 });
  await again.reload();
  await again.getByRole('tab', { name: /^Load/ }).click();
  await expect(again.getByRole('textbox', { name: 'Into the basket' })).toHaveValue('430', { timeout: 20_000 });
  await context.setOffline(false);
  await expect(again.getByText('Saved')).toBeVisible({ timeout: 20_000 });
});
