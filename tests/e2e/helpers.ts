import { randomUUID } from 'node:crypto';
import { AxeBuilder } from '@axe-core/playwright';
import { expect, type Locator, type Page, test } from '@playwright/test';

/** The stations in working order, as their tabs are called. */
export const STATIONS = [
  'Produce',
  'Cut',
  'Soak',
  'Press',
  'Par-cook',
  'Dry',
  'Coat',
  'Fryer',
  'Load',
  'Cook',
  'Rest',
  'All steps',
] as const;

/** The interval beside the moment to pull. */
export const INTERVAL = /^\(\d+(–\d+| to beyond the stages)\)$/;

/** The bench is alive: what the server sends has a forecast too, but nothing of it can be touched. */
async function expectAlive(page: Page): Promise<void> {
  await expect(page.getByRole('button', { name: 'Cook this' })).toBeEnabled();
}

/** Moves this browser into a kitchen of its own, so that tests do not meet. */
export async function enterOwnKitchen(page: Page, origin = test.info().project.use.baseURL!): Promise<void> {
  /* past the page, which would begin to forecast for nothing; the menu has tests of its own */
  const made = await page.request.post(`${origin}/api/session/enter`, {
    data: { kitchen: 'new' },
    headers: { origin },
  });
  expect(made.ok()).toBe(true);
  /* a plan of its own address, past the choice of what to make, which has tests of its own */
  await page.goto(`${origin}/?plan=${randomUUID()}`);
  await expect(page.getByRole('button', { name: 'Kitchen: My kitchen' })).toBeVisible();
  await expectAlive(page);
}

/** Begins a batch of the plan on the bench, and is in its preparation. */
export async function beginBatch(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Cook this' }).click();
  await expect(page).toHaveURL(/\/cook\/[0-9a-f-]{36}$/);
}

/** Waits until the bench is alive and shows a full forecast with its interval, and returns the moment to pull in words. */
export async function fullForecast(page: Page): Promise<string> {
  await expectAlive(page);
  await expect(page.getByText(INTERVAL)).toBeVisible();
  return page.getByRole('heading', { name: /^Pull after|^Not done/ }).innerText();
}

/**
 * Takes an item from the menu of a button. What is above may still grow on a busy machine and move the menu from under the
 * pointer; a tap beside the item leaves the menu open, and is made again as a cook would. A menu that closed after a tap was
 * tapped rightly, however late that came back: a second tap would take the item twice.
 */
export async function takeFromMenu(trigger: Locator, item: Locator, how: 'click' | 'tap' = 'click'): Promise<void> {
  let tapped = false;
  await expect(async () => {
    if (!(await item.isVisible())) {
      if (tapped) return;
      await trigger[how]({ timeout: 8000 });
      await expect(item).toBeVisible({ timeout: 8000 });
    }
    tapped = true;
    await item[how]({ timeout: 8000 });
    await expect(item).toBeHidden({ timeout: 10_000 });
  }).toPass({ timeout: 120_000 });
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

/**
 * Questions to the page's workers that a test can hold back and then ask, to look where things lie without an answer; what is held
 * stays so when the page is loaded anew. To be called before the page is opened.
 */
export async function holdableQuestions(page: Page): Promise<{ hold(): Promise<void>; ask(): Promise<void> }> {
  await page.addInitScript(() => {
    const HELD = 'held-questions';
    const post = Worker.prototype.postMessage;
    const waiting: (() => void)[] = [];
    Worker.prototype.postMessage = function (this: Worker, ...args: unknown[]) {
      const send = () => Reflect.apply(post, this, args);
      if (sessionStorage.getItem(HELD)) waiting.push(send);
      else send();
    };
    addEventListener('hold-questions', () => sessionStorage.setItem(HELD, 'yes'));
    addEventListener('ask-questions', () => {
      sessionStorage.removeItem(HELD);
      for (const send of waiting.splice(0)) send();
    });
  });
  const say = (what: string) => page.evaluate((name) => void dispatchEvent(new Event(name)), what);
  return { hold: () => say('hold-questions'), ask: () => say('ask-questions') };
}

/**
 * Workers that a test can make end by a fault, all that run and, until they may run again, all that are begun. To be called before
 * the page is opened.
 */
export async function brittleWorkers(
  page: Page,
): Promise<{ fault(forGood?: boolean): Promise<void>; allow(): Promise<void> }> {
  await page.addInitScript(() => {
    const running: Worker[] = [];
    let forbidden = false;
    const end = (worker: Worker) => {
      worker.terminate();
      worker.dispatchEvent(new ErrorEvent('error', { message: 'made to end' }));
    };
    window.Worker = new Proxy(Worker, {
      construct(target, args) {
        const worker = Reflect.construct(target, args) as Worker;
        running.push(worker);
        if (forbidden) setTimeout(() => end(worker));
        return worker;
      },
    });
    addEventListener('end-workers', (event) => {
      forbidden = (event as CustomEvent<boolean>).detail;
      running.splice(0).forEach(end);
    });
    addEventListener('allow-workers', () => (forbidden = false));
  });
  return {
    fault: (forGood = false) =>
      page.evaluate((detail) => void dispatchEvent(new CustomEvent('end-workers', { detail })), forGood),
    allow: () => page.evaluate(() => void dispatchEvent(new Event('allow-workers'))),
  };
}
