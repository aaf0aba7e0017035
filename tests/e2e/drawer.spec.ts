import { expect, type Locator, type Page, test } from '@playwright/test';
import { enterOwnKitchen, fullForecast } from './helpers';

/* drawn by the processor here: that it is drawn and follows, not how fast */
test.use({
  launchOptions: {
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--use-angle=swiftshader', '--enable-unsafe-swiftshader', '--ignore-gpu-blocklist'],
  },
});

/** Mean red, green and blue of what is painted, and how many colours there are. */
async function paintedIn(canvas: Locator): Promise<{ mean: number[]; colours: number }> {
  return canvas.evaluate((element: HTMLCanvasElement) => {
    const { width, height } = element;
    const { data } = element.getContext('2d')!.getImageData(0, 0, width, height);
    const sums = [0, 0, 0];
    const seen = new Set<number>();
    for (let i = 0; i < data.length; i += 4) {
      for (let c = 0; c < 3; c++) sums[c]! += data[i + c]!;
      seen.add((data[i]! >> 4) * 256 + (data[i + 1]! >> 4) * 16 + (data[i + 2]! >> 4));
    }
    return { mean: sums.map((sum) => sum / (width * height)), colours: seen.size };
  });
}

/** What is painted after a key moved the playhead: once the drawer is about another minute and all its light is in. */
async function atMinute(page: Page, key: 'Home' | 'End', drawer: Locator, canvas: Locator) {
  const before = await drawer.getAttribute('aria-label');
  await canvas.evaluate((element: HTMLCanvasElement) => delete element.dataset.still);
  await page.keyboard.press(key);
  await expect(drawer).not.toHaveAttribute('aria-label', before!);
  await expect(canvas).toHaveAttribute('data-still', /./);
  return paintedIn(canvas);
}

test('the drawer is painted as food, darkens along the field, and is the same each time', async ({ page }) => {
  await enterOwnKitchen(page);
  await fullForecast(page);
  const drawer = page.getByRole('img', { name: /basket/ });
  const canvas = drawer.locator('canvas').last();
  await expect(canvas).toHaveAttribute('data-still', /./);
  const field = page.getByRole('slider', { name: 'Colour field, read by minute' });
  await field.focus();
  const raw = await atMinute(page, 'Home', drawer, canvas);
  expect(raw.colours).toBeGreaterThan(30);
  await expect(drawer).toHaveAccessibleName(/after 0 min/);
  const dark = await atMinute(page, 'End', drawer, canvas);
  expect(dark.mean[0]!).toBeLessThan(raw.mean[0]! - 8);
  const again = await atMinute(page, 'Home', drawer, canvas);
  expect(Math.abs(again.mean[0]! - raw.mean[0]!)).toBeLessThan(3);
  await expect(drawer).toHaveAccessibleName(/after 0 min/);
});
