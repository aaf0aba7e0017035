/** @jest-environment jsdom */
import { render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { writeEveningFile } from '@/schemas/evening-file';
import { evening, FRYER } from '../../../../tests/support/shown-evening';
import { EveningList } from './evening-list';

const push = jest.fn();
const refresh = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push, refresh }) }));
const fetchMock = jest.fn();

const DAY = 86_400_000;
const NOW = Date.UTC(2026, 10, 27, 12);
const row = (id: string, name: string, serveAt: number) => ({
  id,
  name,
  serveAt,
  people: 4,
  dishes: ['Potato: sticks'],
});
const list = (rows = [row('a', 'Friday', NOW + DAY), row('b', 'Last week', NOW - 7 * DAY)]) =>
  render(<EveningList evenings={rows} fryerIds={[FRYER.id]} openedAt={NOW} />);

beforeEach(() => {
  push.mockReset();
  refresh.mockReset();
  fetchMock.mockReset().mockResolvedValue({ ok: true, status: 200, json: async () => ({ revision: 1 }) });
  globalThis.fetch = fetchMock;
});

const sent = (n = 0) => {
  const [path, init] = fetchMock.mock.calls[n] as [string, { method: string; body: string }];
  return { path, method: init.method, body: JSON.parse(init.body) as Record<string, unknown> };
};

const file = (content: string) => {
  const made = new File([content], 'friday.json', { type: 'application/json' });
  made.text = async () => content;
  return made;
};

test('evenings to come stand first, those that were below; without any that is said', () => {
  const { unmount } = list();
  const links = screen.getAllByRole('link').map((link) => link.textContent);
  expect(links).toEqual(['Friday', 'Last week']);
  expect(screen.getByRole('heading', { name: 'Before' })).toBeVisible();
  unmount();
  list([]);
  expect(screen.getByText('No evening is planned yet.')).toBeVisible();
});

test('a new evening has the kitchen’s fryers and opens', async () => {
  list();
  await userEvent.click(screen.getByRole('button', { name: 'Plan an evening' }));
  await waitFor(() => expect(push).toHaveBeenCalledWith(expect.stringMatching(/^\/evenings\/[0-9a-f-]{36}$/)));
  expect(sent()).toMatchObject({ method: 'PUT', body: { base: null, document: { fryers: [{ fryer_id: FRYER.id }] } } });
});

test('what the server refuses opens nothing, and can be tried again', async () => {
  fetchMock.mockResolvedValue({ ok: false, status: 429, json: async () => ({ error: 'Too many.' }) });
  list();
  await userEvent.click(screen.getByRole('button', { name: 'Plan an evening' }));
  await waitFor(() => expect(screen.getByRole('button', { name: 'Plan an evening' })).toBeEnabled());
  expect(fetchMock).toHaveBeenCalledTimes(1);
  expect(push).not.toHaveBeenCalled();
});

test('planned again: the same dishes for another evening', async () => {
  list();
  await userEvent.click(screen.getByRole('button', { name: /^Plan it again ?: Last week$/ }));
  await waitFor(() => expect(push).toHaveBeenCalled());
  expect(sent()).toMatchObject({ path: '/api/evenings/b/copies', method: 'POST' });
});

test('removed, and put back', async () => {
  list();
  await userEvent.click(screen.getByRole('button', { name: 'Remove Friday' }));
  const status = await screen.findByRole('status');
  expect(status).toHaveTextContent('“Friday” was removed.');
  expect(sent()).toMatchObject({ path: '/api/evenings/a/removal', body: { removed: true } });
  await userEvent.click(within(status).getByRole('button', { name: 'Put it back' }));
  await waitFor(() => expect(screen.queryByRole('status')).toBeNull());
  expect(sent(1)).toMatchObject({ body: { removed: false } });
  expect(refresh).toHaveBeenCalledTimes(2);
});

test('an evening file opens as a new evening; what is wrong with one is said and nothing is sent', async () => {
  list();
  const input = screen.getByLabelText('or open an evening file');
  await userEvent.upload(input, file('{"format": "drubek.evening"}'));
  expect(await screen.findByRole('alert')).toBeVisible();
  await userEvent.upload(input, file('x'.repeat(1_000_001)));
  expect(await screen.findByText(/larger than 1 MB/)).toBeVisible();
  expect(fetchMock).not.toHaveBeenCalled();
  await userEvent.upload(input, file(JSON.stringify(writeEveningFile(evening))));
  await waitFor(() => expect(push).toHaveBeenCalled());
  expect(sent().body).toMatchObject({ document: { name: 'Friday', dishes: [{ id: 'potato' }, { id: 'dip' }] } });
});
