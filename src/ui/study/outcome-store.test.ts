import type { PlanOutcome } from '../../core/forecast/plan-outcome';
import { FIRST_PLAN } from '../../schemas/first-plan';
import type { PlanFile } from '../../schemas/plan-file';
import { type AskOutcomes, createOutcomeStore } from './outcome-store';

const keyOf = (mass_g: number) => JSON.stringify({ ...FIRST_PLAN, mass_g });
const outcome = (pullTime: number) => ({ pullTime }) as PlanOutcome;

function storeWithAsker() {
  const questions: { masses: number[]; answer: (index: number, done: number) => void; off: boolean }[] = [];
  const ask: AskOutcomes = (documents, onOutcome) => {
    const question = {
      masses: documents.map((document: PlanFile) => document.mass_g),
      answer: (index: number, done: number) => onOutcome(index, outcome(done)),
      off: false,
    };
    questions.push(question);
    return () => void (question.off = true);
  };
  return { store: createOutcomeStore(ask), questions };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('what several want is asked once, after nothing has moved for a while', () => {
  const { store, questions } = storeWithAsker();
  store.want([keyOf(300), keyOf(400)]);
  jest.advanceTimersByTime(150);
  store.want([keyOf(300), keyOf(500)]);
  jest.advanceTimersByTime(150);
  expect(questions).toHaveLength(0);
  jest.advanceTimersByTime(100);
  expect(questions.map((question) => question.masses)).toEqual([[300, 400, 500]]);
});

test('each answer is told as it comes and is not asked again; what was asked before is called off', () => {
  const { store, questions } = storeWithAsker();
  const heard = jest.fn();
  store.subscribe(heard);
  const leave = store.want([keyOf(300), keyOf(400)]);
  jest.advanceTimersByTime(300);
  questions[0]!.answer(1, 1200);
  expect(heard).toHaveBeenCalledTimes(1);
  expect(store.outcome(keyOf(400))).toEqual({ pullTime: 1200 });
  expect(store.outcome(keyOf(300))).toBeUndefined();
  leave();
  store.want([keyOf(400), keyOf(600)]);
  jest.advanceTimersByTime(300);
  expect(questions[0]!.off).toBe(true);
  expect(questions[1]!.masses).toEqual([600]);
});

test('while a lever is held nothing is asked however slowly it moves; let go, what is wanted then', () => {
  const { store, questions } = storeWithAsker();
  store.hold(true);
  for (const mass of [300, 400, 500]) {
    const leave = store.want([keyOf(mass)]);
    jest.advanceTimersByTime(1000);
    if (mass < 500) leave();
  }
  expect(questions).toHaveLength(0);
  store.hold(false);
  jest.advanceTimersByTime(300);
  expect(questions.map((question) => question.masses)).toEqual([[500]]);
});

test('a press that moves nothing leaves what was asked alone', () => {
  const { store, questions } = storeWithAsker();
  store.want([keyOf(300)]);
  jest.advanceTimersByTime(300);
  store.hold(true);
  store.hold(false);
  jest.advanceTimersByTime(300);
  expect(questions).toHaveLength(1);
  expect(questions[0]!.off).toBe(false);
});

test('at its end nothing more is asked', () => {
  const { store, questions } = storeWithAsker();
  store.want([keyOf(300)]);
  store.end();
  jest.advanceTimersByTime(1000);
  expect(questions).toHaveLength(0);
});

test('a lever that moves stops what is still being counted, and what is wanted then is asked again with the rest', () => {
  const { store, questions } = storeWithAsker();
  store.want([keyOf(300)]);
  jest.advanceTimersByTime(300);
  store.want([keyOf(500)]);
  expect(questions[0]!.off).toBe(true);
  jest.advanceTimersByTime(300);
  expect(questions[1]!.masses).toEqual([300, 500]);
});
