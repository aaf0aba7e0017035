import { randomUUID } from 'node:crypto';
import { QUANTITY_COUNT } from '@/core/learn/quantities';
import { closeDatabase } from '@/db/pool';
import { BATCH_EVENT_KINDS } from '@/core/run/batch-event';
import { learntFor } from '@/core/learn/learnt';
import { evidenceOf } from '@/editing/evidence-of';
import { EVIDENCE_VERSION } from '@/core/learn/evidence';
import { madeWith } from '@/schemas/made-with';
import { logAskSchema } from '@/schemas/log-ask';
import { appendEvents, loadBatch, recordOutcome, searchLog } from '@/services/batches';
import { exportLog } from '@/services/archive/export-kitchen';
import { loadFryerCards } from '@/services/fryer-cards';
import { saveFryer } from '@/services/kitchen';
import {
  chooseFryerLearning,
  keepEvidence,
  leaveOut,
  loadLearning,
  loadLogLearning,
  loadUntold,
  removeBatch,
} from '@/services/learning';
import { loadPlan, savePlan } from '@/services/plans';
import { pastBatch } from '../support/batch';
import { kitchen, lateBatch } from '../support/late-batch';
import { SHAKEN_PLAN } from '../support/shaken-plan';

afterAll(closeDatabase);

/** Works out what is untold, as a device does. */
async function workOut(kitchenId: string) {
  const untold = await loadUntold(kitchenId);
  if (!untold.ok) throw new Error('untold');
  for (const { batch, toldBy } of untold.value) {
    await keepEvidence(kitchenId, batch.id, {
      version: EVIDENCE_VERSION,
      toldBy,
      evidence: structuredClone(evidenceOf(batch)) as never,
    });
  }
  return untold.value.length;
}

const offsetOf = async ({ id, fryer }: { id: string; fryer: { name: string } }) => {
  const { knowledge } = await loadLearning(id);
  return learntFor(knowledge, madeWith(SHAKEN_PLAN, fryer.name, new Date()), 0.5).offset;
};

test('what batches teach is worked out once, starts every plan, and goes with the batch that is left out, removed or told anew', async () => {
  const own = await kitchen();
  const { id, fryer } = own;
  const batches = [await lateBatch(id, fryer.name), await lateBatch(id, fryer.name), await lateBatch(id, fryer.name)];
  expect(await offsetOf(own)).toBe(0);
  expect(await workOut(id)).toBe(3);
  expect(await workOut(id)).toBe(0);
  const three = await offsetOf(own);
  expect(three).toBeLessThan(-1);
  const planId = randomUUID();
  await savePlan(id, planId, { fryerId: fryer.id, document: SHAKEN_PLAN, base: 0 });
  expect((await loadPlan(id, planId))!.document.learnt).toMatchObject({
    offset_c: Number(three.toFixed(4)),
    batches: 3,
  });

  await leaveOut(id, batches[0]!, true);
  const two = await offsetOf(own);
  expect(two).toBeGreaterThan(three);
  await removeBatch(id, batches[1]!, true);
  expect(await offsetOf(own)).toBeGreaterThan(two);
  await leaveOut(id, batches[0]!, false);
  await removeBatch(id, batches[1]!, false);
  expect(await offsetOf(own)).toBe(three);

  await recordOutcome(id, batches[2]!, {
    ...pastBatch().outcome!,
    browning: 2,
    liked: 'too-dark',
    heart: null,
    fingerprint: [2],
  });
  expect((await loadLearning(id)).batches).toHaveLength(2);
  expect(await workOut(id)).toBe(1);
  expect(await offsetOf(own)).toBeGreaterThan(three);
});

test('a fryer that is begun afresh, not in use, or renamed', async () => {
  const own = await kitchen();
  const { id, fryer } = own;
  await lateBatch(id, fryer.name);
  await lateBatch(id, fryer.name);
  await workOut(id);
  const known = await offsetOf(own);
  await chooseFryerLearning(id, fryer.id, { inUse: false, from: null });
  expect(await offsetOf(own)).toBe(0);
  const cards = await loadFryerCards(id);
  expect(cards.ok && cards.value[0]).toMatchObject({ inUse: false, counting: 0 });
  expect(cards.ok && cards.value[0]!.batches).toHaveLength(2);
  await chooseFryerLearning(id, fryer.id, { inUse: true, from: Date.now() + 1000 });
  expect(await offsetOf(own)).toBe(0);
  await chooseFryerLearning(id, fryer.id, { inUse: true, from: null });
  await saveFryer(id, { ...fryer, name: 'The same under another name' });
  expect(await offsetOf({ id, fryer: { name: 'The same under another name' } })).toBe(known);
  /* what its owner enters of the dial takes the place of what was learnt against it */
  await saveFryer(id, { ...fryer, name: 'The same under another name', thermostatOffsetC: Math.round(known) });
  const left = await offsetOf({ id, fryer: { name: 'The same under another name' } });
  expect(Math.abs(left)).toBeLessThan(Math.abs(known));
});

