import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { inviteCook } from '@/services/invites';

/** Makes a token by which another cook may come into this kitchen, once. */
export async function POST(request: Request) {
  return answerChange(request, z.strictObject({}), inviteCook, { role: 'owner' });
}
