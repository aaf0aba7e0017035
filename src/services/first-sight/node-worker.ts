/* runs in a thread of the server, bundled by the build; see first-sight.ts */
import { parentPort } from 'node:worker_threads';
import { firstSightOf } from '@/core/forecast/first-sight';
import { FIRST_PLAN } from '@/schemas/first-plan';
import { planFromFile } from '@/schemas/plan-from-file';
import { type Asked, READY, type Seen } from './protocol';

/** As the page will ask it. */
const SEED = 1;

parentPort?.on('message', ({ id, document }: Asked) => {
  let sight: Seen['sight'] = null;
  try {
    sight = firstSightOf(planFromFile(document), SEED);
  } catch {
    /* the page works it out itself, and says what is wrong */
  }
  parentPort?.postMessage({ id, sight } satisfies Seen);
});

/* so that the first page does not wait for the code to be compiled */
firstSightOf(planFromFile(FIRST_PLAN), SEED);
parentPort?.postMessage({ id: READY, sight: null } satisfies Seen);
