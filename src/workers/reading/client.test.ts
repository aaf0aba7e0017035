/** @jest-environment node */
import { readApart } from './client';

let onMessage: ((worker: { onerror?: () => void }) => void) | null = null;
const ended = jest.fn();

class SilentWorker {
  onerror?: () => void;
  constructor() {
    setTimeout(() => onMessage?.(this));
  }
  postMessage = () => undefined;
  addEventListener = () => undefined;
  removeEventListener = () => undefined;
  terminate = ended;
}

beforeEach(() => {
  ended.mockReset();
  onMessage = null;
  Object.assign(globalThis, { Worker: SilentWorker });
});
afterEach(() => jest.useRealTimers());

test('what is not read in time is given up, its worker ended, and said so', async () => {
  jest.useFakeTimers();
  const reading = readApart('text', '{"a": 1}');
  await jest.advanceTimersByTimeAsync(6000);
  expect(await reading).toMatchObject({ kind: 'refused', lines: [expect.stringMatching(/took too long/)] });
  expect(ended).toHaveBeenCalledTimes(1);
});

test('a worker that fails says so', async () => {
  onMessage = (worker) => worker.onerror?.();
  expect(await readApart('link', 'x')).toMatchObject({ kind: 'refused', lines: [expect.stringMatching(/failed/)] });
  expect(ended).toHaveBeenCalledTimes(1);
});
