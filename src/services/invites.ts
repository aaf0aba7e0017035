import { createHash, randomBytes } from 'node:crypto';
import { insertAudit } from '@/db/queries/audit';
import { findBatch } from '@/db/queries/batches';
import { findInvite, forgetInvites, insertInvite, spendInvite } from '@/db/queries/invites';
import { deleteMember, setRole } from '@/db/queries/members';
import { inKitchen } from '@/db/query';
import { forgetKnownSessions } from './sessions';
import { fail, type Result, succeed, withDatabase, withKitchen } from './result';

/** How long an invitation to a run, and to a kitchen, is good, s. */
const GOOD_FOR = { run: 600, kitchen: 24 * 3600 } as const;

/** Where an invitation leads: to one run, or to the kitchen where `batchId` is null. */
export interface Invitation {
  readonly kitchenId: string;
  readonly kitchenName: string;
  readonly batchId: string | null;
}

function hashOf(token: string): Buffer {
  return createHash('sha256').update(token).digest();
}

async function makeInvite(kitchenId: string, batchId: string | null, role: 'owner' | 'cook'): Promise<string> {
  const token = randomBytes(24).toString('base64url');
  await forgetInvites();
  await insertInvite(kitchenId, batchId, role, hashOf(token), GOOD_FOR[batchId === null ? 'kitchen' : 'run']);
  return token;
}

/** A token by which one other device may follow this batch, once, within ten minutes: this run and no more. */
export function inviteDevice(kitchenId: string, batchId: string): Promise<Result<{ token: string }>> {
  return withKitchen(kitchenId, async () => {
    if (!(await findBatch(kitchenId, batchId))) return fail({ code: 'not-found' });
    return succeed({ token: await makeInvite(kitchenId, batchId, 'cook') });
  });
}

/**
 * A token by which one other person may come into this kitchen, once, within a day, with the role it carries. A kitchen to which
 * nobody has a passkey invites no owner: there would be no telling the two apart.
 */
export function inviteCook(
  kitchenId: string,
  role: 'owner' | 'cook' = 'cook',
  claimed = true,
): Promise<Result<{ token: string }>> {
  if (role === 'owner' && !claimed) return Promise.resolve(fail({ code: 'no-passkey' }));
  return withKitchen(kitchenId, async () => succeed({ token: await makeInvite(kitchenId, null, role) }));
}

/** Where a token leads; nothing is used up. */
export function peekInvite(token: string): Promise<Result<Invitation>> {
  return withDatabase(async () => {
    const invite = await findInvite(hashOf(token));
    if (!invite) return fail({ code: 'not-found' });
    return succeed({ kitchenId: invite.kitchen_id, kitchenName: invite.kitchen_name, batchId: invite.batch_id });
  });
}

/** Uses a token up and says where it leads. */
export function acceptInvite(
  token: string,
  device: string,
): Promise<Result<{ kitchenId: string; batchId: string | null; role: 'owner' | 'cook' }>> {
  return withDatabase(async () => {
    const invite = await spendInvite(hashOf(token));
    if (!invite) return fail({ code: 'not-found' });
    await inKitchen(invite.kitchen_id, () =>
      insertAudit(invite.kitchen_id, invite.batch_id ? 'run-lent' : 'joined', device),
    );
    return succeed({ kitchenId: invite.kitchen_id, batchId: invite.batch_id, role: invite.role });
  });
}

/** Takes a member out of the kitchen, with passkeys and devices; the last owner stays. */
export function removeMember(kitchenId: string, memberId: string, by: string): Promise<Result<null>> {
  return withKitchen(kitchenId, async () => {
    const removed = await deleteMember(kitchenId, memberId);
    forgetKnownSessions();
    if (!removed) return fail({ code: 'last-owner' });
    await insertAudit(kitchenId, 'member-removed', by);
    return succeed(null);
  });
}

/** Makes a member an owner, or a cook again; the last owner stays one. */
export function chooseRole(
  kitchenId: string,
  memberId: string,
  role: 'owner' | 'cook',
  by: string,
): Promise<Result<null>> {
  return withKitchen(kitchenId, async () => {
    const changed = await setRole(kitchenId, memberId, role);
    forgetKnownSessions();
    if (!changed) return fail({ code: 'last-owner' });
    await insertAudit(kitchenId, 'role-changed', by);
    return succeed(null);
  });
}
