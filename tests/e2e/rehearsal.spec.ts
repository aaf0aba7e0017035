import { expect, type Page, test } from '@playwright/test';
import { beginBatch, enterOwnKitchen, expectAccessible, expectNoSidewaysScroll } from './helpers';

/* one simulated kitchen, one rehearsal at a time */
test.describe.configure({ mode: 'serial' });

async function beginRehearsal(page: Page): Promise<void> {
  await enterOwnKitchen(page);
  await beginBatch(page);
  await page.getByRole('button', { name: 'Rehearse with stand-in devices' }).click();
  await expect(page.getByRole('group', { name: 'Speed of the rehearsal' })).toBeVisible();
}

const kinds = (page: Page) =>
  page.evaluate(async () => {
    const { pathname } = window.location;
    const stream = new EventSource(`/api/batches/${pathname.split('/').pop()}/stream`);
    const told = await new Promise<string>((resolve) => (stream.onmessage = ({ data }) => resolve(data as string)));
    stream.close();
    return (JSON.parse(told) as { events: { kind: string }[] }).events.map(({ kind }) => kind);
  });

test('a whole evening rehearsed: preheat, run, readings that correct it, rest, log', async ({ page }) => {
  await beginRehearsal(page);
  await page.getByRole('button', { name: '60×' }).click();
  /* the soak and the rest count as done; the preheat turns the fryer's dial */
  await page.getByRole('button', { name: 'Start', exact: true }).last().click();
  await expect(page.getByText(/Fryer air .*dial 195 °C/)).toBeVisible();
  await expect(page.getByText(/air 1[5-9]\d °C|air 2\d\d °C/)).toBeVisible();
  await page.getByRole('button', { name: 'The basket is in: start' }).click();
  await expect(page.getByText(/^([4-9]|[1-9]\d):\d\d in the fryer/)).toBeVisible();
  await expect(page.getByText(/answers and readings|After one answer/)).toBeVisible();
  await page.keyboard.press('s');
  await expect(page.getByText(/^(1[3-9]|[2-9]\d):\d\d in the fryer/)).toBeVisible();
  expect(await kinds(page)).toEqual(expect.arrayContaining(['rehearsed', 'loaded', 'air-read', 'weighed', 'looked']));
  await page.getByRole('button', { name: '1×', exact: true }).click();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'How to judge it' }).click();
  await expect(page.getByText('At its best')).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press('d');
  await expect(page.getByText('Rest on a rack')).toBeVisible();
  await expect(page.getByText(/, off/)).toBeVisible();
  await page.getByRole('button', { name: 'Salted while hot' }).click();
  await expect(page.getByText(/keep \d+ % of their bite on a rack/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Served' }).click();
  await page.getByRole('button', { name: 'All as wished' }).click();
  await page.getByRole('button', { name: 'Save to the log' }).click();
  await expect(page).toHaveURL(/\/log\//);
});

test('a device that fails is named, and the run goes on without it', async ({ page, context }) => {
  await beginRehearsal(page);
  await page.getByRole('button', { name: 'The basket is in: start' }).click();
  await page.getByRole('button', { name: '120×' }).click();
  const kitchen = await context.newPage();
  await kitchen.goto('/kitchen?show=devices');
  const fault = (device: string, way: string) =>
    kitchen
      .getByRole('radiogroup', { name: `${device} as a stand-in` })
      .getByRole('radio', { name: way })
      .click();
  await fault('Scale', 'Silent');
  await expect(page.getByText('The scale does not answer: the run goes on without it.')).toBeVisible();
  await fault('Fryer', 'Stuck');
  await fault('Probe', 'Noisy');
  await expect(page.getByText('The fryer shows the same number all the time')).toBeVisible();
  await expect(page.getByText('The probe shows numbers that jump about')).toBeVisible();
  await expect(page.getByText('in the fryer.')).toBeVisible();
  await expectAccessible(kitchen);
  await kitchen.setViewportSize({ width: 390, height: 844 });
  await expectNoSidewaysScroll(kitchen);
  for (const device of ['Scale', 'Fryer', 'Probe']) await fault(device, 'Works');
  await expect(page.getByText(/the run goes on without it/)).toHaveCount(0);
});
