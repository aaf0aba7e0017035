import { expect, type Page, test } from '@playwright/test';
import {
  beginBatch,
  enterOwnKitchen,
  expectAccessible,
  expectNoSidewaysScroll,
  fullForecast,
  holdableQuestions,
  takeFromMenu,
} from './helpers';

async function beginOwnBatch(page: Page) {
  await enterOwnKitchen(page);
  await beginBatch(page);
}

test('a batch from the bench to the log, through a reload and a long sleep', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-11-25T18:00:00Z') });
  await beginOwnBatch(page);

  await page.getByRole('button', { name: 'Start', exact: true }).first().click();
  await page.clock.fastForward('29:00');
  const nearlySoaked = page.getByRole('timer', { name: /Soak in water of 15 °C: (1:0\d|0:\d\d)/ });
  await expect(nearlySoaked).toBeVisible();
  await page.reload();
  await expect(nearlySoaked).toBeVisible();
  await page.clock.fastForward('02:00');
  await expect(page.getByText('over', { exact: true })).toBeVisible();
  await expectAccessible(page);

  await page.getByRole('button', { name: 'The basket is in: start' }).click();
  await expect(page.getByText('It should look like this now')).toBeVisible();
  await expect(page.getByText('Shake', { exact: true })).toBeVisible();
  await expectAccessible(page);
  await page.clock.fastForward('06:58');
  await page.keyboard.press('s');
  await expect(page.getByRole('timer')).toContainText(/in4:[0-5]\d/);

  /* the device sleeps for four minutes and the page is loaded anew: the clock has gone on */
  await page.clock.fastForward('04:00');
  await page.reload();
  await expect(page.getByText(/^11:\d\d in the fryer/)).toBeVisible();
  await page.getByRole('button', { name: /Shaken/ }).click();
  await page.clock.fastForward('09:00');
  await page.getByRole('button', { name: /Pulled: done/ }).click();

  await expect(page.getByRole('heading', { name: 'How did it come out?' })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'All as wished' }).click();
  await page.getByRole('radio', { name: 'deep gold' }).click();
  await page.getByRole('radio', { name: 'Some differ' }).click();
  await page.getByLabel('Note').fill('Next time 9 mm.');
  await page.getByRole('button', { name: 'Save to the log' }).click();

  await expect(page).toHaveURL(/\/log\/[0-9a-f-]{36}$/);
  await expect(page.getByText('“Next time 9 mm.”')).toBeVisible();
  await expect(page.getByRole('row', { name: /^Pull/ })).toContainText(/after (19|20|21)½? min$/);
  await expect(page.getByText('Shaken')).toHaveCount(2);
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Log' }).click();
  await expect(page.getByRole('img', { name: /Colours when pulled/ })).toHaveCount(1);
  await expectAccessible(page);
});

test('what arrives in Cook moves nothing from under a finger', async ({ page }) => {
  const questions = await holdableQuestions(page);
  await beginOwnBatch(page);
  await page.getByRole('button', { name: 'The basket is in: start' }).click();
  const working = page.getByText('Working out how it should look …');
  const arrived = page.getByText('It should look like this now');
  await expect(arrived).toBeVisible();
  const answers = page.getByRole('button', {
    name: /^(Paler|Shaken|Pulled some|\+1 min|Pulled: done|raw|Crisper|How to judge it|Follow on another)/,
  });
  const places = () =>
    answers.evaluateAll((all) =>
      all.map((one) => `${one.textContent} at ${Math.round(one.getBoundingClientRect().top)}`),
    );
  for (const width of [1280, 820, 390]) {
    await page.setViewportSize({ width, height: 844 });
    await questions.hold();
    await page.reload();
    await expect(working).toBeVisible();
    await expect(page.getByRole('button', { name: /^Paler/ })).toBeDisabled();
    await expect(answers).toHaveCount(9);
    const before = await places();
    await questions.ask();
    await expect(arrived).toBeVisible();
    await expect(page.getByRole('button', { name: /^Paler/ })).toBeEnabled();
    expect(await places(), `${width} px wide`).toEqual(before);
  }
  /* nor does what an answer changes */
  await questions.hold();
  await page.getByRole('button', { name: /^Darker/ }).click();
  const learnt = page.getByRole('status').filter({ hasText: /than planned|as planned/ });
  const before = await places();
  await expect(learnt).toHaveCount(0);
  await questions.ask();
  await expect(learnt).toBeVisible();
  expect(await places()).toEqual(before);
});

