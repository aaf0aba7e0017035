import { z } from 'zod';
import { readJson, refuse } from '@/app/_lib/answer';
import { refusedByLimit } from '@/app/_lib/rate-limit';
import { answerSignIn } from '@/app/_lib/sign-in';
import { recover } from '@/services/passkeys';

const schema = z.strictObject({ code: z.string().min(8).max(40) });

/** Signs in with a recovery code, which is used up by it. */
export async function POST(request: Request) {
  const limited = await refusedByLimit(request, 'sign-in');
  if (limited) return limited;
  const body = await readJson(request);
  if ('refusal' in body) return body.refusal;
  const parsed = schema.safeParse(body.json);
  if (!parsed.success) return refuse(422, 'A recovery code is twelve letters and digits.');
  return answerSignIn(await recover(parsed.data.code));
}
