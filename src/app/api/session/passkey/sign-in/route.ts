import type { AuthenticationResponseJSON } from '@simplewebauthn/server';
import { z } from 'zod';
import { answerStranger } from '@/app/_lib/answer-stranger';
import { placeOf } from '@/app/_lib/place';
import { answerSignIn } from '@/app/_lib/sign-in';
import { finishSignIn } from '@/services/passkeys';

/* what the browser signed is checked by the library that knows the protocol */
const schema = z.strictObject({ response: z.looseObject({ id: z.string().max(1024), response: z.looseObject({}) }) });

/** Signs in with a passkey. */
export async function POST(request: Request) {
  return answerStranger(request, 'sign-in', schema, 'This is no answer of a passkey.', async ({ response }) =>
    answerSignIn(await finishSignIn(response as unknown as AuthenticationResponseJSON, placeOf(request))),
  );
}