test('after the drawer, and in the log, what is worked out late moves nothing from under a finger', async ({
  page,
}) => {
  const questions = await holdableQuestions(page);
  await beginOwnBatch(page);
  await page.getByRole('button', { name: 'The basket is in: start' }).click();
  await expect(page.getByText('It should look like this now')).toBeVisible();
  await page.getByRole('button', { name: /^Pulled: done/ }).click();
  const served = page.getByRole('button', { name: 'Served' });
  await served.click();
  const wished = page.getByRole('button', { name: 'All as wished' });
  await expect(wished).toBeVisible();
  const place = () => wished.evaluate((one) => Math.round(one.getBoundingClientRect().top + window.scrollY));
  for (const width of [1280, 820, 390]) {
    await page.setViewportSize({ width, height: 844 });
    await questions.hold();
    await page.reload();
    await expect(page.getByText(/: working it out …/)).toBeVisible();
    await expect(served).toBeDisabled();
    const before = await place();
    await questions.ask();
    await expect(page.getByText(/takes about \d+ min .* Meanwhile these keep/)).toBeVisible();
    expect(await place(), `${width} px wide`).toBe(before);
  }
  await wished.click();
  await page.getByRole('button', { name: 'Save to the log' }).click();
  await expect(page).toHaveURL(/\/log\//);
  const buttons = page.getByRole('button', { name: /^(Plan it again|Change what was said|Add a photo)/ });
  const places = () =>
    buttons.evaluateAll((all) =>
      all.map((one) => `${one.textContent} at ${Math.round(one.getBoundingClientRect().top + window.scrollY)}`),
    );
  for (const width of [1280, 820, 390]) {
    await page.setViewportSize({ width, height: 844 });
    await questions.hold();
    await page.reload();
    await expect(page.getByText('Working out the forecast …').first()).toBeVisible();
    await expect(buttons).toHaveCount(3);
    const before = await places();
    await questions.ask();
    await expect(page.getByText(/So next time: pull after/)).toBeVisible();
    await expect(page.getByRole('slider', { name: /Colour field/ })).toBeVisible();
    expect(await places(), `${width} px wide`).toEqual(before);
  }
});

test('the whole run by keyboard alone', async ({ page }) => {
  await enterOwnKitchen(page);
  await fullForecast(page);
  const tabTo = async (name: RegExp) => {
    for (let i = 0; i < 80; i++) {
      await page.keyboard.press('Tab');
      const focused = await page.evaluate(() => {
        const { activeElement } = document;
        return activeElement?.getAttribute('aria-label') ?? activeElement?.textContent ?? '';
      });
      if (name.test(focused)) return;
    }
    throw new Error(`${name} cannot be reached by Tab`);
  };
  await tabTo(/^Cook this$/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'The basket is in: start' })).toBeVisible();
  await tabTo(/^The basket is in/);
  await page.keyboard.press('Enter');
  await expect(page.getByText('It should look like this now')).toBeVisible();
  await page.keyboard.press('s');
  await page.keyboard.press('m');
  await page.keyboard.press('d');
  await expect(page.getByRole('heading', { name: 'How did it come out?' })).toBeVisible();
  await tabTo(/All as wished/);
  await page.keyboard.press('Enter');
  await tabTo(/Save to the log/);
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/log\//);
});

test('a mis-tap is taken back', async ({ page }) => {
  await beginOwnBatch(page);
  await page.getByRole('button', { name: 'The basket is in: start' }).click();
  await expect(page.getByText('It should look like this now')).toBeVisible();
  await page.keyboard.press('d');
  await page.getByRole('button', { name: 'Take back: pulled' }).click();
  await expect(page.getByText('It should look like this now')).toBeVisible();
  /* what was told in the last moment is sent while the next page is already asked for */
  await expect(async () => {
    await page.goto('/cook');
    await expect(page.getByRole('link', { name: /in the fryer/ })).toBeVisible({ timeout: 5000 });
  }).toPass({ timeout: 60_000 });
});

