import type { z } from 'zod';
import { type Belief, saysAlone } from '@/core/learn/beliefs';
import { type Finding, findingsOf } from '@/core/learn/findings';
import { type Evidence, isLikelihood, shifted } from '@/core/learn/evidence';
import { learn, type Learning } from '@/core/learn/kitchen-model';
import { QUANTITIES, UNIT } from '@/core/learn/quantities';
import type { ToldBatch } from '@/core/learn/told-batch';
import { findBatch } from '@/db/queries/batches';
import {
  listEvidence,
  listUntold,
  setBatchRemoved,
  setFryerLearning,
  setLeftOut,
  upsertEvidence,
  type EvidenceRow,
} from '@/db/queries/evidence';
import { type FryerTestRow, listFryerTests } from '@/db/queries/fryer-tests';
import { type FryerLearningRow, listFryers, type FryerRow } from '@/db/queries/fryers';
import { inKitchen } from '@/db/query';
import type { Batch } from '@/schemas/batch';
import { EVIDENCE_VERSION } from '@/core/learn/evidence';
import {
  evidenceSchema,
  fryerTestEvidenceSchema,
  type keepEvidenceSchema,
  madeWithSchema,
} from '@/schemas/evidence-schema';
import { fryerTestSchema } from '@/schemas/fryer-test-schema';
import { madeWith } from '@/schemas/made-with';
import { type PlanFile, planFileSchema } from '@/schemas/plan-file';
import { loadBatch } from './batches';
import { serverThread } from './apart/server-thread';
import { fail, type Result, succeed, withKitchen } from './result';

/** A batch that a fryer's card lists, with what it says. */
export interface TeachingBatch extends ToldBatch {
  readonly name: string;
  /** ms since 1970 */
  readonly begunAt: number;
  /** the cook left it out */
  readonly leftOut: boolean;
  /** a test of the fryer, no batch */
  readonly isTest: boolean;
  /** it counts: not left out, in a fryer whose learning is in use, since that was begun afresh */
  readonly counts: boolean;
}

/** All that a kitchen has learnt, and from which batches. */
export interface KitchenLearning extends Learning {
  readonly batches: readonly TeachingBatch[];
}

type LearningFryer = FryerRow & FryerLearningRow;

/** Evidence that speaks against the label of its time, as it speaks against that of today. */
function againstToday(evidence: Evidence, offsetC: number, powerW: number, fryer: LearningFryer | undefined): Evidence {
  if (!fryer) return evidence;
  return shifted(
    evidence,
    QUANTITIES.map((quantity) => {
      if (quantity === 'offset') return (offsetC - fryer.thermostat_offset_c) / UNIT.offset;
      return quantity === 'power' ? Math.log(powerW / fryer.power_w) / UNIT.power : 0;
    }),
  );
}

/** Whether what was made then counts for a fryer: its learning is in use, and it was not begun afresh since. */
function isLearntFrom(madeAt: Date, fryer: LearningFryer | undefined): boolean {
  if (!fryer) return true;
  return fryer.not_learnt_at === null && (fryer.learns_from === null || madeAt >= fryer.learns_from);
}

const TEST_NAMES = { water: 'Water, weighed', thermometer: 'Thermometer', bread: 'Slices of bread' } as const;

/** A row as a test that teaches; nothing where today's format cannot read it. */
function teachingTest(row: FryerTestRow, fryers: readonly LearningFryer[]): TeachingBatch[] {
  const evidence = fryerTestEvidenceSchema.safeParse(row.evidence);
  const test = fryerTestSchema.safeParse(row.readings);
  if (!evidence.success || !test.success || !isLikelihood(evidence.data)) return [];
  const fryer = fryers.find(({ fryer_id }) => fryer_id === row.fryer_id);
  return [
    {
      id: row.test_id,
      fryer: row.fryer_name,
      drawer: test.data.drawer,
      places: evidence.data.places,
      food: null,
      coat: null,
      kin: 'vegetable',
      season: 0,
      evidence: againstToday(evidence.data, row.thermostat_offset_c, row.power_w, fryer),
      name: TEST_NAMES[test.data.kind],
      begunAt: row.made_at.getTime(),
      leftOut: row.left_out,
      isTest: true,
      counts: !row.left_out && isLearntFrom(row.made_at, fryer),
    },
  ];
}

