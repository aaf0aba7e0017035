import { mendedService, type Started } from './mended-service';

interface Counter {
  count(from: number): Promise<number>;
}

/** Workers, each made to answer, to fail or to stay silent, and how many were started and stopped. */
function workers(...services: Counter['count'][]) {
  const made: { fault: () => void; isStopped: boolean }[] = [];
  const start = (): Started<Counter> => {
    const target = new EventTarget();
    const one = { fault: () => target.dispatchEvent(new Event('error')) as unknown as void, isStopped: false };
    made.push(one);
    const worker = {
      addEventListener: target.addEventListener.bind(target) as Worker['addEventListener'],
      terminate: () => void (one.isStopped = true),
    };
    return { worker, service: { count: services[made.length - 1]! } };
  };
  return { made, start };
}

const never = () => new Promise<number>(() => undefined);
const next = (from: number) => Promise.resolve(from + 1);

test('a worker that ends in the middle of a question is started anew and asked again', async () => {
  const { made, start } = workers(never, next);
  const service = mendedService(start);
  const answer = service.ask((counter) => counter.count(1));
  made[0]!.fault();
  expect(await answer).toBe(2);
  expect(made.map(({ isStopped }) => isStopped)).toEqual([true, false]);
  expect(await service.ask((counter) => counter.count(2))).toBe(3);
  expect(made).toHaveLength(2);
  service.end();
  expect(made[1]!.isStopped).toBe(true);
});

test('one that ended while nothing was asked answers the next question; one that ends twice says so', async () => {
  const { made, start } = workers(never, never, never, next);
  const service = mendedService(start);
  made[0]!.fault();
  const answer = service.ask((counter) => counter.count(1));
  made[1]!.fault();
  await Promise.resolve();
  await new Promise((resolve) => setTimeout(resolve));
  made[2]!.fault();
  await expect(answer).rejects.toThrow('The worker ended by a fault.');
  expect(await service.ask((counter) => counter.count(5))).toBe(6);
});

test('two questions at a worker that ends share the one that follows', async () => {
  const { made, start } = workers(never, next);
  const service = mendedService(start);
  const answers = [1, 10].map((from) => service.ask((counter) => counter.count(from)));
  made[0]!.fault();
  expect(await Promise.all(answers)).toEqual([2, 11]);
  expect(made).toHaveLength(2);
});

test('one whose service was ended meanwhile is followed by none', async () => {
  const { made, start } = workers(never, next);
  const service = mendedService(start);
  const answer = service.ask((counter) => counter.count(1));
  service.end();
  made[0]!.fault();
  await expect(answer).rejects.toThrow('The worker ended by a fault.');
  expect(made).toHaveLength(1);
});

test('what the service itself refuses is no fault of the worker', async () => {
  const { made, start } = workers(() => Promise.reject(new Error('no such dish')));
  await expect(mendedService(start).ask((counter) => counter.count(1))).rejects.toThrow('no such dish');
  expect(made).toHaveLength(1);
});

describe('a question that is wanted', () => {
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());
  const faults = async (made: { fault: () => void }[]) => {
    for (const nth of [0, 1]) {
      made.at(-1)!.fault();
      await jest.advanceTimersByTimeAsync(nth);
    }
  };

  test('is asked again after a rest where two workers end, until one answers', async () => {
    const { made, start } = workers(never, never, next);
    const answer = mendedService(start).askWhile(
      () => true,
      (counter) => counter.count(1),
    );
    await faults(made);
    expect(made).toHaveLength(2);
    await jest.advanceTimersByTimeAsync(10_000);
    expect(await answer).toBe(2);
  });

  test('and no more once it is not, or the service was ended', async () => {
    for (const leave of ['called off', 'ended']) {
      const { made, start } = workers(never, never, next);
      const service = mendedService(start);
      let wanted = true;
      const answer = service.askWhile(
        () => wanted,
        (counter) => counter.count(1),
      );
      await faults(made);
      if (leave === 'ended') service.end();
      else wanted = false;
      await jest.advanceTimersByTimeAsync(10_000);
      expect(await answer).toBeNull();
      expect(made).toHaveLength(2);
    }
  });

  test('that fails of itself is not asked again', async () => {
    const { made, start } = workers(() => Promise.reject(new Error('no such plan')));
    const answer = mendedService(start).askWhile(
      () => true,
      (counter) => counter.count(1),
    );
    await expect(answer).rejects.toThrow('no such plan');
    expect(made).toHaveLength(1);
  });
});
