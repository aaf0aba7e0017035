import { randomUUID } from 'node:crypto';
import { EVENT_VERSION } from '@/schemas/batch-event';
import { subDays } from 'date-fns';
import { fingerprintAt } from '@/core/run/fingerprint';
import { insertBatch, insertBatchEvents } from '@/db/queries/batches';
import { upsertCutter } from '@/db/queries/cutters';
import { insertFryer } from '@/db/queries/fryers';
import { insertFryerTest } from '@/db/queries/fryer-tests';
import { demoBread } from './demo-bread';
import { findDemoKitchen, insertKitchen, removeKitchen } from '@/db/queries/kitchens';
import { upsertOutcome } from '@/db/queries/outcomes';
import { upsertEvening } from '@/db/queries/evenings';
import { upsertPlan } from '@/db/queries/plans';
import { inKitchen, transact, type Runner } from '@/db/query';
import { planFileSchema, type PlanFile } from '@/schemas/plan-file';
import { writeEveningFile } from '@/schemas/evening-file';
import { writePlanFile } from '@/schemas/write-plan';
import { planFromFile } from '@/schemas/plan-from-file';
import { findFood } from '@/core/food/catalogue';
import { planOfWay, waysOf } from '@/editing/ways/plan-of-way';
import { forecastPlan } from '@/core/forecast/forecast';
import { createSeededRandom } from '@/core/numeric/seeded-random';
import { chanceOfPick } from '@/core/trial/paired-tasting';
import { insertPair, insertTrial, upsertTasting } from '@/db/queries/trials';
import { TASTERS } from '@/schemas/trial';
import { listUntold, upsertEvidence } from '@/db/queries/evidence';
import { type BatchEvent, eventOfKind } from '@/core/run/batch-event';
import { EVIDENCE_VERSION } from '@/core/learn/evidence';
import { type Knowledge } from '@/core/learn/knowledge';
import { learn } from '@/core/learn/kitchen-model';
import type { ToldBatch } from '@/core/learn/told-batch';
import { evidenceOf } from '@/editing/evidence-of';
import { withKnowledge } from '@/editing/with-knowledge';
import { madeWith } from '@/schemas/made-with';
import { fryerOf } from '../kitchen';
import { madeWithRow } from '../learning';
import { DEMO_BATCHES, type DemoBatch, TRIAL_BATCH } from './demo-batches';
import { demoEvening } from './demo-evening';
import { liveThrough } from './live-through';

const FRYERS = {
  large: { name: 'Large drawer', power_w: 1500, basket_cm2: 500, basket_height_mm: 90, thermostat_offset_c: 0 },
  small: { name: 'Small, borrowed', power_w: 1200, basket_cm2: 330, basket_height_mm: 80, thermostat_offset_c: 0 },
} as const;

/** Settings of the kitchen’s mandoline and what ten slices stacked came to, mm a slice. */
const MANDOLINE = [
  ['1', 1.4],
  ['2', 2.3],
  ['3', 4.1],
] as const;

/** What the kitchen makes, by the usual ways of each food; the plan of tonight stands before them. */
const DEMO_PLANS = [
  ['kale', 'crisps', 2],
  ['courgette', 'crumbed', 3],
  ['sweet-potato', 'starch', 4],
  ['tofu-firm', 'cubes', 2],
  ['cauliflower', 'battered', 3],
  ['kohlrabi', 'chips', 2],
  ['chickpea-cooked', 'crisp', 4],
  ['parsnip', 'sticks', 2],
  ['potato-floury', 'roast', 6],
] as const;

/** Makes the demo kitchen where it is missing; `fresh` removes it first, with all that was cooked in it. @param batches that its month has */
export async function seedDemoKitchen(
  now: Date,
  fresh: boolean,
  batches: readonly DemoBatch[] = DEMO_BATCHES,
): Promise<'kept' | 'made'> {
  const known = await findDemoKitchen();
  if (known && !fresh) return 'kept';
  if (known) await inKitchen(known.kitchen_id, () => transact((client) => removeKitchen(known.kitchen_id, client)));
  /* cooked before anything is stored: a transaction that waits for a cook is ended by the database */
  const cooked = { month: liveMonth(now, batches), trial: halfATrial(now), bread: demoBread(FRYERS.small) };
  const kitchenId = randomUUID();
  await inKitchen(kitchenId, () => transact((client) => furnish(kitchenId, cooked, now, client)));
  return 'made';
}

