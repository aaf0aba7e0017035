import { randomUUID } from 'node:crypto';
import { eventOfKind } from '@/core/run/batch-event';
import { deriveRun } from '@/core/run/run-state';
import { findDemoKitchen } from '@/db/queries/kitchens';
import { withFryer } from '@/editing/edit-plan';
import { withKnowledge, withoutKnowledge } from '@/editing/with-knowledge';
import { planFromFile } from '@/schemas/plan-from-file';
import { appendEvents, beginBatch, loadLog } from '../batches';
import { loadFryers } from '../kitchen';
import { loadLearning } from '../learning';
import { loadPlans } from '../plans';
import { succeed, withDatabase } from '../result';
import { liveThrough } from './live-through';

/** What the run is called, so that the app knows its own again. */
const NAME = 'Sweet potato sticks, just in';

/** min that its stages are longer than planned for the other fryer. Source: chosen. */
const LONGER = 20;

/** How long it has been in the fryer when the demo opens, ms. Source: chosen; what is due next is then soon. */
const IN_FRYER = 5 * 60_000;

/** A run this old is no longer shown as under way, ms. Source: chosen. */
const OVER = 40 * 60_000;

/** Puts a batch into the demo kitchen's other fryer that is in the middle of its cook; the one of an earlier start is put away. */
export async function beginDemoRun(now: Date): Promise<void> {
  const kitchen = await withDatabase(async () => succeed(await findDemoKitchen()));
  if (!kitchen.ok || !kitchen.value) return;
  const { kitchen_id: kitchenId } = kitchen.value;
  const [log, saved] = [await loadLog(kitchenId), await loadPlans(kitchenId)];
  if (!log.ok || !saved.ok) return;
  for (const batch of log.value.batches) {
    const run = deriveRun(batch.events);
    if (batch.document.name !== NAME || run.phase !== 'cooking' || run.putAway) continue;
    if (now.getTime() - run.loadedAt! < OVER) return;
    const away = eventOfKind('put-away', { id: randomUUID(), happenedAt: now.getTime() });
    await appendEvents(kitchenId, batch.id, [away]);
  }
  const plan = saved.value.plans.find(({ document }) => document.food === 'sweet-potato') ?? saved.value.plans[0];
  if (!plan) return;
  /* the last fryer, so that the first stays free for those who try the bench */
  const fryer = (await loadFryers(kitchenId)).at(-1)!;
  const { knowledge } = await loadLearning(kitchenId);
  const moved = withFryer(plan.document, fryer);
  /* the small fryer runs cool: stages that end in time in the other would not here */
  const stages = moved.cook.stages.map((stage) => ({ ...stage, minutes: stage.minutes + LONGER }));
  const planned = { ...moved, name: NAME, cook: { ...moved.cook, stages } };
  const document = withKnowledge(planned, fryer.name, knowledge, now);
  const { forecast } = liveThrough(planFromFile(withoutKnowledge(document)), planFromFile(document), 'small', 1, '');
  const batchId = randomUUID();
  const begun = await beginBatch(kitchenId, { batchId, fryerName: fryer.name, document, forecast, beside: true });
  if (!begun.ok) return;
  const loaded = eventOfKind('loaded', { id: randomUUID(), happenedAt: now.getTime() - IN_FRYER });
  await appendEvents(kitchenId, batchId, [loaded]);
}
