import { change, find, list, type Runner } from '../query';

/** A device that is in a kitchen, or follows one of its runs. */
export interface SessionRow {
  session_id: string;
  kitchen_id: string;
  member_id: string | null;
  member_name: string | null;
  /** of its member, or of the session itself where it belongs to none */
  role: 'owner' | 'cook';
  /** the only batch it may see; null for the whole kitchen */
  batch_id: string | null;
  /** whether the kitchen has a member at all */
  claimed: boolean;
  is_demo: boolean;
  device: string;
  created_at: Date;
  seen_at: Date;
}

const SELECT = `SELECT s.session_id, s.kitchen_id, s.member_id, m.name AS member_name, COALESCE(m.role, s.role) AS role, s.batch_id,
    EXISTS (SELECT FROM members AS any_member WHERE any_member.kitchen_id = s.kitchen_id) AS claimed,
    k.is_demo, s.device, s.created_at, s.seen_at
  FROM sessions AS s JOIN kitchens AS k USING (kitchen_id) LEFT JOIN members AS m USING (kitchen_id, member_id)`;

/** The session of a token that has not run out, or null. */
export async function findSession(tokenHash: Buffer): Promise<SessionRow | null> {
  return find<SessionRow>(`${SELECT} WHERE s.token_hash = $1 AND s.expires_at > clock_timestamp()`, [tokenHash]);
}

/** Devices that are in a kitchen now, newest first; at most 200. */
export async function listSessions(kitchenId: string): Promise<SessionRow[]> {
  return list<SessionRow>(
    `${SELECT} WHERE s.kitchen_id = $1 AND s.expires_at > clock_timestamp() ORDER BY s.seen_at DESC LIMIT 200`,
    [kitchenId],
  );
}

/** Opens a session. @param goodFor s */
export async function insertSession(
  session: {
    tokenHash: Buffer;
    kitchenId: string;
    memberId: string | null;
    batchId: string | null;
    role: 'owner' | 'cook';
    device: string;
  },
  goodFor: number,
  runner?: Runner,
): Promise<void> {
  await change(
    `INSERT INTO sessions (token_hash, kitchen_id, member_id, batch_id, role, device, expires_at)
     VALUES ($1, $2, $3, $4, $5, $6, clock_timestamp() + make_interval(secs => $7))`,
    [session.tokenHash, session.kitchenId, session.memberId, session.batchId, session.role, session.device, goodFor],
    runner,
  );
}

/** Whether a session is still good. */
export async function isSessionGood(sessionId: string): Promise<boolean> {
  return (
    (await find('SELECT FROM sessions WHERE session_id = $1 AND expires_at > clock_timestamp()', [sessionId])) !== null
  );
}

/** Gives a session another token, and its full time again; false where it is gone. @param goodFor s */
export async function renewSession(sessionId: string, tokenHash: Buffer, goodFor: number): Promise<boolean> {
  const changed = await change(
    `UPDATE sessions SET token_hash = $2, seen_at = clock_timestamp(),
       expires_at = clock_timestamp() + make_interval(secs => $3) WHERE session_id = $1`,
    [sessionId, tokenHash, goodFor],
  );
  return changed === 1;
}

/** Notes that a session was used; at most once an hour. */
export async function touchSession(sessionId: string): Promise<void> {
  await change(
    `UPDATE sessions SET seen_at = clock_timestamp()
     WHERE session_id = $1 AND seen_at < clock_timestamp() - interval '1 hour'`,
    [sessionId],
  );
}

/** Makes a session that of a member. */
export async function claimSession(sessionId: string, memberId: string, runner?: Runner): Promise<void> {
  await change('UPDATE sessions SET member_id = $2 WHERE session_id = $1', [sessionId, memberId], runner);
}

/** Ends a session of a kitchen; false where there is none. */
export async function deleteSession(kitchenId: string, sessionId: string): Promise<boolean> {
  return (await change('DELETE FROM sessions WHERE kitchen_id = $1 AND session_id = $2', [kitchenId, sessionId])) === 1;
}

/** Forgets sessions that have run out. */
export async function forgetSessions(): Promise<void> {
  await change('DELETE FROM sessions WHERE expires_at < clock_timestamp()', []);
}
