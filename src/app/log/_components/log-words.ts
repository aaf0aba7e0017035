import { deriveRun } from '@/core/run/run-state';
import type { Batch } from '@/schemas/batch';
import { wholeMinutes } from '@/ui/words/format';
import { BITE_WORDS, EVENNESS_WORDS, FAULT_WORDS } from '@/ui/words/labels';

/** Nearer to the forecast than this is on time, s. Source: assumed; a cook turns round within a minute. */
const ON_TIME = 60;

/** What came of a batch, in one phrase. */
export function outcomePhrase({ outcome, events }: Batch): string {
  if (outcome) {
    const faults = outcome.faults.map((fault) => FAULT_WORDS[fault].toLowerCase());
    return [
      BITE_WORDS[outcome.crispness],
      ...(outcome.heart === 'hard' ? ['hard inside'] : []),
      EVENNESS_WORDS[outcome.evenness].toLowerCase(),
      ...faults,
    ].join(', ');
  }
  const { phase, putAway } = deriveRun(events);
  if (putAway) return 'Put away';
  return phase === 'done' ? 'Outcome not said yet' : phase === 'cooking' ? 'In the fryer' : 'In preparation';
}

/** s from loading to pulling, or null. */
export function pulledAfter(batch: Batch): number | null {
  const run = deriveRun(batch.events);
  return run.loadedAt !== null && run.doneAt !== null ? (run.doneAt - run.loadedAt) / 1000 : null;
}

/** How the pull lay to the forecast, in words; null where one of them is missing. */
export function againstForecast(pulled: number | null, doneMin: number | null): string | null {
  if (pulled === null || doneMin === null) return null;
  const late = pulled - doneMin * 60;
  if (Math.abs(late) < ON_TIME) return 'on time';
  return `${wholeMinutes(Math.abs(late))} min ${late > 0 ? 'late' : 'early'}`;
}
