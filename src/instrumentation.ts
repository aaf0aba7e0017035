/** Starts what runs beside the pages: the thread of first sights, and the counts for whoever watches the server, on loopback alone. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { prepareFirstSight } = await import('./services/first-sight/first-sight');
  prepareFirstSight();
  const port = Number(process.env.DRUBEK_METRICS_PORT);
  if (!port) return;
  const { serveMetrics } = await import('./services/metrics');
  serveMetrics(port);
}
