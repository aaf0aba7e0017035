import { change, find } from '../query';

/** Where an invitation leads; without a batch it is to the kitchen. */
export interface InviteRow {
  kitchen_id: string;
  kitchen_name: string;
  batch_id: string | null;
  role: 'owner' | 'cook';
}

/** Stores an invitation by the hash of its token, good for `seconds`. */
export async function insertInvite(
  kitchenId: string,
  batchId: string | null,
  role: 'owner' | 'cook',
  tokenHash: Buffer,
  seconds: number,
): Promise<void> {
  await change(
    `INSERT INTO device_invites (token_hash, kitchen_id, batch_id, role, expires_at)
     VALUES ($1, $2, $3, $4, now() + make_interval(secs => $5))`,
    [tokenHash, kitchenId, batchId, role, seconds],
  );
}

/** An invitation that is still good, or null. */
export async function findInvite(tokenHash: Buffer): Promise<InviteRow | null> {
  return find<InviteRow>(
    `SELECT i.kitchen_id, k.name AS kitchen_name, i.batch_id, i.role FROM device_invites AS i JOIN kitchens AS k USING (kitchen_id)
     WHERE i.token_hash = $1 AND i.used_at IS NULL AND i.expires_at > now()`,
    [tokenHash],
  );
}

/** Uses an invitation up; null when there is none, it has expired, or was used before. */
export async function spendInvite(tokenHash: Buffer): Promise<Omit<InviteRow, 'kitchen_name'> | null> {
  return find<Omit<InviteRow, 'kitchen_name'>>(
    `UPDATE device_invites SET used_at = now()
     WHERE token_hash = $1 AND used_at IS NULL AND expires_at > now() RETURNING kitchen_id, batch_id, role`,
    [tokenHash],
  );
}

/** Forgets invitations that have run out. */
export async function forgetInvites(): Promise<void> {
  await change(`DELETE FROM device_invites WHERE expires_at < now() - interval '1 hour'`, []);
}
