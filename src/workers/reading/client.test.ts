/** @jest-environment node */
import { readApart } from './client';

/* what the worker does once it is started */
let begin: (worker: EventTarget) => void;
const ended = jest.fn();

class SilentWorker extends EventTarget {
  onerror?: () => void;
  constructor() {
    super();
    this.addEventListener('error', () => this.onerror?.());
    setTimeout(() => begin(this));
  }
  postMessage = () => undefined;
  terminate = ended;
}

beforeEach(() => {
  jest.useFakeTimers();
  ended.mockReset();
  begin = () => undefined;
  Object.assign(globalThis, { Worker: SilentWorker });
});
afterEach(() => jest.useRealTimers());

test('what is not read in time once the reader is there is given up, its worker ended, and said so', async () => {
  begin = (worker) => setTimeout(() => worker.dispatchEvent(new MessageEvent('message', { data: 'ready' })), 6000);
  const reading = readApart('text', '{"a": 1}');
  const settled = jest.fn();
  void reading.then(settled);
  await jest.advanceTimersByTimeAsync(10_000);
  expect(settled).not.toHaveBeenCalled();
  await jest.advanceTimersByTimeAsync(2000);
  expect(await reading).toMatchObject({ kind: 'refused', lines: [expect.stringMatching(/took too long/)] });
  expect(ended).toHaveBeenCalledTimes(1);
});

test.each([
  ['that fails', (worker: EventTarget) => worker.dispatchEvent(new Event('error'))],
  ['whose script never comes', () => undefined],
])('a worker %s says so', async (_, doing) => {
  begin = doing;
  const reading = readApart('link', 'x');
  await jest.advanceTimersByTimeAsync(16_000);
  expect(await reading).toMatchObject({ kind: 'refused', lines: [expect.stringMatching(/failed/)] });
  expect(ended).toHaveBeenCalledTimes(1);
});
