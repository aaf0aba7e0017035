import { randomUUID } from 'node:crypto';
import { closeDatabase } from '@/db/pool';
import { insertChallenge, spendChallenge } from '@/db/queries/members';
import { inKitchen } from '@/db/query';
import type { Session } from '@/schemas/access';
import { acceptInvite, chooseRole, inviteCook, removeMember } from '@/services/invites';
import { createKitchen, loadKitchen } from '@/services/kitchen';
import { namePasskey, recover, renewCodes, takePasskeyBack } from '@/services/passkeys';
import { endSession, loadAccess, openSession, readSession, tidyUp } from '@/services/sessions';
import { watchSession } from '@/services/watch-session';
import { closeOwnerDatabase, ownerDatabase } from '../support/owner-database';
import { value } from '../support/value';

afterAll(() => Promise.all([closeDatabase(), closeOwnerDatabase()]));

async function sessionIn(kitchenId: string, more: { role?: 'owner' | 'cook'; memberId?: string } = {}) {
  const token = await value(openSession({ kitchenId, device: 'a phone', ...more }));
  return value(readSession(token));
}

/** A member with a passkey, behind the app's back: only a browser can make a true one. */
async function memberOf(kitchenId: string, name: string, role: 'owner' | 'cook'): Promise<Session> {
  const { rows } = await ownerDatabase().query<{ member_id: string }>(
    'INSERT INTO members (kitchen_id, name, role) VALUES ($1, $2, $3) RETURNING member_id',
    [kitchenId, name, role],
  );
  const memberId = rows[0]!.member_id;
  await addPasskey(kitchenId, memberId, 'a laptop');
  return sessionIn(kitchenId, { memberId });
}

function addPasskey(kitchenId: string, memberId: string, name: string) {
  return ownerDatabase().query(
    `INSERT INTO passkeys (credential_id, kitchen_id, member_id, public_key, name) VALUES ($1, $2, $3, '\\x00', $4)`,
    [randomUUID(), kitchenId, memberId, name],
  );
}

const membersOf = async (kitchenId: string) => (await value(loadAccess(kitchenId))).members;

test('a guest of a kitchen without passkeys is a cook, whoever adds the first passkey; the one who began it stays its owner', async () => {
  const { id } = await value(createKitchen());
  const host = await sessionIn(id, { role: 'owner' });
  const { token } = await value(inviteCook(id, 'cook', host.claimed));
  const joined = await value(acceptInvite(token, 'a guest'));
  expect(joined.role).toBe('cook');
  const guest = await sessionIn(id, { role: joined.role });
  expect([host.role, guest.role]).toEqual(['owner', 'cook']);
  expect(await inviteCook(id, 'owner', host.claimed)).toEqual({ ok: false, failure: { code: 'no-passkey' } });
  await memberOf(id, 'Guest', 'cook');
  expect((await sessionIn(id, { role: 'cook' })).role).toBe('cook');
  const { rows } = await ownerDatabase().query<{ role: string }>('SELECT role FROM sessions WHERE session_id = $1', [
    host.id,
  ]);
  expect(rows).toEqual([{ role: 'owner' }]);
});

test('an invitation carries the role of an owner where someone can sign in', async () => {
  const { id } = await value(createKitchen());
  await memberOf(id, 'Ada', 'owner');
  const { token } = await value(inviteCook(id, 'owner', true));
  expect((await value(acceptInvite(token, 'a phone'))).role).toBe('owner');
});

test('passkeys are listed, named and taken back: by an owner all, by others their own, and one stays for an owner', async () => {
  const { id } = await value(createKitchen());
  const [owner, cook] = [await memberOf(id, 'Ada', 'owner'), await memberOf(id, 'Bo', 'cook')];
  const [ofOwner, ofCook] = (await membersOf(id)).map(({ passkeys }) => passkeys[0]!.id);
  expect(await namePasskey(cook, ofOwner!, 'mine now')).toEqual({ ok: false, failure: { code: 'not-found' } });
  expect(await takePasskeyBack(cook, ofOwner!)).toEqual({ ok: false, failure: { code: 'not-found' } });
  await value(namePasskey(cook, ofCook!, 'the old phone'));
  expect((await membersOf(id))[1]!.passkeys.map(({ name }) => name)).toEqual(['the old phone']);
  await value(takePasskeyBack(owner, ofCook!));
  expect(await takePasskeyBack(owner, ofOwner!)).toEqual({ ok: false, failure: { code: 'last-passkey' } });
  await addPasskey(id, owner.memberId!, 'a new phone');
  await value(takePasskeyBack(owner, ofOwner!));
  expect((await membersOf(id)).map(({ passkeys }) => passkeys.map(({ name }) => name))).toEqual([['a new phone'], []]);
  const elsewhere = await value(createKitchen());
  const stranger = await memberOf(elsewhere.id, 'Cy', 'owner');
  const [own] = (await membersOf(id))[0]!.passkeys;
  expect(await takePasskeyBack(stranger, own!.id)).toEqual({ ok: false, failure: { code: 'not-found' } });
  const { audit } = await value(loadAccess(id));
  expect(audit.map(({ what }) => what)).toEqual(['passkey-removed', 'passkey-removed']);
});

