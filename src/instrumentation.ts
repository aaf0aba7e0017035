/** Starts what runs beside the pages: the counts for whoever watches the server, on loopback alone. */
export async function register(): Promise<void> {
  const port = Number(process.env.DRUBEK_METRICS_PORT);
  if (process.env.NEXT_RUNTIME !== 'nodejs' || !port) return;
  const { serveMetrics } = await import('./services/metrics');
  serveMetrics(port);
}
