import { createSeededRandom } from '../numeric/seeded-random';
import { normalQuantile } from '../numeric/normal-quantile';
import { forecastPlan } from '../forecast/forecast';
import { pullTimeIn } from '../forecast/pull-time-in';
import { simulateCook } from '../batch/simulate-cook';
import { cookDuration, type Plan } from '../plan/plan';
import { findFood } from '../food/catalogue';
import { planOfWay, waysOf } from '@/editing/ways/plan-of-way';
import { planFromFile } from '@/schemas/plan-from-file';
import { goingOn } from '../forecast/interval';
import { type Cause, CAUSES, suspectsOf } from './cause';
import { type Complaint, diagnose, type Diagnosis } from './diagnose';
import { answered, bestQuestion } from './question';
import { complains, featuresOf, SYMPTOMS } from './symptom';

const FRYER = { id: 'f', name: 'F', powerW: 1500, basketCm2: 500, basketHeightMm: 90, thermostatOffsetC: 0 };

const planFor = (foodId: string, wayId: string): Plan => {
  const way = waysOf(foodId).find(({ id }) => id === wayId)!;
  const plan = planFromFile(planOfWay(findFood(foodId)!, way, { people: 2, each: 170 }, FRYER));
  const minutes = plan.stages[0]!.duration / 60;
  return {
    ...plan,
    events: [0.25, 0.45, 0.65].map((share) => ({ time: Math.round(minutes * share) * 60, action: 'shake' as const })),
  };
};

function ended<T>(steps: Generator<void, T>): T {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}

const PLANS = [planFor('potato-floury', 'sticks'), planFor('carrot', 'sticks'), planFor('tofu-firm', 'cubes')];

/** What only a coat or a pot can spoil, in plans that have them. */
const ONLY_THERE: readonly (readonly [Plan, readonly Cause[]])[] = [
  [planFor('cauliflower', 'battered'), ['heavy-coat', 'wet-pieces', 'hot-fryer']],
  [planFor('potato-floury', 'boiled'), ['soft-parcook', 'much-shaking', 'pulled-early']],
];

/** What a cook says of a batch that was spoilt so, in a fryer and on a day that are a little off as well. */
function complaintOf(plan: Plan, cause: Cause, seed: number, told: boolean): Complaint | null {
  const random = createSeededRandom(seed);
  const noise = () => normalQuantile(0.01 + 0.98 * random());
  const due = pullTimeIn(forecastPlan(plan)) ?? cookDuration(plan);
  const spoilt = suspectsOf(plan, due, false, due).filter((one) => one.cause === cause);
  if (spoilt.length === 0) return null;
  const { plan: real, pulledAt, waited } = spoilt[spoilt.length - 1]!;
  const day: Plan = {
    ...goingOn(real),
    browningScale: real.browningScale * Math.exp(0.12 * noise()),
    fryer: { ...real.fryer, thermostatOffset: real.fryer.thermostatOffset + 3 * noise() },
  };
  const record = simulateCook(day, seed + 5, undefined, (arrays, s) => s * arrays.interval >= pulledAt);
  const film = { 'much-oil': 130, 'little-oil': 8 }[cause as 'much-oil'] ?? 45;
  const features = featuresOf(record, plan, pulledAt, waited, film);
  const symptoms = SYMPTOMS.filter((symptom) => random() < 0.9 * complains(symptom, features, plan));
  const middle = features.colours[features.colours.length >> 1]!;
  const word = (
    [
      [0.5, 'soft'],
      [1, 'tender'],
      [2.2, 'crisp'],
      [3.8, 'very-crisp'],
      [Infinity, 'hard'],
    ] as const
  ).find(([below]) => features.crispness * Math.exp(0.25 * noise()) < below)!;
  return {
    pulledAt: told ? pulledAt : null,
    symptoms,
    ...(told
      ? { browning: middle * Math.exp(0.2 * noise()), bite: word[1], spread: features.spread * Math.exp(0.2 * noise()) }
      : {}),
  };
}

test('for each cause, batches spoilt by it: after the one question it is among the first two nearly always, and before it mostly', () => {
  let [cases, before, after] = [0, 0, 0];
  const missed: string[] = [];
  const asked = [...PLANS.map((plan) => [plan, CAUSES] as const), ...ONLY_THERE];
  const cooked = [0, 1].flatMap((day) =>
    asked.flatMap(([plan, causes], p) =>
      causes.map((cause) => ({ plan, cause, seed: 1000 * day + 100 * p + CAUSES.indexOf(cause) })),
    ),
  );
  for (const { plan, cause, seed } of cooked) {
    const complaint = complaintOf(plan, cause, seed, true);
    if (!complaint || complaint.symptoms.length === 0) continue;
    cases++;
    let diagnosis: Diagnosis = ended(diagnose(plan, complaint));
    const isAmong = () => diagnosis.causes.slice(0, 2).some((one) => one.cause === cause);
    if (isAmong()) before++;
    const answers: Cause[] = [];
    for (let q = 0; q < 2; q++) {
      const about = bestQuestion(diagnosis, answers);
      if (!about) break;
      answers.push(about);
      diagnosis = answered(diagnosis, about, about === cause);
    }
    if (isAmong()) after++;
    else
      missed.push(
        `${plan.food.id} ${cause} as ${diagnosis.causes
          .slice(0, 3)
          .map((one) => `${one.cause} ${one.probability.toFixed(2)}`)
          .join(', ')}; ${complaint.symptoms.join(' ')}`,
      );
  }
  expect({ share: after / cases > 0.85, missed }).toMatchObject({ share: true });
  expect(before / cases).toBeGreaterThan(0.6);
  expect(cases).toBeGreaterThan(60);
});

test('probabilities are those of all there is, and a question that is answered moves them', () => {
  const plan = PLANS[0]!;
  const diagnosis = ended(diagnose(plan, { pulledAt: null, symptoms: ['soggy', 'pale'] }));
  const sum = diagnosis.causes.reduce((all, { probability }) => all + probability, diagnosis.somethingElse);
  expect(sum).toBeCloseTo(1, 9);
  expect(['too-full', 'wet-pieces', 'cool-fryer', 'pulled-early', 'weak-fan', 'cold-start']).toContain(
    diagnosis.causes[0]!.cause,
  );
  const about = bestQuestion(diagnosis, [])!;
  const share = (of: Diagnosis) => of.causes.find(({ cause }) => cause === about)!.probability;
  expect(share(answered(diagnosis, about, true))).toBeGreaterThan(share(diagnosis));
  expect(share(answered(diagnosis, about, false))).toBeLessThan(share(diagnosis));
});
