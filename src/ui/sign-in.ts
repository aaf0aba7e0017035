import { send } from './send';

/** What came of signing in, or of making a passkey. */
export type SignedIn = { readonly ok: true } | { readonly ok: false; readonly why: string };

const NO_PASSKEY = 'No passkey was used. It works in a browser that knows them, on this computer or over https.';

/** Signs in with a passkey that this browser or a device beside it has. */
export async function signInWithPasskey(): Promise<SignedIn> {
  const begun = await send('POST', '/api/session/passkey/options', {});
  if (begun.kind !== 'done') return { ok: false, why: begun.error };
  const { startAuthentication } = await import('@simplewebauthn/browser');
  const { options } = begun.answer as { options: Parameters<typeof startAuthentication>[0]['optionsJSON'] };
  let response;
  try {
    response = await startAuthentication({ optionsJSON: options });
  } catch {
    return { ok: false, why: NO_PASSKEY };
  }
  const sent = await send('POST', '/api/session/passkey/sign-in', { response });
  return sent.kind === 'done' ? { ok: true } : { ok: false, why: sent.error };
}

/** Signs in with a recovery code; it is used up. */
export async function enterRecoveryCode(code: string): Promise<SignedIn> {
  const sent = await send('POST', '/api/session/passkey/recover', { code });
  return sent.kind === 'done' ? { ok: true } : { ok: false, why: sent.error };
}

/** Makes a passkey for someone of this kitchen; the first one claims it. Recovery codes come where the person is new. */
export async function makePasskey(
  name: string,
): Promise<{ readonly ok: true; readonly codes: readonly string[] } | { readonly ok: false; readonly why: string }> {
  const begun = await send('POST', '/api/session/passkey/register', { name });
  if (begun.kind !== 'done') return { ok: false, why: begun.error };
  const { startRegistration } = await import('@simplewebauthn/browser');
  const { options } = begun.answer as { options: Parameters<typeof startRegistration>[0]['optionsJSON'] };
  let response;
  try {
    response = await startRegistration({ optionsJSON: options });
  } catch {
    return { ok: false, why: NO_PASSKEY };
  }
  const sent = await send('PUT', '/api/session/passkey/register', { name, response });
  if (sent.kind !== 'done') return { ok: false, why: sent.error };
  return { ok: true, codes: (sent.answer as { codes?: string[] }).codes ?? [] };
}
