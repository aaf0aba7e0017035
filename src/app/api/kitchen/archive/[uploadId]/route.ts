import { NextResponse } from 'next/server';
import { z } from 'zod';
import { answerFailure, refuse } from '@/app/_lib/answer';
import { answerRead } from '@/app/_lib/answer-read';
import { answerTakenIn, beginArchive } from '@/app/_lib/archive';
import { refusedByLimit } from '@/app/_lib/rate-limit';
import { currentSession } from '@/app/_lib/session';
import { addPart, receivedOf, rowsSoFar, takeUpload } from '@/services/archive/uploads';

type Context = RouteContext<'/api/kitchen/archive/[uploadId]'>;

/** Largest part of an archive, bytes; what stands before the routes takes 10 MB. */
const LARGEST_PART = 8_000_000;

const idSchema = z.uuid();
const atSchema = z.coerce.number().int().min(0).max(1e9);

/** How much of an archive has arrived, bytes, and how many rows of it have gone in; null before that has begun. */
export async function GET(request: Request, { params }: Context) {
  const id = idSchema.safeParse((await params).uploadId);
  return answerRead(request, async (kitchenId) => {
    if (!id.success) return answerFailure({ code: 'not-found' });
    const received = await receivedOf(kitchenId, id.data);
    return NextResponse.json(
      { received, rows: rowsSoFar(kitchenId, id.data) },
      { headers: { 'cache-control': 'no-store' } },
    );
  });
}

/** Takes a part of an archive; `?at=` is the byte at which it begins. */
export async function PUT(request: Request, { params }: Context) {
  const id = idSchema.safeParse((await params).uploadId);
  const at = atSchema.safeParse(new URL(request.url).searchParams.get('at') ?? undefined);
  const session = await currentSession();
  if (!session.ok) return answerFailure(session.failure);
  if (session.value.isDemo) return answerFailure({ code: 'not-allowed' });
  const limited = await refusedByLimit(request, 'change', session.value.kitchenId);
  if (limited) return limited;
  if (!id.success || !at.success) return refuse(422, 'A part of an archive says which and from which byte on.');
  if (Number(request.headers.get('content-length') ?? LARGEST_PART + 1) > LARGEST_PART)
    return refuse(413, 'A part of an archive has 8 MB at most, and says how many.');
  const part = await request.arrayBuffer().catch(() => null);
  if (!part) return refuse(400, 'The part broke off.');
  const added = await addPart(session.value.kitchenId, id.data, at.data, new Uint8Array(part));
  return added.ok ? NextResponse.json(added.value) : answerTakenIn(added);
}

/** Takes in an archive that has arrived. */
export async function POST(request: Request, { params }: Context) {
  const id = idSchema.safeParse((await params).uploadId);
  const begun = await beginArchive(request);
  if ('refusal' in begun) return begun.refusal;
  if (begun.isDemo) return answerFailure({ code: 'not-allowed' });
  if (!id.success) return answerFailure({ code: 'not-found' });
  return answerTakenIn(await takeUpload(begun.kitchenId, id.data, begun.by));
}
