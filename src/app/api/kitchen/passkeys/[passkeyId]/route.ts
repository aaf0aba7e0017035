import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { namePasskey, takePasskeyBack } from '@/services/passkeys';
import { fail } from '@/services/result';

type Context = RouteContext<'/api/kitchen/passkeys/[passkeyId]'>;

/** Calls a passkey something else: an owner any, others their own. */
export async function PUT(request: Request, { params }: Context) {
  const id = z.uuid().safeParse((await params).passkeyId);
  return answerChange(
    request,
    z.strictObject({ name: z.string().trim().min(1).max(40) }),
    async (_, { name }, session) => (id.success ? namePasskey(session, id.data, name) : fail({ code: 'not-found' })),
  );
}

/** Takes it back. */
export async function DELETE(request: Request, { params }: Context) {
  const id = z.uuid().safeParse((await params).passkeyId);
  return answerChange(request, z.strictObject({}), async (_, __, session) =>
    id.success ? takePasskeyBack(session, id.data) : fail({ code: 'not-found' }),
  );
}
