import { expect, type Page, test } from '@playwright/test';
import { openCluster } from '../../scripts/lib/cluster.mjs';
import { planForTwoCooks } from './evening-helpers';
import { beginBatch, enterOwnKitchen } from './helpers';

/** A batch in the fryer with everything recorded so far stored. */
async function startCooking(page: Page): Promise<void> {
  await enterOwnKitchen(page);
  await beginBatch(page);
  await page.getByRole('button', { name: 'The basket is in: start' }).click();
  await expect(page.getByText('It should look like this now')).toBeVisible();
  await expect(page.getByText(/kept on this device/)).toHaveCount(0);
}

test('a lost database: a clear page, nothing lost in Cook, and all recovers by itself', async ({ page }) => {
  const cluster = await openCluster('test', { fast: true });
  await startCooking(page);

  cluster.stop();
  try {
    await page.keyboard.press('s');
    await expect(page.getByText('1 kept on this device, to be sent when the server is back')).toBeVisible();
    await page.keyboard.press('o');
    await expect(page.getByText('2 kept on this device, to be sent when the server is back')).toBeVisible();
    const other = await page.context().newPage();
    await other.goto('/log');
    await expect(other.getByRole('heading', { name: 'The database is away' })).toBeVisible();

    cluster.start();
    await expect(other.getByRole('heading', { name: 'Log' })).toBeVisible();
    await expect(page.getByText(/kept on this device/)).toHaveCount(0);
    await other
      .getByRole('main')
      .getByRole('link', { name: /Potato sticks/ })
      .click();
    await expect(other.getByText('Shaken')).toHaveCount(1);
    await expect(other.getByText('Drawer opened')).toHaveCount(1);
  } finally {
    await cluster.ensureRunning();
  }
});

test('events kept during an outage survive a reload of the page', async ({ page }) => {
  const cluster = await openCluster('test', { fast: true });
  await startCooking(page);
  cluster.stop();
  try {
    await page.keyboard.press('t');
    await expect(page.getByText(/1 kept on this device/)).toBeVisible();
    await page.reload();
    await expect(page.getByRole('heading', { name: 'The database is away' })).toBeVisible();
  } finally {
    await cluster.ensureRunning();
  }
  await expect(page.getByText('It should look like this now')).toBeVisible();
  await expect(page.getByText(/kept on this device/)).toHaveCount(0);
  await page.goto(page.url().replace('/cook/', '/log/'));
  await expect(page.getByText('Tossed')).toHaveCount(1);
});

test('two devices, one with its clock five minutes wrong, through a lost database: nothing lost, nothing doubled', async ({
  page,
  browser,
}) => {
  const cluster = await openCluster('test', { fast: true });
  await startCooking(page);
  await page.getByRole('button', { name: 'Follow on another device' }).click();
  const link = (await page.getByRole('link', { name: /\/join\// }).getAttribute('href'))!;
  const other = await browser.newContext();
  const phone = await other.newPage();
  await phone.clock.install({ time: new Date(Date.now() - 5 * 60_000) });
  await phone.goto(link);
  await phone.getByRole('button', { name: 'Join' }).click();
  await expect(phone.getByText(/^0:(0[1-9]|[1-5]\d) in the fryer/)).toBeVisible();

  cluster.stop();
  try {
    await page.keyboard.press('s');
    await expect(page.getByText(/1 kept on this device/)).toBeVisible();
    /* the same shake, told by the other hand as well, and a minute more */
    await phone.keyboard.press('s');
    await phone.keyboard.press('m');
    await expect(phone.getByText(/2 kept on this device/)).toBeVisible();
  } finally {
    await cluster.ensureRunning();
  }
  for (const device of [page, phone]) {
    await expect(device.getByText(/kept on this device/)).toHaveCount(0);
    await expect(device.getByText('Shaken was recorded twice; it counts once.')).toBeVisible();
  }
  await page.keyboard.press('d');
  /* what came of it is asked on the device that leads, not on the one that follows */
  await expect(phone.getByRole('region', { name: 'After the drawer' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'How did it come out?' })).toBeVisible();
  await page.goto(page.url().replace('/cook/', '/log/'));
  await expect(page.getByText('One more minute')).toHaveCount(1);
  await other.close();
});

test('an evening under way through a restarted database: two cooks mark on, and nothing is lost or doubled', async ({
  page,
  browser,
}) => {
  const cluster = await openCluster('test', { fast: true });
  await enterOwnKitchen(page);
  await planForTwoCooks(page);
  const other = await browser.newContext({ storageState: await page.context().storageState() });
  const phone = await other.newPage();
  await phone.goto(page.url());
  for (const device of [page, phone]) {
    await device.getByRole('tab', { name: 'What is next' }).click();
    await expect(device.getByRole('button', { name: 'Begun' })).toBeVisible();
  }
  cluster.stop();
  try {
    await page.getByRole('button', { name: 'Begun' }).click();
    await expect(page.getByText(/1 marked on this device only/)).toBeVisible();
    await phone.getByRole('button', { name: 'Begun' }).click();
    await phone.getByRole('button', { name: 'Done', exact: true }).first().click();
    await expect(phone.getByText(/2 marked on this device only/)).toBeVisible();
    cluster.start();
    for (const device of [page, phone]) {
      await expect(device.getByText(/marked on this device only/)).toHaveCount(0);
      await expect(device.getByRole('button', { name: 'Take back: “chop roots” is done' })).toBeVisible();
    }
    await page.reload();
    await page.getByRole('tab', { name: 'What is next' }).click();
    await expect(page.getByRole('button', { name: 'Take back: “chop roots” is done' })).toBeVisible();
  } finally {
    await cluster.ensureRunning();
    await other.close();
  }
});
