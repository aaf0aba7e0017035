import { v5 } from 'uuid';
import type { z } from 'zod';
import { insertBatch, insertBatchEvents } from '@/db/queries/batches';
import { setLeftOut } from '@/db/queries/evidence';
import { upsertOutcome } from '@/db/queries/outcomes';
import { transact } from '@/db/query';
import type { BatchForecast } from '@/schemas/batch';
import type { bringNotesSchema, OldNote } from '@/schemas/old-note';
import { writePlanFile } from '@/schemas/write-plan';
import { EVENT_VERSION } from '@/schemas/batch-event';
import { fail, type Result, succeed, withKitchen } from './result';

/** Nothing was forecast then. */
const NO_FORECAST: BatchForecast = {
  done_min: null,
  done_p10_min: null,
  done_p90_min: null,
  window: null,
  first_check_min: null,
};

/** The id of a note: the same for the same note, so that bringing it twice does not double it. */
function idOf(kitchenId: string, { document, ...said }: OldNote): string {
  return v5(JSON.stringify([document.food, document.cut, document.mass_g, said]), kitchenId);
}

/** Brings old notes into the log as batches that were loaded and pulled on their day; those that are there already are left as they are. */
export function bringNotes(
  kitchenId: string,
  { notes, learn }: z.output<typeof bringNotesSchema>,
): Promise<Result<{ added: number }>> {
  if (notes.some(({ begunAt }) => begunAt > Date.now())) return Promise.resolve(fail({ code: 'unstorable' }));
  return withKitchen(kitchenId, () =>
    transact(async (client) => {
      let added = 0;
      for (const note of notes) {
        const batchId = idOf(kitchenId, note);
        const { document, fryerName, begunAt, pulledMin, outcome } = note;
        const begun = new Date(begunAt);
        const isNew = await insertBatch(
          kitchenId,
          { batchId, fryerName, document: writePlanFile(document), forecast: NO_FORECAST, begunAt: begun },
          client,
        );
        if (!isNew) continue;
        added++;
        const event = (kind: string, happenedAt: Date) => ({
          id: v5(kind, batchId),
          kind,
          version: EVENT_VERSION,
          detail: {},
          happenedAt,
        });
        const pulled = new Date(begunAt + pulledMin * 60_000);
        await insertBatchEvents(kitchenId, batchId, 0, [event('loaded', begun), event('done', pulled)], client);
        const { next, ...came } = outcome;
        await upsertOutcome(kitchenId, batchId, { ...came, next_time: next, fingerprint: [outcome.browning] }, client);
        if (!learn) await setLeftOut(kitchenId, batchId, true, client);
      }
      return succeed({ added });
    }),
  );
}
