import { NextResponse } from 'next/server';
import { z } from 'zod';
import { answerChange, answerFailure } from '@/app/_lib/answer';
import { answerRead } from '@/app/_lib/answer-read';
import { eveningEventsSchema } from '@/schemas/evening-event';
import { readEvening, tellEvening } from '@/services/evenings';
import { fail } from '@/services/result';

type Context = RouteContext<'/api/evenings/[eveningId]/events'>;

const cursorSchema = z
  .string()
  .regex(/^\d{1,18}$/)
  .catch('0');

/** Tells what a cook began, did or took back. */
export async function POST(request: Request, { params }: Context) {
  const id = z.uuid().safeParse((await params).eveningId);
  return answerChange(request, eveningEventsSchema, async (kitchenId, { events }) =>
    id.success ? tellEvening(kitchenId, id.data, events) : fail({ code: 'not-found' }),
  );
}

/** What was told after `?after=`, and the revision of the evening. */
export async function GET(request: Request, { params }: Context) {
  const id = z.uuid().safeParse((await params).eveningId);
  const after = cursorSchema.parse(new URL(request.url).searchParams.get('after'));
  return answerRead(request, async (kitchenId) => {
    if (!id.success) return answerFailure({ code: 'not-found' });
    const read = await readEvening(kitchenId, id.data, after);
    return read.ok ? NextResponse.json(read.value) : answerFailure(read.failure);
  });
}
