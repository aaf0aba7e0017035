import { readFile } from 'node:fs/promises';
import { expect, type Locator, type Page, test } from '@playwright/test';
import { findFood } from '../../src/core/food/catalogue';
import { newAfterSteps, newPrepSteps } from '../../src/editing/edit-steps';
import { planFileSchema, type PlanFile } from '../../src/schemas/plan-file';
import {
  BATH_WORDS,
  COAT_WORDS,
  COLOUR_WORDS,
  CRISPNESS_WORDS,
  DRYING_WORDS,
  PARCOOK_WORDS,
  SHAPE_WORDS,
} from '../../src/ui/words/labels';
import { openingText } from '../../src/ui/words/opening-text';
import { type AnyStep, STEP_NAMES } from '../../src/ui/words/step-names';
import { DRESSING_ORDERS } from '../../src/ui/words/dressing-orders';
import { REST_PLACES } from '../../src/ui/words/rest-places';
import { type Job, JOBS } from '../reference/jobs';
import { beginBatch, enterOwnKitchen, expectAccessible, takeFromMenu } from './helpers';

test.use({ actionTimeout: 40_000 });

const openStation = (page: Page, name: string) => page.getByRole('tab', { name: new RegExp(`^${name}`) }).click();

const sameWord = (word: string) => new RegExp(`^${word}`, 'i');

async function setLever(scope: Page | Locator, label: string, value: number): Promise<void> {
  const box = scope.getByRole('textbox', { name: label, exact: true });
  if (Number(await box.inputValue()) === value) return;
  await box.fill(String(value));
  await box.press('Enter');
}

async function choose(scope: Page | Locator, group: string, word: string): Promise<void> {
  await scope
    .getByRole('radiogroup', { name: group, exact: true })
    .getByRole('radio', { name: sameWord(word) })
    .click();
}

/** What of a step is not as it begins, as levers to set and choices to make. */
function settings(step: AnyStep): { levers: [string, number][]; choices: [string, string][] } {
  const levers: [string, number][] = [];
  const choices: [string, string][] = [];
  switch (step.step) {
    case 'rinse':
      levers.push(['Changes of water', step.changes]);
      break;
    case 'soak':
      levers.push(['Minutes', step.minutes], ['Water', step.water_c]);
      break;
    case 'dip':
      choices.push(['Into', BATH_WORDS[step.bath]]);
      levers.push(['Seconds', step.seconds]);
      break;
    case 'parcook':
      choices.push(['How', PARCOOK_WORDS[step.method]]);
      levers.push(['Minutes', step.minutes]);
      break;
    case 'press':
    case 'brine':
    case 'cool':
      levers.push(['Minutes', step.minutes]);
      break;
    case 'marinate':
      levers.push(['Minutes', step.minutes]);
      if (step.place) choices.push(['Where', step.place === 'fridge' ? 'In the fridge' : 'In the kitchen']);
      break;
    case 'dry':
      choices.push(['How', `${DRYING_WORDS[step.method]}$`]);
      break;
    case 'chill':
    case 'freeze':
      levers.push(['Hours', step.hours]);
      break;
    case 'press-flat':
      levers.push(['Thickness', step.thickness_mm]);
      break;
    case 'cut':
      choices.push(['Into', SHAPE_WORDS[step.cut.shape]]);
      if ('thickness_mm' in step.cut && step.cut.thickness_mm !== undefined) {
        levers.push(['Thickness', step.cut.thickness_mm]);
      }
      break;
    case 'oil':
      levers.push(['Grams', step.mass_g ?? 0]);
      break;
    case 'season':
      choices.push(['Of it salt', step.salt_share === 1 ? 'All' : 'Half']);
      levers.push(['Grams', step.mass_g]);
      break;
    case 'starch':
    case 'batter':
      levers.push(['Grams', step.mass_g]);
      break;
    case 'bind':
      choices.push(['With', COAT_WORDS[step.with]]);
      levers.push(['Grams', step.mass_g]);
      break;
    case 'temper':
      levers.push(['Inside', step.to_c]);
      break;
    case 'dredge':
      choices.push(['How often', step.layers === 2 ? 'egg and crumbs twice' : 'once']);
      break;
    case 'coat':
      for (const name of Object.keys(COAT_WORDS) as (keyof typeof COAT_WORDS)[]) {
        const word = COAT_WORDS[name];
        levers.push([word.charAt(0).toUpperCase() + word.slice(1), step[`${name}_g`]]);
      }
      break;
    case 'cook': {
      const [stage] = step.stages;
      choices.push([
        'Ends',
        { stages: 'By the clock', soft: 'When soft enough to press', pale: 'At the first colour' }[step.until],
      ]);
      levers.push([step.until === 'stages' ? 'Minutes' : 'At most', stage!.minutes], ['Dial', stage!.temperature_c]);
      break;
    }
    case 'rest':
      choices.push(['Where', REST_PLACES[step.place]]);
      levers.push(['Minutes', step.minutes]);
      break;
    case 'dress':
      choices.push(['With', DRESSING_ORDERS[step.with].word]);
      levers.push(['Grams', step.mass_g]);
      break;
    case 'refresh':
      levers.push(['Minutes', step.minutes], ['Dial', step.temperature_c]);
      break;
    case 'keep':
      choices.push(['Where', step.place]);
      levers.push(['Hours', step.hours]);
      break;
    case 'freeze-thaw':
      break;
  }
  return { levers, choices };
}

