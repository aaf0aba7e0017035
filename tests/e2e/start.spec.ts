import { expect, type Page, test } from '@playwright/test';
import { enterOwnKitchen, expectAccessible, expectNoSidewaysScroll, fullForecast } from './helpers';

/** What a newcomer does, counted: each touch or typed word is one action. */
class Newcomer {
  actions = 0;
  constructor(private readonly page: Page) {}
  async touch(role: 'radio' | 'button', name: RegExp): Promise<void> {
    this.actions++;
    await this.page.getByRole(role, { name }).first().click();
  }
  async find(name: string): Promise<void> {
    this.actions++;
    await this.page.getByRole('searchbox', { name: 'Name of a food' }).fill(name);
    await this.page.keyboard.press('Enter');
  }
}

const MOST_ACTIONS = 6;

/* by the names that cooks know them by; what must be found, and a word of its way */
const DISHES: readonly { typed: string; food: string; way: RegExp; more: number }[] = [
  { typed: 'kale', food: 'Kale', way: /Crisps, at 150/, more: 0 },
  { typed: 'zucchini', food: 'Courgette', way: /Slices 8 mm, crumbed/, more: 1 },
  { typed: 'beet', food: 'Beetroot', way: /Chips, 2 mm/, more: 0 },
  { typed: 'bean curd', food: 'Firm tofu', way: /in starch/, more: 2 },
  { typed: 'fish', food: 'Crumbed fish fillet', way: /from the freezer/, more: 0 },
  { typed: 'celery root', food: 'Celeriac', way: /boiled first/, more: 2 },
];

for (const { typed, food, way, more } of DISHES) {
  test(`${typed}: from the first visit to the moment to pull in few actions`, async ({ page }) => {
    await enterOwnKitchen(page);
    await page.goto('/');
    await expect(page).toHaveURL(/\/start$/);
    const cook = new Newcomer(page);
    await cook.find(typed);
    await expect(page.getByRole('radio', { name: new RegExp(`^${food}`) })).toBeChecked();
    await cook.touch('radio', way);
    for (let n = 0; n < more; n++) await cook.touch('button', /^One more$/);
    await expect(page.getByText('working it out …')).toHaveCount(0);
    const foot = page.getByText(/^Pull after about \d+ min/);
    await expect(foot).toBeVisible();
    const minute = /about (\d+)/.exec(await foot.innerText())![1]!;
    /* the way and the foot say one moment */
    await expect(page.getByRole('radio', { name: way })).toContainText(`about ${minute} min`);
    await cook.touch('button', /^Open on the bench$/);
    await expect(page).toHaveURL(/\?plan=/);
    await expect(page.getByRole('heading', { name: `Pull after about ${minute} min` })).toBeVisible();
    await fullForecast(page);
    await expect(page.getByLabel('Name of the plan')).toHaveValue(new RegExp(`^${food}`));
    expect(cook.actions).toBeLessThanOrEqual(MOST_ACTIONS);
  });
}

test('the start page: by keyboard alone, whole at phone width, nothing serious found by axe', async ({ page }) => {
  await enterOwnKitchen(page);
  await page.goto('/start');
  await page.getByRole('radio', { name: /^Floury potato/ }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('radio', { name: /^Sweet potato/ })).toBeChecked();
  await expect(page.getByText(/^Pull after about \d+ min/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: /\d+ more/ }).click();
  await expect(page.getByRole('radiogroup', { name: 'Food' }).getByRole('radio')).toHaveCount(39);
  await page.getByRole('searchbox').fill('nothing of the kind');
  await expect(page.getByText(/No food of that name/)).toBeVisible();
  await page.getByRole('searchbox').fill('');
  await page.setViewportSize({ width: 390, height: 844 });
  await expectNoSidewaysScroll(page);
  await expectAccessible(page);
});

test('on a phone what was found lies in view on the counter, chosen', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await enterOwnKitchen(page);
  await page.goto('/start');
  await new Newcomer(page).find('carrot');
  const carrot = page.getByRole('radio', { name: /^Carrot/ });
  await expect(carrot).toBeChecked();
  await expect(carrot).toBeInViewport({ ratio: 0.9 });
});

test('another fryer in three taps, and it is there', async ({ page }) => {
  await enterOwnKitchen(page);
  await page.goto('/start');
  await page.getByRole('button', { name: 'Another fryer' }).click();
  const form = page.getByRole('group', { name: 'Another fryer' });
  await form.getByRole('radio', { name: 'A bowl' }).click();
  await expect(form.getByText(/Taken for it: 345 cm² of floor/)).toBeVisible();
  await form.getByRole('button', { name: 'Use this fryer' }).click();
  await expect(page.getByRole('radio', { name: /^A bowl, 4 l/ })).toBeChecked();
  await expect(page.getByText(/^Pull after about \d+ min/)).toBeVisible();
  await page.goto('/kitchen');
  await expect(page.getByRole('strong').filter({ hasText: 'A bowl, 4 l' })).toBeVisible();
});

test('a server that is away loses nothing of what was chosen', async ({ page }) => {
  await enterOwnKitchen(page);
  await page.goto('/start');
  await page.getByRole('searchbox').fill('okra');
  await page.keyboard.press('Enter');
  await page.route('**/api/plans/*', (route) => route.abort());
  await page.getByRole('button', { name: 'Open on the bench' }).click();
  await expect(page.getByText(/Everything here stays as it is; try again/)).toBeVisible();
  await expect(page.getByRole('radio', { name: /^Okra/ })).toBeChecked();
  await page.unroute('**/api/plans/*');
  await page.getByRole('button', { name: 'Open on the bench' }).click();
  await expect(page).toHaveURL(/\?plan=/);
});
