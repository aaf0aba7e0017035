import { NextResponse } from 'next/server';
import type { z } from 'zod';
import { type Fault, faultsOf } from '@/schemas/faults';
import type { Failure, Result } from '@/services/result';
import { mayRequest } from './rate-limit';
import { sessionKitchenId } from './session';

/** Largest body a request may carry, bytes. */
const LARGEST_BODY = 64 * 1024;

const WORDS: Record<Failure['code'], { status: number; error: string }> = {
  'database-away': { status: 503, error: 'The database cannot be reached. Nothing is lost; try again in a moment.' },
  'not-found': { status: 404, error: 'There is no such thing in this kitchen.' },
  'unknown-fryer': { status: 422, error: 'This fryer is not in this kitchen; choose one that is.' },
  'last-fryer': { status: 409, error: 'This is the only fryer, or it is gone already; a kitchen keeps one.' },
  'device-away': { status: 502, error: 'The device did not take the order; look whether it is on.' },
  'other-kitchen': { status: 409, error: 'This id belongs to another kitchen.' },
};

function refuse(status: number, error: string, faults: Fault[] = []): NextResponse {
  return NextResponse.json({ error, faults }, { status });
}

async function readBody(request: Request): Promise<{ text: string } | { refusal: NextResponse }> {
  if (Number(request.headers.get('content-length') ?? 0) > LARGEST_BODY) {
    return { refusal: refuse(413, 'The request is larger than 64 kB.') };
  }
  const text = await request.text();
  return text.length > LARGEST_BODY ? { refusal: refuse(413, 'The request is larger than 64 kB.') } : { text };
}

/**
 * Answers a request that changes something: session, rate and size are checked, the body is parsed, the use-case is run
 * and its result put into words.
 */
export async function answerChange<Schema extends z.ZodType>(
  request: Request,
  schema: Schema,
  work: (kitchenId: string, body: z.output<Schema>) => Promise<Result<unknown>>,
): Promise<NextResponse> {
  const kitchenId = await sessionKitchenId();
  if (!kitchenId) return refuse(401, 'This browser has no kitchen yet; open the start page first.');
  if (!mayRequest(kitchenId)) return refuse(429, 'Too many requests in a short time; wait a few seconds.');
  const body = await readBody(request);
  if ('refusal' in body) return body.refusal;
  let json: unknown;
  try {
    json = JSON.parse(body.text);
  } catch {
    return refuse(400, 'The request is not JSON.');
  }
  const parsed = schema.safeParse(json, { reportInput: true });
  if (!parsed.success) {
    const faults = faultsOf(parsed.error);
    return refuse(422, faults.map((fault) => `${fault.path}: ${fault.message}`).join('; '), faults);
  }
  const result = await work(kitchenId, parsed.data);
  if (result.ok) return NextResponse.json({ ok: true });
  const { status, error } = WORDS[result.failure.code];
  return refuse(status, error);
}
