import type { RegistrationResponseJSON } from '@simplewebauthn/server';
import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { placeOf } from '@/app/_lib/place';
import { beginRegistration, finishRegistration } from '@/services/passkeys';
import { fail } from '@/services/result';

const name = z.string().trim().min(1, 'say who you are').max(40);

/* what the browser made is checked by the library that knows the protocol */
const response = z.looseObject({ id: z.string().max(1024), rawId: z.string().max(1024), response: z.looseObject({}) });

/** Begins the making of a passkey. */
export async function POST(request: Request) {
  return answerChange(request, z.strictObject({ name }), (_, body, session) =>
    session.isDemo
      ? Promise.resolve(fail({ code: 'not-allowed' }))
      : beginRegistration(session, body.name, placeOf(request)),
  );
}

/** Keeps the passkey; the first one claims the kitchen. */
export async function PUT(request: Request) {
  return answerChange(request, z.strictObject({ name, response }), (_, body, session) =>
    session.isDemo
      ? Promise.resolve(fail({ code: 'not-allowed' }))
      : finishRegistration(session, body.name, body.response as unknown as RegistrationResponseJSON, placeOf(request)),
  );
}