test('a rehearsal and what another kitchen or an old outcome says teach nothing', async () => {
  const own = await kitchen();
  const other = await kitchen();
  const batchId = await lateBatch(own.id, own.fryer.name);
  expect(BATCH_EVENT_KINDS).toContain('rehearsed');
  await appendEvents(own.id, batchId, [
    {
      id: randomUUID(),
      kind: 'rehearsed',
      happenedAt: Date.now() - 4_000_000,
      detail: { speed: 60, real: Date.now() },
    },
  ]);
  await workOut(own.id);
  expect(await offsetOf(own)).toBe(0);
  const evidence = {
    information: new Array<number>(QUANTITY_COUNT ** 2).fill(0),
    vector: new Array<number>(QUANTITY_COUNT).fill(0),
    answers: 1,
  };
  const stale = await keepEvidence(own.id, batchId, { version: EVIDENCE_VERSION, toldBy: 'something else', evidence });
  expect(stale.ok).toBe(true);
  expect(await keepEvidence(other.id, batchId, { version: EVIDENCE_VERSION, toldBy: 'x', evidence })).toMatchObject({
    ok: false,
    failure: { code: 'not-found' },
  });
  expect((await loadLearning(other.id)).batches).toEqual([]);
});

test('numbers that no batch could tell are not learnt from, and stop nothing', async () => {
  const own = await kitchen();
  const batchId = await lateBatch(own.id, own.fryer.name);
  const untold = await loadUntold(own.id);
  const toldBy = untold.ok ? untold.value[0]!.toldBy : '';
  const information = new Array<number>(QUANTITY_COUNT ** 2).fill(-1e5);
  await keepEvidence(own.id, batchId, {
    version: EVIDENCE_VERSION,
    toldBy,
    evidence: { information, vector: new Array<number>(QUANTITY_COUNT).fill(1e5), answers: 3 },
  });
  expect(await offsetOf(own)).toBe(0);
  expect((await loadLogLearning(own.id)).ok).toBe(true);
});

test('the log is searched by words, food, verdict and age, a page at a time, and goes out as CSV and JSON Lines', async () => {
  const { id, fryer } = await kitchen();
  const [first, second] = [await lateBatch(id, fryer.name), await lateBatch(id, fryer.name)];
  await recordOutcome(id, second, {
    ...pastBatch().outcome!,
    note: 'a "quoted", note',
    next: 'not-again',
    fingerprint: [1],
  });
  const found = async (ask: object) => {
    const log = await searchLog(id, logAskSchema.parse(ask));
    return log.ok ? log.value.batches.map((batch) => batch.id) : [];
  };
  expect(new Set(await found({}))).toEqual(new Set([first, second]));
  expect(await found({ words: 'HEAP of' })).toEqual([first]);
  expect((await found({ words: 'floury' })).length).toBe(2);
  expect(await found({ next: 'not-again' })).toEqual([second]);
  expect(await found({ food: 'carrot' })).toEqual([]);
  expect((await found({ shape: 'stick', fryer: fryer.name, span: 'week', order: 'dish' })).length).toBe(2);
  expect(await found({ page: 2 })).toEqual([]);
  await removeBatch(id, first, true);
  expect(await found({})).toEqual([second]);
  expect((await loadBatch(id, first)).ok).toBe(true);
  const csv = await exportLog(id, 'csv');
  expect(csv.ok && csv.value.split('\n')).toHaveLength(2);
  expect(csv.ok && csv.value).toContain('"a ""quoted"", note"');
  const lines = await exportLog(id, 'jsonl');
  expect(lines.ok && JSON.parse(lines.value.trim())).toMatchObject({ next_time: 'not-again', crispness: 'crisp' });
});

test('whether the inside was still hard is kept, and goes out with the log', async () => {
  const own = await kitchen();
  const batchId = await lateBatch(own.id, own.fryer.name);
  await recordOutcome(own.id, batchId, { ...pastBatch().outcome!, heart: 'hard', fingerprint: [1] });
  const read = await loadBatch(own.id, batchId);
  expect(read.ok && read.value.outcome?.heart).toBe('hard');
  const log = await exportLog(own.id, 'jsonl');
  expect(log.ok && JSON.parse(log.value.split('\n')[0]!)).toMatchObject({ heart: 'hard' });
});
