import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { renewCodes } from '@/services/passkeys';

/** New recovery codes for whoever asks; those of before are no longer good. */
export async function POST(request: Request) {
  return answerChange(request, z.strictObject({}), (_, __, session) => renewCodes(session));
}
