import { createHash, randomBytes } from 'node:crypto';
import { removeForgottenKitchens } from '@/db/queries/archive';
import { insertAudit, listAudit } from '@/db/queries/audit';
import { listMembers, listPasskeys, type NamedPasskeyRow } from '@/db/queries/members';
import {
  deleteSession,
  findSession,
  forgetSessions,
  insertSession,
  isSessionGood,
  listSessions,
  renewSession,
  type SessionRow,
  touchSession,
} from '@/db/queries/sessions';
import type { Access, Audited, Passkey, Session } from '@/schemas/access';
import { fail, type Result, succeed, withDatabase, withKitchen } from './result';

/** How long a device stays in a kitchen without coming back, and with a run that was lent to it, s. */
export const SESSION_AGE = 365 * 24 * 3600;
const LENT_FOR = 24 * 3600;

/** A token is exchanged for another after this long, s. Source: chosen, a week. */
const RENEW_AFTER = 7 * 24 * 3600;

/** A session is looked up anew after this long, ms: a device that another process took out is out by then. */
const KNOWN_FOR = 1000;
const MOST_KNOWN = 2000;

/** How long ago a session was used is noted to the hour, ms. */
const TOUCH_AFTER = 3_600_000;

const known = new Map<string, { readonly session: Session; readonly until: number }>();

/** Looks everyone up anew: something about who may come in was changed. */
export function forgetKnownSessions(): void {
  known.clear();
}

function hashOf(token: string): Buffer {
  return createHash('sha256').update(token).digest();
}

function sessionOf(row: SessionRow): Session {
  /* the demo kitchen is everybody's and nobody's */
  const role = row.batch_id ? 'follower' : row.is_demo ? 'cook' : row.role;
  return {
    id: row.session_id,
    kitchenId: row.kitchen_id,
    memberId: row.member_id,
    memberName: row.member_name,
    role,
    batchId: row.batch_id,
    claimed: row.claimed,
    isDemo: row.is_demo,
    device: row.device,
    seenAt: row.seen_at.getTime(),
    createdAt: row.created_at.getTime(),
  };
}

/** The session of a cookie's token. */
export function readSession(token: string): Promise<Result<Session>> {
  return withDatabase(async () => {
    const hash = hashOf(token);
    const key = hash.toString('base64');
    const kept = known.get(key);
    if (kept && kept.until > Date.now()) return succeed(kept.session);
    const row = await findSession(hash);
    if (!row) return fail({ code: 'not-found' });
    if (Date.now() - row.seen_at.getTime() > TOUCH_AFTER) await touchSession(row.session_id);
    const session = sessionOf(row);
    if (known.size >= MOST_KNOWN) known.clear();
    known.set(key, { session, until: Date.now() + KNOWN_FOR });
    return succeed(session);
  });
}

/** Opens a session and returns the token for its cookie. */
export function openSession(session: {
  kitchenId: string;
  memberId?: string;
  batchId?: string;
  /** what it may do where it belongs to no member; a cook unless given */
  role?: 'owner' | 'cook';
  device: string;
}): Promise<Result<string>> {
  return withDatabase(async () => {
    const token = randomBytes(32).toString('base64url');
    const { kitchenId, memberId = null, batchId = null, role = 'cook', device } = session;
    await insertSession(
      { tokenHash: hashOf(token), kitchenId, memberId, batchId, role, device: device.slice(0, 120) },
      batchId === null ? SESSION_AGE : LENT_FOR,
    );
    return succeed(token);
  });
}

/** Whether a session is still good, by the database itself. Where that is away it is taken to be: nothing is told then. */
export async function isGood(sessionId: string): Promise<boolean> {
  const good = await withDatabase(async () => succeed(await isSessionGood(sessionId)));
  return !good.ok || good.value;
}

/** Forgets sessions that have run out, and kitchens that nobody can come back to. */
export function tidyUp(): Promise<Result<null>> {
  return withDatabase(async () => {
    await forgetSessions();
    await removeForgottenKitchens();
    return succeed(null);
  });
}

/** Whether a session's token has been about for so long that it is exchanged. */
export function isDueForRenewal(session: Session, now = Date.now()): boolean {
  return session.batchId === null && (now - session.createdAt) / 1000 > RENEW_AFTER;
}

/** Exchanges the token of a session for another. */
export function exchangeToken(session: Session): Promise<Result<string>> {
  return withDatabase(async () => {
    const token = randomBytes(32).toString('base64url');
    forgetKnownSessions();
    return (await renewSession(session.id, hashOf(token), SESSION_AGE)) ? succeed(token) : fail({ code: 'not-found' });
  });
}

/** Ends a session of this kitchen, on whatever device it is. */
export function endSession(kitchenId: string, sessionId: string, what: Audited, who: string): Promise<Result<null>> {
  return withKitchen(kitchenId, async () => {
    const ended = await deleteSession(kitchenId, sessionId);
    forgetKnownSessions();
    if (!ended) return fail({ code: 'not-found' });
    await insertAudit(kitchenId, what, who);
    return succeed(null);
  });
}

function passkeyOf({ passkey_id: id, name, created_at, used_at }: NamedPasskeyRow): Passkey {
  return { id, name, madeAt: created_at.getTime(), usedAt: used_at?.getTime() ?? null };
}

/** Everything about who may come in. */
export function loadAccess(kitchenId: string): Promise<Result<Access>> {
  return withKitchen(kitchenId, async () => {
    const [members, passkeys, devices, audit] = await Promise.all([
      listMembers(kitchenId),
      listPasskeys(kitchenId),
      listSessions(kitchenId),
      listAudit(kitchenId),
    ]);
    return succeed({
      members: members.map(({ member_id: id, name, role, codes }) => ({
        id,
        name,
        role,
        codes,
        passkeys: passkeys.filter(({ member_id }) => member_id === id).map(passkeyOf),
      })),
      devices: devices.map(sessionOf),
      audit: audit.map(({ what, who, at }) => ({ what, who, at: at.getTime() })),
    });
  });
}
