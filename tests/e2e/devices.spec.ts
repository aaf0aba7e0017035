import { spawn } from 'node:child_process';
import { expect, type Page, test } from '@playwright/test';
import { beginBatch, enterOwnKitchen, expectAccessible } from './helpers';

async function beginRun(page: Page): Promise<string> {
  await enterOwnKitchen(page);
  await beginBatch(page);
  await page.getByRole('button', { name: 'The basket is in: start' }).click();
  await expect(page.getByText('It should look like this now')).toBeVisible();
  return page.url();
}

/** The link of a fresh invitation. */
async function invitation(page: Page): Promise<string> {
  await page.getByRole('button', { name: 'Follow on another device' }).click();
  const link = page.getByRole('link', { name: /\/join\// });
  await expect(link).toBeVisible();
  return (await link.getAttribute('href'))!;
}

test('a second device joins by its code, follows live, answers, and its wrong clock does no harm', async ({
  page,
  browser,
}) => {
  await beginRun(page);
  const link = await invitation(page);
  await expectAccessible(page);

  const other = await browser.newContext();
  const phone = await other.newPage();
  await phone.clock.install({ time: new Date(Date.now() + 5 * 60_000) });
  await phone.goto(link);
  await phone.getByRole('button', { name: 'Join' }).click();
  await expect(phone).toHaveURL(/\/cook\//);
  await expect(phone.getByText(/^0:\d\d in the fryer/)).toBeVisible();

  await page.keyboard.press('s');
  await expect(phone.getByRole('button', { name: 'Take back the last tap' })).toBeVisible();
  await phone.keyboard.press('m');
  await phone.getByRole('button', { name: /Pulled: done/ }).click();
  await expect(page.getByRole('heading', { name: 'How did it come out?' })).toBeVisible();

  /* the code is used up */
  const third = await (await browser.newContext()).newPage();
  await third.goto(link);
  await expect(third.getByRole('heading', { name: 'This code is no longer good' })).toBeVisible();
  await third.context().close();
  await other.close();
});

test('two app processes stay in step through the database', async ({ page, context }) => {
  const url = await beginRun(page);
  const port = 3478 + test.info().workerIndex;
  const second = spawn(
    process.execPath,
    ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', String(port)],
    {
      stdio: 'ignore',
    },
  );
  try {
    await expect
      .poll(async () => (await fetch(`http://127.0.0.1:${port}/api/health`).catch(() => null))?.status ?? 0)
      .toBe(200);
    const there = await context.newPage();
    await there.goto(url.replace(/:\d+/, `:${port}`));
    await expect(there.getByText('It should look like this now')).toBeVisible();
    await page.keyboard.press('s');
    await expect(there.getByRole('button', { name: 'Take back the last tap' })).toBeVisible();
    await there.keyboard.press('d');
    await expect(page.getByRole('heading', { name: 'How did it come out?' })).toBeVisible();
  } finally {
    second.kill();
  }
});