/** A row as a batch that teaches; nothing where today's format cannot read it, so that it is worked out anew. */
function teachingBatch(row: EvidenceRow, fryers: readonly LearningFryer[]): TeachingBatch[] {
  const evidence = evidenceSchema.safeParse(row.evidence);
  const made = madeWithSchema.safeParse(row.made_with);
  if (!evidence.success || !made.success || !isLikelihood(evidence.data)) return [];
  const { offset_c, power_w, ...own } = made.data;
  const fryer = fryers.find(({ name }) => name === row.fryer_name);
  return [
    {
      ...own,
      id: row.batch_id,
      fryer: row.fryer_name,
      evidence: againstToday(evidence.data, offset_c, power_w, fryer),
      name: row.name,
      begunAt: row.begun_at.getTime(),
      leftOut: row.left_out,
      isTest: false,
      counts: !row.left_out && isLearntFrom(row.begun_at, fryer),
    },
  ];
}

/** Newest batches that a kitchen learns from: fryers age and produce changes, and what came long before says little. Source: chosen; a year or two of a busy kitchen. */
const TEACHING = 400;

async function learningOf(kitchenId: string): Promise<KitchenLearning> {
  const [rows, fryers, tests] = await Promise.all([
    listEvidence(kitchenId, EVIDENCE_VERSION, TEACHING),
    listFryers(kitchenId),
    listFryerTests(kitchenId),
  ]);
  const of = stateOf(rows, tests, fryers);
  const known = learnt.get(kitchenId);
  if (known?.of === of) return known.learning;
  const batches = [
    ...rows.flatMap((row) => teachingBatch(row, fryers)),
    ...tests.flatMap((row) => teachingTest(row, fryers)),
  ].toSorted((a, b) => a.begunAt - b.begunAt);
  const counting = batches.filter(({ counts }) => counts);
  const apart = counting.length < APART_FROM ? null : await serverThread().ask('learn', counting);
  const learning = { ...(apart ?? learn(counting)), batches };
  learnt.delete(kitchenId);
  learnt.set(kitchenId, { of, learning });
  if (learnt.size > KEPT) learnt.delete(learnt.keys().next().value!);
  return learning;
}

/** Batches from which on they are added up in the server's thread: fewer take some milliseconds. Source: measured, 0.2 s for 400. */
const APART_FROM = 40;

/** Kitchens whose learning is kept ready: each page of a kitchen asks for it, and it changes with a batch alone. Source: chosen; half a megabyte for the largest. */
const KEPT = 50;
const learnt = new Map<string, { readonly of: string; readonly learning: KitchenLearning }>();

/** All that a kitchen's learning depends on, as one word to compare. */
function stateOf(
  rows: readonly EvidenceRow[],
  tests: readonly FryerTestRow[],
  fryers: readonly LearningFryer[],
): string {
  return JSON.stringify([
    rows.map(({ batch_id, made_at, left_out, name, fryer_name }) => [batch_id, made_at, left_out, name, fryer_name]),
    tests.map(({ test_id, made_at, left_out, fryer_name }) => [test_id, made_at, left_out, fryer_name]),
    fryers,
  ]);
}

/** What a kitchen has learnt, from nothing but what its batches say. */
export function loadLearning(kitchenId: string): Promise<KitchenLearning> {
  return inKitchen(kitchenId, () => learningOf(kitchenId));
}

/** What the log shows of what was learnt. */
export interface LogLearning {
  readonly findings: readonly Finding[];
  /** what each batch says of its fryer's thermostat by itself, K, by id */
  readonly says: Readonly<Record<string, Belief>>;
}

