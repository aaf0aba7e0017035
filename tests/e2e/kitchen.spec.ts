import { expect, test } from '@playwright/test';
import { enterOwnKitchen, expectAccessible, expectNoSidewaysScroll, fullForecast } from './helpers';

test('the demo kitchen shows a month of batches, each by its colours', async ({ page }) => {
  await page.goto('/log');
  await expect(page.getByRole('button', { name: 'Kitchen: Larder' })).toBeVisible();
  await expect.poll(() => page.getByRole('img', { name: /Colours when pulled/ }).count()).toBeGreaterThanOrEqual(12);
  await expectAccessible(page);
  await page.getByRole('link', { name: /Beetroot chips/ }).click();
  await expect(page.getByRole('heading', { name: 'Beetroot chips' })).toBeVisible();
  await expect(page.getByRole('row', { name: /Colour when pulled/ })).toContainText(/\d\.\d\d/);
  await expectAccessible(page);
  await page.setViewportSize({ width: 390, height: 844 });
  await expectNoSidewaysScroll(page);
});

test('an empty kitchen says how to begin', async ({ page }) => {
  await enterOwnKitchen(page);
  await page.goto('/log');
  await expect(page.getByText(/No batch yet/)).toBeVisible();
  await page.goto('/cook');
  await expect(page.getByText('Nothing is cooking')).toBeVisible();
});

test('another kitchen’s batch can neither be seen nor written', async ({ page, browser }) => {
  await page.goto('/log');
  const href = await page
    .getByRole('link', { name: /Carrot sticks/ })
    .first()
    .getAttribute('href');
  const stranger = await browser.newContext();
  const other = await stranger.newPage();
  await enterOwnKitchen(other);
  await other.goto(href!);
  await expect(other.getByRole('heading', { name: 'Nothing here' })).toBeVisible();
  const status = await other.evaluate(async (path) => {
    const response = await fetch(`/api/batches/${path.split('/').pop()}/outcome`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ crispness: 'soft', browning: 0.1, evenness: 'uneven' }),
    });
    return response.status;
  }, href!);
  expect(status).toBe(404);
  await stranger.close();
});

test('a forged cookie opens nothing', async ({ page, context, baseURL }) => {
  await page.goto('/');
  await expect(page.getByRole('button', { name: /^Kitchen:/ })).toBeVisible();
  const cookie = (await context.cookies()).find(({ name }) => name === 'drubek_session');
  const { value } = cookie!;
  await context.addCookies([{ ...cookie!, value: `${value.startsWith('A') ? 'B' : 'A'}${value.slice(1)}` }]);
  const answer = await page.request.put(`${baseURL}/api/kitchen/units`, {
    data: { unitSystem: 'us' },
    headers: { origin: baseURL! },
  });
  expect(answer.status()).toBe(401);
});

test('bad requests are refused in words', async ({ page, baseURL }) => {
  await enterOwnKitchen(page);
  const post = (data: unknown, headers: Record<string, string> = { origin: baseURL! }) =>
    page.request.post(`${baseURL}/api/batches`, { data: data as string, headers });
  const malformed = await post({
    batchId: 'x',
    fryerName: 'F',
    document: { format: 'drubek.plan', version: 2 },
    forecast: {},
  });
  expect(malformed.status()).toBe(422);
  expect(((await malformed.json()) as { error: string }).error).toContain('document.mass_g: is missing');
  expect((await post({ filler: 'x'.repeat(70_000) })).status()).toBe(413);
  expect((await post({}, { origin: 'http://elsewhere.example' })).status()).toBe(403);
  await page.goto('/log/not-a-batch');
  await expect(page.getByRole('heading', { name: 'Nothing here' })).toBeVisible();
});

test('every page carries a strict policy and runs without breaking it', async ({ page }) => {
  const complaints: string[] = [];
  page.on('console', (message) => {
    if (message.type() === 'error') complaints.push(message.text());
  });
  /* past the door, which sends a browser on by itself */
  await page.goto('/');
  await expect(page.getByRole('button', { name: /^Kitchen:/ })).toBeVisible();
  for (const path of ['/', '/cook', '/log']) {
    const response = await page.goto(path);
    const policy = response!.headers()['content-security-policy']!;
    expect(policy).toContain("default-src 'self'");
    expect(policy).not.toContain('unsafe-eval');
  }
  await page.goto('/');
  await fullForecast(page);
  expect(complaints).toEqual([]);
});
