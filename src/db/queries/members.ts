import { change, find, get, list, type Runner } from '../query';

/** Someone who can sign in to a kitchen. */
export interface MemberRow {
  member_id: string;
  kitchen_id: string;
  name: string;
  role: 'owner' | 'cook';
  joined_at: Date;
  /** recovery codes that are still good */
  codes: number;
}

/** A passkey, with whom it signs in. */
export interface PasskeyRow {
  credential_id: string;
  kitchen_id: string;
  member_id: string;
  public_key: Buffer;
  counter: number;
  transports: string[];
  /** what its owner calls it */
  name: string;
}

/** A passkey as its owner sees it. */
export interface NamedPasskeyRow {
  passkey_id: string;
  member_id: string;
  name: string;
  created_at: Date;
  used_at: Date | null;
}

export async function listMembers(kitchenId: string, runner?: Runner): Promise<MemberRow[]> {
  return list<MemberRow>(
    `SELECT member_id, kitchen_id, name, role, joined_at,
       (SELECT count(*)::int FROM recovery_codes AS c WHERE c.member_id = members.member_id) AS codes
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

/** Gives a member another role; the last owner keeps theirs, then false is returned. */
export async function setRole(kitchenId: string, memberId: string, role: 'owner' | 'cook'): Promise<boolean> {
  const changed = await change(
    `UPDATE members SET role = $3 WHERE kitchen_id = $1 AND member_id = $2 AND (
       $3 = 'owner' OR role <> 'owner' OR EXISTS (
         SELECT FROM members AS other WHERE other.kitchen_id = $1 AND other.role = 'owner' AND other.member_id <> $2
       ))`,
    [kitchenId, memberId, role],
  );
  return changed === 1;
}

/** Passkeys to a kitchen, oldest first. */
export async function listPasskeys(kitchenId: string): Promise<NamedPasskeyRow[]> {
  return list<NamedPasskeyRow>(
    `SELECT passkey_id, member_id, name, created_at, used_at FROM passkeys WHERE kitchen_id = $1 ORDER BY created_at`,
    [kitchenId],
  );
}

/** Calls a passkey something else. @param memberId whose it must be; null for anyone's */
export async function renamePasskey(
  kitchenId: string,
  passkeyId: string,
  memberId: string | null,
  name: string,
): Promise<boolean> {
  const changed = await change(
    `UPDATE passkeys SET name = $4 WHERE kitchen_id = $1 AND passkey_id = $2 AND ($3::uuid IS NULL OR member_id = $3)`,
    [kitchenId, passkeyId, memberId, name],
  );
  return changed === 1;
}

/** Takes a passkey back; 'last' where no owner would have one. @param memberId whose it must be; null for anyone's */
export async function deletePasskey(
  kitchenId: string,
  passkeyId: string,
  memberId: string | null,
): Promise<'gone' | 'last' | 'none'> {
  const own = await find(
    'SELECT FROM passkeys WHERE kitchen_id = $1 AND passkey_id = $2 AND ($3::uuid IS NULL OR member_id = $3)',
    [kitchenId, passkeyId, memberId],
  );
  if (!own) return 'none';
  const changed = await change(
    `DELETE FROM passkeys WHERE kitchen_id = $1 AND passkey_id = $2 AND (
       EXISTS (SELECT FROM members AS m WHERE m.member_id = passkeys.member_id AND m.role = 'cook')
       OR EXISTS (
         SELECT FROM passkeys AS other JOIN members AS m USING (kitchen_id, member_id)
         WHERE other.kitchen_id = $1 AND other.passkey_id <> $2 AND m.role = 'owner'))`,
    [kitchenId, passkeyId],
  );
  return changed === 1 ? 'gone' : 'last';
}

export async function insertPasskey(
  key: Omit<PasskeyRow, 'counter'> & { counter: number },
  runner?: Runner,
): Promise<void> {
  await change(
    `INSERT INTO passkeys (credential_id, kitchen_id, member_id, public_key, counter, transports, name)
     VALUES ($1, $2, $3, $4, $5, $6, $7)`,
    [key.credential_id, key.kitchen_id, key.member_id, key.public_key, key.counter, key.transports, key.name],
    runner,
  );
}

export async function findPasskey(credentialId: string): Promise<PasskeyRow | null> {
  return find<PasskeyRow>(
    `SELECT credential_id, kitchen_id, member_id, public_key, counter::float8 AS counter, transports, name
     FROM passkeys WHERE credential_id = $1`,
    [credentialId],
  );
}

export async function countPasskeyUse(credentialId: string, counter: number): Promise<void> {
  await change('UPDATE passkeys SET counter = $2, used_at = clock_timestamp() WHERE credential_id = $1', [
    credentialId,
    counter,
  ]);
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

/** What a challenge is for: a sign-in, or the passkey of whoever is in this session. */
export type ChallengeFor =
  { readonly purpose: 'sign-in' } | { readonly purpose: 'registration'; readonly sessionId: string };

const sessionOf = (asked: ChallengeFor) => (asked.purpose === 'registration' ? asked.sessionId : null);

/** Keeps a challenge until it is answered; those that ran out go. @param goodFor s */
export async function insertChallenge(challenge: string, asked: ChallengeFor, goodFor: number): Promise<void> {
  await change('DELETE FROM passkey_challenges WHERE expires_at < clock_timestamp()', []);
  await change(
    `INSERT INTO passkey_challenges (challenge, purpose, session_id, expires_at)
     VALUES ($1, $2, $3, clock_timestamp() + make_interval(secs => $4))`,
    [challenge, asked.purpose, sessionOf(asked), goodFor],
  );
}

/** Uses a challenge up; false where it was never given for this, was used or has run out. */
export async function spendChallenge(challenge: string, asked: ChallengeFor): Promise<boolean> {
  const changed = await change(
    `DELETE FROM passkey_challenges WHERE challenge = $1 AND purpose = $2 AND session_id IS NOT DISTINCT FROM $3
       AND expires_at > clock_timestamp()`,
    [challenge, asked.purpose, sessionOf(asked)],
  );
  return changed === 1;
}
