import type { AuthenticationResponseJSON } from '@simplewebauthn/server';
import { z } from 'zod';
import { readJson, refuse } from '@/app/_lib/answer';
import { placeOf } from '@/app/_lib/place';
import { refusedByLimit } from '@/app/_lib/rate-limit';
import { answerSignIn } from '@/app/_lib/sign-in';
import { finishSignIn } from '@/services/passkeys';

/* what the browser signed is checked by the library that knows the protocol */
const schema = z.strictObject({ response: z.looseObject({ id: z.string().max(1024), response: z.looseObject({}) }) });

/** Signs in with a passkey. */
export async function POST(request: Request) {
  const limited = await refusedByLimit(request, 'sign-in');
  if (limited) return limited;
  const body = await readJson(request);
  if ('refusal' in body) return body.refusal;
  const parsed = schema.safeParse(body.json);
  if (!parsed.success) return refuse(422, 'This is no answer of a passkey.');
  return answerSignIn(
    await finishSignIn(parsed.data.response as unknown as AuthenticationResponseJSON, placeOf(request)),
  );
}
