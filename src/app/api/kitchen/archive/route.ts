import { NextResponse } from 'next/server';
import { answerFailure, refuse } from '@/app/_lib/answer';
import { refusedByLimit } from '@/app/_lib/rate-limit';
import { currentSession } from '@/app/_lib/session';
import { exportKitchen, importKitchen, LARGEST_ARCHIVE } from '@/services/archive';

/** The whole kitchen as a zip. */
export async function GET(request: Request) {
  const session = await currentSession();
  if (!session.ok) return answerFailure(session.failure);
  const { kitchenId, memberName, device } = session.value;
  const limited = await refusedByLimit(request, 'archive', kitchenId);
  if (limited) return limited;
  const archive = await exportKitchen(kitchenId, memberName ?? device);
  if (!archive.ok) return answerFailure(archive.failure);
  const name =
    archive.value.name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'kitchen';
  return new NextResponse(Buffer.from(archive.value.bytes), {
    headers: {
      'content-type': 'application/zip',
      'content-disposition': `attachment; filename="${name}.drubek.zip"`,
      'cache-control': 'no-store',
    },
  });
}

/** Takes an archive into this kitchen. */
export async function POST(request: Request) {
  const session = await currentSession();
  if (!session.ok) return answerFailure(session.failure);
  const { kitchenId, isDemo, memberName, device } = session.value;
  if (isDemo) return answerFailure({ code: 'not-allowed' });
  const limited = await refusedByLimit(request, 'archive', kitchenId);
  if (limited) return limited;
  if (Number(request.headers.get('content-length') ?? 0) > LARGEST_ARCHIVE)
    return refuse(413, 'The archive is larger than 20 MB.');
  const bytes = new Uint8Array(await request.arrayBuffer());
  if (bytes.length > LARGEST_ARCHIVE) return refuse(413, 'The archive is larger than 20 MB.');
  const taken = await importKitchen(kitchenId, bytes, memberName ?? device);
  if (taken.ok) return NextResponse.json({ ok: true, ...taken.value });
  return taken.failure.code === 'unreadable'
    ? refuse(422, 'This is no archive of a kitchen, or it is damaged. Nothing was taken in.')
    : answerFailure(taken.failure);
}
