import { ANSWER_STEP, type Look, type Observation } from '@/core/coach/observation';
import { judgeFor } from '@/core/piece/judge-piece';
import { type Trace, traceAt, traceOf, tracesOf } from '@/core/coach/trace';
import { findFood } from '@/core/food/catalogue';
import { pullTimesAt, SIGMA_POINTS } from '@/core/forecast/interval';
import { type PullInterval, pullInterval } from '@/core/forecast/pull-interval';
import { batchEvidence } from '@/core/learn/batch-evidence';
import { BROWNING_SHARES } from '@/core/learn/parts';
import { sugarSensitivity } from '@/core/prep/sugar-sensitivity';
import { kinOf } from '@/core/learn/kin';
import { type Knowledge, NOTHING_KNOWN } from '@/core/learn/knowledge';
import { learn, type Learning } from '@/core/learn/kitchen-model';
import { learntFor } from '@/core/learn/learnt';
import { QUANTITIES, quantityIndex, type Quantity, UNIT } from '@/core/learn/quantities';
import type { MadeWith, ToldBatch } from '@/core/learn/told-batch';
import type { BiteCameOut, CameOut } from '@/core/learn/what-came-out';
import { withLearnt } from '@/core/learn/with-learnt';
import { normalQuantile } from '@/core/numeric/normal-quantile';
import { createSeededRandom, type RandomSource } from '@/core/numeric/seeded-random';
import { cookDuration, type Plan } from '@/core/plan/plan';
import { planOfWay, waysOf } from '@/editing/ways/plan-of-way';
import { planFromFile } from '@/schemas/plan-from-file';

/** What these kitchens cook: three of them each, in turn. */
const DISHES = [
  ['potato-floury', 'sticks'],
  ['sweet-potato', 'sticks'],
  ['carrot', 'sticks'],
  ['celeriac', 'sticks'],
  ['parsnip', 'sticks'],
  ['tofu-firm', 'cubes'],
  ['kohlrabi', 'chips'],
  ['beetroot', 'chips'],
] as const;

const FRYER = {
  id: '00000000-0000-4000-8000-000000000001',
  name: 'The fryer',
  powerW: 1500,
  basketCm2: 500,
  basketHeightMm: 90,
  thermostatOffsetC: 0,
};

/**
 * Spread of browning between kitchens beside what sugar does, of what the foods of a kin share and of each food's own; of a day's lot,
 * and of taste, ln. Those that the model assumes.
 */
const KIN = UNIT.browning * Math.sqrt(BROWNING_SHARES.kin);
const OWN = UNIT.browning * Math.sqrt(BROWNING_SHARES.own);
const DAY = UNIT.browning * Math.sqrt(BROWNING_SHARES.day);
const TASTE = UNIT.shade;

/** Share of answers that are wrong. */
const WRONG = 0.02;

/** What a kitchen is really like; unknown to the app. */
interface Truth {
  readonly offset: number;
  readonly heatTransfer: number;
  readonly power: number;
  readonly taste: number;
  readonly browning: ReadonlyMap<string, number>;
  readonly sugar: ReadonlyMap<string, number>;
}

/** One batch of a simulated kitchen: what was forecast, what was right, and what was known after it. */
export interface SimulatedBatch {
  readonly forecast: PullInterval;
  /** s, when this cook would find it right */
  readonly right: number;
  /** the same by one who knows all but the day's lot: no forecast can do better */
  readonly atBest: number;
  readonly learning: Learning;
}

/** A kitchen's life: its truth in the units of learning, and its batches. */
export interface SimulatedKitchen {
  readonly truth: Readonly<Partial<Record<Quantity, number>>>;
  readonly batches: readonly SimulatedBatch[];
}

function intervalOf(plan: Plan): PullInterval {
  return pullInterval(SIGMA_POINTS.flatMap((unknowns) => pullTimesAt(plan, unknowns, 1)));
}

function inTruth(plan: Plan, truth: Truth, food: string, day: number): Plan {
  const { fryer } = plan;
  return {
    ...plan,
    target: { ...plan.target, shade: Math.exp(truth.taste) },
    browningScale: Math.exp(truth.browning.get(food)! + day),
    reducingSugar: plan.reducingSugar * Math.exp(truth.sugar.get(food)!),
    fryer: {
      ...fryer,
      thermostatOffset: fryer.thermostatOffset + truth.offset,
      heatTransferCoefficient: fryer.heatTransferCoefficient * Math.exp(truth.heatTransfer),
      maximumPower: fryer.maximumPower * Math.exp(truth.power),
    },
  };
}

