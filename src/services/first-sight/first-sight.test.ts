/** @jest-environment node */
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { FIRST_PLAN } from '@/schemas/first-plan';
import { FirstSightThread } from './first-sight';

const folder = mkdtempSync(join(tmpdir(), 'first-sight-'));
const threads: FirstSightThread[] = [];
afterAll(() => {
  for (const own of threads) own.end();
  rmSync(folder, { recursive: true });
});

/** A thread that answers with what `answer`, a function of the message in words, makes of it. */
function thread(name: string, answer: string): FirstSightThread {
  const file = join(folder, `${name}.cjs`);
  writeFileSync(
    file,
    `const { parentPort } = require('node:worker_threads');
     let count = 0;
     parentPort.postMessage({ id: 0, sight: null });
     parentPort.on('message', (asked) => { const sight = (${answer})(asked, ++count); if (sight !== undefined) parentPort.postMessage({ id: asked.id, sight }); });`,
  );
  const own = new FirstSightThread(file, 300);
  threads.push(own);
  return own;
}

const plan = (mass_g: number) => ({ ...FIRST_PLAN, mass_g });

test('a plan is asked once; another is asked anew', async () => {
  const own = thread('counts', '({ document }, count) => ({ count, grams: document.mass_g })');
  expect(await own.of(plan(300))).toEqual({ count: 1, grams: 300 });
  expect(await own.of(plan(300))).toEqual({ count: 1, grams: 300 });
  expect(await own.of(plan(400))).toEqual({ count: 2, grams: 400 });
});

test('one that works for ever is ended, and the next plan has another thread', async () => {
  const own = thread(
    'hangs',
    '({ document }) => { if (document.mass_g === 1) for (;;); return { grams: document.mass_g }; }',
  );
  const [lost, beside] = await Promise.all([own.of(plan(1)), own.of(plan(200))]);
  expect([lost, beside]).toEqual([null, null]);
  expect(await own.of(plan(200))).toEqual({ grams: 200 });
});

test('when many wait no more are taken; what failed is asked again', async () => {
  const own = thread('late', '({ document }, count) => count > 6 ? { grams: document.mass_g } : undefined');
  const asked = Array.from({ length: 7 }, (_, i) => own.of(plan(100 + i)));
  expect(await asked[6]).toBeNull();
  expect(await Promise.all(asked)).toEqual(new Array(7).fill(null));
  const again = thread('fails', '(_, count) => (count === 1 ? null : { count })');
  expect(await again.of(plan(300))).toBeNull();
  expect(await again.of(plan(300))).toEqual({ count: 2 });
});

test('without the file of the build there is none', async () => {
  expect(await new FirstSightThread(join(folder, 'none.cjs'), 300).of(FIRST_PLAN)).toBeNull();
});