/** Adds a step at the end of its list and sets it. */
async function addStep(page: Page, list: 'before' | 'after', step: AnyStep): Promise<void> {
  await takeFromMenu(
    page.getByRole('button', { name: `Add a step ${list}` }),
    page.getByRole('menuitem', { name: STEP_NAMES[step.step], exact: true }),
  );
  const row = page
    .getByRole('list', { name: list === 'before' ? 'Before the last cook' : 'After the last cook' })
    .getByRole('listitem')
    .last();
  const { levers, choices } = settings(step);
  for (const [group, word] of choices) await choose(row, group, word);
  for (const [label, value] of levers) await setLever(row, label, value);
  const close = row.getByRole('button', { name: 'Close' });
  if (await close.isVisible()) await close.click();
}

/** Puts the produce on the board: food, amount, cut, what it begins with. */
async function layOut(page: Page, { plan, own }: Job, document: PlanFile): Promise<void> {
  await openStation(page, 'Produce');
  if (own) {
    await page.getByRole('combobox', { name: /^Food/ }).selectOption('own');
    const form = page.getByRole('form', { name: 'A food of your own' });
    await form.getByLabel('Name').fill(own.name);
    await form.getByLabel('Nearest kin').selectOption(own.kin);
    if (own.other) {
      await form.getByLabel('Mixed with, for a dough').selectOption(own.other);
      await form.getByLabel('Of the second, %').fill(String(own.share));
    }
    await form.getByRole('button', { name: 'Use it' }).click();
  } else await page.getByRole('combobox', { name: /^Food/ }).selectOption(plan.food as string);
  await setLever(page, 'Cut pieces on the board', document.mass_g);
  if (document.start_temperature_c < 0) await choose(page, 'What the batch begins with', 'Raw, frozen');
  await openStation(page, 'Cut');
  const { cut } = document;
  const more = page.getByRole('button', { name: /^\d more$/ });
  if (await more.isVisible()) await more.click();
  await choose(page, 'Shape', SHAPE_WORDS[cut.shape]);
  if ('thickness_mm' in cut && cut.thickness_mm !== undefined) await setLever(page, 'Thickness', cut.thickness_mm);
  if ('diameter_mm' in cut && cut.diameter_mm !== undefined) await setLever(page, 'Diameter', cut.diameter_mm);
  if ('length_mm' in cut && cut.length_mm !== undefined) await setLever(page, 'Length', cut.length_mm);
}

