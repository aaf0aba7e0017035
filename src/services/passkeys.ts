import { createHash, randomInt } from 'node:crypto';
import {
  generateAuthenticationOptions,
  generateRegistrationOptions,
  verifyAuthenticationResponse,
  verifyRegistrationResponse,
  type AuthenticationResponseJSON,
  type RegistrationResponseJSON,
} from '@simplewebauthn/server';
import { insertAudit } from '@/db/queries/audit';
import {
  countPasskeyUse,
  deletePasskey,
  findPasskey,
  insertChallenge,
  insertMember,
  insertPasskey,
  renamePasskey,
  replaceRecoveryCodes,
  spendChallenge,
  spendRecoveryCode,
} from '@/db/queries/members';
import { claimSession } from '@/db/queries/sessions';
import { inKitchen, transact } from '@/db/query';
import { fail, type Result, succeed, withDatabase, withKitchen } from './result';
import type { Session } from '@/schemas/access';
import { forgetKnownSessions } from './sessions';

/** Where a ceremony takes place: the name of the host, and the address of its pages. */
export interface Place {
  readonly host: string;
  readonly origin: string;
}

/** How long a challenge waits for its answer, s. */
const ANSWER_WITHIN = 300;

/** Recovery codes a member gets, their letters (none that look alike) and their length. */
const CODES = 8;
const CODE_LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';
const CODE_LENGTH = 12;

function makeCode(): string {
  const letters = Array.from({ length: CODE_LENGTH }, () => CODE_LETTERS[randomInt(CODE_LETTERS.length)]).join('');
  return letters.replace(/(.{4})(?=.)/g, '$1-');
}

function hashOfCode(code: string): Buffer {
  return createHash('sha256')
    .update(code.toLowerCase().replace(/[^a-z0-9]/g, ''))
    .digest();
}

/** What a browser needs to make a passkey for someone of this kitchen. */
export function beginRegistration(
  session: Session,
  name: string,
  { host }: Place,
): Promise<Result<{ options: object }>> {
  return withDatabase(async () => {
    const options = await generateRegistrationOptions({
      rpName: 'Drubek',
      rpID: host,
      userName: name,
      attestationType: 'none',
      authenticatorSelection: { residentKey: 'required', userVerification: 'preferred' },
    });
    await insertChallenge(options.challenge, { purpose: 'registration', sessionId: session.id }, ANSWER_WITHIN);
    return succeed({ options });
  });
}

/**
 * Keeps the passkey that a browser made: in a session of nobody it makes a member of that session's role, any other is a further
 * key of the same person. Returns recovery codes where the person is new.
 */
export function finishRegistration(
  session: Session,
  name: string,
  response: RegistrationResponseJSON,
  { host, origin }: Place,
): Promise<Result<{ codes: string[] }>> {
  return withKitchen(session.kitchenId, async () => {
    const made = await verifyRegistrationResponse({
      response,
      expectedChallenge: (challenge) => spendChallenge(challenge, { purpose: 'registration', sessionId: session.id }),
      expectedOrigin: origin,
      expectedRPID: host,
      requireUserVerification: false,
    }).catch(() => null);
    if (!made?.verified || !made.registrationInfo) return fail({ code: 'sign-in-failed' });
    const { credential } = made.registrationInfo;
    const codes = session.memberId ? [] : Array.from({ length: CODES }, makeCode);
    await transact(async (client) => {
      const { kitchenId } = session;
      const memberId =
        session.memberId ?? (await insertMember(kitchenId, name, session.role === 'owner' ? 'owner' : 'cook', client));
      await insertPasskey(
        {
          credential_id: credential.id,
          kitchen_id: kitchenId,
          member_id: memberId,
          public_key: Buffer.from(credential.publicKey),
          counter: credential.counter,
          transports: credential.transports ?? [],
          name: session.device.slice(0, 40),
        },
        client,
      );
      if (codes.length > 0) await replaceRecoveryCodes(kitchenId, memberId, codes.map(hashOfCode), client);
      await claimSession(session.id, memberId, client);
      await insertAudit(kitchenId, 'claimed', session.memberName ?? name, client);
    });
    forgetKnownSessions();
    return succeed({ codes });
  });
}

