import { fingerprintAt } from '@/core/run/fingerprint';
import { asCooked } from '@/editing/as-cooked';
import { type BatchEvent, deriveRun } from '@/core/run/run-state';
import {
  findBatch,
  insertBatch,
  insertBatchEvent,
  listBatches,
  listBatchEvents,
  type BatchEventRow,
  type BatchRow,
} from '@/db/queries/batches';
import { listOutcomes, upsertOutcome, type OutcomeRow } from '@/db/queries/outcomes';
import { transact } from '@/db/query';
import {
  batchEventSchema,
  batchForecastSchema,
  outcomeSchema,
  type Batch,
  type BatchForecast,
  type Outcome,
} from '@/schemas/batch';
import { planFileSchema, type PlanFile } from '@/schemas/plan-file';
import { writePlanFile } from '@/schemas/write-plan';
import { planFromFile } from '@/schemas/plan-from-file';
import { fail, type Result, succeed, withDatabase } from './result';

/** Most batches the log lists. */
const LOG_LIMIT = 200;

function batchOf(row: BatchRow, events: BatchEventRow[], outcomes: OutcomeRow[]): Batch | null {
  const document = planFileSchema.safeParse(row.document);
  const forecast = batchForecastSchema.safeParse(row.forecast);
  if (!document.success || !forecast.success) return null;
  const outcome = outcomes.find((candidate) => candidate.batch_id === row.batch_id);
  return {
    id: row.batch_id,
    fryerName: row.fryer_name,
    document: document.data,
    forecast: forecast.data,
    begunAt: row.begun_at.getTime(),
    events: events.filter((event) => event.batch_id === row.batch_id).flatMap(eventOf),
    outcome: outcome ? outcomeOf(outcome) : null,
    fingerprint: outcome?.fingerprint ?? [],
  };
}

function eventOf(row: BatchEventRow): BatchEvent[] {
  const parsed = batchEventSchema.safeParse({
    id: row.event_id,
    kind: row.kind,
    happenedAt: row.happened_at.getTime(),
    detail: row.detail,
  });
  return parsed.success ? [parsed.data] : [];
}

function outcomeOf(row: OutcomeRow): Outcome | null {
  const { crispness, browning, evenness, faults, note } = row;
  const parsed = outcomeSchema.safeParse({ crispness, browning, evenness, faults, note });
  return parsed.success ? parsed.data : null;
}

/** One batch of this kitchen. */
export function loadBatch(kitchenId: string, batchId: string): Promise<Result<Batch>> {
  return withDatabase(async () => {
    const row = await findBatch(kitchenId, batchId);
    if (!row) return fail({ code: 'not-found' });
    const [events, outcomes] = await Promise.all([
      listBatchEvents(kitchenId, [batchId]),
      listOutcomes(kitchenId, [batchId]),
    ]);
    const batch = batchOf(row, events, outcomes);
    return batch ? succeed(batch) : fail({ code: 'not-found' });
  });
}

/** The kitchen's batches, newest first. */
export function loadLog(kitchenId: string): Promise<Result<Batch[]>> {
  return withDatabase(async () => {
    const rows = await listBatches(kitchenId, LOG_LIMIT);
    const ids = rows.map((row) => row.batch_id);
    const [events, outcomes] = await Promise.all([listBatchEvents(kitchenId, ids), listOutcomes(kitchenId, ids)]);
    return succeed(rows.flatMap((row) => batchOf(row, events, outcomes) ?? []));
  });
}

/** Begins a batch under the id its device chose; the same request again changes nothing. */
export function beginBatch(
  kitchenId: string,
  batch: { batchId: string; fryerName: string; document: PlanFile; forecast: BatchForecast },
): Promise<Result<null>> {
  return withDatabase(async () => {
    const stored = await insertBatch(kitchenId, { ...batch, document: writePlanFile(batch.document) });
    if (stored || (await findBatch(kitchenId, batch.batchId))) return succeed(null);
    return fail({ code: 'other-kitchen' });
  });
}

/** Appends events of a batch, all or none; those stored before are left as they were. */
export function appendEvents(kitchenId: string, batchId: string, events: readonly BatchEvent[]): Promise<Result<null>> {
  return withDatabase(async () => {
    if (!(await findBatch(kitchenId, batchId))) return fail({ code: 'not-found' });
    await transact(async (client) => {
      for (const event of events) {
        await insertBatchEvent(kitchenId, batchId, { ...event, happenedAt: new Date(event.happenedAt) }, client);
      }
    });
    return succeed(null);
  });
}

/** Stores what the cook says of a batch; a later word replaces an earlier one. */
export function recordOutcome(kitchenId: string, batchId: string, outcome: Outcome): Promise<Result<null>> {
  return withDatabase(async () => {
    const batch = await loadBatch(kitchenId, batchId);
    if (!batch.ok) return batch;
    await upsertOutcome(kitchenId, batchId, { ...outcome, fingerprint: fingerprintOf(batch.value, outcome) });
    return succeed(null);
  });
}

/** Colours of the pieces when pulled: the forecast's own spread, moved to the colour the cook saw. */
function fingerprintOf(batch: Batch, outcome: Outcome): number[] {
  const run = deriveRun(batch.events);
  const plan = planFromFile(asCooked(batch.document, run));
  const minutes = batch.forecast.done_min;
  const pulled =
    run.loadedAt !== null && run.doneAt !== null
      ? (run.doneAt - run.loadedAt) / 1000
      : minutes === null
        ? null
        : minutes * 60;
  return fingerprintAt(plan, pulled, outcome.browning);
}
