import { Client } from 'pg';

/** Wait before a lost connection is made anew, ms. */
const AGAIN = 2000;

/** What any process tells all others of, each with an id: a batch that has new events, a session that has ended. */
const CHANNELS = ['batch_events', 'sessions_ended'] as const;
type Channel = (typeof CHANNELS)[number];

const listeners = new Map<string, Set<() => void>>();
let connecting = false;
let client: Client | null = null;

const keyOf = (channel: string, id: string) => `${channel} ${id}`;

function tell(key: string): void {
  listeners.get(key)?.forEach((listener) => listener());
}

/** After a gap nobody knows what was missed: all look again. */
function tellAll(): void {
  for (const key of listeners.keys()) tell(key);
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
  next.on('notification', ({ channel, payload }) => payload && tell(keyOf(channel, payload)));
  try {
    await next.connect();
    await next.query(CHANNELS.map((channel) => `LISTEN ${channel}`).join('; '));
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
 * Hears of what happens to one id, whichever process did it, over one listening connection per process; it is made anew when the
 * database comes back, and then everyone looks again. Returns what ends it.
 */
function hear(channel: Channel, id: string, listener: () => void): () => void {
  const key = keyOf(channel, id);
  const own = listeners.get(key) ?? new Set();
  own.add(listener);
  listeners.set(key, own);
  void connect();
  return () => {
    own.delete(listener);
    if (own.size > 0) return;
    listeners.delete(key);
    if (listeners.size === 0) letGo();
  };
}

/** Hears that a batch has new events. */
export function onBatchEvents(batchId: string, listener: () => void): () => void {
  return hear('batch_events', batchId, listener);
}

/** Hears that a session may have ended. */
export function onSessionEnded(sessionId: string, listener: () => void): () => void {
  return hear('sessions_ended', sessionId, listener);
}