/** Sets the dial, the minutes, the wish and each opening of the last cook. */
async function setCook(page: Page, document: PlanFile): Promise<void> {
  const { racks } = document.fryer;
  if (racks !== undefined) {
    await openStation(page, 'Fryer');
    await choose(page, 'Inside', `${racks} racks`);
  }
  await openStation(page, 'Cook');
  await choose(page, 'Who sets them', 'Leave them as they are');
  const [stage] = document.cook.stages;
  await setLever(page, 'Dial', stage!.temperature_c);
  await setLever(page, 'Up to', stage!.minutes);
  const { colour, crispness, faces, spread } = document.target;
  await choose(page, 'Wished colour', COLOUR_WORDS[colour]);
  await choose(page, 'Wished bite', `${CRISPNESS_WORDS[crispness]}$`);
  if (faces === 'one') await choose(page, 'On which sides', 'One is enough');
  if (spread === 'mixed') await choose(page, 'Among the pieces', 'Some soft, some dark');
  await expect(page.getByRole('button', { name: 'Add an opening' })).toBeVisible();
  const openings = page.getByRole('list', { name: 'Openings, one by one' });
  while ((await openings.getByRole('listitem').count()) > 0) {
    await openings
      .getByRole('button', { name: /^Remove/ })
      .first()
      .click();
  }
  for (const event of document.cook.events) {
    const word = { oil: /^Oil again/, season: /^Season/, pull: /^Pull/, add: /^Add more food/ }[event.action as 'oil'];
    const item = page.getByRole('menuitem', { name: word ?? openingText(event, document, 'metric') });
    await takeFromMenu(page.getByRole('button', { name: 'Add an opening' }), item);
    const fields = openings.getByRole('listitem').filter({ has: page.getByRole('button', { name: 'Close' }) });
    if (event.action === 'oil' || event.action === 'season') await setLever(fields, 'Grams', event.mass_g!);
    if (event.action === 'pull') await choose(fields, 'Take out', `The ${event.which} third`);
    if (event.action === 'add') {
      await fields.getByLabel('Food').selectOption(event.part.food as string);
      await setLever(fields, 'Grams', event.part.mass_g);
      const { cut } = event.part;
      if (cut) await choose(fields, 'Into', SHAPE_WORDS[cut.shape]);
      if (cut && 'thickness_mm' in cut) await setLever(fields, 'Thickness', cut.thickness_mm!);
      await choose(fields, 'Prepared', 'Oiled$');
    }
    await setLever(fields, 'After', event.minute);
    await fields.getByRole('button', { name: 'Close' }).click();
  }
}

async function setSteps(page: Page, document: PlanFile): Promise<void> {
  await openStation(page, 'All steps');
  await expect(page.getByRole('button', { name: 'Add a step before' })).toBeVisible();
  const before = page.getByRole('list', { name: 'Before the last cook' });
  while ((await before.getByRole('listitem').count()) > 0) {
    await before
      .getByRole('button', { name: /^Remove/ })
      .first()
      .click();
  }
  for (const step of document.prep) await addStep(page, 'before', step);
  for (const step of document.after) await addStep(page, 'after', step);
}

/** The key that answers each deed at the drawer. */
const KEYS: Record<string, string> = {
  Shake: 's',
  'Toss in a bowl': 't',
  'Flip each piece': 'f',
  Open: 'o',
  Check: 'o',
  'Change the racks': 'r',
  'Oil again, toss': 'l',
  'Add the rest': 'a',
  Season: 'e',
  'Probe the heart': 'o',
};

/** Cooks with the stand-ins of this kitchen, 120 times as fast: does what is due when it is due, and pulls when it says so. */
async function cookInRehearsal(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Rehearse with stand-in devices' }).click();
  await page.getByRole('button', { name: '120×' }).click();
  await page.getByRole('button', { name: 'The basket is in: start' }).click();
  const run = page.getByRole('region', { name: 'The run' });
  await expect(page.getByText('It should look like this now')).toBeVisible();
  await expect(async () => {
    const [verb = '', timer] = await Promise.all([
      run.locator('p[aria-live="assertive"]').innerText(),
      run.getByRole('timer').first().innerText(),
    ]);
    const due = /^now/.test(timer);
    const deed = verb.replace(/\s*now$/, '').trim();
    if (due && KEYS[deed]) await page.keyboard.press(KEYS[deed]);
    expect({ deed, due }).toEqual({ deed: 'Pull', due: true });
  }).toPass({ intervals: [250], timeout: 150_000 });
  await page.getByRole('button', { name: '1×', exact: true }).click();
  await page.keyboard.press('d');
}

/** A step without the mark that what was typed is set for its load. */
function unmarked<Step extends object>(step: Step): Step {
  return { ...step, set_for_g: undefined };
}