/** What a browser needs to sign in with a passkey that it has. */
export function beginSignIn({ host }: Place): Promise<Result<{ options: object }>> {
  return withDatabase(async () => {
    const options = await generateAuthenticationOptions({ rpID: host, userVerification: 'preferred' });
    await insertChallenge(options.challenge, { purpose: 'sign-in' }, ANSWER_WITHIN);
    return succeed({ options });
  });
}

/** Whose passkey it was. */
export function finishSignIn(
  response: AuthenticationResponseJSON,
  { host, origin }: Place,
): Promise<Result<{ kitchenId: string; memberId: string }>> {
  return withDatabase(async () => {
    const key = await findPasskey(response.id);
    if (!key) return fail({ code: 'sign-in-failed' });
    const signed = await verifyAuthenticationResponse({
      response,
      expectedChallenge: (challenge) => spendChallenge(challenge, { purpose: 'sign-in' }),
      expectedOrigin: origin,
      expectedRPID: host,
      requireUserVerification: false,
      credential: {
        id: key.credential_id,
        publicKey: new Uint8Array(key.public_key),
        counter: key.counter,
      },
    }).catch(() => null);
    if (!signed?.verified) return fail({ code: 'sign-in-failed' });
    await countPasskeyUse(key.credential_id, signed.authenticationInfo.newCounter);
    await inKitchen(key.kitchen_id, () => insertAudit(key.kitchen_id, 'signed-in', 'with a passkey'));
    return succeed({ kitchenId: key.kitchen_id, memberId: key.member_id });
  });
}

/** Whose recovery code it was; it is used up. */
export function recover(code: string): Promise<Result<{ kitchenId: string; memberId: string }>> {
  return withDatabase(async () => {
    const found = await spendRecoveryCode(hashOfCode(code));
    if (!found) return fail({ code: 'sign-in-failed' });
    await inKitchen(found.kitchen_id, () => insertAudit(found.kitchen_id, 'signed-in', 'with a recovery code'));
    return succeed({ kitchenId: found.kitchen_id, memberId: found.member_id });
  });
}

/** Whose passkeys someone may name and take back: an owner everyone's, others their own. Null is everyone's. */
function within(session: Session): string | null {
  return session.role === 'owner' ? null : (session.memberId ?? NOBODY);
}

/** An id that no member has. */
const NOBODY = '00000000-0000-0000-0000-000000000000';

/** Calls a passkey something else. */
export function namePasskey(session: Session, passkeyId: string, name: string): Promise<Result<null>> {
  return withKitchen(session.kitchenId, async () =>
    (await renamePasskey(session.kitchenId, passkeyId, within(session), name))
      ? succeed(null)
      : fail({ code: 'not-found' }),
  );
}

/** Takes a passkey back, such as one on a lost phone: it signs nobody in any more. One stays for an owner. */
export function takePasskeyBack(session: Session, passkeyId: string): Promise<Result<null>> {
  return withKitchen(session.kitchenId, async () => {
    const done = await deletePasskey(session.kitchenId, passkeyId, within(session));
    if (done === 'none') return fail({ code: 'not-found' });
    if (done === 'last') return fail({ code: 'last-passkey' });
    await insertAudit(session.kitchenId, 'passkey-removed', session.memberName ?? session.device);
    return succeed(null);
  });
}

/** New recovery codes for whoever is signed in; those of before are no longer good. */
export function renewCodes(session: Session): Promise<Result<{ codes: string[] }>> {
  const { kitchenId, memberId, memberName } = session;
  if (memberId === null) return Promise.resolve(fail({ code: 'no-passkey' }));
  return withKitchen(kitchenId, async () => {
    const codes = Array.from({ length: CODES }, makeCode);
    await transact(async (client) => {
      await replaceRecoveryCodes(kitchenId, memberId, codes.map(hashOfCode), client);
      await insertAudit(kitchenId, 'codes-renewed', memberName ?? '', client);
    });
    return succeed({ codes });
  });
}
