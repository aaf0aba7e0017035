import { expect, test } from '@playwright/test';
import { ORDINARY_BATCHES } from '../reference/ordinary-batches';
import { enterOwnKitchen, fullForecast, holdableQuestions, STATIONS } from './helpers';

/* ten different plans: what no price came for was always a station that no test had waited at */
for (const id of [
  'potato sticks 10 mm',
  'potato chips 2 mm',
  'sweet potato sticks in starch',
  'celeriac sticks crumbed',
  'courgette slices, bare',
  'cauliflower florets, battered',
  'kale, 80 g',
  'marinated tofu cubes',
  'chickpeas',
  'crumbed fish fingers',
]) {
  test(`${id}: at every station each price comes`, async ({ page }) => {
    const { plan } = ORDINARY_BATCHES.find((one) => one.id === id)!;
    await enterOwnKitchen(page);
    await page.goto('/open');
    await page.getByLabel('or paste its text').fill(JSON.stringify({ ...plan, name: id }));
    await page.getByRole('button', { name: 'Put it on the bench' }).click();
    await expect(page.getByLabel('Name of the plan')).toHaveValue(id);
    for (const name of STATIONS) {
      await page.getByRole('tab', { name: new RegExp(`^${name}`) }).click();
      const panel = page.getByRole('tabpanel');
      await expect(panel).not.toBeEmpty();
      await expect(panel.getByText(WAITING)).toHaveCount(0);
      await expect(panel.getByText('cannot be worked out')).toHaveCount(0);
    }
  });
}

/** Stations whose choices have prices. */
const PRICED = ['Soak', 'Par-cook', 'Dry', 'Coat', 'Fryer', 'Load', 'Cook', 'Rest'];

const WAITING = /^(without it: )?…$|^Working out/;

test('what arrives at a station moves nothing there from under a finger', async ({ page }) => {
  const questions = await holdableQuestions(page);
  await enterOwnKitchen(page);
  await fullForecast(page);
  const panel = page.getByRole('tabpanel');
  const places = () =>
    panel.locator('[role=radiogroup], [role=slider], table, h3, summary').evaluateAll((parts) =>
      parts.map((part) => {
        const { top } = part.getBoundingClientRect();
        const panelTop = part.closest('[role=tabpanel]')!.getBoundingClientRect().top;
        return `${part.getAttribute('role') ?? part.tagName} at ${Math.round((top - panelTop) / 4) * 4}`;
      }),
    );
  const open = async (name: string) => {
    await page.getByRole('tab', { name: new RegExp(`^${name}`) }).click();
    await expect(panel.getByRole('radiogroup').first()).toBeVisible();
  };
  /* once through all: parts of a station that are loaded when first opened come one after the other */
  for (const name of PRICED) {
    await open(name);
    await expect(panel.getByText(WAITING)).toHaveCount(0);
  }
  for (const [width, mass] of [
    [1280, 480],
    [390, 460],
  ] as const) {
    await open('Load');
    await page.getByRole('textbox', { name: 'Into the basket' }).fill(String(mass));
    await page.getByRole('textbox', { name: 'Into the basket' }).press('Enter');
    await expect(page.getByRole('tab', { name: new RegExp(`^Produce.*${mass} g`) })).toBeVisible();
    await page.setViewportSize({ width, height: 844 });
    for (const name of PRICED) {
      await open(name === 'Rest' ? 'Soak' : 'Rest');
      await questions.hold();
      await open(name);
      const before = await places();
      await questions.ask();
      await expect(panel.getByText(WAITING)).toHaveCount(0);
      expect(await places(), `${name} at ${width}`).toEqual(before);
    }
  }
});
