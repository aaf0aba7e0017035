import { createServer } from 'node:http';
import { collectDefaultMetrics, Counter, Gauge, Histogram, Registry } from 'prom-client';

interface Metrics {
  readonly registry: Registry;
  readonly requests: Counter<'method' | 'status'>;
  readonly durations: Histogram<'method'>;
  readonly streams: Gauge;
}

/* one for the whole process, however often the server loads this file */
const shared = globalThis as typeof globalThis & { drubekMetrics?: Metrics };

/** What is counted: changes asked for, how long they took, streams that are open. */
export function metrics(): Metrics {
  if (shared.drubekMetrics) return shared.drubekMetrics;
  const registry = new Registry();
  collectDefaultMetrics({ register: registry, prefix: 'drubek_' });
  const registers = [registry];
  shared.drubekMetrics = {
    registry,
    requests: new Counter({
      name: 'drubek_requests_total',
      help: 'Changes asked for, by method and status',
      labelNames: ['method', 'status'],
      registers,
    }),
    durations: new Histogram({
      name: 'drubek_request_seconds',
      help: 'How long a change took',
      labelNames: ['method'],
      buckets: [0.005, 0.01, 0.025, 0.05, 0.1, 0.25, 0.5, 1, 3],
      registers,
    }),
    streams: new Gauge({ name: 'drubek_streams', help: 'Streams that are open', registers }),
  };
  return shared.drubekMetrics;
}

/** Serves the counts at /metrics on loopback. */
export function serveMetrics(port: number): void {
  const { registry } = metrics();
  createServer((request, response) => {
    if (request.url !== '/metrics') return void response.writeHead(404).end();
    registry.metrics().then(
      (text) => response.writeHead(200, { 'content-type': registry.contentType }).end(text),
      () => response.writeHead(500).end(),
    );
  })
    .on('error', () => undefined)
    .listen(port, '127.0.0.1')
    .unref();
}
