import { logLikelihood } from './likelihood';
import { ANSWER_STEP, type Observation } from './observation';
import { type Trace, traceAt } from './trace';

/** A trace that browns, crisps and dries evenly over twenty minutes. */
const trace: Trace = {
  interval: 600,
  browning: Float32Array.from([0, 0.5, 1]),
  crispness: Float32Array.from([0, 0.6, 1.2]),
  softening: Float32Array.from([0, 1, 2]),
  weight: Float32Array.from([0.5, 0.375, 0.25]),
  right: Float32Array.of(0, 1),
  air: Float32Array.from([293, 463, 463]),
  pullTime: 1100,
};

test('a trace is read between its samples and held beyond them', () => {
  expect(traceAt(trace, trace.browning, 300)).toBeCloseTo(0.25, 6);
  expect(traceAt(trace, trace.browning, -50)).toBe(0);
  expect(traceAt(trace, trace.browning, 9999)).toBe(1);
});

/** Each kind of observation as the trace has it at 10 min, and further and further off. */
const KINDS: readonly (readonly [string, (off: number) => Observation])[] = [
  ['a swatch', (off) => ({ kind: 'swatch', time: 600, browning: 0.5 + 0.2 * off })],
  ['a look', (off) => ({ kind: 'look', time: 600, look: 'as-shown', shown: 0.5 + 0.2 * off })],
  ['a bend', (off) => ({ kind: 'bite', time: 600, bite: 'as-said', said: 0.6 + 0.4 * off })],
  ['a weighing', (off) => ({ kind: 'weight', time: 600, mass: 0.375 - 0.01 * off })],
  ['a weighing as events told it before', (off) => ({ kind: 'weight-left', time: 600, share: 0.75 - 0.02 * off })],
  ['the air', (off) => ({ kind: 'air', time: 600, temperature: 463 + 5 * off })],
];

test.each(KINDS)('%s is likeliest where the trace has it, and ever less so further off', (_, at) => {
  const likelihoods = [0, 1, 2, 3].map((off) => logLikelihood(trace, at(off)));
  likelihoods.slice(1).forEach((likelihood, i) => expect(likelihood).toBeLessThan(likelihoods[i]!));
});

test('"paler" means one step paler than the picture, "darker" one step darker', () => {
  const shown = (step: number) => (0.5 + 0.08) * Math.exp(step) - 0.08;
  const of = (look: 'paler' | 'darker' | 'as-shown', step: number) =>
    logLikelihood(trace, { kind: 'look', time: 600, look, shown: shown(step) });
  expect(of('paler', ANSWER_STEP)).toBeCloseTo(of('as-shown', 0), 6);
  expect(of('darker', -ANSWER_STEP)).toBeCloseTo(of('as-shown', 0), 6);
  expect(of('darker', ANSWER_STEP)).toBeLessThan(of('paler', ANSWER_STEP) - 1);
});
