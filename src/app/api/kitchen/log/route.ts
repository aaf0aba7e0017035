import { answerFailure, refuse } from '@/app/_lib/answer';
import { answerRead } from '@/app/_lib/answer-read';
import { exportLog } from '@/services/archive/export-kitchen';

const TYPES = { csv: 'text/csv', jsonl: 'application/jsonl' } as const;

/** The log as CSV or JSON Lines, for a table or another app. */
export function GET(request: Request) {
  return answerRead(request, async (kitchenId) => {
    const as = new URL(request.url).searchParams.get('as');
    if (as !== 'csv' && as !== 'jsonl') return refuse(422, 'as: must be csv or jsonl');
    const log = await exportLog(kitchenId, as);
    if (!log.ok) return answerFailure(log.failure);
    return new Response(log.value, {
      headers: {
        'content-type': `${TYPES[as]}; charset=utf-8`,
        'cache-control': 'no-store',
        'content-disposition': `attachment; filename="drubek-log.${as}"`,
      },
    });
  });
}
