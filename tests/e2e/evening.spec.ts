import { expect, type Page, test } from '@playwright/test';
import { addOwn, planEvening, planForTwoCooks } from './evening-helpers';
import { enterOwnKitchen, expectAccessible, expectNoSidewaysScroll } from './helpers';

const arranged = (page: Page) => expect(page.getByRole('heading', { name: 'On the table' })).toBeVisible();

test('an evening of chips, tofu and a dip: added, for more guests, put in order, moved, kept, laid out', async ({
  page,
}) => {
  test.setTimeout(400_000);
  await enterOwnKitchen(page);
  await planEvening(page);
  const form = page.getByRole('form', { name: 'Add a dish' });
  await form.getByRole('button', { name: 'Add it' }).click();
  await arranged(page);
  await form.getByLabel('Food').selectOption('tofu-firm');
  await form.getByRole('button', { name: 'Add it' }).click();
  await form.getByRole('radio', { name: 'A side dish' }).click();
  await form.getByRole('button', { name: 'Add it' }).click();
  const table = page.getByRole('region', { name: 'On the table' }).getByRole('listitem');
  await expect(table).toHaveCount(3);
  await expect(table.first()).toContainText(/crisp \d+ %, (\d+ °C|piping hot)/);
  await expectAccessible(page);

  /* everything follows the guests */
  await page.getByRole('tab', { name: 'To lay out' }).click();
  const potato = page.getByRole('list', { name: 'To buy and to lay out' }).getByRole('listitem').first();
  const grams = async () => Number(/(\d+) g/.exec(await potato.innerText())![1]);
  const forFour = await grams();
  await page.getByRole('tab', { name: 'Who, when, with what' }).click();
  await page.getByRole('textbox', { name: 'People' }).fill('8');
  await page.getByRole('textbox', { name: 'People' }).press('Enter');
  await page.getByRole('tab', { name: 'To lay out' }).click();
  await expect.poll(grams).toBe(2 * forFour);

  /* a step moved by hand stays there, through a reload, and can be let go */
  /* moved from where it stands for eight, not from where it stood for four */
  await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
  const dip = page.getByRole('button', { name: /^Chop herbs, stir the dip, / });
  await dip.click();
  const detail = page.getByRole('region', { name: 'The chosen step' });
  const clock = detail.getByRole('strong').nth(1);
  const before = await clock.innerText();
  await detail.getByRole('button', { name: '1 min earlier' }).click();
  await expect(detail.getByRole('button', { name: 'Let it move again' })).toBeVisible();
  await expect(clock).not.toHaveText(before);
  await expect(page.getByText('Saved')).toBeVisible();
  await page.reload();
  await arranged(page);
  await expect(page.getByRole('button', { name: /^Chop herbs, stir the dip, .*pinned/ })).toBeVisible();
  await page.getByRole('button', { name: /^Chop herbs, stir the dip, / }).press('p');
  await expect(page.getByRole('button', { name: /^Chop herbs, stir the dip, .*pinned/ })).toBeHidden();

  /* the order says how good it is, and the next best what it costs */
  await page.getByRole('tab', { name: 'The order' }).click();
  await expect(page.getByRole('heading', { name: /^The best of \d+ ways and orders/ })).toBeVisible();
  await page.getByRole('button', { name: 'Take this order' }).click();
  await expect(page.getByRole('heading', { name: 'The order you took' })).toBeVisible();
  await page.getByRole('button', { name: 'Let Drubek choose the order again' }).click();
  await expect(page.getByRole('heading', { name: /^The best of/ })).toBeVisible();

  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Calendar' }).click();
  expect((await waiting).suggestedFilename()).toBe('evening.ics');
  await page.goto('/evenings');
  await expect(page.getByRole('link', { name: 'Evening', exact: true }).last()).toBeVisible();
  await page.getByRole('button', { name: /^Remove/ }).click();
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.getByText(/for 8/)).toBeVisible();
});

