import { randomUUID } from 'node:crypto';
import { Readable } from 'node:stream';
import { NextResponse } from 'next/server';
import { answerFailure, refuse } from '@/app/_lib/answer';
import { answerTakenIn, beginArchive } from '@/app/_lib/archive';
import { refusedAtTheGate } from '@/app/_lib/gate';
import { exportKitchen } from '@/services/archive/export-kitchen';
import { LARGEST_ARCHIVE, takeBody } from '@/services/archive/uploads';

/** The whole kitchen as a zip, written while it is sent. */
export async function GET(request: Request) {
  const gate = refusedAtTheGate(request);
  if (gate) return refuse(gate.status, gate.error);
  const begun = await beginArchive(request);
  if ('refusal' in begun) return begun.refusal;
  const { kitchenId, by } = begun;
  const archive = await exportKitchen(kitchenId, by);
  if (!archive.ok) return answerFailure(archive.failure);
  const name =
    archive.value.name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'kitchen';
  return new NextResponse(Readable.toWeb(archive.value.stream) as ReadableStream, {
    headers: {
      'content-type': 'application/zip',
      'content-disposition': `attachment; filename="${name}.drubek.zip"`,
      'cache-control': 'no-store',
      'x-content-type-options': 'nosniff',
    },
  });
}

/** Takes an archive into this kitchen that comes as one body. */
export async function POST(request: Request) {
  const gate = refusedAtTheGate(request);
  if (gate) return refuse(gate.status, gate.error);
  const begun = await beginArchive(request);
  if ('refusal' in begun) return begun.refusal;
  const { kitchenId, isDemo, by } = begun;
  if (isDemo) return answerFailure({ code: 'not-allowed' });
  if (Number(request.headers.get('content-length') ?? 0) > LARGEST_ARCHIVE)
    return refuse(413, 'The archive is larger than 200 MB.');
  if (!request.body) return refuse(400, 'The request has no archive in it.');
  return answerTakenIn(await takeBody(kitchenId, randomUUID(), request.body, by));
}
