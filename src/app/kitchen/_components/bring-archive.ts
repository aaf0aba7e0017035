import { newId } from '@/ui/new-id';

/** Bytes that go at once. Source: chosen; a phone on a slow line sends one in half a minute. */
const PART = 2_000_000;

/** Rest before a part that broke off is sent again, ms, and how often that is tried without anything arriving. */
const AGAIN = 2000;
const TRIES = 30;

/** How often it is asked how far the taking in has come, ms. */
const LOOK_EVERY = 700;

/** How far an archive has come. */
export type ArchiveProgress =
  | { readonly kind: 'sending'; readonly sent: number; readonly size: number; readonly broken: boolean }
  | { readonly kind: 'taking'; readonly rows: number };

/** What came of it. */
export type BroughtIn =
  { readonly ok: true; readonly added: number; readonly same: boolean } | { readonly ok: false; readonly why: string };

const wait = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** Sends an archive part by part, goes on where a broken line left it, and has it taken in. */
export async function bringArchive(
  file: Blob,
  onProgress: (progress: ArchiveProgress) => void,
  rest = wait,
): Promise<BroughtIn> {
  const path = `/api/kitchen/archive/${newId()}`;
  const { size } = file;
  let [sent, tries] = [0, 0];
  while (sent < size) {
    onProgress({ kind: 'sending', sent, size, broken: tries > 0 });
    const part = file.slice(sent, sent + PART);
    const answer = await ask('PUT', `${path}?at=${sent}`, part);
    if (answer.kind === 'refused') return { ok: false, why: answer.why };
    if (answer.kind === 'done') {
      sent = Number((answer.body as { received?: number }).received);
      tries = 0;
      continue;
    }
    if (++tries > TRIES) return { ok: false, why: 'The server cannot be reached; nothing was taken in.' };
    await rest(AGAIN);
  }
  onProgress({ kind: 'taking', rows: 0 });
  const timer = setInterval(() => {
    void ask('GET', path).then((answer) => {
      const rows = answer.kind === 'done' ? (answer.body as { rows?: number | null }).rows : null;
      if (rows) onProgress({ kind: 'taking', rows });
    });
  }, LOOK_EVERY);
  try {
    for (tries = 0; ; tries++) {
      const answer = await ask('POST', path);
      if (answer.kind === 'done') return { ok: true, ...(answer.body as { added: number; same: boolean }) };
      if (answer.kind === 'refused') return { ok: false, why: answer.why };
      if (tries >= TRIES) return { ok: false, why: answer.why };
      await rest(AGAIN);
    }
  } finally {
    clearInterval(timer);
  }
}

type Answer =
  { readonly kind: 'done'; readonly body: unknown } | { readonly kind: 'refused' | 'later'; readonly why: string };

async function ask(method: 'GET' | 'PUT' | 'POST', path: string, body?: Blob): Promise<Answer> {
  try {
    const response = await fetch(path, {
      method,
      ...(body ? { body, headers: { 'content-type': 'application/octet-stream' } } : {}),
    });
    const answer = (await response.json().catch(() => ({}))) as { error?: string };
    if (response.ok) return { kind: 'done', body: answer };
    const why = answer.error ?? `The server answered ${response.status}.`;
    return { kind: response.status >= 500 || response.status === 429 ? 'later' : 'refused', why };
  } catch {
    return { kind: 'later', why: 'The server cannot be reached; nothing was taken in.' };
  }
}
