import { traceAt, tracesOf } from '../coach/trace';
import type { Observation } from '../coach/observation';
import type { Plan } from '../plan/plan';
import { planFromFile } from '@/schemas/plan-from-file';
import { SHAKEN_PLAN } from '../../../tests/support/shaken-plan';
import { batchEvidence } from './batch-evidence';
import { aloneSays, NO_EVIDENCE } from './evidence';
import { quantityIndex } from './quantities';
import type { CameOut } from './what-came-out';

const PLAN = planFromFile(SHAKEN_PLAN);
const PULLED = 22 * 60;
const SILENT: CameOut = { browning: null, liked: null, bite: null, heart: null };

/** What a truthful cook tells of the plan in a fryer so many kelvin off. */
function truthIn(offset: number, browning = 1) {
  const real: Plan = {
    ...PLAN,
    browningScale: browning,
    fryer: { ...PLAN.fryer, thermostatOffset: PLAN.fryer.thermostatOffset + offset },
  };
  const trace = tracesOf(real, 1, [1], PULLED)[0]!;
  const observations: Observation[] = [
    ...[480, 840, 1200].map((time) => ({ kind: 'weight' as const, time, mass: traceAt(trace, trace.weight, time) })),
    { kind: 'swatch', time: 840, browning: traceAt(trace, trace.browning, 840) },
    { kind: 'air', time: 600, temperature: traceAt(trace, trace.air, 600) },
  ];
  return { observations, browning: traceAt(trace, trace.browning, PULLED) };
}

const says = (evidence: ReturnType<typeof batchEvidence>, quantity: Parameters<typeof quantityIndex>[0]) => {
  const { mean, variance } = aloneSays(evidence);
  const at = quantityIndex(quantity);
  return { mean: mean[at]!, deviation: Math.sqrt(variance[at]!) };
};

test('a cool fryer is found from weights, a swatch and its air, and not from nothing', () => {
  const { observations, browning } = truthIn(-14);
  const offset = says(batchEvidence(PLAN, observations, PULLED, { ...SILENT, browning }), 'offset');
  expect(offset.mean * 9).toBeLessThan(-10);
  expect(offset.mean * 9).toBeGreaterThan(-18);
  expect(offset.deviation).toBeLessThan(0.6);
  expect(batchEvidence(PLAN, [], PULLED, SILENT)).toEqual(NO_EVIDENCE);
});

test('as forecast says that nothing is unusual', () => {
  const { observations, browning } = truthIn(0);
  const evidence = batchEvidence(PLAN, observations, PULLED, { ...SILENT, browning });
  for (const quantity of ['offset', 'browning', 'heatTransfer'] as const) {
    expect(Math.abs(says(evidence, quantity).mean)).toBeLessThan(0.25);
  }
});

test('a colour that was liked although it is dark tells of taste; a dark swatch alone does not', () => {
  const { observations, browning } = truthIn(0, 1.9);
  const dark = batchEvidence(PLAN, observations, PULLED, { ...SILENT, browning });
  expect(says(dark, 'shade')).toEqual({ mean: 0, deviation: 1 });
  expect(says(dark, 'browning').mean).toBeGreaterThan(1);
  const liked = batchEvidence(PLAN, observations, PULLED, { ...SILENT, browning, liked: 'as-wished' });
  expect(says(liked, 'shade').mean).toBeGreaterThan(0.3);
});

