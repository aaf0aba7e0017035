import { expect, test } from '@playwright/test';
import { ORDINARY_BATCHES } from '../reference/ordinary-batches';
import { enterOwnKitchen, STATIONS } from './helpers';

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
      await expect(panel.getByText(/^(without it: )?…$|^Working out/)).toHaveCount(0);
      await expect(panel.getByText('cannot be worked out')).toHaveCount(0);
    }
  });
}
