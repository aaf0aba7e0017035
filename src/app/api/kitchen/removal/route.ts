import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { keepKitchen, removeKitchen } from '@/services/removal';

/** Asks for this kitchen to be removed; its name is typed as a word. */
export async function PUT(request: Request) {
  return answerChange(
    request,
    z.strictObject({ word: z.string().max(60) }),
    (kitchenId, { word }, session) => removeKitchen(kitchenId, word, session.memberName ?? session.device),
    { role: 'owner' },
  );
}

/** Takes that back. */
export async function DELETE(request: Request) {
  return answerChange(
    request,
    z.strictObject({}),
    (kitchenId, _, session) => keepKitchen(kitchenId, session.memberName ?? session.device),
    { role: 'owner' },
  );
}
