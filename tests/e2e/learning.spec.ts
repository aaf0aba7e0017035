import { randomUUID } from 'node:crypto';
import { expect, type Page, test } from '@playwright/test';
import { FIRST_PLAN } from '../../src/schemas/first-plan';
import type { PlanFile } from '../../src/schemas/plan-file';
import { writePlanFile } from '../../src/schemas/write-plan';
import { pastBatch } from '../support/batch';
import {
  enterOwnKitchen,
  expectAccessible,
  expectNoSidewaysScroll,
  fullForecast,
  INTERVAL,
  takeFromMenu,
} from './helpers';

/** Says to the server what a cook tells of a batch, an hour ago: paler than shown on the way, pulled at this minute. */
async function tellBatch(
  page: Page,
  { minute, change = {}, outcome = {} }: { minute: number; change?: Partial<PlanFile>; outcome?: object },
): Promise<string> {
  const batchId = randomUUID();
  const headers = { origin: new URL(page.url()).origin };
  const send = async (method: 'post' | 'put', path: string, data: unknown) => {
    const answer = await page.request[method](`/api/batches${path}`, { data, headers });
    expect([path, answer.status()]).toEqual([path, 200]);
  };
  const document = writePlanFile({ ...FIRST_PLAN, ...change });
  await send('post', '', { batchId, fryerName: 'My fryer', document, forecast: pastBatch().forecast, beside: true });
  const at = (min: number) => Date.now() - 3_600_000 + min * 60_000;
  await send('post', `/${batchId}/events`, {
    events: [
      { id: randomUUID(), kind: 'loaded', happenedAt: at(0), detail: {} },
      { id: randomUUID(), kind: 'shaken', happenedAt: at(8), detail: {} },
      { id: randomUUID(), kind: 'looked', happenedAt: at(14), detail: { look: 'paler', shown: 0.5 } },
      { id: randomUUID(), kind: 'done', happenedAt: at(minute), detail: {} },
    ],
  });
  await send('put', `/${batchId}/outcome`, {
    crispness: 'crisp',
    browning: 0.8,
    evenness: 'even',
    faults: [],
    note: '',
    liked: 'as-wished',
    heart: null,
    next: 'again',
    fingerprint: [0.6, 0.7, 0.8, 0.9, 1],
    ...outcome,
  });
  return batchId;
}

/** Waits until this device has worked out what all batches say. */
async function workedOut(page: Page): Promise<void> {
  await expect(async () => {
    const answer = await page.request.get('/api/kitchen/untold');
    expect((await answer.json()) as unknown).toEqual({ untold: [] });
  }).toPass({ timeout: 90_000 });
}

const minutesOf = (words: string) => Number(/(\d+)/.exec(words)![1]);
const widthOf = (words: string) => {
  const [, from, to] = /^\((\d+)–(\d+)\)$/.exec(words)!;
  return Number(to) - Number(from);
};

test('three batches that came late: the fourth forecast is later and surer, the fryer’s card says why, and lets go of it', async ({
  page,
}) => {
  await enterOwnKitchen(page);
  const bench = page.url();
  const before = minutesOf(await fullForecast(page));
  const wide = widthOf(await page.getByText(INTERVAL).innerText());
  for (let i = 0; i < 3; i++) await tellBatch(page, { minute: before + 6 });
  await page.goto('/log');
  await workedOut(page);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'What this kitchen has found out' })).toBeVisible();
  await expect(page.getByText('counts for the line opened above')).toHaveCount(3);
  await expectAccessible(page);

  await page.goto(bench);
  const after = minutesOf(await fullForecast(page));
  expect(after).toBeGreaterThanOrEqual(before + 2);
  expect(widthOf(await page.getByText(INTERVAL).innerText())).toBeLessThan(wide);

  await page.goto('/kitchen');
  await expect(page.getByText(/from 3 batches/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('switch', { name: 'Begin forecasts from what was learnt of My fryer' }).click();
  await expect(page.getByText('Forecasts take it as its label says.')).toBeVisible();
  await page.goto(bench);
  await fullForecast(page);
  /* the fryer is taken as its label says; what was learnt with it of food and taste went along */
  await expect(page.getByRole('heading', { name: `Pull after about ${before} min` })).toBeVisible();
  await page.goto('/kitchen');
  await page.getByRole('switch', { name: 'Begin forecasts from what was learnt of My fryer' }).click();
  await page.getByRole('button', { name: 'Start afresh' }).click();
  await expect(page.getByText(/Begun afresh on/)).toBeVisible();
  await page.getByRole('button', { name: 'Count the old batches again' }).click();
  await expect(page.getByText(/from 3 batches/)).toBeVisible();
});

