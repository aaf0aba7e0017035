import { wrap } from 'comlink';
import { faultIfSilent } from '../ready';
import type { ReadingService } from './protocol';

/** What has not been read so long after the reader was there is given up, ms: the largest file that is taken needs a tenth of it. Source: measured. */
const GIVE_UP_AFTER = 5000;

/** What could not be read, and why. */
interface Refused {
  readonly kind: 'refused';
  readonly lines: readonly string[];
}

/** Reads a text, a link or a recipe in a worker of its own, so that whatever stands in it cannot hold up the page. */
export async function readApart<Kind extends keyof ReadingService>(
  kind: Kind,
  value: string,
): Promise<ReturnType<ReadingService[Kind]> | Refused> {
  const refused = (line: string): Refused => ({ kind: 'refused', lines: [line] });
  let timer: ReturnType<typeof setTimeout> | undefined;
  let giveUp: () => void;
  const worker = faultIfSilent(
    new Worker(new URL('./reading.worker.ts', import.meta.url), { type: 'module' }),
    () => (timer = setTimeout(giveUp, GIVE_UP_AFTER)),
  );
  try {
    return await Promise.race([
      wrap<ReadingService>(worker)[kind](value) as Promise<ReturnType<ReadingService[Kind]>>,
      new Promise<Refused>((resolve) => {
        worker.onerror = () => resolve(refused('Reading it failed. Reload the page and try again.'));
        giveUp = () =>
          resolve(refused('Reading this took too long, so it was given up. Is it really a plan or a recipe?'));
      }),
    ]);
  } finally {
    clearTimeout(timer);
    worker.terminate();
  }
}
