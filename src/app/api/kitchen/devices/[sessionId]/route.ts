import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { fail } from '@/services/result';
import { endSession } from '@/services/sessions';

/** Takes a device out of the kitchen: an owner any, others their own. */
export async function DELETE(request: Request, { params }: RouteContext<'/api/kitchen/devices/[sessionId]'>) {
  const id = z.uuid().safeParse((await params).sessionId);
  return answerChange(request, z.strictObject({}), async (kitchenId, _, session) => {
    if (!id.success) return fail({ code: 'not-found' });
    if (session.role !== 'owner' && id.data !== session.id) return fail({ code: 'not-allowed' });
    return endSession(kitchenId, id.data, 'device-removed', session.memberName ?? session.device);
  });
}
