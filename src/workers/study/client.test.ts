/** @jest-environment node */
import { FIRST_PLAN } from '../../schemas/first-plan';
import { createStudy } from './client';

interface Asked {
  readonly ticket: number;
  answer(found: unknown): void;
}
const mockAsked: Asked[] = [];
const mockSearches: { readonly part: unknown }[] = [];
const mockCalledOff: number[] = [];

jest.mock('comlink', () => ({
  proxy: (report: unknown) => report,
  wrap: () => ({
    sensitivity: (ticket: number) => new Promise((answer) => mockAsked.push({ ticket, answer })),
    search: (_ticket: number, _document: unknown, part: unknown) => new Promise(() => void mockSearches.push({ part })),
    callOff: async (ticket: number) => void mockCalledOff.push(ticket),
  }),
}));

const workers: BrittleWorker[] = [];
class BrittleWorker extends EventTarget {
  terminate = jest.fn();
  constructor() {
    super();
    workers.push(this);
    setTimeout(() => this.dispatchEvent(new Event('message')));
  }
  fault = () => this.dispatchEvent(new Event('error'));
}

const settled = () => new Promise((resolve) => setTimeout(resolve));

beforeEach(() => {
  for (const list of [workers, mockAsked, mockSearches, mockCalledOff]) list.length = 0;
  Object.assign(globalThis, { Worker: BrittleWorker });
  Object.defineProperty(globalThis, 'navigator', { value: { hardwareConcurrency: 2 }, configurable: true });
});

test('a question at a worker that ends is asked of the next one; one that is called off is not', async () => {
  const study = createStudy();
  const [wanted, unwanted] = [jest.fn(), jest.fn()];
  study.sensitivity(FIRST_PLAN, wanted);
  const callOff = study.sensitivity(FIRST_PLAN, unwanted);
  callOff();
  expect(mockCalledOff).toEqual([2]);
  workers[0]!.fault();
  await settled();
  expect(workers).toHaveLength(2);
  expect(mockAsked.map(({ ticket }) => ticket)).toEqual([1, 2, 1]);
  mockAsked.at(-1)!.answer(['found']);
  await settled();
  expect(wanted).toHaveBeenCalledWith(['found']);
  expect(unwanted).not.toHaveBeenCalled();
});

test('a search is begun again by the worker that follows; where that ends too, it is said', async () => {
  const onFailure = jest.fn();
  createStudy().search(FIRST_PLAN, { onAnswer: jest.fn(), onFailure });
  expect(mockSearches.map(({ part }) => part)).toEqual([
    { index: 0, of: 2 },
    { index: 1, of: 2 },
  ]);
  workers[0]!.fault();
  await settled();
  expect(mockSearches.at(-1)).toEqual({ part: { index: 0, of: 2 } });
  expect(onFailure).not.toHaveBeenCalled();
  workers.at(-1)!.fault();
  await settled();
  expect(onFailure).toHaveBeenCalledTimes(1);
});
