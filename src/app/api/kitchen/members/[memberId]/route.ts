import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { chooseRole, removeMember } from '@/services/invites';
import { fail } from '@/services/result';

/** Makes a member an owner, or a cook again. */
export async function PUT(request: Request, { params }: RouteContext<'/api/kitchen/members/[memberId]'>) {
  const id = z.uuid().safeParse((await params).memberId);
  return answerChange(
    request,
    z.strictObject({ role: z.enum(['owner', 'cook']) }),
    async (kitchenId, { role }, session) =>
      id.success
        ? chooseRole(kitchenId, id.data, role, session.memberName ?? session.device)
        : fail({ code: 'not-found' }),
    { role: 'owner' },
  );
}

/** Takes a member out of the kitchen. */
export async function DELETE(request: Request, { params }: RouteContext<'/api/kitchen/members/[memberId]'>) {
  const id = z.uuid().safeParse((await params).memberId);
  return answerChange(
    request,
    z.strictObject({}),
    async (kitchenId, _, session) =>
      id.success ? removeMember(kitchenId, id.data, session.memberName ?? session.device) : fail({ code: 'not-found' }),
    { role: 'owner' },
  );
}
