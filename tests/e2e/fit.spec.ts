import { expect, type Page, test } from '@playwright/test';
import { beginBatch, enterOwnKitchen, expectNoSidewaysScroll, fullForecast, STATIONS } from './helpers';

/** Least size of what is touched, CSS px. Source: WCAG 2.2, 2.5.5. */
const LEAST = 44;

/** What is too small to touch, or cut off, on the page as it is: words that say which and how. */
async function misfits(page: Page): Promise<string[]> {
  return page.evaluate((least) => {
    const found: string[] = [];
    const shown = (element: Element) => {
      const box = element.getBoundingClientRect();
      return (
        box.width > 1 && box.height > 1 && element.checkVisibility({ opacityProperty: true, visibilityProperty: true })
      );
    };
    const name = (element: Element) =>
      `${element.tagName.toLowerCase()} “${(element.getAttribute('aria-label') ?? element.textContent ?? '').trim().slice(0, 40)}”`;
    for (const element of document.querySelectorAll(
      'button, select, input:not([type=hidden]), a[href], [role=tab], [role=radio]',
    )) {
      if (!shown(element) || element.closest('.sr-only')) continue;
      /* a link within a sentence is as high as its line */
      if (element.matches('p a, li a, td a, dd a, span a, label input')) continue;
      /* beside a thin bar of a pass a touch means the nearest */
      if (element.closest('[data-nearest]')) continue;
      const { width, height } = element.getBoundingClientRect();
      if (Math.round(height) < least || Math.round(width) < least) {
        found.push(`${name(element)} is ${Math.round(width)}×${Math.round(height)}`);
      }
    }
    for (const element of document.querySelectorAll('main *')) {
      if (!(element instanceof HTMLElement) || !shown(element) || element.closest('.sr-only, [aria-hidden=true]'))
        continue;
      const { overflowX, textOverflow } = getComputedStyle(element);
      const cut = element.scrollWidth - element.clientWidth;
      if ((overflowX === 'hidden' || overflowX === 'clip') && textOverflow !== 'ellipsis' && cut > 2)
        found.push(`${name(element)} is cut off by ${cut} px`);
    }
    for (const word of document.querySelectorAll<SVGTextElement>('main svg text')) {
      let drawing = word.ownerSVGElement!;
      while (drawing.ownerSVGElement) drawing = drawing.ownerSVGElement;
      if (!shown(word) || getComputedStyle(drawing).overflowX === 'visible') continue;
      const [box, frame] = [word.getBoundingClientRect(), drawing.getBoundingClientRect()];
      const cut = Math.max(frame.left - box.left, box.right - frame.right);
      if (cut > 2) found.push(`${name(word)} is cut off by ${Math.round(cut)} px in its drawing`);
    }
    return found;
  }, LEAST);
}

for (const [device, viewport] of [
  ['phone', { width: 390, height: 844 }],
  ['tablet', { width: 820, height: 1180 }],
] as const) {
  test(`${device}: on every screen nothing is cut off, nothing too small to touch, nothing scrolls sideways`, async ({
    browser,
  }) => {
    const context = await browser.newContext({ viewport, hasTouch: true, isMobile: true });
    const page = await context.newPage();
    const wrong: string[] = [];
    const look = async (where: string) => {
      /* what is worked out late can be wider than what stood there before */
      await expect(page.locator('main').getByText('…', { exact: true })).toHaveCount(0);
      await expectNoSidewaysScroll(page);
      wrong.push(...(await misfits(page)).map((fault) => `${where}: ${fault}`));
    };
    await enterOwnKitchen(page);
    const bench = page.url();
    await fullForecast(page);
    for (const name of STATIONS) {
      await page.getByRole('tab', { name: new RegExp(`^${name}`) }).tap();
      await expect(page.getByRole('heading', { level: 1, name })).toBeVisible();
      await look(name);
    }
    await page.goto(bench);
    await fullForecast(page);
    await beginBatch(page);
    await expect(page.getByRole('region', { name: 'Preparation' })).toBeVisible();
    await look('preparation');
    await page.getByRole('button', { name: 'The basket is in: start' }).tap();
    await expect(page.getByText('It should look like this now')).toBeVisible();
    await look('run');
    /* the question, the drawer and the main answer are in the first screen */
    await expect(page.getByRole('button', { name: /Shaken/ })).toBeInViewport({ ratio: 1 });
    /* the other rooms in a kitchen that has cooked for a month */
    const { origin } = new URL(page.url());
    await page.request.post(`${origin}/api/session/enter`, { data: { kitchen: 'first' }, headers: { origin } });
    for (const path of [
      '/start',
      '/plans',
      '/kitchen',
      '/kitchen?show=cutters',
      '/kitchen?show=devices',
      '/kitchen?show=people',
      '/kitchen?show=data',
      '/kitchen?show=cautions',
      '/log',
      '/log/bring-in',
      '/trials',
      '/open',
      '/gauge',
      '/cook',
      '/evenings',
    ]) {
      await page.goto(path);
      await expect(page.getByRole('button', { name: 'Kitchen: Larder' })).toBeVisible();
      await look(path);
    }
    await page.goto('/log');
    await page
      .getByRole('link', { name: /Carrot sticks/ })
      .first()
      .tap();
    await expect(page.getByRole('heading', { name: 'What happened' })).toBeVisible();
    await look('a batch');
    await page.goto('/evenings');
    await page.getByRole('link', { name: 'Board-game evening' }).tap();
    for (const room of ['What is next', 'The order', 'Dishes', 'Who, when, with what', 'To lay out']) {
      await page.getByRole('tab', { name: room }).tap();
      await expect(page.getByText(/Forecasting dish|Trying the orders/)).toBeHidden();
      await look(`evening, ${room}`);
    }
    expect(wrong).toEqual([]);
    await context.close();
  });
}
