/** @jest-environment node */
import { faultIfSilent } from './ready';

/* `Worker` of the browser, as far as it is watched */
const started = () => new EventTarget() as Worker;

/** One that is watched, and what is called when it ends. */
function watched() {
  const [worker, ended] = [started(), jest.fn()];
  worker.addEventListener('error', ended);
  return { worker: faultIfSilent(worker), ended };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('a worker whose script never comes ends by a fault, once', () => {
  const { ended } = watched();
  jest.advanceTimersByTime(14_000);
  expect(ended).not.toHaveBeenCalled();
  jest.advanceTimersByTime(60_000);
  expect(ended).toHaveBeenCalledTimes(1);
});

test('one that says it listens is left alone, however long it works, and so is one that has ended', () => {
  for (const said of ['message', 'error']) {
    const worker = started();
    const onReady = jest.fn();
    faultIfSilent(worker, onReady);
    jest.advanceTimersByTime(10_000);
    worker.dispatchEvent(new Event(said));
    const ended = jest.fn();
    worker.addEventListener('error', ended);
    jest.advanceTimersByTime(60_000);
    expect(ended).not.toHaveBeenCalled();
    expect(onReady).toHaveBeenCalledTimes(said === 'message' ? 1 : 0);
  }
});

test('a device that wakes hears what was said while it slept before it loses patience', () => {
  const { worker, ended } = watched();
  /* the clock of the timers stood still: the first runs out on waking, and what was said is delivered next */
  jest.advanceTimersByTime(7500);
  worker.dispatchEvent(new Event('message'));
  jest.advanceTimersByTime(7500);
  expect(ended).not.toHaveBeenCalled();
});
