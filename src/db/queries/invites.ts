import { change, find } from '../query';

/** Stores an invitation by the hash of its token, good for `seconds`. */
export async function insertInvite(
  kitchenId: string,
  batchId: string,
  tokenHash: Buffer,
  seconds: number,
): Promise<void> {
  await change(
    `INSERT INTO device_invites (token_hash, kitchen_id, batch_id, expires_at)
     VALUES ($1, $2, $3, now() + make_interval(secs => $4))`,
    [tokenHash, kitchenId, batchId, seconds],
  );
}

/** Uses an invitation up; null when there is none, it has expired, or was used before. */
export async function spendInvite(tokenHash: Buffer): Promise<{ kitchen_id: string; batch_id: string } | null> {
  return find<{ kitchen_id: string; batch_id: string }>(
    `UPDATE device_invites SET used_at = now()
     WHERE token_hash = $1 AND used_at IS NULL AND expires_at > now() RETURNING kitchen_id, batch_id`,
    [tokenHash],
  );
}
