import { expect, type Page } from '@playwright/test';

/** Begins an evening and is on its page. */
export async function planEvening(page: Page, origin = ''): Promise<void> {
  await page.goto(`${origin}/evenings`);
  await page.getByRole('button', { name: 'Plan an evening' }).click();
  await expect(page).toHaveURL(/\/evenings\/[0-9a-f-]{36}$/);
  await expect(page.getByRole('form', { name: 'Add a dish' })).toBeVisible();
}

/** Adds a dish in the cook's own words. */
export async function addOwn(page: Page, name: string, steps: string, manner: RegExp): Promise<void> {
  const form = page.getByRole('form', { name: 'Add a dish' });
  await form.getByRole('radio', { name: 'In your own words' }).click();
  await form.getByLabel('Name').fill(name);
  await form.getByLabel('Steps, a line each').fill(steps);
  await form.getByRole('radio', { name: manner }).click();
  await form.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByRole('list', { name: 'Dishes' }).getByText(name, { exact: true })).toBeVisible();
}

/** An evening of stew and bread for two pairs of hands, kept. */
export async function planForTwoCooks(page: Page): Promise<void> {
  await planEvening(page);
  await addOwn(page, 'Stew', 'chop roots 20 min\nsimmer stew 2 min, 25 min waiting, hob', /^Hot/);
  await addOwn(page, 'Bread', 'slice bread 5 min', /^Keeps/);
  await page.getByRole('tab', { name: 'Who, when, with what' }).click();
  await page.getByRole('radiogroup', { name: 'Pairs of hands' }).getByRole('radio', { name: '2' }).click();
  await expect(page.getByText('Saved')).toBeVisible();
}