test('two cooks: what one has done the other sees; what slips is said, and the line is chosen', async ({
  page,
  browser,
}) => {
  test.setTimeout(300_000);
  await enterOwnKitchen(page);
  await planForTwoCooks(page);
  await page.getByRole('tab', { name: 'What is next' }).click();
  const next = page.getByRole('region', { name: 'What is next' });
  await expect(next.getByRole('heading', { name: 'chop roots' })).toBeVisible();

  /* another device of the same kitchen, whose clock stands where the roots should be chopped by now */
  const serveAt = await page.getByRole('textbox', { name: 'On the table at' }).inputValue();
  expect(serveAt).toBe('19:00');
  const other = await browser.newContext({ storageState: await page.context().storageState() });
  const second = await other.newPage();
  await second.goto(page.url());
  await second.getByRole('tab', { name: 'What is next' }).click();
  await second.getByRole('button', { name: 'Begun' }).click();
  const begunStep = page.getByRole('button', { name: /^Take back|Done/ });
  await expect(begunStep.first()).toBeVisible();
  await expect(next.getByRole('button', { name: 'Begun' })).toBeHidden();
  await second.getByRole('button', { name: 'Done' }).first().click();
  await expect(page.getByRole('button', { name: /^Take back: “chop roots”/ })).toBeVisible();

  /* ten minutes before serving the stew has not begun to simmer: it cannot be ready at seven */
  const at = new Date(await second.locator('time').first().getAttribute('datetime').then(String));
  await second.clock.install({ time: new Date(at.getTime() - 10 * 60_000) });
  await second.reload();
  await expect(second.getByRole('heading', { name: /^\d+ min behind$/ })).toBeVisible();
  const lines = second.getByRole('group', { name: 'When to serve' }).getByRole('button');
  await expect(lines.first()).toContainText(/19:(1|2)\d/);
  await lines.first().click();
  await expect(page.locator('p:visible', { hasText: /^On the table at/ })).toContainText(/19:(1|2)\d/);
  await other.close();
});

test('an evening that cannot be says what to give up; giving it up mends it', async ({ page }) => {
  await enterOwnKitchen(page);
  await planEvening(page);
  await addOwn(page, 'Polenta', 'stir by the pot 30 min', /^Hot/);
  await addOwn(page, 'Salad', 'dress the leaves 3 min', /^Fresh/);
  await arranged(page);
  await page.getByRole('tab', { name: 'Who, when, with what' }).click();
  await page.getByRole('radiogroup', { name: 'Rings of the hob' }).getByRole('radio', { name: 'none' }).click();
  const alert = page.getByRole('alert').filter({ hasText: 'Not everything can be kept' });
  await expect(alert).toBeVisible();
  await expectNoSidewaysScroll(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(alert).toBeHidden();
  await page.getByRole('radiogroup', { name: 'Rings of the hob' }).getByRole('radio', { name: 'none' }).click();
  await alert.getByRole('button', { name: 'Without polenta' }).click();
  await expect(alert).toBeHidden();
  await expect(page.getByRole('region', { name: 'On the table' }).getByRole('listitem')).toHaveCount(1);
});

test('on a phone: what I do next is huge, the passes are one touch away, nothing is clipped', async ({ browser }) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  const page = await context.newPage();
  await enterOwnKitchen(page);
  await planEvening(page);
  await addOwn(page, 'Soup', 'peel and chop 12 min\nsimmer 1 min, 20 min waiting, hob', /^Hot/);
  await page.getByRole('tab', { name: 'What is next' }).click();
  await expect(page.getByRole('timer')).toBeInViewport();
  await expect(page.getByRole('button', { name: 'Done' })).toBeInViewport();
  await expectNoSidewaysScroll(page);
  await page.getByRole('tab', { name: 'The order' }).click();
  await expect(page.getByRole('group', { name: 'The evening, pass by pass' })).toBeVisible();
  await expectNoSidewaysScroll(page);
  await expectAccessible(page);
  /* the plans are in the menu now */
  await page.getByRole('button', { name: /^Kitchen: / }).tap();
  await page.getByRole('menuitem', { name: 'All plans' }).tap();
  await expect(page).toHaveURL(/\/plans$/);
  await context.close();
});