/** What must come out as it was meant; the fryer is the kitchen's, its preheat goes with the dial. */
function meant({ food, cut, mass_g, start_temperature_c, fryer, prep, cook, after, loads, target }: PlanFile) {
  const { faces = 'both', spread = 'even', ...wish } = target;
  return {
    food: typeof food === 'string' ? food : food.name,
    cut,
    mass_g,
    start_temperature_c,
    racks: fryer.racks,
    prep: prep.map(unmarked),
    stages: cook.stages,
    events: cook.events.toSorted((a, b) => a.minute - b.minute),
    after: after.map(unmarked),
    loads,
    target: { ...wish, faces, spread },
  };
}

for (const job of JOBS) {
  test(`${job.id}: made through the interface, read again the same, printed, cooked to the log`, async ({ page }) => {
    test.setTimeout(400_000);
    const document = planFileSchema.parse({ ...job.plan, name: job.id });
    await enterOwnKitchen(page);
    await page.getByLabel('Name of the plan').fill(job.id);
    await page.getByLabel('Name of the plan').press('Enter');
    await layOut(page, job, document);
    await page.getByLabel('Name of the plan').fill(job.id);
    await page.getByLabel('Name of the plan').press('Enter');
    await setCook(page, document);
    const { count, serve, coat } = document.loads;
    if (count > 1) {
      await openStation(page, 'Load');
      await choose(page, 'How many loads', `${count} loads`);
      if (coat === 'each-load') await choose(page, 'Coated and oiled', 'Each load');
      if (serve === 'together') await choose(page, 'Served', 'All together');
    }
    /* what serving together adds comes before the steps that are added by hand */
    const byHand =
      count > 1 && serve === 'together' ? document.after.filter(({ step }) => step !== 'refresh') : document.after;
    await setSteps(page, { ...document, after: byHand });

    const waiting = page.waitForEvent('download');
    const planMenu = page.getByRole('button', { name: 'This plan' });
    await takeFromMenu(planMenu, page.getByRole('menuitem', { name: 'Save as plan file' }));
    const made = planFileSchema.parse(JSON.parse(await readFile(await (await waiting).path(), 'utf8')));
    const wanted = meant(document);
    const after = (steps: readonly AnyStep[]) =>
      steps.toSorted((a, b) => (a.step < b.step ? -1 : a.step > b.step ? 1 : 0));
    expect({ ...meant(made), after: after(made.after.map(unmarked)) }).toEqual({
      ...wanted,
      food: job.own?.name ?? wanted.food,
      after: after(wanted.after as AnyStep[]),
    });

    await takeFromMenu(planMenu, page.getByRole('menuitem', { name: 'Prep card, to print' }));
    await expect(page.getByText(/Pull after about \d+ min; begin looking/)).toBeVisible();
    /* the cut, each step before, loading and pulling, and what is done after */
    const printed = await page.getByRole('article').getByRole('list').first().getByRole('listitem').count();
    expect(printed).toBeGreaterThanOrEqual(document.prep.length + 2);
    await expectAccessible(page);
    await page.goBack();

    await beginBatch(page);
    const steps = page.getByRole('region', { name: 'Preparation' });
    await expect(steps.getByRole('timer')).toHaveCount(document.prep.length + (made.fryer.preheat ? 1 : 0));
    const later = document.cook.events.filter(({ action }) => action === 'add').length;
    await expect(steps.getByText(/^Have ready: .* goes in after/)).toHaveCount(later);
    await cookInRehearsal(page);
    await expect(page.getByRole('region', { name: 'After the drawer' })).toBeVisible();
    for (let load = 2; load <= count; load++) {
      await page.getByRole('button', { name: `Begin load ${load} of ${count}` }).click();
      await expect(page.getByText(`load ${load} of ${count}`).first()).toBeVisible();
      await cookInRehearsal(page);
      await expect(page.getByRole('region', { name: 'After the drawer' })).toBeVisible();
    }
    await page.getByRole('button', { name: 'Served' }).click();
    await page.getByRole('button', { name: 'All as wished' }).click();
    await page.getByRole('button', { name: 'Save to the log' }).click();
    await expect(page).toHaveURL(/\/log\//);
    await expect(page.getByText(job.own?.name ?? findFood(job.plan.food as string)!.name).first()).toBeVisible();
  });
}

test('every step that can be added has a job or a place in the fields', () => {
  const kinds = [...newPrepSteps(500), ...newAfterSteps(500)].map(({ step }) => step);
  expect(new Set(kinds).size).toBe(kinds.length);
});
