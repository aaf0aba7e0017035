import { expect, type Page, test } from '@playwright/test';
import { enterOwnKitchen, expectAccessible, expectNoSidewaysScroll } from './helpers';

/** A browser with a passkey maker of its own. */
async function withAuthenticator(page: Page): Promise<void> {
  const session = await page.context().newCDPSession(page);
  await session.send('WebAuthn.enable');
  await session.send('WebAuthn.addVirtualAuthenticator', {
    options: {
      protocol: 'ctap2',
      transport: 'internal',
      hasResidentKey: true,
      hasUserVerification: true,
      isUserVerified: true,
      automaticPresenceSimulation: true,
    },
  });
}

/* a passkey belongs to a name, not to a bare address */
const ORIGIN = `http://localhost:${process.env.E2E_PORT ?? 3477}`;
test.use({ baseURL: ORIGIN });

async function claim(page: Page, name: string): Promise<string[]> {
  await page.goto('/kitchen?show=people');
  await page.getByLabel('Your name').fill(name);
  await page.getByRole('button', { name: 'Add a passkey' }).click();
  await expect(page.getByText('Write these down')).toBeVisible();
  return page.getByRole('status').getByRole('listitem').allInnerTexts();
}

test('a kitchen begun without an account is claimed, left, and entered again by passkey and by recovery code', async ({
  page,
  browser,
}) => {
  await withAuthenticator(page);
  await enterOwnKitchen(page, ORIGIN);
  await page.goto('/kitchen?show=people');
  await expect(page.getByText(/this browser is the only way in/)).toBeVisible();
  const codes = await claim(page, 'Ada');
  expect(codes).toHaveLength(8);
  await expect(page.getByRole('list', { name: 'Cooks' })).toContainText('Ada, owner, one passkey');
  await expectAccessible(page);
  await page.setViewportSize({ width: 390, height: 844 });
  await expectNoSidewaysScroll(page);
  await page.setViewportSize({ width: 1280, height: 800 });

  await page.getByRole('button', { name: 'Sign out here' }).click();
  await expect(page).toHaveURL(/\/enter/);
  await page.getByRole('button', { name: 'Sign in with a passkey' }).click();
  await expect(page.getByRole('button', { name: 'Kitchen: My kitchen' })).toBeVisible();
  await page.goto('/kitchen?show=people');
  await expect(page.getByRole('list', { name: 'Devices' })).toContainText('Ada');

  /* another browser has no passkey, but a code that was written down; it works once */
  const other = await browser.newContext({ baseURL: ORIGIN });
  const elsewhere = await other.newPage();
  const enterCode = async () => {
    await elsewhere.goto('/enter?choose=1');
    await elsewhere.getByLabel('Recovery code').fill(codes[0]!.toUpperCase());
    await elsewhere.getByRole('button', { name: 'Sign in with it' }).click();
  };
  await enterCode();
  await expect(elsewhere.getByRole('button', { name: 'Kitchen: My kitchen' })).toBeVisible();
  await enterCode();
  await expect(elsewhere.getByText('That did not fit; try again, or use a recovery code.')).toBeVisible();

  /* the owner sees the other browser and takes it out */
  await page.reload();
  const devices = page.getByRole('list', { name: 'Devices' });
  await expect(devices.getByRole('button', { name: 'Take out' })).toHaveCount(1);
  await devices.getByRole('button', { name: 'Take out' }).click();
  await expect(devices.getByRole('button', { name: 'Take out' })).toHaveCount(0);
  await elsewhere.goto('/kitchen?show=people');
  await expect(elsewhere.getByRole('button', { name: 'Kitchen: My kitchen' })).toHaveCount(0);
  await page.getByText('What was done').click();
  await expect(page.getByText(/Signed in, with a recovery code/)).toBeVisible();
  await other.close();
});