/** What is worked out for the demo kitchen. */
interface Cooked {
  readonly month: readonly LivedRecord[];
  readonly trial: ReturnType<typeof halfATrial>;
  readonly bread: ReturnType<typeof demoBread>;
}

/** When slices of bread lay in the small fryer: after its last batch. */
const BREAD_DAYS_AGO = 4;

async function furnish(kitchenId: string, { month, trial, bread }: Cooked, now: Date, client: Runner): Promise<void> {
  await insertKitchen(kitchenId, 'Larder', true, client);
  const large = await insertFryer(kitchenId, FRYERS.large, client);
  const small = await insertFryer(kitchenId, FRYERS.small, client);
  for (const [setting, thickness_mm] of MANDOLINE) {
    const cutter = { cutter_id: randomUUID(), name: 'Green mandoline', setting, thickness_mm, scatter: 0.03 };
    await upsertCutter(kitchenId, cutter, client);
  }
  for (const lived of month) await insertLived(kitchenId, lived, client);
  /* what each says, as a device would have worked it out */
  for (const { batch_id, told_by } of await listUntold(kitchenId, EVIDENCE_VERSION, month.length, client)) {
    const { evidence, made } = month.find(({ id }) => id === batch_id)!;
    const kept = { version: EVIDENCE_VERSION, toldBy: told_by, madeWith: made, evidence };
    await upsertEvidence(kitchenId, batch_id, kept, client);
  }
  await insertFryerTest(
    kitchenId,
    {
      testId: randomUUID(),
      fryerId: small.fryer_id,
      ...bread,
      offsetC: FRYERS.small.thermostat_offset_c,
      powerW: FRYERS.small.power_w,
      madeAt: subDays(now, BREAD_DAYS_AGO),
    },
    client,
  );
  for (const [foodId, wayId, people] of DEMO_PLANS) {
    const food = findFood(foodId)!;
    const way = waysOf(foodId).find(({ id }) => id === wayId)!;
    const document = planOfWay(food, way, { people, each: way.each }, fryerOf(large));
    await upsertPlan(
      kitchenId,
      { planId: randomUUID(), fryerId: large.fryer_id, name: document.name, document: writePlanFile(document) },
      client,
    );
  }
  await insertTrial(kitchenId, { ...trial.trial, fryerId: large.fryer_id }, client);
  for (const { tastings, ...pair } of trial.pairs) {
    await insertPair(kitchenId, trial.trial.trialId, pair, client);
    for (const tasting of tastings) await upsertTasting(kitchenId, trial.trial.trialId, tasting, client);
  }
  const evening = demoEvening([fryerOf(large), fryerOf(small)], now);
  await upsertEvening(kitchenId, randomUUID(), writeEveningFile(evening), client);
  const tonight = demoDocument({ ...DEMO_BATCHES[0]!, plan: { ...DEMO_BATCHES[0]!.plan, mass_g: 450 } });
  await upsertPlan(
    kitchenId,
    { planId: randomUUID(), fryerId: large.fryer_id, name: tonight.name, document: writePlanFile(tonight) },
    client,
  );
}

function demoDocument({ plan, fryer }: DemoBatch): PlanFile {
  const { preheatMinutes, ...rest } = plan;
  const { power_w, basket_cm2, basket_height_mm, thermostat_offset_c } = FRYERS[fryer];
  const preheat =
    preheatMinutes > 0 ? { minutes: preheatMinutes, temperature_c: plan.cook.stages[0]!.temperature_c } : null;
  return planFileSchema.parse({
    format: 'drubek.plan',
    version: 1,
    ...rest,
    fryer: { power_w, basket_cm2, basket_height_mm, thermostat_offset_c, preheat },
  });
}

/** Bowls of the trial's pairs that are tasted when the demo opens: unsoaked and soaked. */
const BOWLS = [
  ['LUN', 'TOK'],
  ['SAB', 'MIR'],
] as const;

