/** @jest-environment jsdom */
const push = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push, refresh: jest.fn() }) }));

import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { findFood } from '@/core/food/catalogue';
import { FIRST_PLAN } from '@/schemas/first-plan';
import { OutcomeForm } from './outcome-form';

const BATCH = '3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c11';
const fetchMock = jest.fn();

beforeAll(() => {
  globalThis.ResizeObserver = class {
    observe() {}
    unobserve() {}
    disconnect() {}
  };
});

beforeEach(() => {
  push.mockReset();
  fetchMock.mockReset();
  globalThis.fetch = fetchMock;
  render(
    <OutcomeForm
      batchId={BATCH}
      cooked={{ document: FIRST_PLAN, pulledAfter: 1100 }}
      ramp={findFood('celeriac')!.ramp}
      wished={{ colour: 'golden', crispness: 'crisp' }}
    />,
  );
});

test('three taps and a note are sent as said', async () => {
  fetchMock.mockResolvedValue({ ok: true, json: async () => ({ ok: true }) });
  await userEvent.click(screen.getByRole('radio', { name: 'Tender' }));
  await userEvent.click(screen.getByRole('radio', { name: 'Still hard inside' }));
  await userEvent.click(screen.getByRole('radio', { name: 'brown' }));
  await userEvent.click(screen.getByRole('radio', { name: 'All alike' }));
  await userEvent.click(screen.getByRole('checkbox', { name: 'Stuck together' }));
  await userEvent.click(screen.getByRole('radio', { name: 'Too dark for us' }));
  await userEvent.click(screen.getByRole('radio', { name: 'Changed' }));
  await userEvent.type(screen.getByLabelText('Note'), 'Towel twice.');
  await userEvent.click(screen.getByRole('button', { name: 'Save to the log' }));
  const [path, request] = fetchMock.mock.calls[0] as [string, { body: string }];
  expect(path).toBe(`/api/batches/${BATCH}/outcome`);
  expect(JSON.parse(request.body)).toEqual({
    crispness: 'tender',
    browning: 2,
    evenness: 'even',
    faults: ['stuck'],
    note: 'Towel twice.',
    liked: 'too-dark',
    heart: 'hard',
    next: 'changed',
    fingerprint: expect.any(Array),
  });
  expect(push).toHaveBeenCalledWith(`/log/${BATCH}`);
});

test('a server that is away loses nothing: the words stay, and it says what to do', async () => {
  fetchMock.mockRejectedValue(new Error('offline'));
  await userEvent.click(screen.getByRole('button', { name: 'All as wished' }));
  await userEvent.type(screen.getByLabelText('Note'), 'Keep me.');
  await userEvent.click(screen.getByRole('button', { name: 'Save to the log' }));
  expect(screen.getByRole('alert')).toHaveTextContent('What you chose is still here; save again.');
  expect(screen.getByLabelText('Note')).toHaveValue('Keep me.');
  expect(push).not.toHaveBeenCalled();
});

test('a note that is too long is refused before it is sent', async () => {
  await userEvent.click(screen.getByRole('button', { name: 'All as wished' }));
  const note = screen.getByLabelText('Note');
  await userEvent.click(note);
  await userEvent.paste('x'.repeat(2001));
  await userEvent.click(screen.getByRole('button', { name: 'Save to the log' }));
  expect(screen.getByRole('alert')).toHaveTextContent('The note must be 2000 characters at most.');
  expect(fetchMock).not.toHaveBeenCalled();
});

test('nothing is saved that nobody said: what is missing is named, and all as wished is one tap', async () => {
  fetchMock.mockResolvedValue({ ok: true, json: async () => ({ ok: true }) });
  expect(screen.queryAllByRole('radio', { checked: true })).toEqual([]);
  await userEvent.click(screen.getByRole('radio', { name: 'Tender' }));
  await userEvent.click(screen.getByRole('button', { name: 'Save to the log' }));
  expect(screen.getByRole('alert')).toHaveTextContent('Still to say: the colour, how even they are.');
  expect(fetchMock).not.toHaveBeenCalled();
  await userEvent.click(screen.getByRole('button', { name: 'All as wished' }));
  expect(screen.queryByRole('alert')).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: 'Save to the log' }));
  expect(JSON.parse((fetchMock.mock.calls[0] as [string, { body: string }])[1].body)).toMatchObject({
    crispness: 'crisp',
    browning: 1,
    evenness: 'even',
  });
});
