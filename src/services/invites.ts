import { createHash, randomBytes } from 'node:crypto';
import { findBatch } from '@/db/queries/batches';
import { insertInvite, spendInvite } from '@/db/queries/invites';
import { fail, type Result, succeed, withDatabase } from './result';

/** How long an invitation is good, s. */
const GOOD_FOR = 600;

function hashOf(token: string): Buffer {
  return createHash('sha256').update(token).digest();
}

/** A token by which one other device may join this batch, once, within ten minutes. */
export function inviteDevice(kitchenId: string, batchId: string): Promise<Result<string>> {
  return withDatabase(async () => {
    if (!(await findBatch(kitchenId, batchId))) return fail({ code: 'not-found' });
    const token = randomBytes(24).toString('base64url');
    await insertInvite(kitchenId, batchId, hashOf(token), GOOD_FOR);
    return succeed(token);
  });
}

/** Uses a token up and says where it leads. */
export function acceptInvite(token: string): Promise<Result<{ kitchenId: string; batchId: string }>> {
  return withDatabase(async () => {
    const invite = await spendInvite(hashOf(token));
    return invite ? succeed({ kitchenId: invite.kitchen_id, batchId: invite.batch_id }) : fail({ code: 'not-found' });
  });
}
