import { z } from 'zod';
import { sessionKitchenId } from '@/app/_lib/session';
import { loadBatch } from '@/services/batches';
import { followBatch } from '@/services/follow-batch';

/** A comment this often keeps proxies from closing a quiet stream, ms. */
const HEARTBEAT = 20_000;

/** All events of a batch as server-sent events, anew whenever one is added by any device. */
export async function GET(request: Request, { params }: RouteContext<'/api/batches/[batchId]/stream'>) {
  const kitchenId = await sessionKitchenId();
  const batchId = z.uuid().safeParse((await params).batchId);
  if (!kitchenId || !batchId.success) return new Response('not found', { status: 404 });
  const batch = await loadBatch(kitchenId, batchId.data);
  if (!batch.ok) return new Response('not here', { status: batch.failure.code === 'not-found' ? 404 : 503 });
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
      const unfollow = followBatch(kitchenId, batchId.data, (events) =>
        write(`data: ${JSON.stringify({ now: Date.now(), events })}\n\n`),
      );
      const timer = setInterval(() => write(': still here\n\n'), HEARTBEAT);
      stop = () => {
        clearInterval(timer);
        unfollow();
      };
      request.signal.addEventListener('abort', stop);
    },
    cancel: () => stop(),
  });
  return new Response(stream, {
    headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-accel-buffering': 'no' },
  });
}