test('an invited cook plans along, keeps the own kitchen beside, may not remove anyone, and can be removed', async ({
  page,
  browser,
}) => {
  await withAuthenticator(page);
  await enterOwnKitchen(page, ORIGIN);
  await claim(page, 'Ada');
  await page.getByRole('button', { name: 'Invite a cook' }).click();
  const link = (await page.getByRole('link', { name: /\/join\// }).getAttribute('href'))!;

  const other = await browser.newContext({ baseURL: ORIGIN });
  const guest = await other.newPage();
  await enterOwnKitchen(guest, ORIGIN);
  await guest.goto(link);
  await expect(guest.getByText(/This device leaves “My kitchen” for it and can go back/)).toBeVisible();
  await expectAccessible(guest);
  await guest.getByRole('button', { name: 'Join' }).click();
  await expect(guest.getByRole('button', { name: 'Kitchen: My kitchen' })).toBeVisible();
  const status = await guest.evaluate(async () => {
    const response = await fetch('/api/kitchen/removal', {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ word: 'My kitchen' }),
    });
    return response.status;
  });
  expect(status).toBe(403);
  await guest.goto('/enter');
  await guest.getByRole('button', { name: 'Back to My kitchen' }).click();
  await expect(guest.getByRole('button', { name: 'Kitchen: My kitchen' })).toBeVisible();
  await guest.goto('/kitchen?show=people');
  await expect(guest.getByText(/Nobody can sign in yet/)).toBeVisible();
  await other.close();
});

test('a device that follows a run sees this run and nothing else of the kitchen', async ({ page, browser }) => {
  await enterOwnKitchen(page, ORIGIN);
  await page.getByRole('button', { name: 'Cook this' }).click();
  await expect(page).toHaveURL(/\/cook\//);
  await page.getByRole('button', { name: 'Follow on another device' }).click();
  const link = (await page.getByRole('link', { name: /\/join\// }).getAttribute('href'))!;
  const other = await browser.newContext({ baseURL: ORIGIN });
  const phone = await other.newPage();
  await enterOwnKitchen(phone, ORIGIN);
  await phone.goto(link);
  await phone.getByRole('button', { name: 'Join' }).click();
  await expect(phone.getByText('A run in My kitchen')).toBeVisible();
  await expect(phone.getByRole('navigation', { name: 'Rooms' }).getByRole('link')).toHaveCount(0);
  /* a key that is pressed before the page is alive is pressed again, as a cook would */
  await expect(async () => {
    await phone.keyboard.press('b');
    await expect(page.getByText('It should look like this now')).toBeVisible({ timeout: 5000 });
  }).toPass();
  /* nor does the token of the run open the kitchen from another cookie */
  const lent = (await other.cookies()).find(({ name }) => name === 'drubek_run')!;
  const thief = await browser.newContext({ baseURL: ORIGIN });
  await thief.addCookies([{ ...lent, name: 'drubek_session' }]);
  const headers = { origin: ORIGIN };
  expect((await thief.request.put('/api/kitchen/units', { data: { unitSystem: 'us' }, headers })).status()).toBe(401);
  expect((await thief.request.get('/api/kitchen/archive')).status()).toBe(404);
  await thief.close();
  /* its own kitchen is still its own */
  await phone.goto('/log');
  await expect(phone.getByText(/No batch yet/)).toBeVisible();
  await other.close();
});

test('a whole kitchen goes out as an archive and comes in elsewhere, equal, and twice without doubling', async ({
  page,
}) => {
  await enterOwnKitchen(page, ORIGIN);
  const thickness = page.getByRole('textbox', { name: 'Thickness' });
  await thickness.fill('12');
  await thickness.press('Enter');
  await expect(page.getByText('Saved')).toBeVisible();
  await page.goto('/kitchen?show=data');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Take it out' }).click(),
  ]);
  const path = await download.path();
  await enterOwnKitchen(page, ORIGIN);
  await page.goto('/kitchen?show=data');
  const takeIn = async () => {
    const answered = page.waitForResponse(
      (response) => /api\/kitchen\/archive\/[^?]+$/.test(response.url()) && response.request().method() === 'POST',
    );
    await page.getByLabel('Take in an archive').setInputFiles({
      name: 'kitchen.zip',
      mimeType: 'application/zip',
      buffer: await (await import('node:fs/promises')).readFile(path),
    });
    return (await (await answered).json()) as { added: number };
  };
  expect((await takeIn()).added).toBeGreaterThan(1);
  expect((await takeIn()).added).toBe(0);
  await page.goto('/plans');
  await expect(page.getByRole('link', { name: /Potato sticks/ }).first()).toBeVisible();
});

test('a passkey is named and taken back, recovery codes are renewed, a cook is made an owner, and a stream ends with its session', async ({
  page,
  browser,
}) => {
  await withAuthenticator(page);
  await enterOwnKitchen(page, ORIGIN);
  const before = await claim(page, 'Ada');
  page.on('dialog', (dialog) => void dialog.accept());
  const passkeys = page.getByRole('list', { name: 'Passkeys of Ada' });
  await passkeys.getByRole('button', { name: 'Rename' }).click();
  await page.getByLabel('Name of the passkey').fill('The kitchen laptop');
  await page.getByRole('button', { name: 'Rename' }).click();
  await expect(passkeys.getByText('The kitchen laptop')).toBeVisible();
  await passkeys.getByRole('button', { name: 'Take back' }).click();
  await expect(page.getByText(/last passkey of an owner/)).toBeVisible();
  await page.getByRole('button', { name: 'New recovery codes' }).click();
  const codes = page.getByRole('status').getByRole('listitem');
  await expect(codes).toHaveCount(8);
  await expect.poll(() => codes.allInnerTexts()).not.toEqual(before);
  await expectAccessible(page);

  /* another owner comes in by a link that says so */
  await page.getByRole('button', { name: 'Invite another owner' }).click();
  const link = (await page.getByRole('link', { name: /\/join\// }).getAttribute('href'))!;
  const other = await browser.newContext({ baseURL: ORIGIN });
  const second = await other.newPage();
  await withAuthenticator(second);
  await second.goto(link);
  await second.getByRole('button', { name: 'Join' }).click();
  await expect(second.getByRole('button', { name: 'Kitchen: My kitchen' })).toBeVisible();
  await claim(second, 'Bo');
  await expect(second.getByRole('list', { name: 'Cooks' })).toContainText('Bo, owner, one passkey');

  /* it follows a run; taken out, it hears nothing more */
  await page.goto(`/?plan=${crypto.randomUUID()}`);
  await page.getByRole('button', { name: 'Cook this' }).click();
  await expect(page).toHaveURL(/\/cook\/[0-9a-f-]{36}$/);
  await second.goto(new URL(page.url()).pathname);
  await page.goto('/kitchen?show=people');
  await page.getByRole('list', { name: 'Devices' }).getByRole('button', { name: 'Take out' }).click();
  await expect(second.getByText('This device may not follow the batch any more.')).toBeVisible();
  await other.close();
});
