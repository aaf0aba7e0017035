/** @jest-environment jsdom */
import { TextEncoder } from 'node:util';
import { render, renderHook, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { JoinBatch } from '@/app/join/[token]/join-batch';
import { SecondDevice } from './second-device';
import { useAlerts } from '@/ui/use-alerts';

/* the test browser has no TextEncoder, which the code is made with */
globalThis.TextEncoder ??= TextEncoder as typeof globalThis.TextEncoder;

const fetchMock = jest.fn();
beforeEach(() => {
  fetchMock.mockReset();
  globalThis.fetch = fetchMock;
});

test('a code is made when asked for, with its link beside it, and can be hidden', async () => {
  fetchMock.mockResolvedValue({ ok: true, json: async () => ({ token: 'T'.repeat(32) }) });
  render(<SecondDevice batchId="b1" />);
  await userEvent.click(screen.getByRole('button', { name: 'Follow on another device' }));
  expect(await screen.findByRole('img', { name: /QR code/ })).toContainHTML('<svg');
  expect(screen.getByRole('link')).toHaveAttribute('href', `http://localhost/join/${'T'.repeat(32)}`);
  expect(fetchMock.mock.calls[0]![0]).toBe('/api/batches/b1/invites');
  await userEvent.click(screen.getByRole('button', { name: 'Hide the code' }));
  expect(screen.queryByRole('img')).not.toBeInTheDocument();
});

test('a server that is away, or a code that is used up, is said', async () => {
  fetchMock.mockRejectedValueOnce(new Error('away'));
  render(<SecondDevice batchId="b1" />);
  await userEvent.click(screen.getByRole('button', { name: 'Follow on another device' }));
  expect(await screen.findByText('The server cannot be reached.')).toBeInTheDocument();
  fetchMock.mockResolvedValue({
    ok: false,
    status: 410,
    json: async () => ({ error: 'This code was used or is too old.' }),
  });
  render(<JoinBatch token="x" to={{ kitchen: 'Larder', isRun: true }} here={null} />);
  await userEvent.click(screen.getByRole('button', { name: 'Join' }));
  expect(await screen.findByText(/was used or is too old/)).toBeInTheDocument();
});

describe('alerts', () => {
  const started: number[] = [];
  const param = { value: 0, setValueAtTime: jest.fn(), exponentialRampToValueAtTime: jest.fn() };
  beforeEach(() => {
    started.length = 0;
    const node = { connect: (next: unknown) => next };
    Object.assign(window, {
      AudioContext: class {
        currentTime = 0;
        destination = {};
        createGain = () => ({ ...node, gain: param });
        createOscillator = () => ({
          ...node,
          frequency: { value: 0 },
          start: (at: number) => started.push(at),
          stop: jest.fn(),
        });
      },
    });
  });

  test('nothing sounds until it is turned on; then once when an action is near and once when it is due', async () => {
    const { result, rerender } = renderHook(({ left }) => useAlerts('Shake', left), { initialProps: { left: 10 } });
    expect(started).toHaveLength(0);
    const { act } = await import('@testing-library/react');
    act(() => result.current.toggle());
    expect(result.current.on).toBe(true);
    expect(started).toHaveLength(1);
    rerender({ left: 5 });
    expect(started).toHaveLength(1);
    rerender({ left: 0 });
    expect(started).toHaveLength(4);
    rerender({ left: -3 });
    expect(started).toHaveLength(4);
  });
});
