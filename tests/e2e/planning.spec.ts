import { readFile } from 'node:fs/promises';
import { expect, type Page, test } from '@playwright/test';
import { ORDINARY_BATCHES } from '../reference/ordinary-batches';
import { enterOwnKitchen, expectAccessible, expectNoSidewaysScroll, fullForecast, takeFromMenu } from './helpers';

const openStation = (page: Page, name: string) => page.getByRole('tab', { name: new RegExp(`^${name}`) }).click();

/** Chooses an entry of the plan's menu. */
async function planMenu(page: Page, item: string): Promise<void> {
  await takeFromMenu(page.getByRole('button', { name: 'This plan' }), page.getByRole('menuitem', { name: item }));
}

/** Moves a lever so that the plan is stored under its id. */
async function savedPlan(page: Page, grams: string): Promise<void> {
  await openStation(page, 'Load');
  const load = page.getByRole('textbox', { name: 'Into the basket' });
  await load.fill(grams);
  await load.press('Enter');
  await expect(page.getByText('Saved')).toBeVisible();
}

test('from people to a plan: every station in order, and all of it is taken back', async ({ page }) => {
  await enterOwnKitchen(page);
  await page.getByLabel('Name of the plan').fill('Friday sticks');
  await page.getByLabel('Name of the plan').press('Enter');
  await openStation(page, 'Produce');
  await page.getByRole('radio', { name: 'The people' }).click();
  const people = page.getByRole('textbox', { name: 'People' });
  await people.fill('4');
  await people.press('Enter');
  await expect(page.getByRole('tab', { name: /^Produce/ })).toContainText('720 g');
  await openStation(page, 'Soak');
  await page.getByRole('radio', { name: /No soak, no rinse/ }).click();
  await openStation(page, 'Par-cook');
  await page.getByRole('radio', { name: /Boiled/ }).click();
  await expect(page.getByText(/A fork meets/)).toBeVisible();
  await openStation(page, 'Coat');
  await page.getByRole('radio', { name: /Before the oil/ }).click();
  await openStation(page, 'Rest');
  await page.getByRole('radio', { name: /In a heap/ }).click();
  await expect(page.getByText('Saved')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Name of the plan')).toHaveValue('Friday sticks');
  await expect(page.getByRole('tab', { name: /^Soak/ })).toContainText('none');
  await expect(page.getByRole('tab', { name: /Par-cook/ })).toContainText('boiled');
});

test('price tags say what a step costs, and touching one goes there', async ({ page }) => {
  await enterOwnKitchen(page);
  const tag = page.getByRole('button', { name: /^9 mm: / });
  await expect(tag).toHaveText(/sooner|later|right|window|no difference/);
  await tag.click();
  await expect(page.getByRole('textbox', { name: 'Thickness' })).toHaveValue('9');
});

test('find better: the front is shown, a point is tried on, and undo brings the plan back', async ({ page }) => {
  await enterOwnKitchen(page);
  await savedPlan(page, '800');
  await openStation(page, 'Cook');
  await page.getByRole('button', { name: 'Find better' }).click();
  await expect(page.getByText(/ways tried;/)).toBeVisible({ timeout: 60_000 });
  const points = page.getByRole('list', { name: 'Ways that no other beats' }).getByRole('button');
  expect(await points.count()).toBeGreaterThan(1);
  await expectAccessible(page);
  /* what stands on the bench is among them, and something is said of what suits best */
  await expect(page.getByRole('button', { name: /^Try the plan as it was: / })).toBeVisible();
  await expect(page.getByText(/^(Suits that best|The plan as it was suits that best)/)).toBeVisible();
  await page
    .getByRole('button', { name: /^Try about/ })
    .last()
    .click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('tab', { name: /^Load/ })).toContainText('1.8 layers');
});

test('both ways: a pinned plan stays beside the bench, differences in words and numbers, and swaps', async ({
  page,
}) => {
  await enterOwnKitchen(page);
  await fullForecast(page);
  await page.keyboard.press('p');
  const panel = page.getByRole('region', { name: 'Both ways' });
  await expect(panel.getByText(/same so far/)).toBeVisible();
  await openStation(page, 'Soak');
  await page.getByRole('radio', { name: /Freshly boiled/ }).click();
  await expect(panel.getByRole('row', { name: /Soak/ })).toContainText('soaked 10 min at 90 °C');
  await expect(panel.getByRole('status')).toContainText(/The bench against the pinned plan: /);
  await expectAccessible(page);
  await panel.getByRole('button', { name: 'Swap' }).click();
  await expect(page.getByRole('tab', { name: /^Soak/ })).toContainText('30 min');
  await panel.getByRole('button', { name: 'Unpin' }).click();
  await expect(panel).toHaveCount(0);
});

