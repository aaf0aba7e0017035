import { NextResponse } from 'next/server';
import type { TakenIn } from '@/services/archive/import-kitchen';
import type { Result } from '@/services/result';
import { answerFailure, refuse } from './answer';
import { refusedByLimit } from './rate-limit';
import { currentSession } from './session';

/** Whose archive a request is about, or why it is refused. */
export async function beginArchive(
  request: Request,
): Promise<
  { readonly refusal: NextResponse } | { readonly kitchenId: string; readonly isDemo: boolean; readonly by: string }
> {
  const session = await currentSession();
  if (!session.ok) return { refusal: answerFailure(session.failure) };
  const { kitchenId, isDemo, memberName, device } = session.value;
  const limited = await refusedByLimit(request, 'archive', kitchenId);
  return limited ? { refusal: limited } : { kitchenId, isDemo, by: memberName ?? device };
}

/** What is said of an archive that was taken in, or was not. */
export function answerTakenIn(taken: Result<TakenIn>): NextResponse {
  if (taken.ok) return NextResponse.json({ ok: true, ...taken.value });
  const { failure } = taken;
  if (failure.code !== 'unreadable') return answerFailure(failure);
  const why = failure.why ? ` (${failure.why})` : '';
  return refuse(422, `This is no archive of a kitchen, or it is damaged${why}. Nothing was taken in.`);
}