test('runs are listed with their countdowns and can be put away; a fryer that is taken asks before a second batch', async ({
  page,
}) => {
  await enterOwnKitchen(page);
  const bench = page.url();
  await beginBatch(page);
  await page.getByRole('button', { name: 'The basket is in: start' }).click();
  await expect(page.getByText('It should look like this now')).toBeVisible();
  const run = page.url();
  /* every other page says what is next, and the bench asks before it begins another */
  await page.goto(bench);
  await fullForecast(page);
  await expect(page.getByRole('banner').getByRole('timer')).toHaveText(/in \d+:\d\d/);
  await page.getByRole('button', { name: 'Cook this' }).click();
  const taken = page.getByRole('dialog', { name: 'This fryer is taken' });
  await expect(taken).toBeVisible();
  await expectAccessible(page);
  await taken.getByRole('button', { name: 'Not now' }).click();
  await page.goto('/cook');
  await expect(page.getByRole('main').getByRole('timer')).toHaveText(/\d+:\d\d/);
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Put away' }).click();
  await expect(page.getByRole('heading', { name: 'Nothing is cooking' })).toBeVisible();
  /* what was put away takes up no fryer any more, and can be taken out again */
  await page.getByRole('button', { name: 'Take it out again' }).click();
  await expect(page.getByRole('heading', { name: 'Under way' })).toBeVisible();
  await page
    .getByRole('main')
    .getByRole('link', { name: /in the fryer/ })
    .click();
  await expect(page).toHaveURL(run);
});

test('on a phone the run stays within the screen, the due answer in view', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await beginOwnBatch(page);
  await expectNoSidewaysScroll(page);
  await page.getByRole('button', { name: 'The basket is in: start' }).click();
  await expect(page.getByText('It should look like this now')).toBeVisible();
  await expectNoSidewaysScroll(page);
  await expect(page.getByRole('button', { name: /Shaken/ })).toBeInViewport();
});

test('from the first choice to the log by touch alone, on a phone', async ({ browser }) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  const page = await context.newPage();
  const tap = (name: string | RegExp) => page.getByRole('button', { name }).first().tap();
  await page.goto('/');
  await takeFromMenu(
    page.getByRole('button', { name: /^Kitchen:/ }),
    page.getByRole('menuitem', { name: 'Start an empty kitchen' }),
    'tap',
  );
  await expect(page.getByRole('button', { name: 'Kitchen: My kitchen' })).toBeVisible();
  /* a new kitchen begins with what is to be made */
  await page.getByRole('radio', { name: /^Sweet potato/ }).tap();
  await page.getByRole('radio', { name: /^Cubes, 20 mm/ }).tap();
  await expect(page.getByText(/^Pull after about \d+ min/)).toBeVisible();
  await expectNoSidewaysScroll(page);
  await tap('Open on the bench');
  await expect(page).toHaveURL(/\?plan=/);
  await fullForecast(page);
  await tap('Cook this');
  await tap('The basket is in: start');
  await expect(page.getByText('It should look like this now')).toBeVisible();
  await tap(/^Shaken/);
  await tap(/^Paler/);
  await tap('golden');
  await tap('Softer than said');
  await tap(/^Pulled some/);
  await tap('A quarter');
  await tap('Take back the last tap');
  await tap('How to judge it');
  await expectNoSidewaysScroll(page);
  await tap(/^Pulled: done/);
  await tap('Salted while hot');
  await tap('Served');
  await expectNoSidewaysScroll(page);
  await tap('All as wished');
  await page.getByRole('radio', { name: 'Some differ' }).tap();
  await tap('Save to the log');
  await expect(page).toHaveURL(/\/log\//);
  await context.close();
});

test('two tabs without a network agree, one crashes, and nothing is lost', async ({ page, context }) => {
  await beginOwnBatch(page);
  await page.getByRole('button', { name: 'The basket is in: start' }).click();
  await expect(page.getByText('It should look like this now')).toBeVisible();
  const second = await context.newPage();
  await second.goto(page.url());
  await expect(second.getByText('It should look like this now')).toBeVisible();
  await context.setOffline(true);
  await page.keyboard.press('s');
  await expect(page.getByText(/1 kept on this device/)).toBeVisible();
  await expect(second.getByRole('button', { name: 'Take back the last tap' })).toBeVisible();
  await page.close({ runBeforeUnload: false });
  await second.keyboard.press('m');
  await expect(second.getByText(/2 kept on this device/)).toBeVisible();
  await context.setOffline(false);
  await expect(second.getByText(/kept on this device/)).toHaveCount(0);
  await second.goto(second.url().replace('/cook/', '/log/'));
  await expect(second.getByText('Shaken')).toHaveCount(1);
  await expect(second.getByText('One more minute')).toHaveCount(1);
});