/** The trial that the demo is in the middle of: potato sticks soaked, or not; its tastings are drawn by what the model expects. */
function halfATrial(now: Date) {
  const soaked = demoDocument(DEMO_BATCHES.find(({ plan }) => plan.name === TRIAL_BATCH)!);
  const other = { ...soaked, name: 'Potato sticks, soaked' };
  const one = { ...soaked, name: 'Potato sticks', prep: soaked.prep.filter(({ step }) => step !== 'soak') };
  const [without, with_] = [one, other].map((document) => forecastPlan(planFromFile(document)).pull.share);
  const chance = chanceOfPick(with_! - without!);
  const random = createSeededRandom(now.getUTCFullYear());
  const pairs = BOWLS.map(([codeOne, codeOther], i) => {
    const pick = () => (random() < chance ? codeOther : codeOne);
    const pair = i + 1;
    const tastings = TASTERS.map((taster) => ({ pair, taster, crisper: pick(), rather: pick() }));
    return { pair, codeOne, codeOther, otherFirst: random() < 0.5, sideBySide: false, tastings };
  });
  const trial = {
    trialId: randomUUID(),
    name: 'Potato sticks: soaked, or not?',
    one: writePlanFile(one),
    other: writePlanFile(other),
    wordOne: 'not soaked',
    wordOther: 'soaked',
  };
  return { trial, pairs };
}

/** A demo batch as it went, what it says, and how it is kept. */
interface LivedRecord extends ToldBatch {
  readonly made: ReturnType<typeof madeWithRow>;
  readonly batch: Parameters<typeof insertBatch>[1];
  readonly events: Parameters<typeof insertBatchEvents>[3];
  readonly outcome: Parameters<typeof upsertOutcome>[2];
}

/** The month of the demo, each batch forecast from what those before it taught. */
function liveMonth(now: Date, batches: readonly DemoBatch[]): LivedRecord[] {
  const month: LivedRecord[] = [];
  for (const [index, batch] of batches.entries()) {
    month.push(liveBatch(batch, index + 1, learn(month).knowledge, now));
  }
  return month;
}

function liveBatch(batch: DemoBatch, seed: number, knowledge: Knowledge, now: Date): LivedRecord {
  const loadedAt = subDays(now, batch.daysAgo);
  loadedAt.setHours(Math.floor(batch.hour), Math.round((batch.hour % 1) * 60), 0, 0);
  const bare = demoDocument(batch);
  const fryerName = FRYERS[batch.fryer].name;
  const document = withKnowledge(bare, fryerName, knowledge, loadedAt);
  const plan = planFromFile(bare);
  const lived = liveThrough(plan, planFromFile(document), batch.fryer, seed, batch.note);
  const id = randomUUID();
  const event = (time: number) => ({ id: randomUUID(), happenedAt: loadedAt.getTime() + Math.round(time) * 1000 });
  const told: BatchEvent[] = [
    eventOfKind('loaded', event(0)),
    ...lived.openings.map(({ time }) => eventOfKind('shaken', event(time))),
    ...lived.looks.map(({ time, look, shown }) => eventOfKind('looked', event(time + 5), { look, shown })),
    eventOfKind('done', event(lived.pulledAfter)),
  ];
  const { next, ...outcome } = lived.outcome;
  return {
    ...madeWith(bare, fryerName, loadedAt),
    id,
    evidence: evidenceOf({ document, events: told, outcome: lived.outcome }),
    made: madeWithRow(bare, fryerName, loadedAt),
    batch: {
      batchId: id,
      fryerName,
      document: writePlanFile(document),
      forecast: lived.forecast,
      begunAt: loadedAt,
    },
    events: told
      .toSorted((a, b) => a.happenedAt - b.happenedAt)
      .map(({ happenedAt, ...own }) => ({ ...own, version: EVENT_VERSION, happenedAt: new Date(happenedAt) })),
    outcome: {
      ...outcome,
      next_time: next,
      fingerprint: fingerprintAt({ ...plan, events: lived.openings }, lived.pulledAfter, lived.outcome.browning),
    },
  };
}

async function insertLived(kitchenId: string, { id, batch, events, outcome }: LivedRecord, runner: Runner) {
  await insertBatch(kitchenId, batch, runner);
  await insertBatchEvents(kitchenId, id, 0, events, runner);
  await upsertOutcome(kitchenId, id, outcome, runner);
}
