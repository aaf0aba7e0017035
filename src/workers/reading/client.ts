import { wrap } from 'comlink';
import type { Reading } from '../../editing/read-plan';
import type { ReadingService } from './protocol';

/** What has not been read by then is given up, ms: the largest file that is taken needs a tenth of it. Source: measured. */
const GIVE_UP_AFTER = 5000;

/** Reads a text or a link in a worker of its own, so that whatever stands in it cannot hold up the page. */
export async function readApart(kind: keyof ReadingService, value: string): Promise<Reading> {
  const worker = new Worker(new URL('./reading.worker.ts', import.meta.url), { type: 'module' });
  const refused = (line: string): Reading => ({ kind: 'refused', lines: [line] });
  let timer: ReturnType<typeof setTimeout> | undefined;
  try {
    return await Promise.race([
      wrap<ReadingService>(worker)[kind](value),
      new Promise<Reading>((resolve) => {
        worker.onerror = () => resolve(refused('Reading it failed. Reload the page and try again.'));
        timer = setTimeout(
          () => resolve(refused('Reading this took too long, so it was given up. Is it really a plan or a recipe?')),
          GIVE_UP_AFTER,
        );
      }),
    ]);
  } finally {
    clearTimeout(timer);
    worker.terminate();
  }
}