/** What the kitchen has found out, and what each of its batches said. */
export async function loadLogLearning(kitchenId: string): Promise<Result<LogLearning>> {
  return withKitchen(kitchenId, async () => {
    const { knowledge, batches } = await learningOf(kitchenId);
    return succeed({
      findings: findingsOf(
        knowledge,
        batches.filter(({ counts }) => counts),
      ),
      says: Object.fromEntries(batches.map((batch) => [batch.id, saysAlone(batch, 'offset')])),
    });
  });
}

/** A finished batch that a device is to work out. */
export interface UntoldBatch {
  readonly batch: Batch;
  readonly toldBy: string;
}

/** Batches that a device works out in one go, and among how many they are looked for. */
const AT_ONCE = 4;
const LOOKED_AT = 40;

/** Finished batches whose evidence is missing or out of date; the devices work it out, as the server cooks nothing. */
export function loadUntold(kitchenId: string): Promise<Result<UntoldBatch[]>> {
  return withKitchen(kitchenId, async () => {
    const untold: UntoldBatch[] = [];
    /* one that today's format cannot read must not stand before all others for ever */
    for (const { batch_id, told_by } of await listUntold(kitchenId, EVIDENCE_VERSION, LOOKED_AT)) {
      const read = await loadBatch(kitchenId, batch_id);
      if (read.ok) untold.push({ batch: read.value, toldBy: told_by });
      if (untold.length === AT_ONCE) break;
    }
    return succeed(untold);
  });
}

/** Keeps what a batch says; the same again changes nothing. */
export function keepEvidence(
  kitchenId: string,
  batchId: string,
  { version, toldBy, evidence }: z.output<typeof keepEvidenceSchema>,
): Promise<Result<null>> {
  return withKitchen(kitchenId, async () => {
    const row = await findBatch(kitchenId, batchId);
    if (!row) return fail({ code: 'not-found' });
    const document = planFileSchema.safeParse(row.document);
    if (!document.success) return fail({ code: 'unreadable' });
    const made = madeWithRow(document.data, row.fryer_name, row.begun_at);
    /* told otherwise in the meantime: a device will work it out anew */
    await upsertEvidence(kitchenId, batchId, { version, toldBy, madeWith: made, evidence });
    return succeed(null);
  });
}

/** What is kept of the things that a batch was made with. */
export function madeWithRow(document: PlanFile, fryerName: string, begunAt: Date): z.output<typeof madeWithSchema> {
  const { drawer, food, coat, kin, season } = madeWith(document, fryerName, begunAt);
  return {
    drawer,
    food,
    coat,
    kin,
    season,
    offset_c: document.fryer.thermostat_offset_c,
    power_w: document.fryer.power_w,
  };
}

/** Leaves a batch out of what is learnt, or takes it in again. */
export function leaveOut(kitchenId: string, batchId: string, leftOut: boolean): Promise<Result<null>> {
  return withKitchen(kitchenId, async () =>
    (await setLeftOut(kitchenId, batchId, leftOut)) ? succeed(null) : fail({ code: 'not-found' }),
  );
}

/** Takes a batch out of the log with all it taught, or puts it back. */
export function removeBatch(kitchenId: string, batchId: string, removed: boolean): Promise<Result<null>> {
  return withKitchen(kitchenId, async () =>
    (await setBatchRemoved(kitchenId, batchId, removed)) ? succeed(null) : fail({ code: 'not-found' }),
  );
}

/** Whether forecasts use what was learnt of a fryer, and since when its batches count. */
export function chooseFryerLearning(
  kitchenId: string,
  fryerId: string,
  { inUse, from }: { inUse?: boolean | undefined; from?: number | null | undefined },
): Promise<Result<null>> {
  return withKitchen(kitchenId, async () =>
    (await setFryerLearning(kitchenId, fryerId, {
      inUse,
      from: typeof from === 'number' ? new Date(from) : from,
    }))
      ? succeed(null)
      : fail({ code: 'not-found' }),
  );
}