test('the log: looked for by a word, laid side by side with what makes the difference, taken out and had back', async ({
  page,
}) => {
  await enterOwnKitchen(page);
  await tellBatch(page, { minute: 24, change: { name: 'Light load' } });
  await tellBatch(page, { minute: 33, change: { name: 'Heavy load', mass_g: 1000 }, outcome: { note: 'a heap' } });
  await page.goto('/log');
  await expect(page.getByText('2 batches', { exact: true })).toBeVisible();
  await page.getByRole('searchbox', { name: 'Search the log' }).fill('heap');
  await expect(page.getByText('one batch', { exact: true })).toBeVisible();
  await expect(page).toHaveURL(/words=heap/);
  await page.getByRole('searchbox', { name: 'Search the log' }).fill('');
  await expect(page.getByText('2 batches', { exact: true })).toBeVisible();
  for (const box of await page.getByRole('checkbox').all()) await box.check();
  await page.getByRole('link', { name: 'Lay side by side' }).click();
  await expect(page.getByRole('heading', { name: 'What explains the difference' })).toBeVisible();
  await expect(page.getByText('the amount', { exact: true })).toBeVisible();
  await expectAccessible(page);
  await page.setViewportSize({ width: 390, height: 844 });
  await expectNoSidewaysScroll(page);

  await page.getByRole('link', { name: 'Heavy load' }).first().click();
  await page.getByRole('button', { name: 'Delete' }).click();
  await expect(page.getByText(/Heavy load is taken out of the log/)).toBeVisible();
  await expect(page.getByText('one batch', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page).toHaveURL(/\/log\/[0-9a-f-]{36}$/);
  await page.goto('/log');
  await expect(page.getByText('2 batches', { exact: true })).toBeVisible();
});

test('a batch that went wrong: its causes are tried, a question tells them apart, the mend is planned', async ({
  page,
}) => {
  await enterOwnKitchen(page);
  const outcome = {
    crispness: 'soft',
    browning: 0.25,
    liked: 'too-pale',
    heart: null,
    next: 'not-again',
    fingerprint: [0.2, 0.25, 0.3],
  };
  const batchId = await tellBatch(page, { minute: 20, outcome });
  await page.goto(`/log/${batchId}`);
  const causes = page.getByRole('tablist', { name: 'Likely causes' });
  await expect(causes.getByRole('tab').first()).toBeVisible();
  await expect(page.getByText('You said: soggy, pale.')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Yes', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Take back the last answer' })).toBeVisible();
  await page.setViewportSize({ width: 390, height: 844 });
  await expectNoSidewaysScroll(page);
  await page.getByRole('button', { name: 'Plan it again, corrected' }).click();
  await expect(page).toHaveURL(/\/\?plan=/);
  await expect(page.getByLabel('Name of the plan')).toHaveValue(/, corrected$/);
  await fullForecast(page);
});

test('without a batch, by a plan alone: what is complained of, what does it, and the mend as a plan', async ({
  page,
}) => {
  await enterOwnKitchen(page);
  await fullForecast(page);
  await takeFromMenu(
    page.getByRole('button', { name: 'This plan' }),
    page.getByRole('menuitem', { name: 'What goes wrong with it' }),
  );
  await expect(page.getByRole('heading', { name: 'What goes wrong with it?' })).toBeVisible();
  await page.getByText('Soggy', { exact: true }).click();
  await page.getByText('Pale', { exact: true }).click();
  await expect(page.getByRole('tablist', { name: 'Likely causes' }).getByRole('tab').first()).toBeVisible();
  await expect(page.getByText('You said: soggy, pale.')).toBeVisible();
  await expectAccessible(page);
  await page.setViewportSize({ width: 390, height: 844 });
  await expectNoSidewaysScroll(page);
  await page.getByRole('button', { name: 'Plan it again, corrected' }).click();
  await expect(page.getByLabel('Name of the plan')).toHaveValue(/, corrected$/);
});

