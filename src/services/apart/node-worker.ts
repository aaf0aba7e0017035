/* runs in a thread of the server, bundled by the build; see server-thread.ts */
import { parentPort } from 'node:worker_threads';
import { firstSightOf } from '@/core/forecast/first-sight';
import { learn } from '@/core/learn/kitchen-model';
import { FIRST_PLAN } from '@/schemas/first-plan';
import { planFromFile } from '@/schemas/plan-from-file';
import { type Answered, type Asked, READY } from './protocol';

/** As the page will ask it. */
const SEED = 1;

function answerOf(asked: Asked): Answered['answer'] {
  switch (asked.kind) {
    case 'sight':
      return firstSightOf(planFromFile(asked.of), SEED);
    case 'learn':
      return learn(asked.of);
  }
}

parentPort?.on('message', (asked: Asked) => {
  let answer: Answered['answer'] = null;
  try {
    answer = answerOf(asked);
  } catch {
    /* whoever asked does without, or works it out and says what is wrong */
  }
  parentPort?.postMessage({ id: asked.id, answer } satisfies Answered);
});

/* so that the first page does not wait for the code to be compiled */
firstSightOf(planFromFile(FIRST_PLAN), SEED);
parentPort?.postMessage({ id: READY, answer: null } satisfies Answered);
