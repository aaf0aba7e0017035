import { Client } from 'pg';

/** Wait before a lost connection is made anew, ms. */
const AGAIN = 2000;

const listeners = new Map<string, Set<() => void>>();
let connecting = false;
let client: Client | null = null;

function tell(batchId: string): void {
  listeners.get(batchId)?.forEach((listener) => listener());
}

/** After a gap nobody knows what was missed: all look again. */
function tellAll(): void {
  for (const batchId of listeners.keys()) tell(batchId);
}

/** Ends the listening connection when nobody listens. */
function letGo(): void {
  const idle = client;
  client = null;
  void idle?.end().catch(() => undefined);
}

async function connect(): Promise<void> {
  if (connecting || client || listeners.size === 0) return;
  connecting = true;
  const next = new Client({ connectionString: process.env.DATABASE_URL, connectionTimeoutMillis: 3000 });
  let lost = false;
  const onLost = () => {
    if (lost) return;
    lost = true;
    void next.end().catch(() => undefined);
    /* one that was let go on purpose, or has been followed by another, has no say */
    if (client !== next && !connecting) return;
    client = null;
    connecting = false;
    setTimeout(() => void connect(), AGAIN).unref();
  };
  next.on('error', onLost);
  next.on('end', onLost);
  next.on('notification', ({ payload }) => payload && tell(payload));
  try {
    await next.connect();
    await next.query('LISTEN batch_events');
    if (lost) return;
    client = next;
    connecting = false;
    if (listeners.size === 0) return letGo();
    tellAll();
  } catch {
    onLost();
  }
}

/**
 * Hears of new events of a batch, whichever process stored them, over one listening connection per process; it is made anew
 * when the database comes back, and then everyone looks again. Returns what ends it.
 */
export function onBatchEvents(batchId: string, listener: () => void): () => void {
  const own = listeners.get(batchId) ?? new Set();
  own.add(listener);
  listeners.set(batchId, own);
  void connect();
  return () => {
    own.delete(listener);
    if (own.size > 0) return;
    listeners.delete(batchId);
    if (listeners.size === 0) letGo();
  };
}