test('new recovery codes end the old ones', async () => {
  const { id } = await value(createKitchen());
  const owner = await memberOf(id, 'Ada', 'owner');
  const first = (await value(renewCodes(owner))).codes;
  const second = (await value(renewCodes(owner))).codes;
  expect(second).toHaveLength(8);
  expect((await membersOf(id))[0]!.codes).toBe(8);
  expect(await recover(first[0]!)).toEqual({ ok: false, failure: { code: 'sign-in-failed' } });
  expect(await value(recover(second[0]!))).toEqual({ kitchenId: id, memberId: owner.memberId });
  expect((await membersOf(id))[0]!.codes).toBe(7);
  expect(await renewCodes(await sessionIn(id))).toEqual({ ok: false, failure: { code: 'no-passkey' } });
});

test('the last owner stays one until another is made, and can then be replaced', async () => {
  const { id } = await value(createKitchen());
  const [ada, bo] = [await memberOf(id, 'Ada', 'owner'), await memberOf(id, 'Bo', 'cook')];
  const last = { ok: false, failure: { code: 'last-owner' } };
  expect(await removeMember(id, ada.memberId!, 'Ada')).toEqual(last);
  expect(await chooseRole(id, ada.memberId!, 'cook', 'Ada')).toEqual(last);
  await value(chooseRole(id, bo.memberId!, 'owner', 'Ada'));
  await value(removeMember(id, ada.memberId!, 'Bo'));
  expect((await membersOf(id)).map(({ name, role }) => [name, role])).toEqual([['Bo', 'owner']]);
});

test('a challenge is good for what it was given for, to whom it was given, once', async () => {
  const { id } = await value(createKitchen());
  const [own, other] = [await sessionIn(id), await sessionIn(id)];
  const spend = (challenge: string, asked: Parameters<typeof spendChallenge>[1]) =>
    inKitchen(id, () => spendChallenge(challenge, asked));
  const [signIn, registration] = [randomUUID(), randomUUID()];
  await insertChallenge(signIn, { purpose: 'sign-in' }, 60);
  await insertChallenge(registration, { purpose: 'registration', sessionId: own.id }, 60);
  expect(await spend(signIn, { purpose: 'registration', sessionId: own.id })).toBe(false);
  expect(await spend(registration, { purpose: 'sign-in' })).toBe(false);
  expect(await spend(registration, { purpose: 'registration', sessionId: other.id })).toBe(false);
  expect(await spend(registration, { purpose: 'registration', sessionId: own.id })).toBe(true);
  expect(await spend(signIn, { purpose: 'sign-in' })).toBe(true);
  expect(await spend(signIn, { purpose: 'sign-in' })).toBe(false);
});

test('what is open under a session ends with it, at once, however that ended', async () => {
  const { id } = await value(createKitchen());
  await memberOf(id, 'Ada', 'owner');
  const cook = await memberOf(id, 'Bo', 'cook');
  const [guest, stays] = [await sessionIn(id), await sessionIn(id)];
  const ended: string[] = [];
  const watches = [cook, guest, stays].map((session) => watchSession(session.id, () => ended.push(session.id)));
  await new Promise((resolve) => setTimeout(resolve, 300));
  const until = async (count: number) => {
    while (ended.length < count) await new Promise((resolve) => setTimeout(resolve, 10));
  };
  await endSession(id, guest.id, 'device-removed', 'Ada');
  await until(1);
  await removeMember(id, cook.memberId!, 'Ada');
  await until(2);
  expect(ended).toEqual([guest.id, cook.id]);
  /* one that has only run out is found at a look */
  await ownerDatabase().query(`UPDATE sessions SET expires_at = now() - interval '1 second' WHERE session_id = $1`, [
    stays.id,
  ]);
  await watches[2]!.look();
  expect(ended).toHaveLength(3);
});

test('a kitchen that nobody can enter any more goes after a day; one with a passkey, or that someone is in, stays', async () => {
  const [left, claimed, lived, idle] = await Promise.all(
    Array.from({ length: 4 }, async () => (await value(createKitchen())).id),
  );
  await memberOf(claimed!, 'Ada', 'owner');
  await ownerDatabase().query('DELETE FROM sessions WHERE kitchen_id = $1', [claimed]);
  await sessionIn(lived!, { role: 'owner' });
  const unused = await sessionIn(idle!, { role: 'owner' });
  await ownerDatabase().query(`UPDATE sessions SET seen_at = now() - interval '31 days' WHERE session_id = $1`, [
    unused.id,
  ]);
  await value(tidyUp());
  expect((await loadKitchen(left!)).ok).toBe(true);
  await ownerDatabase().query(`UPDATE kitchens SET created_at = now() - interval '2 days' WHERE kitchen_id = ANY($1)`, [
    [left, claimed, lived, idle],
  ]);
  for (let n = 0; n < 20; n++) await value(tidyUp());
  const there = await Promise.all([left, claimed, lived, idle].map(async (id) => (await loadKitchen(id!)).ok));
  expect(there).toEqual([false, true, true, false]);
});