test('a shake is moved on the field itself, by keys and by dragging', async ({ page }) => {
  await enterOwnKitchen(page);
  await fullForecast(page);
  const mark = page.getByRole('slider', { name: /^Shake, drag/ }).first();
  await expect(mark).toHaveAttribute('aria-valuetext', '11½ min');
  await mark.press('ArrowRight');
  await expect(mark).toHaveAttribute('aria-valuetext', '12 min');
  const box = (await mark.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + 60);
  await page.mouse.down();
  await page.mouse.move(box.x - 60, box.y + 60, { steps: 6 });
  await page.mouse.up();
  await expect.poll(async () => Number(await mark.getAttribute('aria-valuenow'))).toBeLessThan(630);
});

test('two soaks stand in a list of their own, moved by keys and by hand, each with its price', async ({ page }) => {
  await enterOwnKitchen(page);
  await openStation(page, 'Soak');
  await takeFromMenu(
    page.getByRole('button', { name: 'Add a step here' }),
    page.getByRole('menuitem', { name: 'Soak' }),
  );
  const rows = page.getByRole('list', { name: 'Steps here, in the order done' }).getByRole('listitem');
  await expect(rows).toHaveCount(2);
  const water = rows.last().getByRole('textbox', { name: 'Water' });
  await water.fill('70');
  await water.press('Enter');
  await rows.last().getByRole('button', { name: 'Close' }).click();
  await expect(rows.first()).toContainText('Soak in water of 15 °C');
  await expect(rows.last()).toContainText('Soak in water of 70 °C');
  await expect(rows.last()).toContainText(/without it: .*(sooner|later|right|window|no difference)/);
  const handle = rows.last().getByRole('button', { name: 'Move Soak', exact: true });
  await handle.press('Space');
  await expect(page.getByText(/^Soak (picked up|is) at place 2 of 2\.$/)).toBeAttached();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByText('Soak is at place 1 of 2.')).toBeAttached();
  await page.keyboard.press('Space');
  await expect(rows.first()).toContainText('Soak in water of 70 °C');
  await expect(page.getByText('Saved')).toBeVisible();
  await expect(async () => {
    const box = (await rows.first().getByRole('button', { name: 'Move Soak', exact: true }).boundingBox())!;
    await page.mouse.move(box.x + 20, box.y + 20);
    await page.mouse.down();
    await page.mouse.move(box.x + 20, box.y + 110, { steps: 8 });
    await page.mouse.up();
    /* a hand that let go before the row had followed takes it up again */
    await expect(rows.first()).toContainText('Soak in water of 15 °C', { timeout: 5000 });
  }).toPass({ timeout: 60_000 });
});

test('what would change it most is said with numbers', async ({ page }) => {
  await enterOwnKitchen(page);
  await page.getByRole('button', { name: 'More about this forecast' }).click();
  const list = page.getByRole('region', { name: 'What would change it most' }).getByRole('listitem');
  await expect(list).toHaveCount(3);
  await expect(list.first()).toContainText(/later|sooner|in time|right/);
});

