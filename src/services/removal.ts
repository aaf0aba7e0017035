import { setKitchenRemoved } from '@/db/queries/archive';
import { insertAudit } from '@/db/queries/audit';
import { findKitchen } from '@/db/queries/kitchens';
import { fail, type Result, succeed, withKitchen } from './result';

/** Asks for a kitchen to be removed within a day, its name typed as a word; the demo kitchen stays. */
export function removeKitchen(kitchenId: string, word: string, by: string): Promise<Result<null>> {
  return withKitchen(kitchenId, async () => {
    const kitchen = await findKitchen(kitchenId);
    if (!kitchen || kitchen.name !== word || !(await setKitchenRemoved(kitchenId, true)))
      return fail({ code: 'not-allowed' });
    await insertAudit(kitchenId, 'removed', by);
    return succeed(null);
  });
}

/** Takes a removal back. */
export function keepKitchen(kitchenId: string, by: string): Promise<Result<null>> {
  return withKitchen(kitchenId, async () => {
    if (!(await setKitchenRemoved(kitchenId, false))) return fail({ code: 'not-found' });
    await insertAudit(kitchenId, 'kept', by);
    return succeed(null);
  });
}
