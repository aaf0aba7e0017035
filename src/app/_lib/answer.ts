import { randomUUID } from 'node:crypto';
import { NextResponse } from 'next/server';
import type { z } from 'zod';
import { type Fault, faultsOf } from '@/schemas/faults';
import { unstorableText } from '@/schemas/storable-text';
import type { Failure, Result } from '@/services/result';
import { log } from '@/services/log';
import { metrics } from '@/services/metrics';
import type { Limited } from '@/services/limits';
import type { Role, Session } from '@/schemas/access';
import { LENT, PLACE_HEADER, placeKey } from '@/schemas/place-key';
import { refusedByLimit } from './rate-limit';
import { currentSession } from './session';

/** Largest body a request may carry, bytes. */
const LARGEST_BODY = 64 * 1024;

const WORDS: Record<Failure['code'], { status: number; error: string }> = {
  'database-away': { status: 503, error: 'The database cannot be reached. Nothing is lost; try again in a moment.' },
  'not-found': { status: 404, error: 'There is no such thing in this kitchen.' },
  'unknown-fryer': { status: 422, error: 'This fryer is not in this kitchen; choose one that is.' },
  'last-fryer': { status: 409, error: 'This is the only fryer, or it is gone already; a kitchen keeps one.' },
  'device-away': { status: 502, error: 'The device did not take the order; look whether it is on.' },
  'other-kitchen': { status: 409, error: 'This id belongs to another kitchen.' },
  unreadable: {
    status: 409,
    error: 'This was written in a form that this version of the app cannot read (unreadable).',
  },
  unstorable: { status: 422, error: 'A value in it cannot be kept; look for odd characters or numbers.' },
  'id-taken': { status: 409, error: 'Another batch has an event of this id.' },
  'bad-events': { status: 422, error: 'None of these events could be read.' },
  'changed-elsewhere': { status: 409, error: 'This was changed elsewhere in the meantime.' },
  'fryer-busy': { status: 409, error: 'Another batch cooks in this fryer.' },
  'last-owner': { status: 409, error: 'A kitchen keeps one owner.' },
  'last-passkey': {
    status: 409,
    error: 'This is the last passkey of an owner; add another one first, or nobody could come in as one.',
  },
  'no-passkey': { status: 409, error: 'Add a passkey first: this kitchen must have someone who can sign in.' },
  'other-session': {
    status: 409,
    error: 'This page is of another kitchen than the one this browser is in now. Nothing was changed; load it anew.',
  },
  'not-allowed': { status: 403, error: 'Only an owner of this kitchen may do that.' },
  'enough-photos': {
    status: 409,
    error: 'There are as many photos as a batch, or a kitchen, may have; take one out first.',
  },
  busy: { status: 503, error: 'The server is busy with the same for others. Nothing is lost; try again in a minute.' },
  'sign-in-failed': { status: 401, error: 'That did not fit; try again, or use a recovery code.' },
};

/** The answer to a request that is refused. */
export function refuse(status: number, error: string, faults: Fault[] = []): NextResponse {
  return NextResponse.json({ error, faults }, { status });
}

/** The answer that a failure gets; what it carries goes along. */
export function answerFailure(failure: Failure): NextResponse {
  const { status, error } = WORDS[failure.code];
  return NextResponse.json({ faults: [], ...failure, error }, { status });
}

/** A body as JSON, or why not: too large, no JSON, or text that no database keeps. @param largest bytes */
export async function readJson(
  request: Request,
  largest = LARGEST_BODY,
): Promise<{ json: unknown } | { refusal: NextResponse }> {
  const tooLarge = { refusal: refuse(413, `The request is larger than ${Math.round(largest / 1024)} kB.`) };
  if (Number(request.headers.get('content-length') ?? 0) > largest) return tooLarge;
  const text = await request.text().catch(() => null);
  if (text === null) return { refusal: refuse(400, 'The request broke off.') };
  if (Buffer.byteLength(text) > largest) return tooLarge;
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return { refusal: refuse(400, 'The request is not JSON.') };
  }
  const odd = unstorableText(json);
  if (odd === null) return { json };
  return {
    refusal: refuse(422, `${odd}: contains a character that cannot be kept`, [
      { path: odd, message: 'cannot be kept' },
    ]),
  };
}

/** What an answer needs to know besides the body's schema. */
interface Asked {
  /** what it counts as; a change unless given */
  readonly limit?: Limited;
  /** who may; anyone in the kitchen unless given */
  readonly role?: Role;
  /** largest body, bytes; 64 kB unless given */
  readonly largest?: number;
  /** the session it is done under; that of the kitchen unless given */
  readonly session?: Promise<Result<Session>>;
}

/**
 * Answers a request that changes something: session, role, rate and size are checked, the body is parsed, the use-case is run
 * and its result put into words.
 */
export async function answerChange<Schema extends z.ZodType>(
  request: Request,
  schema: Schema,
  work: Work<Schema>,
  asked: Asked = {},
): Promise<NextResponse> {
  const began = performance.now();
  const id = request.headers.get('x-request-id') ?? randomUUID();
  const answer = await answerIt(request, schema, work, asked).catch((error: unknown) => {
    log.error({ id, error: error instanceof Error ? error.stack : String(error) }, 'failed');
    throw error;
  });
  const seconds = (performance.now() - began) / 1000;
  const { method } = request;
  metrics().requests.inc({ method, status: answer.status });
  metrics().durations.observe({ method }, seconds);
  log.info({ id, method, path: new URL(request.url).pathname, status: answer.status, ms: Math.round(seconds * 1000) });
  answer.headers.set('x-request-id', id);
  return answer;
}

/** Whether the page that asks is of another kitchen than the session: another tab, or what waited offline, must not write here. */
function isOfAnother(request: Request, { kitchenId, batchId }: Session): boolean {
  const place = request.headers.get(PLACE_HEADER);
  return place !== null && place !== (batchId === null ? placeKey(kitchenId) : LENT);
}

type Work<Schema extends z.ZodType> = (
  kitchenId: string,
  body: z.output<Schema>,
  session: Session,
) => Promise<Result<unknown>>;

async function answerIt<Schema extends z.ZodType>(
  request: Request,
  schema: Schema,
  work: Work<Schema>,
  { limit = 'change', role, largest, session: asked = currentSession() }: Asked,
): Promise<NextResponse> {
  const session = await asked;
  if (!session.ok) {
    return session.failure.code === 'not-found'
      ? refuse(401, 'This browser has no kitchen yet; open the start page first.')
      : answerFailure(session.failure);
  }
  const { kitchenId } = session.value;
  if (isOfAnother(request, session.value)) return answerFailure({ code: 'other-session' });
  const limited = await refusedByLimit(request, limit, kitchenId);
  if (limited) return limited;
  if (role === 'owner' && session.value.role !== 'owner') return answerFailure({ code: 'not-allowed' });
  const body = await readJson(request, largest);
  if ('refusal' in body) return body.refusal;
  const parsed = schema.safeParse(body.json, { reportInput: true });
  if (!parsed.success) {
    const faults = faultsOf(parsed.error);
    return refuse(422, faults.map((fault) => `${fault.path}: ${fault.message}`).join('; '), faults);
  }
  const result = await work(kitchenId, parsed.data, session.value);
  if (!result.ok) return answerFailure(result.failure);
  return NextResponse.json({ ok: true, ...(typeof result.value === 'object' ? result.value : {}) });
}
