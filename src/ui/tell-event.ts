import { type BatchEventKind, eventOfKind, type Told } from '../core/run/batch-event';
import { newId } from './new-id';
import { send, type Sent } from './send';

/** Tells the server of something that happened to a batch, now, from outside its own page. */
export function tellEvent<Kind extends BatchEventKind>(
  batchId: string,
  kind: Kind,
  ...told: Told<Kind>
): Promise<Sent> {
  const event = eventOfKind(kind, { id: newId(), happenedAt: Date.now() }, ...told);
  return send('POST', `/api/batches/${batchId}/events`, { events: [event] });
}
