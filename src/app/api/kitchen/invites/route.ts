import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { inviteCook } from '@/services/invites';

const schema = z.strictObject({ role: z.enum(['owner', 'cook']).default('cook') });

/** Makes a token by which another person may come into this kitchen, once, with the role it carries. */
export async function POST(request: Request) {
  return answerChange(request, schema, (kitchenId, { role }, session) => inviteCook(kitchenId, role, session.claimed), {
    role: 'owner',
  });
}
