import { z } from 'zod';
import { answerStranger } from '@/app/_lib/answer-stranger';
import { answerSignIn } from '@/app/_lib/sign-in';
import { recover } from '@/services/passkeys';

const schema = z.strictObject({ code: z.string().min(8).max(40) });

/** Signs in with a recovery code, which is used up by it. */
export async function POST(request: Request) {
  return answerStranger(request, 'sign-in', schema, 'A recovery code is twelve letters and digits.', async ({ code }) =>
    answerSignIn(await recover(code)),
  );
}