const BITES: readonly [number, BiteCameOut][] = [
  [0.5, 'soft'],
  [1, 'tender'],
  [2.2, 'crisp'],
  [3.8, 'very-crisp'],
];

/** What this cook tells of a cook that went so, pulled at `pulled` s; `shown` is what the app showed beside it. */
function told(
  real: Trace,
  shown: Trace,
  plan: Plan,
  right: number,
  pulled: number,
  { tellsAll }: Habits,
  random: RandomSource,
) {
  const noise = () => normalQuantile(0.001 + 0.998 * random());
  const looks: Look[] = ['paler', 'as-shown', 'darker'];
  const compare = (gap: number): Look =>
    random() < WRONG
      ? looks[Math.floor(random() * 3)]!
      : looks[gap < -ANSWER_STEP / 2 ? 0 : gap > ANSWER_STEP / 2 ? 2 : 1]!;
  const seenAt = (trace: Trace, time: number) => Math.log(traceAt(trace, trace.browning, time) + 0.08);
  const observations: Observation[] = plan.events
    .filter(({ time }) => time > 0.3 * pulled && time < pulled)
    .map(({ time }) => ({
      kind: 'look',
      time,
      look: compare(seenAt(real, time) - seenAt(shown, time) + 0.25 * noise()),
      shown: traceAt(shown, shown.browning, time),
    }));
  const weigh = (time: number) => {
    const mass = traceAt(real, real.weight, time) + 0.015 * real.weight[0]! * noise();
    observations.push({ kind: 'weight', time, mass });
  };
  if (tellsAll || random() < 0.4) weigh(pulled);
  if (tellsAll) {
    for (const { time } of plan.events.filter((event) => event.time < pulled)) {
      weigh(time);
      observations.push({
        kind: 'swatch',
        time,
        browning: traceAt(real, real.browning, time) * Math.exp(0.2 * noise()),
      });
    }
  }
  const browning = traceAt(real, real.browning, pulled);
  /* beside the colour that this cook finds right */
  const liked = compare(seenAt(real, pulled) - seenAt(real, right) + 0.25 * noise());
  const bite = Math.exp(Math.log(Math.max(0.05, traceAt(real, real.crispness, pulled))) + 0.3 * noise());
  const asWished = !tellsAll && liked === 'as-shown' && random() < 0.5;
  const cameOut: CameOut = {
    browning: asWished ? null : browning * Math.exp(0.2 * noise()),
    liked: { paler: 'too-pale', 'as-shown': 'as-wished', darker: 'too-dark' }[liked] as CameOut['liked'],
    bite: BITES.find(([below]) => bite < below)?.[1] ?? 'hard',
    heart:
      traceAt(real, real.softening, pulled) * Math.exp(0.4 * noise()) < judgeFor(plan.target).softness
        ? 'hard'
        : 'soft',
  };
  return { observations, cameOut };
}

/** How a kitchen lives. */
interface Habits {
  /** it cooks in turn */
  readonly dishes: number;
  /** it weighs every batch at each opening and at the pull, and taps the swatch of each look */
  readonly tellsAll: boolean;
}

