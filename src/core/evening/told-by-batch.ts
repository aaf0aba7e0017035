import type { BatchEvent } from '../run/batch-event';
import { FILLING } from './fried-ways';

/** The load of an evening that a batch is, and in which fryers its dish is made. */
export interface LoadOfEvening {
  readonly step: string;
  readonly fryers: string;
}

/** What a batch tells its evening, in the evening's own kinds. */
export type ToldByBatch =
  | {
      readonly id: string;
      readonly kind: 'begun';
      readonly happenedAt: number;
      readonly detail: { readonly step: string; readonly fryers: string; readonly batch: string };
    }
  | {
      readonly id: string;
      readonly kind: 'done' | 'taken-back';
      readonly happenedAt: number;
      readonly detail: { readonly step: string };
    };

/**
 * What a batch's newest events say to the evening that it is a load of: loaded is begun, by the time of filling earlier; pulled is
 * done; what is undone of either is taken back. They keep their ids, so that the same told twice stands once.
 * @param kindOf the kind of an event of the batch by its id, where it is known
 */
export function toldByBatch(
  batchId: string,
  { step, fryers }: LoadOfEvening,
  fresh: readonly BatchEvent[],
  kindOf: (id: string) => BatchEvent['kind'] | undefined,
): ToldByBatch[] {
  return fresh.flatMap((event): ToldByBatch[] => {
    const { id, happenedAt } = event;
    if (event.kind === 'loaded') {
      const begun = happenedAt - FILLING * 1000;
      return [{ id, kind: 'begun', happenedAt: begun, detail: { step, fryers, batch: batchId } }];
    }
    if (event.kind === 'done') return [{ id, kind: 'done', happenedAt, detail: { step } }];
    if (event.kind !== 'undone') return [];
    const undone = kindOf(event.detail.event);
    return undone === 'loaded' || undone === 'done' ? [{ id, kind: 'taken-back', happenedAt, detail: { step } }] : [];
  });
}
