/** @jest-environment node */
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { FIRST_PLAN } from '@/schemas/first-plan';
import { ServerThread } from './server-thread';

const folder = mkdtempSync(join(tmpdir(), 'server-thread-'));
const threads: ServerThread[] = [];
afterAll(() => {
  for (const own of threads) own.end();
  rmSync(folder, { recursive: true });
});

/** A thread that answers with what `answer`, a function of the message in words, makes of it. */
function thread(name: string, answer: string): ServerThread {
  const file = join(folder, `${name}.cjs`);
  writeFileSync(
    file,
    `const { parentPort } = require('node:worker_threads');
     let count = 0;
     parentPort.postMessage({ id: 0, answer: null });
     parentPort.on('message', (asked) => { const answer = (${answer})(asked, ++count); if (answer !== undefined) parentPort.postMessage({ id: asked.id, answer }); });`,
  );
  const own = new ServerThread(file, 300);
  threads.push(own);
  return own;
}

const plan = (mass_g: number) => ({ ...FIRST_PLAN, mass_g });

test('each question has its own answer', async () => {
  const own = thread('counts', '({ of: document }, count) => ({ count, grams: document.mass_g })');
  const answers = await Promise.all([own.ask('sight', plan(300)), own.ask('sight', plan(400))]);
  expect(answers).toEqual([
    { count: 1, grams: 300 },
    { count: 2, grams: 400 },
  ]);
});

test('one that works for ever is ended, and the next plan has another thread', async () => {
  const own = thread(
    'hangs',
    '({ of: document }) => { if (document.mass_g === 1) for (;;); return { grams: document.mass_g }; }',
  );
  const [lost, beside] = await Promise.all([own.ask('sight', plan(1)), own.ask('sight', plan(200))]);
  expect([lost, beside]).toEqual([null, null]);
  expect(await own.ask('sight', plan(200))).toEqual({ grams: 200 });
});

test('when many wait no more are taken; what failed is asked again', async () => {
  const own = thread('late', '({ of: document }, count) => count > 6 ? { grams: document.mass_g } : undefined');
  const asked = Array.from({ length: 7 }, (_, i) => own.ask('sight', plan(100 + i)));
  expect(await asked[6]).toBeNull();
  expect(await Promise.all(asked)).toEqual(new Array(7).fill(null));
  const again = thread('fails', '(_, count) => (count === 1 ? null : { count })');
  expect(await again.ask('sight', plan(300))).toBeNull();
  expect(await again.ask('sight', plan(300))).toEqual({ count: 2 });
});

test('without the file of the build there is none', async () => {
  expect(await new ServerThread(join(folder, 'none.cjs'), 300).ask('sight', FIRST_PLAN)).toBeNull();
});
