import { FIRST_PLAN } from '../../schemas/first-plan';
import { ALL_WAYS, type PartOfWays } from '../../core/search/look-over';
import type { SearchAnswer } from './protocol';
import { type Helper, searchSideBySide } from './search-side-by-side';
import { createStudyService } from './service';

const found = (time: number, evenness: number, asItStands = false) => ({
  document: FIRST_PLAN,
  batches: 1,
  score: { time, evenness, attention: 1, energy: 1 },
  asItStands,
});
const answerOf = (front: SearchAnswer['front'], tried: number, finished: boolean): SearchAnswer => ({
  front,
  tried,
  finished,
});

/** A worker that answers when the test says so. */
function standIn() {
  const parts: PartOfWays[] = [];
  let report: (answer: SearchAnswer) => void;
  let end: () => void;
  let refuse: (reason: Error) => void;
  const failures: (() => void)[] = [];
  return {
    parts,
    calledOff: [] as number[],
    terminated: 0,
    search(_ticket: number, _document: unknown, part: PartOfWays, onAnswer: (answer: SearchAnswer) => void) {
      parts.push(part);
      report = onAnswer;
      return new Promise<void>((resolve, reject) => ([end, refuse] = [resolve, reject]));
    },
    async callOff(ticket: number) {
      this.calledOff.push(ticket);
    },
    answer(answer: SearchAnswer) {
      report(answer);
      if (answer.finished) end();
    },
    break: () => refuse(new Error('out of memory')),
    fail() {
      for (const failed of failures) failed();
    },
    asHelper(): Helper {
      return {
        service: this,
        worker: {
          terminate: () => void this.terminated++,
          addEventListener: (_: string, listener: unknown) => void failures.push(listener as () => void),
        },
      };
    },
  };
}

function begun() {
  const [here, beside] = [standIn(), standIn()];
  const answers: SearchAnswer[] = [];
  const failures = { count: 0 };
  let tickets = 0;
  const callOff = searchSideBySide(here, () => ++tickets, beside.asHelper(), FIRST_PLAN, {
    onAnswer: (one) => answers.push(one),
    onFailure: () => failures.count++,
  });
  return { here, beside, answers, failures, callOff };
}

test('two halves come together: what beats what the other found, all that was tried, and the end when both are through', async () => {
  const { here, beside, answers } = begun();
  beside.answer(answerOf([found(900, 0.9)], 40, false));
  expect(answers).toEqual([]);
  const own = found(1200, 0.8, true);
  here.answer(answerOf([own, found(1000, 0.85)], 60, true));
  expect(answers).toEqual([answerOf([found(900, 0.9), own], 100, false)]);
  beside.answer(answerOf([found(900, 0.9)], 160, true));
  expect(answers.at(-1)).toEqual(answerOf([found(900, 0.9), own], 220, true));
  await new Promise((resolve) => setTimeout(resolve));
  expect(beside.terminated).toBe(1);
});

test('a helper that fails leaves its half to the worker that is there; called off, nothing more is reported', () => {
  const { here, beside, answers, callOff } = begun();
  expect(here.parts).toEqual([{ index: 0, of: 2 }]);
  beside.fail();
  expect(here.parts).toEqual([
    { index: 0, of: 2 },
    { index: 1, of: 2 },
  ]);
  callOff();
  here.answer(answerOf([], 9, false));
  expect(answers).toEqual([]);
  expect(here.calledOff).toHaveLength(2);
});

test('a helper whose search breaks off leaves its half as well; where that breaks off here too, it is said, unless called off', async () => {
  const settled = () => new Promise((resolve) => setTimeout(resolve));
  const { here, beside, failures } = begun();
  beside.break();
  await settled();
  beside.fail();
  expect(here.parts).toHaveLength(2);
  expect(failures.count).toBe(0);
  here.break();
  await settled();
  expect(failures.count).toBe(1);
  const off = begun();
  off.callOff();
  off.here.break();
  await settled();
  expect(off.failures.count).toBe(0);
});

test('the halves of a search have all of its ways, each once, and together miss nothing that the whole one found', async () => {
  const plan = { ...FIRST_PLAN, mass_g: 350 };
  const last = async (part: PartOfWays) => {
    let answer: SearchAnswer | null = null;
    await createStudyService().search(1, plan, part, (one) => (answer = one));
    return answer! as SearchAnswer;
  };
  const [whole, one, other] = [await last(ALL_WAYS), await last({ index: 0, of: 2 }), await last({ index: 1, of: 2 })];
  expect(one.tried + other.tried).toBe(whole.tried);
  const scores = [...one.front, ...other.front].map(({ score }) => score);
  for (const { score } of whole.front) expect(scores).toContainEqual(score);
});