test('a plan travels as a link, and a hostile link does no harm', async ({ page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await enterOwnKitchen(page);
  await page.getByLabel('Name of the plan').fill('<img src=x onerror=alert(1)> chips');
  await page.getByLabel('Name of the plan').press('Enter');
  await planMenu(page, 'Copy a link to it');
  await expect(page.getByText('The link is copied')).toBeVisible();
  const link = await page.evaluate(() => navigator.clipboard.readText());
  const dialogs: string[] = [];
  page.on('dialog', (dialog) => void dialogs.push(dialog.message()));
  await page.goto(link);
  await expect(page.getByRole('heading', { name: /onerror/ })).toBeVisible();
  await page.getByRole('button', { name: 'Put it on the bench' }).click();
  await expect(page.getByLabel('Name of the plan')).toHaveValue('<img src=x onerror=alert(1)> chips');
  for (const hostile of ['AAAA', '../../etc', `${link.split('#p=')[1]!.slice(0, 60)}`, 'x'.repeat(9000)]) {
    await page.goto(`/open#p=${hostile}`);
    await page.reload();
    await expect(page.getByText(/This cannot be a plan yet/)).toBeVisible();
  }
  expect(dialogs).toEqual([]);
});

test('a plan goes out as a file and comes in again; so does a recipe; the timeline is a calendar', async ({ page }) => {
  await enterOwnKitchen(page);
  await savedPlan(page, '640');
  await fullForecast(page);
  const save = async (item: string) => {
    const waiting = page.waitForEvent('download');
    await planMenu(page, item);
    const file = await waiting;
    return { name: file.suggestedFilename(), path: await file.path() };
  };
  const plan = await save('Save as plan file');
  expect(plan.name).toBe('potato-sticks.plan.json');
  const recipe = await save('Save as recipe (JSON-LD)');
  const calendar = await save('Save the timeline (iCalendar)');
  const text = await readFile(calendar.path, 'utf8');
  expect(text).toContain('BEGIN:VCALENDAR');
  expect(text).toMatch(/SUMMARY:Potato sticks: in the fryer/);

  for (const { path } of [plan, recipe]) {
    await page.goto('/open');
    await page.getByLabel(/Choose a file/).setInputFiles({
      name: 'plan.json',
      mimeType: 'application/json',
      buffer: await readFile(path),
    });
    await expect(page.getByText(/Read as a/)).toBeVisible();
    await page.getByRole('button', { name: 'Put it on the bench' }).click();
    await expect(page.getByRole('tab', { name: /^Produce/ })).toContainText('640 g');
  }
  await page.goto('/open');
  await page.getByLabel('or paste its text').fill('{"format":"drubek.plan","version":1,"mass_g":9}');
  await expect(page.getByText(/mass_g/)).toBeVisible();
});

test('plans are copied, put away, and go back to what they were', async ({ page }) => {
  await enterOwnKitchen(page);
  await savedPlan(page, '610');
  await planMenu(page, 'Keep as a version');
  await expect(page.getByText('Kept as a version')).toBeVisible();
  await savedPlan(page, '720');
  await page.getByRole('link', { name: 'Plans' }).click();
  await page.getByRole('button', { name: /^Duplicate/ }).click();
  await expect(page.getByRole('link', { name: 'Potato sticks, copy', exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Put away Potato sticks, copy' }).click();
  await expect(page.getByText('put away', { exact: true })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Versions of Potato sticks', exact: true }).click();
  await expect(page.getByText(/Load: 610 g → 720 g/)).toBeVisible();
  await page.getByRole('button', { name: 'Go back to this' }).first().click();
  await expect(page.getByRole('tab', { name: /^Produce/ })).toContainText('610 g');
});

test('the kitchen: a setting is measured once and offered on the bench; a fryer is added and changed', async ({
  page,
}) => {
  await enterOwnKitchen(page);
  await savedPlan(page, '450');
  await page.getByRole('link', { name: 'Kitchen', exact: true }).click();
  const tabs = page.getByRole('navigation', { name: 'In the kitchen' });
  await tabs.getByRole('link', { name: /^Cutters/ }).click();
  const form = page.getByRole('form', { name: 'Measure a setting' });
  await form.getByRole('button', { name: 'Keep this setting' }).click();
  await expect(form.getByText('give it a name')).toBeVisible();
  await form.getByLabel('Cutter').fill('Green mandoline');
  await form.getByLabel('Setting').fill('3');
  await form.getByLabel('Height of the stack').fill('41,5');
  await expect(form.getByText('One slice is 4.15 mm.')).toBeVisible();
  await form.getByRole('button', { name: 'Keep this setting' }).click();
  await expect(page.getByText(/Green mandoline, 3: 4.2 mm|Green mandoline, 3: 4.1 mm/)).toBeVisible();
  await tabs.getByRole('link', { name: /^Fryers/ }).click();
  await page.getByRole('button', { name: 'Add a fryer' }).click();
  const fryer = page.getByRole('form', { name: 'Fryer' });
  await fryer.getByLabel('Name').fill('Attic');
  await fryer.getByLabel(/Power/).fill('99999');
  await fryer.getByRole('button', { name: 'Save' }).click();
  await expect(fryer.getByLabel(/Power/)).toHaveAttribute('aria-invalid', 'true');
  await fryer.getByLabel(/Power/).fill('900');
  await fryer.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Attic', { exact: true }).first()).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Bench' }).click();
  await page.getByRole('radio', { name: /Green mandoline, 3/ }).click();
  await expect(page.getByRole('tab', { name: /^Cut/ })).toContainText('4.2 mm');
  await openStation(page, 'Fryer');
  await page.getByRole('radio', { name: /Attic/ }).click();
  await expect(page.getByRole('radio', { name: /Attic/ })).toBeChecked();
});

test('card, gauge and open page are whole, in both units and at phone width', async ({ page }) => {
  await enterOwnKitchen(page);
  await fullForecast(page);
  await page.getByRole('button', { name: /Switch to US/ }).click();
  await planMenu(page, 'Prep card, to print');
  await expect(page.getByText(/Pull after about \d+ min; begin looking/)).toBeVisible();
  await expect(page.getByText(/3\/8 in sticks; 17.6 oz \(500 g\)/)).toBeVisible();
  await expectAccessible(page);
  await page.goto('/gauge');
  await expect(page.getByRole('img', { name: /check line of 100 mm/ })).toHaveAttribute('width', '170mm');
  await expectAccessible(page);
  await page.setViewportSize({ width: 390, height: 844 });
  for (const path of ['/kitchen', '/plans', '/open', '/']) {
    await page.goto(path);
    await expectNoSidewaysScroll(page);
  }
  await page.goto('/open');
  await expectAccessible(page);
});

test('the keyboard map opens by its key and closes again', async ({ page }) => {
  await enterOwnKitchen(page);
  await fullForecast(page);
  await page.keyboard.press('?');
  const sheet = page.getByRole('dialog', { name: 'Keys of the bench' });
  await expect(sheet).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await expect(sheet).toHaveCount(0);
  await page.keyboard.press('0');
  await expect(page.getByRole('heading', { level: 1, name: 'Cook' })).toBeVisible();
});

for (const id of [
  'potato sticks 10 mm',
  'courgette slices, crumbed',
  'kale, 80 g',
  'potato chips 2 mm',
  'crumbed chicken strips',
]) {
  test(`${id}: headline, start, rest, calendar, card and preparation name one moment to pull`, async ({ page }) => {
    const { plan } = ORDINARY_BATCHES.find((one) => one.id === id)!;
    await enterOwnKitchen(page);
    await page.goto('/open');
    await page.getByLabel('or paste its text').fill(JSON.stringify({ ...plan, name: 'One of five' }));
    await page.getByRole('button', { name: 'Put it on the bench' }).click();
    await expect(page.getByLabel('Name of the plan')).toHaveValue('One of five');
    await fullForecast(page);
    const headline = page.getByRole('heading', { name: /^Pull after about \d+ min$/ });
    await page.getByLabel('On the table at').fill('20:15');
    const moment = /about\s+(\d+) min/.exec(await headline.innerText())![1]!;
    const start = /\d\d:\d\d/.exec(await page.getByText(/^Start by/).innerText())![0];
    await openStation(page, 'Rest');
    await expect(page.getByText(`Pulled after about ${moment} min.`)).toBeVisible();

    const waiting = page.waitForEvent('download');
    await planMenu(page, 'Save the timeline (iCalendar)');
    const calendar = await readFile(await (await waiting).path(), 'utf8');
    const entries = calendar.split('BEGIN:VEVENT').slice(1);
    const minuteOf = (entry: string) => {
      const [, hours, minutes] = /DTSTART:\d{8}T(\d\d)(\d\d)/.exec(entry)!;
      return Number(hours) * 60 + Number(minutes);
    };
    const minutes = entries.map(minuteOf);
    const loaded = minuteOf(entries.find((entry) => entry.includes('in the fryer'))!);
    const pulled = minuteOf(entries.find((entry) => /: pull\r?\n/.test(entry))!);
    expect(pulled - loaded).toBe(Number(moment));
    const begins = Math.min(...minutes);
    const [hour, minute] = start.split(':').map(Number);
    expect(Math.abs(loaded - begins - (20 * 60 + 13 - Number(moment) - (hour! * 60 + minute!)))).toBeLessThanOrEqual(1);

    await planMenu(page, 'Prep card, to print');
    await expect(page.getByText(`Pull after about ${moment} min; begin looking`)).toBeVisible();
    await page.goBack();
    await expect(headline).toHaveText(`Pull after about ${moment} min`);
    await page.getByRole('button', { name: 'Cook this' }).click();
    await expect(page.getByText(`Once loaded, pull after about ${moment} min.`)).toBeVisible();
  });
}
