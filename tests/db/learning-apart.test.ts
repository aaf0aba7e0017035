import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { closeDatabase } from '@/db/pool';
import { EVIDENCE_VERSION } from '@/core/learn/evidence';
import { learn } from '@/core/learn/kitchen-model';
import { evidenceOf } from '@/editing/evidence-of';
import { ServerThread } from '@/services/apart/server-thread';
import { keepEvidence, loadLearning, loadUntold } from '@/services/learning';
import { kitchen, lateBatch } from '../support/late-batch';

/** From as many batches on the server adds up in its thread. */
const MANY = 40;

const folder = mkdtempSync(join(tmpdir(), 'learning-apart-'));
const server = globalThis as { drubekThread?: ServerThread };

afterAll(async () => {
  server.drubekThread?.end();
  rmSync(folder, { recursive: true });
  await closeDatabase();
});

/** The server's thread as the build makes it. */
function bundledThread(): ServerThread {
  const file = join(folder, 'server-thread.cjs');
  execFileSync('node_modules/esbuild/bin/esbuild', [
    'src/services/apart/node-worker.ts',
    `--outfile=${file}`,
    '--bundle',
    '--platform=node',
    '--format=cjs',
    '--target=node20',
    '--log-level=error',
  ]);
  /* time enough where others keep the machine busy */
  return new ServerThread(file, 20_000);
}

/** Tells what each batch says: the same of all, which is worked out once. */
async function workOut(kitchenId: string) {
  let evidence: ReturnType<typeof evidenceOf> | null = null;
  for (;;) {
    const untold = await loadUntold(kitchenId);
    if (!untold.ok || untold.value.length === 0) return;
    for (const { batch, toldBy } of untold.value) {
      evidence ??= evidenceOf(batch);
      await keepEvidence(kitchenId, batch.id, {
        version: EVIDENCE_VERSION,
        toldBy,
        evidence: structuredClone(evidence) as never,
      });
    }
  }
}

test('what many batches teach is worked out in the server’s thread, the same as without it, once, and anew with the next batch', async () => {
  const { id, fryer } = await kitchen();
  for (let n = 1; n < MANY; n++) await lateBatch(id, fryer.name);
  await workOut(id);
  const thread = bundledThread();
  server.drubekThread = thread;
  const asked = jest.spyOn(thread, 'ask');
  expect((await loadLearning(id)).knowledge.batches).toBe(MANY - 1);
  expect(asked).not.toHaveBeenCalled();

  await lateBatch(id, fryer.name);
  await workOut(id);
  const { batches, ...apart } = await loadLearning(id);
  expect(asked).toHaveBeenCalledTimes(1);
  expect(await asked.mock.results[0]!.value).not.toBeNull();
  expect(batches).toHaveLength(MANY);
  const here = learn(batches);
  expect(apart.knowledge.names).toEqual(here.knowledge.names);
  expect(apart).toEqual(here);
  await loadLearning(id);
  expect(asked).toHaveBeenCalledTimes(1);

  /* a thread that fails leaves nobody without an answer */
  asked.mockResolvedValue(null);
  await lateBatch(id, fryer.name);
  await workOut(id);
  expect((await loadLearning(id)).knowledge.batches).toBe(MANY + 1);
  expect(asked).toHaveBeenCalledTimes(2);
});
