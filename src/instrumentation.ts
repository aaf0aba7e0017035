/** How often what is over is cleared away, ms: sessions that have run out, kitchens that were removed or that nobody can enter. Source: chosen. */
const TIDY_EVERY = 600_000;

/** Starts what runs beside the pages: the thread that works for them, clearing away, and the counts for whoever watches the server, on loopback alone. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { serverThread } = await import('./services/apart/server-thread');
  serverThread().start();
  const { tidyUp } = await import('./services/sessions');
  setInterval(() => void tidyUp(), TIDY_EVERY).unref();
  const port = Number(process.env.DRUBEK_METRICS_PORT);
  if (!port) return;
  const { serveMetrics } = await import('./services/metrics');
  serveMetrics(port);
}