test('a fryer is measured with an oven thermometer: it runs cool, and every forecast knows', async ({ page }) => {
  await enterOwnKitchen(page);
  const bench = page.url();
  const before = minutesOf(await fullForecast(page));
  await page.goto('/kitchen');
  await page.getByRole('button', { name: 'Begin the test: Thermometer' }).click();
  await page.getByRole('button', { name: /start the clock/ }).click();
  await page.getByLabel('After 4 min').fill('146');
  await page.getByLabel('After 8 min').fill('157');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('heading', { name: /^Runs \d+ °C under its dial$/ })).toBeVisible();
  await expect(page.getByRole('switch', { name: 'Learn from Thermometer' })).toBeChecked();
  await page.goto(bench);
  await fullForecast(page);
  const after = minutesOf(await page.getByRole('heading', { name: /^Pull after|^Not done/ }).innerText());
  expect(after).toBeGreaterThan(before);
});

test('slices of bread tell strong from weak places; the bench lays thicker pieces over the strong ones and says what that brings', async ({
  page,
}) => {
  await enterOwnKitchen(page);
  const bench = page.url();
  await fullForecast(page);
  await page.goto('/kitchen');
  await page.getByRole('button', { name: 'Begin the test: Bread slices' }).click();
  const form = page.getByRole('form', { name: 'What was read' });
  await form.getByRole('button', { name: 'Keep it' }).click();
  await expect(form.getByRole('alert')).toContainText('at least four slices');
  for (const shade of ['amber', 'amber', 'deep gold', 'deep gold', 'full gold', 'gold', 'full gold', 'gold', 'straw']) {
    await form.getByRole('button', { name: shade, exact: true }).click();
  }
  await expect(form.getByRole('button', { name: 'front right: straw' })).toBeVisible();
  await expectAccessible(page);
  await form.getByRole('button', { name: 'Keep it' }).click();
  const map = page.getByRole('img', { name: /^Heat against the mean: back left \+\d+ %/ });
  await expect(map).toBeVisible();
  await expect(page.getByText(/^It is strongest back left and weakest front right|strongest back/)).toBeVisible();
  await page.goto(bench);
  await fullForecast(page);
  await page.getByRole('tab', { name: /^Load/ }).click();
  await expect(map).toBeVisible();
  const laid = page.getByRole('radio', { name: /^Thicker over the strong places/ });
  await expect(laid).toContainText(/%|no difference|min/);
  await laid.click();
  await expect(laid).toBeChecked();
  await page.setViewportSize({ width: 390, height: 844 });
  await expectNoSidewaysScroll(page);
  await page.goto('/kitchen');
  await page.getByRole('switch', { name: 'Learn from Slices of bread' }).click();
  await expect(map).toBeHidden();
});