test('the board-game evening rehearsed by stand-in cooks at sixty times the pace, from the first peel to the table; nothing of it is kept', async ({
  page,
}) => {
  test.setTimeout(400_000);
  await page.request.post('/api/session/enter', {
    data: { kitchen: 'first' },
    headers: { origin: test.info().project.use.baseURL! },
  });
  await page.goto('/evenings');
  await page.getByRole('link', { name: 'Board-game evening' }).click();
  await arranged(page);
  const table = page.getByRole('region', { name: 'On the table' }).getByRole('listitem');
  await expect(table).toHaveCount(6);
  await page.getByRole('tab', { name: 'What is next' }).click();
  const next = page.getByRole('region', { name: 'What is next' });
  const first = await next.getByRole('heading', { level: 2 }).first().innerText();
  expect(first).toMatch(/^(Peel and cut|Chop)/);
  await page.getByRole('button', { name: 'Rehearse, a minute each second' }).click();
  await expect(page.getByText(/A rehearsal with stand-in cooks/)).toBeVisible();
  /* fryers are switched on in time, and nothing of a rehearsal goes to Cook */
  await expect(next.getByRole('list', { name: 'To switch on' })).toBeVisible();
  await expect(next.getByRole('button', { name: 'Cook it here' })).toHaveCount(0);
  for (const cook of ['Cook A', 'Cook B']) {
    await next.getByRole('radio', { name: cook }).click();
    await expect(page.getByText('Nothing more for you to do.')).toBeVisible({ timeout: 200_000 });
  }
  await page.getByRole('button', { name: 'End it' }).click();
  await next.getByRole('radio', { name: 'Cook A' }).click();
  await expect(next.getByRole('heading', { level: 2 }).first()).toHaveText(first);
  await page.reload();
  await arranged(page);
  await expect(page.getByRole('button', { name: 'Rehearse, a minute each second' })).toBeVisible();
});

test('a load goes from the evening to Cook and back: what happens there stands in both, and then in the log', async ({
  page,
}) => {
  await enterOwnKitchen(page);
  const day = new Date();
  await page.clock.install({ time: day.setHours(15, 0, 0, 0) });
  await planEvening(page);
  const form = page.getByRole('form', { name: 'Add a dish' });
  await form.getByRole('button', { name: 'Add it' }).click();
  await arranged(page);
  await expect(page.getByText('Saved')).toBeVisible();
  /* shortly before it is time to begin */
  await page.clock.setSystemTime(day.setHours(17, 50, 0, 0));
  await page.reload();
  await arranged(page);
  await page.getByRole('tab', { name: 'What is next' }).click();
  const next = page.getByRole('region', { name: 'What is next' });
  const cookIt = next.getByRole('button', { name: 'Cook it here' });
  const deed = next.getByRole('heading', { level: 2 }).first();
  /* everything before the fryer, done deed by deed */
  for (let steps = 0; steps < 12 && !(await deed.innerText()).startsWith('Load'); steps++) {
    const words = await deed.innerText();
    const [done, begun] = ['Done', 'Begun'].map((name) => next.getByRole('button', { name, exact: true }));
    /* what waits by itself is only begun here, and done beside */
    await ((await done!.isVisible()) ? done! : begun!).click();
    await expect(deed).not.toHaveText(words);
  }
  await next.getByRole('button', { name: /^Done ?: Soak/ }).click();
  const evening = page.url();
  await cookIt.click();
  await expect(page).toHaveURL(/\/cook\/[0-9a-f-]{36}$/);
  await expect(page.getByText('All is ready')).toBeVisible();
  await page.getByRole('button', { name: 'The basket is in: start' }).click();
  await expect(page.getByRole('timer').first()).toBeVisible();
  await page.getByRole('link', { name: 'Back to the evening' }).click();
  await expect(page).toHaveURL(evening);
  const out = next
    .getByRole('list', { name: 'What follows' })
    .getByRole('listitem')
    .filter({ hasText: 'Out: floury potato' })
    .first()
    .locator('time');
  const outAt = async () => Date.parse((await out.getAttribute('datetime'))!);
  /* loaded there is begun here, and the way back leads to the same run */
  await expect(next.getByRole('link', { name: 'Open in Cook' })).toBeVisible();
  await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
  const before = await outAt();
  await next.getByRole('link', { name: 'Open in Cook' }).click();
  /* what is decided there moves what is to be done here */
  for (let i = 0; i < 2; i++) await page.getByRole('button', { name: /^\+\d min/ }).click();
  await page.getByRole('link', { name: 'Back to the evening' }).click();
  await expect.poll(async () => Math.round(((await outAt()) - before) / 1000)).toBe(120);
  await next.getByRole('link', { name: 'Open in Cook' }).click();
  await page.getByRole('button', { name: /^Pulled: done/ }).click();
  await expect(page.getByRole('form', { name: 'Outcome' })).toBeVisible();
  await page.getByRole('link', { name: 'Back to the evening' }).click();
  await expect(next.getByRole('heading', { name: 'How were they?' })).toBeVisible();
  await page.goto('/log');
  await expect(page.getByRole('link', { name: /floury potato/i }).first()).toBeVisible();
});
