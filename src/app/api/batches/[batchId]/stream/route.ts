import { z } from 'zod';
import { refusedByLimit } from '@/app/_lib/rate-limit';
import { sessionForBatch } from '@/app/_lib/session';
import { hasBatch } from '@/services/batches';
import { metrics } from '@/services/metrics';
import { followBatch, isFollowed } from '@/services/follow-batch';
import { watchSession } from '@/services/watch-session';

/** A message this often keeps proxies from closing a quiet stream, and tells a device the server's clock, ms. */
const HEARTBEAT = 20_000;

/** Number of an event; what is no number is the beginning. */
const cursorSchema = z.coerce.number().int().min(0).catch(0);

/**
 * Events of a batch as server-sent events, from the one after `Last-Event-ID` or `?after=` on: only what is new, as it is
 * stored by any device. `gone` ends it, as the batch or the right to see it is gone; `away` says that the database cannot be reached.
 */
export async function GET(request: Request, { params }: RouteContext<'/api/batches/[batchId]/stream'>) {
  const batchId = z.uuid().safeParse((await params).batchId);
  if (!batchId.success) return new Response('not found', { status: 404 });
  const session = await sessionForBatch(batchId.data);
  if (!session.ok) return new Response('not here', { status: session.failure.code === 'not-found' ? 404 : 503 });
  const { kitchenId, id: sessionId } = session.value;
  const limited = await refusedByLimit(request, 'stream', kitchenId);
  if (limited) return limited;
  if (!isFollowed(kitchenId, batchId.data)) {
    const batch = await hasBatch(kitchenId, batchId.data);
    if (!batch.ok) return new Response('not here', { status: batch.failure.code === 'not-found' ? 404 : 503 });
  }
  const cursor = request.headers.get('last-event-id') ?? new URL(request.url).searchParams.get('after') ?? 0;
  const encoder = new TextEncoder();
  let stop: () => void = () => undefined;
  const stream = new ReadableStream<Uint8Array>({
    start(controller) {
      const write = (text: string) => {
        try {
          controller.enqueue(encoder.encode(text));
        } catch {
          stop();
        }
      };
      const clock = () => write(`event: clock\ndata: ${Date.now()}\n\n`);
      const end = (error: string) => {
        write(`event: gone\ndata: ${JSON.stringify({ error })}\n\n`);
        stop();
        controller.close();
      };
      let unfollow = () => undefined as void;
      /* a right that ends, ends what was opened by it */
      const watch = watchSession(sessionId, () => end('This device may not follow the batch any more.'));
      const timer = setInterval(() => {
        clock();
        void watch.look();
      }, HEARTBEAT);
      metrics().streams.inc();
      let counted = true;
      stop = () => {
        if (counted) metrics().streams.dec();
        counted = false;
        clearInterval(timer);
        watch.stop();
        unfollow();
      };
      clock();
      unfollow = followBatch(kitchenId, batchId.data, cursorSchema.parse(cursor), {
        onEvents: ({ seq, events, behind }) =>
          write(`id: ${seq}\ndata: {"behind":${behind},"events":[${events.join(',')}]}\n\n`),
        onAway: (away) => write(`event: away\ndata: ${away}\n\n`),
        onGone: () => end('This batch was removed.'),
      });
      request.signal.addEventListener('abort', stop);
    },
    cancel: () => stop(),
  });
  return new Response(stream, {
    headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-accel-buffering': 'no' },
  });
}
