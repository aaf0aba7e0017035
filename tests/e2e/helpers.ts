import { AxeBuilder } from '@axe-core/playwright';
import { expect, type Page, test } from '@playwright/test';

/** The interval beside the moment to pull. */
export const INTERVAL = /^\(\d+(–\d+| to beyond the stages)\)$/;

/** Moves this browser into a kitchen of its own, so that tests do not meet. */
export async function enterOwnKitchen(page: Page, origin = test.info().project.use.baseURL!): Promise<void> {
  /* past the page, which would begin to forecast for nothing; the menu has tests of its own */
  const made = await page.request.post(`${origin}/api/session/enter`, {
    data: { kitchen: 'new' },
    headers: { origin },
  });
  expect(made.ok()).toBe(true);
  await page.goto(origin);
  await expect(page.getByRole('button', { name: 'Kitchen: My kitchen' })).toBeVisible();
  /* the page is alive once it forecasts */
  await expect(page.getByRole('heading', { name: /^Pull after|^Not done/ })).toBeVisible({ timeout: 30_000 });
}

/** Begins a batch of the plan on the bench, and is in its preparation. */
export async function beginBatch(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Cook this' }).click({ timeout: 30_000 });
  await expect(page).toHaveURL(/\/cook\/[0-9a-f-]{36}$/);
}

/** Waits until the bench shows a full forecast with its interval, and returns the moment to pull in words. */
export async function fullForecast(page: Page): Promise<string> {
  await expect(page.getByText(INTERVAL)).toBeVisible({ timeout: 30_000 });
  return page.getByRole('heading', { name: /^Pull after|^Not done/ }).innerText();
}

/** Nothing serious or critical by axe on the page, or within a part of it. */
export async function expectAccessible(page: Page, within?: string): Promise<void> {
  const builder = new AxeBuilder({ page });
  const { violations } = await (within ? builder.include(within) : builder).analyze();
  const serious = violations.filter(({ impact }) => impact === 'serious' || impact === 'critical');
  expect(serious.map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`)).toEqual([]);
}

/** The page is no wider than the screen. */
export async function expectNoSidewaysScroll(page: Page): Promise<void> {
  const overflow = await page.evaluate(
    () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
  );
  expect(overflow).toBeLessThanOrEqual(0);
}
