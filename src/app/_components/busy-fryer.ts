import { z } from 'zod';

/** The batch that cooks in the fryer already. */
const busySchema = z.object({
  code: z.literal('fryer-busy'),
  batchId: z.uuid(),
  name: z.string(),
  loadedAt: z.number(),
});

/** @see busySchema */
export type Busy = z.infer<typeof busySchema>;

/** Reads a refusal to begin; null where it was refused for something else. */
export function readBusy(answer: unknown): Busy | null {
  return busySchema.safeParse(answer).data ?? null;
}
