import { randomUUID } from 'node:crypto';
import { performance } from 'node:perf_hooks';
import { buffer } from 'node:stream/consumers';
import { setTimeout as wait } from 'node:timers/promises';
import pg from 'pg';
import { ZipFile } from 'yazl';
import { forgedZip } from '../../tests/support/forged-zip';
import { addressOf, Browser, quantile } from './browser';

/** How long health of another visitor took while `work` ran, ms. */
async function besides<T>(work: () => Promise<T>): Promise<{ result: T; p95: number; most: number; took: number }> {
  const times: number[] = [];
  let over = false;
  const watch = (async () => {
    while (!over) {
      const began = performance.now();
      await fetch(`${addressOf(0)}/api/health`).then((response) => response.arrayBuffer());
      times.push(performance.now() - began);
      await wait(20);
    }
  })();
  const began = performance.now();
  const result = await work();
  const took = performance.now() - began;
  over = true;
  await watch;
  return {
    result,
    p95: Math.round(quantile(times, 0.95)),
    most: Math.round(Math.max(...times)),
    took: Math.round(took),
  };
}

async function zipOf(files: Record<string, string>): Promise<Buffer> {
  const zip = new ZipFile();
  const manifest = { format: 'drubek.kitchen', version: 1, kitchen_id: randomUUID(), name: 'x', checksum: 'x' };
  zip.addBuffer(Buffer.from(JSON.stringify(manifest)), 'kitchen.json');
  for (const [name, text] of Object.entries(files)) zip.addBuffer(Buffer.from(text), name);
  zip.end();
  return buffer(zip.outputStream as never);
}

/** Archives that unpack to far more than they say, or hold what no page could show; others must not notice. */
export async function bombs(): Promise<void> {
  const browser = await new Browser().enter();
  const zeros = Buffer.alloc(100_000_000);
  const fryers = (count: number, row: (n: number) => object) =>
    Array.from({ length: count }, (_, n) => JSON.stringify(row(n))).join('\n');
  const fryer = {
    name: 'F',
    power_w: 1500,
    basket_cm2: 500,
    basket_height_mm: 90,
    thermostat_offset_c: 0,
    created_at: '2026-11-20T18:00:00+00:00',
    archived_at: null,
  };
  const archives: Record<string, Buffer> = {
    'one entry says 1 kB and holds 100 MB': forgedZip(['kitchen.json'], zeros, 1000),
    'the same named 1,000 times': forgedZip(new Array<string>(1000).fill('kitchen.json'), zeros, 1000),
    'a table without an end of line': forgedZip(['kitchen.json', 'fryers.jsonl'], zeros, zeros.length),
    'JSON 100,000 deep': await zipOf({ 'plans.jsonl': '['.repeat(100_000) }),
    '50,000 fryers': await zipOf({ 'fryers.jsonl': fryers(50_000, () => ({ ...fryer, fryer_id: randomUUID() })) }),
    'no zip': Buffer.alloc(5_000_000, 'x'),
  };
  for (const [name, bytes] of Object.entries(archives)) {
    const { result, p95, most, took } = await besides(async () => {
      const response = await fetch(`${addressOf(0)}/api/kitchen/archive`, {
        method: 'POST',
        headers: { origin: addressOf(0), cookie: browser.cookies, 'content-type': 'application/zip' },
        body: bytes as never,
      });
      return response.status;
    });
    console.log(
      `archive, ${name} (${Math.round(bytes.length / 1000)} kB): ${result} after ${took} ms; health of others p95 ${p95} ms, longest ${most} ms`,
    );
  }
}