/** Lets a kitchen of this seed cook `count` batches, each by a forecast from all before it. */
export function liveIn(seed: number, count: number, habits: Habits = { dishes: 3, tellsAll: false }): SimulatedKitchen {
  const random = createSeededRandom(seed * 7919 + 3);
  const noise = () => normalQuantile(0.001 + 0.998 * random());
  const ofSugar = createSeededRandom(seed * 104_729 + 5);
  const sugarNoise = () => normalQuantile(0.001 + 0.998 * ofSugar());
  const ofKin = createSeededRandom(seed * 15_485_863 + 11);
  const evenly = (reach: number) => reach * (2 * random() - 1);
  const dishes = [...DISHES].sort(() => random() - 0.5).slice(0, habits.dishes);
  const kin = new Map(
    ['starchy', 'vegetable', 'protein'].map((one) => [one, KIN * normalQuantile(0.001 + 0.998 * ofKin())]),
  );
  const truth: Truth = {
    offset: evenly(15),
    heatTransfer: Math.log(1 + evenly(0.25)),
    power: Math.log(1 + evenly(0.15)),
    taste: TASTE * noise(),
    browning: new Map(dishes.map(([food]) => [food, kin.get(kinOf(findFood(food)!))! + OWN * noise()])),
    sugar: new Map(dishes.map(([food]) => [food, UNIT.sugar * sugarNoise()])),
  };
  const batches: SimulatedBatch[] = [];
  const log: ToldBatch[] = [];
  let knowledge: Knowledge = NOTHING_KNOWN;
  for (let i = 0; i < count; i++) {
    const [foodId, wayId] = dishes[i % dishes.length]!;
    const food = findFood(foodId)!;
    const way = waysOf(foodId).find(({ id }) => id === wayId)!;
    const document = planOfWay(food, way, { people: 2, each: 150 + Math.round(60 * random()) }, FRYER);
    const minutes = document.cook.stages[0]!.minutes;
    const bare: Plan = {
      ...planFromFile(document),
      events: [0.3, 0.5, 0.7].map((share) => ({ time: Math.round(share * minutes) * 60, action: 'shake' as const })),
    };
    const made: MadeWith = { fryer: FRYER.name, drawer: null, food: foodId, coat: null, kin: kinOf(food), season: 0 };
    const planned = withLearnt(bare, learntFor(knowledge, made, sugarSensitivity(bare)));
    const forecast = intervalOf(planned);
    const real = inTruth(bare, truth, foodId, DAY * noise());
    const right = intervalFree(real);
    const pulled = Math.max(60, right + 25 * noise());
    const cooked: Plan = { ...bare, stages: [{ ...bare.stages[0]!, duration: Math.max(cookDuration(bare), pulled) }] };
    const realTrace = tracesOf(
      inTruth(cooked, truth, foodId, Math.log(real.browningScale) - truth.browning.get(foodId)!),
      1,
      [1],
      pulled,
    )[0]!;
    const shownTrace = traceOf({ ...planned, stages: cooked.stages }, 1);
    const { observations, cameOut } = told(realTrace, shownTrace, bare, right, pulled, habits, random);
    const evidence = batchEvidence(cooked, observations, pulled, cameOut, forecast.p50);
    log.push({ ...made, id: String(i), evidence });
    const learning = learn(log);
    knowledge = learning.knowledge;
    const atBest = intervalFree(inTruth(bare, truth, foodId, 0));
    batches.push({ forecast, right, atBest, learning });
  }
  const unit = (quantity: Quantity, value: number) => value / UNIT[quantity];
  return {
    truth: {
      offset: unit('offset', truth.offset),
      heatTransfer: unit('heatTransfer', truth.heatTransfer),
      power: unit('power', truth.power),
      shade: unit('shade', truth.taste),
    },
    batches,
  };
}

/** s at which a cook would find a real batch right, however long it takes. */
function intervalFree(plan: Plan): number {
  const longer: Plan = { ...plan, stages: plan.stages.map((stage) => ({ ...stage, duration: stage.duration * 2 })) };
  return traceOf(longer, 1).pullTime ?? cookDuration(longer);
}

/** Mean and standard deviation that a kitchen has of a quantity of its fryer or taste, by the sum of its parts. */
export function believed({ knowledge }: Learning, quantity: Quantity): { mean: number; deviation: number } {
  const parts = knowledge.names.flatMap((name, i) =>
    name === quantity || name === `${quantity} of all` || name === `${quantity} of ${FRYER.name}` ? [i] : [],
  );
  const at = (i: number, j: number) => knowledge.covariance[i >= j ? (i * (i + 1)) / 2 + j : (j * (j + 1)) / 2 + i]!;
  const mean = parts.reduce((sum, i) => sum + knowledge.mean[i]!, 0);
  const variance = parts.reduce((sum, i) => parts.reduce((inner, j) => inner + at(i, j), sum), 0);
  return { mean, deviation: Math.sqrt(variance) };
}

export const LEARNT_QUANTITIES = QUANTITIES.filter((quantity) => quantityIndex(quantity) !== quantityIndex('browning'));