test('a blind trial to its verdict: two pairs, two tasters, nothing opened before both have tasted', async ({
  page,
}) => {
  await enterOwnKitchen(page);
  await fullForecast(page);
  await page.getByRole('button', { name: 'Pin to compare' }).click();
  await page.getByRole('tab', { name: /^Dry/ }).click();
  await page.getByRole('radio', { name: /^Drained/ }).click();
  await page.getByRole('button', { name: 'Try both on one lot' }).click();
  await expect(page).toHaveURL(/\/trials\//);
  await expect(page.getByText(/Expected from the model/)).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Nobody has tasted yet.' })).toBeVisible();
  for (let pair = 1; pair <= 2; pair++) {
    await page.getByRole('button', { name: `Cook pair ${pair}` }).click();
    await expect(page.getByRole('heading', { name: `Pair ${pair}: one lot, dealt by chance` })).toBeVisible();
    await expectAccessible(page);
    /* whoever fills the bowls looks, to know which is which in this test */
    await page.getByRole('button', { name: 'I fill the bowls: show me which is which' }).click();
    const told = await page.getByText(/^[A-Z]{3}: /).innerText();
    const [, codeOne, codeOther] = /^([A-Z]{3}):.*\. ([A-Z]{3}):/.exec(told)!;
    await page.getByRole('button', { name: 'Hide it again' }).click();
    for (const taster of ['A', 'B']) {
      /* the other way is the drained one: all find the towelled crisper */
      await page
        .getByRole('group', { name: `Taster ${taster}: Which is the crisper?` })
        .getByText(codeOne!)
        .click();
      await page
        .getByRole('group', { name: `Taster ${taster}: Which would you rather eat?` })
        .getByText(codeOne!)
        .click();
      if (taster === 'A') {
        await expect(page.getByText('has tasted; hidden until both have')).toBeVisible();
        await expect(page.getByRole('table')).toHaveCount(0);
      }
    }
    expect(codeOther).not.toBe(codeOne);
    await expect(page.getByRole('row', { name: new RegExp(`^Pair ${pair}, B`) })).toBeVisible();
  }
  await expect(
    page.getByRole('heading', { name: /^It can be tasted: .* was the crisper in 4 of 4 tastings\.$/ }),
  ).toBeVisible();
  await page.setViewportSize({ width: 390, height: 844 });
  await expectNoSidewaysScroll(page);
  await page.getByRole('button', { name: 'Settle for what is known' }).click();
  await expect(page.getByRole('heading', { name: 'Settled' })).toBeVisible();
  await page.goto('/log');
  await expect(page.getByRole('link', { name: /\(settled\)$/ })).toBeVisible();
});

/** Every title the page has from now on, in order: read by whoever hears the page instead of seeing it. */
async function titlesFromNow(page: Page): Promise<() => Promise<string[]>> {
  const seen = await page.evaluateHandle(() => {
    const titles = [document.title];
    new MutationObserver(() => {
      if (document.title !== titles.at(-1)) titles.push(document.title);
    }).observe(document, { childList: true, subtree: true });
    return titles;
  });
  return () => seen.jsonValue();
}

test('where cooks differ, a station offers the trial with what to expect; the kitchen’s trials stand on one page', async ({
  page,
}) => {
  await enterOwnKitchen(page);
  await fullForecast(page);
  await page.getByRole('tab', { name: /^Soak/ }).click();
  const question = page.locator('details', { hasText: 'Cooks differ: settle it by tasting' });
  await question.locator('summary').click();
  await question.getByRole('radio', { name: 'Freshly boiled' }).click();
  await expect(page.getByText(/against Freshly boiled: the model expects/)).toBeVisible();
  const titles = await titlesFromNow(page);
  await page.getByRole('button', { name: 'Try both on one lot' }).click();
  await expect(page).toHaveURL(/\/trials\/[0-9a-f-]{36}$/);
  const name = await page.getByRole('heading', { level: 1 }).innerText();
  expect(name).toMatch(/: soaked, and in which water\?$/);
  await expect(page).toHaveTitle('Trial · Drubek');
  expect(await titles()).not.toContain('');
  await page.goto('/log');
  await page.getByRole('link', { name: 'Trials', exact: true }).click();
  await expect(page.getByRole('link', { name })).toBeVisible();
  await expect(page.getByText('Once a few batches are cooked')).toBeVisible();
  await expectAccessible(page);
});

test('the demo kitchen is told which three trials would tell it most, and what each costs', async ({ page }) => {
  const origin = test.info().project.use.baseURL!;
  await page.request.post(`${origin}/api/session/enter`, { data: { kitchen: 'first' }, headers: { origin } });
  await page.goto('/trials');
  await expect(page.getByText(/ways of what you cook tried on the model/)).toBeVisible({ timeout: 180_000 });
  const proposals = page.getByRole('listitem').filter({ has: page.getByRole('button', { name: 'Begin this trial' }) });
  await expect(proposals).toHaveCount(3);
  for (const proposal of await proposals.all()) {
    await expect(proposal).toContainText(/two pairs settle it \d+ times in 10/);
    await expect(proposal).toContainText(/about \d+ min more work and cooking/);
  }
  await expectAccessible(page);
  await page.setViewportSize({ width: 390, height: 844 });
  await expectNoSidewaysScroll(page);
});

test('old notes: a table is read, its columns and words are mapped, its lines stand in the log, once', async ({
  page,
}) => {
  await enterOwnKitchen(page);
  await page.goto('/log');
  await page.getByRole('link', { name: 'Bring in old notes' }).click();
  const table = {
    name: 'fryer notes.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(
      'Date,Food,Minutes,Temp,Crispness,Colour,Notes\n2026-03-01,Carrots,17,190,crunchy,golden,more salt\n2026-03-09,parsnips,19,190,soggy,pale,\n2026-04-01,mystery,5,,,,\n',
    ),
  };
  await page.getByLabel('The table', { exact: true }).setInputFiles(table);
  await expect(page.getByText('0 of 3 lines become batches; 3 stay out.')).toBeVisible();
  await page.getByRole('group', { name: 'How even' }).getByRole('combobox').selectOption('Some differ');
  await expect(page.getByText('2 of 3 lines become batches; 1 stays out.')).toBeVisible();
  await expect(page.getByText(/^1 Mar 2026: Carrot.* out after 17 min, crisp/)).toBeVisible();
  await expectAccessible(page);
  await page.setViewportSize({ width: 390, height: 844 });
  await expectNoSidewaysScroll(page);
  await page.getByRole('button', { name: 'Bring in 2 batches' }).click();
  await expect(page.getByText('2 put in the log.')).toBeVisible();
  await page.getByLabel('The table', { exact: true }).setInputFiles(table);
  await page.getByRole('group', { name: 'How even' }).getByRole('combobox').selectOption('Some differ');
  await page.getByRole('button', { name: 'Bring in 2 batches' }).click();
  await expect(page.getByText('0 put in the log; 2 already there.')).toBeVisible();
  await page.goto('/log');
  await page.getByRole('link', { name: /Carrot: sticks 10 mm/ }).click();

  /* a photo of it, made small, is there after a reload, taken out and had back */
  await expect(page.getByRole('heading', { name: 'Photos' })).toBeVisible();
  const buffer = await page.screenshot({ type: 'png' });
  await page.getByLabel('Add a photo').setInputFiles({ name: 'plate.png', mimeType: 'image/png', buffer });
  const shown = page.getByRole('img', { name: 'Photo 1 of Carrot: sticks 10 mm' });
  await expect(shown).toBeVisible();
  await page.reload();
  /* it is only fetched once it is near */
  await shown.scrollIntoViewIfNeeded();
  expect(await shown.evaluate((image: HTMLImageElement) => image.decode().then(() => image.naturalWidth))).toBe(390);
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Take out photo 1' }).click();
  await expect(shown).toHaveCount(0);
  await page.getByRole('button', { name: 'Have it back' }).click();
  await expect(shown).toBeVisible();
  await page
    .getByLabel('Add a photo')
    .setInputFiles({ name: 'notes.txt', mimeType: 'text/plain', buffer: Buffer.from('no picture') });
  await expect(page.getByText(/This is no picture that can be read/)).toBeVisible();
});

test('a log of more than a page of batches is read page by page', async ({ page }) => {
  await enterOwnKitchen(page);
  const headers = { origin: new URL(page.url()).origin };
  const { forecast } = pastBatch();
  for (let n = 1; n <= 45; n++) {
    const document = writePlanFile({ ...FIRST_PLAN, name: `Potato sticks ${n}` });
    const data = { batchId: randomUUID(), fryerName: 'My fryer', document, forecast, beside: true };
    expect((await page.request.post('/api/batches', { data, headers })).status()).toBe(200);
  }
  await page.goto('/log');
  await expect(page.getByText('45 batches')).toBeVisible();
  await expect(page.getByText('page 1 of 2')).toBeVisible();
  await expect(page.getByText('Potato sticks 45', { exact: true }).first()).toBeVisible();
  await page.getByRole('link', { name: 'Further on' }).click();
  await expect(page.getByText('page 2 of 2')).toBeVisible();
  await expect(page.getByText('Potato sticks 5', { exact: true }).first()).toBeVisible();
  await page.getByRole('link', { name: 'Newer' }).click();
  await expect(page.getByText('page 1 of 2')).toBeVisible();
});