/** The log of a kitchen with 5,000 batches: its pages, a search, the table, the archive. */
export async function longLog(): Promise<void> {
  const browser = await new Browser().enter();
  const batchId = await browser.beginBatch();
  const database = new pg.Client({ connectionString: process.env.DATABASE_URL });
  await database.connect();
  await database.query(
    `INSERT INTO batches (batch_id, kitchen_id, fryer_name, document, forecast, begun_at, last_seq)
     SELECT gen_random_uuid(), kitchen_id, fryer_name, document, forecast, begun_at - n * interval '3 hours', last_seq
     FROM batches, generate_series(1, 4999) AS n WHERE batch_id = $1`,
    [batchId],
  );
  await database.end();
  for (const path of ['/log', '/log?page=2', '/log?page=125', '/log?words=potato&order=dish']) {
    const times: number[] = [];
    for (let n = 0; n < 5; n++) {
      const began = performance.now();
      const response = await browser.ask('GET', path);
      await response.arrayBuffer();
      times.push(performance.now() - began);
      if (response.status !== 200) console.log(`  ${response.status} ${path}`);
    }
    console.log(`5,000 batches, ${path}: ${Math.round(quantile(times, 0.5))} ms in the median of five`);
  }
  for (const path of ['/api/kitchen/log?as=csv', '/api/kitchen/archive']) {
    const { result, p95, took } = await besides(async () =>
      (await browser.ask('GET', path)).arrayBuffer().then((bytes) => bytes.byteLength),
    );
    console.log(
      `5,000 batches, ${path}: ${Math.round(result / 1000)} kB after ${took} ms; health of others p95 ${p95} ms`,
    );
  }
}

/** What another kitchen, nobody and a forged cookie are answered when they ask for what is one kitchen's. */
export async function isolation(): Promise<void> {
  const own = await new Browser().enter();
  const batchId = await own.beginBatch();
  const id = randomUUID();
  const asked: [string, string, unknown?][] = [
    ['GET', `/log/${batchId}`],
    ['GET', `/cook/${batchId}`],
    ['GET', `/api/batches/${batchId}/stream`],
    [
      'POST',
      `/api/batches/${batchId}/events`,
      { events: [{ id, kind: 'loaded', happenedAt: Date.now(), detail: {} }] },
    ],
    ['PUT', `/api/batches/${batchId}/outcome`, { crispness: 'crisp', browning: 1, evenness: 'even' }],
    ['PUT', `/api/batches/${batchId}/place`, { removed: true }],
    ['POST', `/api/batches/${batchId}/invites`, {}],
    ['POST', `/api/batches/${batchId}/photos`, { photoId: id, width: 4, height: 3, image: '/9j/AQID' }],
    ['GET', `/api/kitchen/archive/${id}`],
    ['DELETE', `/api/kitchen/passkeys/${id}`, {}],
    ['POST', '/api/kitchen/codes', {}],
  ];
  const strangers = [await new Browser().enter(), new Browser(), new Browser(addressOf(0), 'drubek_session=forged')];
  let leaks = 0;
  for (const stranger of strangers) {
    for (const [method, path, body] of asked) {
      const response = await stranger.ask(method, path, body);
      const text = method === 'GET' && path.endsWith('/stream') ? '' : await response.text();
      const isOwnAnswer = path.includes('/archive/') && /"received":0/.test(text);
      if ((response.status === 200 && !isOwnAnswer) || text.includes('Potato sticks')) {
        leaks++;
        console.log(`  leak: ${response.status} ${method} ${path}`);
      }
    }
  }
  const there = await own.ask('GET', `/log/${batchId}`);
  console.log(
    `${strangers.length * asked.length} tries at another kitchen: ${leaks} leaks; its own view ${there.status}`,
  );
}

/** Three hundred views at once by one visitor, on the allowances that everyone has, and what another one waits meanwhile. */
export async function floods(): Promise<void> {
  const browser = await new Browser().enter();
  const { result, p95, most } = await besides(() =>
    Promise.all(
      Array.from({ length: 300 }, async () => {
        const response = await browser.ask('GET', '/plans');
        await response.arrayBuffer();
        return response.status;
      }),
    ),
  );
  const shown = result.filter((status) => status === 200).length;
  const slowed = result.filter((status) => status === 429).length;
  console.log(
    `300 views at once: ${shown} shown, ${slowed} told to wait; health of others p95 ${p95} ms, longest ${most} ms`,
  );
}
