import { answerFailure, refuse } from '@/app/_lib/answer';
import { refusedByLimit } from '@/app/_lib/rate-limit';
import { currentSession } from '@/app/_lib/session';
import { exportLog } from '@/services/archive';

/** The log as CSV or JSON Lines, for a table or another app. */
export async function GET(request: Request) {
  const session = await currentSession();
  if (!session.ok) return answerFailure(session.failure);
  const { kitchenId } = session.value;
  const limited = await refusedByLimit(request, 'change', kitchenId);
  if (limited) return limited;
  const as = new URL(request.url).searchParams.get('as');
  if (as !== 'csv' && as !== 'jsonl') return refuse(422, 'as: must be csv or jsonl');
  const log = await exportLog(kitchenId, as);
  if (!log.ok) return answerFailure(log.failure);
  return new Response(log.value, {
    headers: {
      'content-type': as === 'csv' ? 'text/csv; charset=utf-8' : 'application/jsonl; charset=utf-8',
      'content-disposition': `attachment; filename="drubek-log.${as}"`,
    },
  });
}
