import { change, find, get, list, type Runner } from '../query';

/** Someone who can sign in to a kitchen. */
export interface MemberRow {
  member_id: string;
  kitchen_id: string;
  name: string;
  role: 'owner' | 'cook';
  joined_at: Date;
  passkeys: number;
}

/** A passkey, with whom it signs in. */
export interface PasskeyRow {
  credential_id: string;
  kitchen_id: string;
  member_id: string;
  public_key: Buffer;
  counter: number;
  transports: string[];
}

export async function listMembers(kitchenId: string, runner?: Runner): Promise<MemberRow[]> {
  return list<MemberRow>(
    `SELECT member_id, kitchen_id, name, role, joined_at,
       (SELECT count(*)::int FROM passkeys WHERE passkeys.member_id = members.member_id) AS passkeys
     FROM members WHERE kitchen_id = $1 ORDER BY joined_at`,
    [kitchenId],
    runner,
  );
}

export async function insertMember(
  kitchenId: string,
  name: string,
  role: 'owner' | 'cook',
  runner?: Runner,
): Promise<string> {
  const row = await get<{ member_id: string }>(
    'INSERT INTO members (kitchen_id, name, role) VALUES ($1, $2, $3) RETURNING member_id',
    [kitchenId, name, role],
    runner,
  );
  return row.member_id;
}

/** Removes a member with passkeys and sessions; the last owner stays, then false is returned. */
export async function deleteMember(kitchenId: string, memberId: string): Promise<boolean> {
  const changed = await change(
    `DELETE FROM members WHERE kitchen_id = $1 AND member_id = $2 AND (
       role <> 'owner' OR EXISTS (
         SELECT FROM members AS other WHERE other.kitchen_id = $1 AND other.role = 'owner' AND other.member_id <> $2
       ))`,
    [kitchenId, memberId],
  );
  return changed === 1;
}

export async function insertPasskey(
  key: Omit<PasskeyRow, 'counter'> & { counter: number },
  runner?: Runner,
): Promise<void> {
  await change(
    `INSERT INTO passkeys (credential_id, kitchen_id, member_id, public_key, counter, transports)
     VALUES ($1, $2, $3, $4, $5, $6)`,
    [key.credential_id, key.kitchen_id, key.member_id, key.public_key, key.counter, key.transports],
    runner,
  );
}

export async function findPasskey(credentialId: string): Promise<PasskeyRow | null> {
  return find<PasskeyRow>(
    `SELECT credential_id, kitchen_id, member_id, public_key, counter::float8 AS counter, transports
     FROM passkeys WHERE credential_id = $1`,
    [credentialId],
  );
}

export async function countPasskeyUse(credentialId: string, counter: number): Promise<void> {
  await change('UPDATE passkeys SET counter = $2 WHERE credential_id = $1', [credentialId, counter]);
}

/** Keeps codes by their hash; those of before are no longer good. */
export async function replaceRecoveryCodes(
  kitchenId: string,
  memberId: string,
  hashes: readonly Buffer[],
  runner?: Runner,
): Promise<void> {
  await change('DELETE FROM recovery_codes WHERE kitchen_id = $1 AND member_id = $2', [kitchenId, memberId], runner);
  await change(
    'INSERT INTO recovery_codes (code_hash, kitchen_id, member_id) SELECT hash, $1, $2 FROM unnest($3::bytea[]) AS hash',
    [kitchenId, memberId, hashes],
    runner,
  );
}

/** Uses a code up and says whose it was; null where it is not good. */
export async function spendRecoveryCode(hash: Buffer): Promise<{ kitchen_id: string; member_id: string } | null> {
  return find<{ kitchen_id: string; member_id: string }>(
    'DELETE FROM recovery_codes WHERE code_hash = $1 RETURNING kitchen_id, member_id',
    [hash],
  );
}

/** Keeps a challenge until it is answered; those that ran out go. @param goodFor s */
export async function insertChallenge(challenge: string, goodFor: number): Promise<void> {
  await change('DELETE FROM passkey_challenges WHERE expires_at < clock_timestamp()', []);
  await change(
    `INSERT INTO passkey_challenges (challenge, expires_at) VALUES ($1, clock_timestamp() + make_interval(secs => $2))`,
    [challenge, goodFor],
  );
}

/** Uses a challenge up; false where it was never given, was used or has run out. */
export async function spendChallenge(challenge: string): Promise<boolean> {
  const changed = await change(
    'DELETE FROM passkey_challenges WHERE challenge = $1 AND expires_at > clock_timestamp()',
    [challenge],
  );
  return changed === 1;
}