describe('the moment of the pull', () => {
  const { browning } = truthIn(0);
  const pulled = (liked: CameOut['liked'], at: number, called: number | null) =>
    says(batchEvidence(PLAN, [], at, { ...SILENT, liked }, called), 'browning');
  const right = tracesOf(PLAN, 1, [1], PULLED)[0]!.pullTime!;

  test('one who pulls elsewhere than called and finds it as wished has decided by eye', () => {
    const [early, late] = [pulled('as-wished', 0.78 * right, right), pulled('as-wished', 1.25 * right, right)];
    expect(early.mean).toBeGreaterThan(0.3);
    expect(late.mean).toBeLessThan(-0.3);
    expect(late.deviation).toBeLessThan(pulled('as-wished', 1.25 * right, null).deviation);
    expect(late.mean).toBeLessThan(pulled('as-wished', 1.25 * right, null).mean);
  });

  test('one who pulls when called tells nothing by it, wherever the call was; nor does a pull that was regretted', () => {
    for (const at of [right, 1.2 * right]) {
      const [followed, unknown] = [pulled('as-wished', at, at), pulled('as-wished', at, null)];
      expect(followed).toEqual(unknown);
    }
    expect(pulled('too-dark', 1.25 * right, right)).toEqual(pulled('too-dark', 1.25 * right, null));
    expect(pulled('as-wished', right, 0)).toEqual(pulled('as-wished', right, null));
    const told = batchEvidence(PLAN, [], PULLED, { ...SILENT, browning }, right);
    expect(told).toEqual(batchEvidence(PLAN, [], PULLED, { ...SILENT, browning }));
  });
});

test('one slip among many answers hardly moves what they say', () => {
  const { observations, browning } = truthIn(0);
  const slip: Observation = { kind: 'swatch', time: 1000, browning: 3 };
  const before = says(batchEvidence(PLAN, observations, PULLED, { ...SILENT, browning }), 'browning').mean;
  const after = says(batchEvidence(PLAN, [...observations, slip], PULLED, { ...SILENT, browning }), 'browning').mean;
  expect(Math.abs(after - before)).toBeLessThan(0.4);
});

test('a heart still hard where it should be soft says that this food takes longer; as expected it says nothing', () => {
  const told = (heart: 'hard' | 'soft', pulledAt: number) =>
    says(batchEvidence(PLAN, [], pulledAt, { ...SILENT, heart }), 'softening');
  const [late, early] = [PULLED, 6 * 60];
  expect(told('hard', late).mean).toBeGreaterThan(0.5);
  expect(told('hard', late).deviation).toBeLessThan(1);
  expect(told('soft', late)).toEqual({ mean: 0, deviation: 1 });
  expect(told('hard', early)).toEqual({ mean: 0, deviation: 1 });
  expect(told('soft', early).mean).toBeLessThan(-0.3);
});

test('a heart that dries and runs hot is not told finely from one that is soft; chips have none', () => {
  const spread = (plan: Plan, pulledAt: number) => {
    const { information } = batchEvidence(plan, [], pulledAt, { ...SILENT, heart: 'hard' });
    return Math.sqrt(information[0]!);
  };
  /* an hour in: dry through, its dose thousands of times that needed */
  const longer: Plan = { ...PLAN, stages: [{ ...PLAN.stages[0]!, duration: 3600 }] };
  expect(spread(longer, 3500)).toBeLessThan(3);
  const chips: Plan = { ...PLAN, cut: { shape: 'slice', thickness: 0.002, diameter: 0.05 } };
  expect(batchEvidence(chips, [], PULLED, { ...SILENT, heart: 'hard' })).toEqual(NO_EVIDENCE);
});

test('a fast browning is laid to the food and to its sugar, as far as browning hangs on that; under crumbs to the coat alone', () => {
  const { observations, browning } = truthIn(0, 1.6);
  const bare = batchEvidence(PLAN, observations, PULLED, { ...SILENT, browning });
  expect(says(bare, 'sugar').mean).toBeGreaterThan(0.15);
  expect(says(bare, 'sugar').mean).toBeLessThan(says(bare, 'browning').mean);
  const crumbed: Plan = { ...PLAN, preparation: [...PLAN.preparation, { step: 'dredge', layers: 1 }] };
  expect(says(batchEvidence(crumbed, observations, PULLED, { ...SILENT, browning }), 'sugar')).toEqual({
    mean: 0,
    deviation: 1,
  });
});
