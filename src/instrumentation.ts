/** Starts what runs beside the pages: the thread that works for them, and the counts for whoever watches the server, on loopback alone. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { serverThread } = await import('./services/apart/server-thread');
  serverThread().start();
  const port = Number(process.env.DRUBEK_METRICS_PORT);
  if (!port) return;
  const { serveMetrics } = await import('./services/metrics');
  serveMetrics(port);
}
