/* npm run attack: apps of its own on one database under load and abuse, with figures. See docs/hosting.md. */
import { type ChildProcess, spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { performance } from 'node:perf_hooks';
import { setTimeout as wait } from 'node:timers/promises';
import { FIRST_PLAN } from '../../src/schemas/first-plan';
import { writePlanFile } from '../../src/schemas/write-plan';
import { addressOf, Browser, FORECAST, PORT, quantile } from './browser';
import { bombs, floods, isolation, longLog } from './border';

const happened = (count: number, from = 0) =>
  Array.from({ length: count }, (_, i) => ({
    id: randomUUID(),
    kind: i + from === 0 ? 'loaded' : 'more-time',
    happenedAt: Date.now() - 1_000_000 + (i + from) * 10,
    detail: {},
  }));

async function streams(processes: number): Promise<void> {
  const browser = await new Browser().enter();
  const batchId = await browser.beginBatch();
  for (let n = 0; n < 1000; n += 100) {
    await browser.ask('POST', `/api/batches/${batchId}/events`, { events: happened(100, n) });
  }
  const end = new AbortController();
  const opened: number[] = [];
  const later: number[] = [];
  let began = performance.now();
  for (let n = 0; n < 200; n++) {
    let first = true;
    browser
      .stream(
        `/api/batches/${batchId}/stream?after=990`,
        end.signal,
        () => {
          (first ? opened : later).push(performance.now() - began);
          first = false;
        },
        addressOf(n % processes),
      )
      .catch(() => undefined);
  }
  while (opened.length < 200) await wait(20);
  const news: number[] = [];
  for (let n = 0; n < 10; n++) {
    began = performance.now();
    await browser.ask('POST', `/api/batches/${batchId}/events`, { events: happened(1, 1000 + n) });
    while (later.length < 200) await wait(5);
    news.push(...later.splice(0));
  }
  console.log(
    `200 streams on 1,000 stored events, opened at once: first answer after ${Math.round(quantile(opened, 0.5))} ms in the median, p95 ${Math.round(quantile(opened, 0.95))} ms; a new event is on all of them after ${Math.round(quantile(news, 0.5))} ms in the median, p95 ${Math.round(quantile(news, 0.95))} ms`,
  );
  end.abort();
}

async function writes(processes: number): Promise<void> {
  const kitchens = await Promise.all(
    Array.from({ length: 12 }, (_, n) => new Browser(addressOf(n % processes)).enter()),
  );
  const batches = await Promise.all(kitchens.map((browser) => browser.beginBatch()));
  const times: number[] = [];
  let errors = 0;
  const under: Promise<void>[] = [];
  for (let n = 0; n < 50 * 30; n++) {
    const at = n % kitchens.length;
    const write = async () => {
      const began = performance.now();
      const response = await kitchens[at]!.ask('POST', `/api/batches/${batches[at]}/events`, { events: happened(1) });
      times.push(performance.now() - began);
      if (!response.ok) errors++;
    };
    under.push(write());
    await wait(20);
  }
  await Promise.all(under);
  console.log(
    `50 writes/s for 30 s: median ${Math.round(quantile(times, 0.5))} ms, p95 ${Math.round(quantile(times, 0.95))} ms, ${errors} errors`,
  );
}

async function heavyPlans(): Promise<void> {
  const browser = await new Browser().enter();
  const leaf = {
    ...FIRST_PLAN,
    cut: { shape: 'sheet', thickness_mm: 0.5, width_mm: 50, length_mm: 60, scatter: 0.07 },
    cook: { stages: Array.from({ length: 8 }, () => ({ minutes: 120, temperature_c: 200 })), events: [] },
  } as unknown as typeof FIRST_PLAN;
  const began = performance.now();
  const batchId = await browser.beginBatch(writePlanFile(leaf));
  await browser.ask('PUT', `/api/batches/${batchId}/outcome`, { crispness: 'crisp', browning: 1, evenness: 'even' });
  const health = await browser.ask('GET', '/api/health');
  console.log(
    `a plan of eight 120-minute stages of a leaf: begun, judged and answered in ${Math.round(performance.now() - began)} ms (health ${health.status})`,
  );
}

/** Everything a request's leaf can be that nobody means. */
const ODD: readonly unknown[] = [
  null,
  true,
  -1,
  1e308,
  -1e308,
  1e-50,
  0.1,
  '',
  'a\u0000b',
  '\ud83e',
  '__proto__',
  'x'.repeat(5000),
  [],
  {},
  [[[[[[[[]]]]]]]],
  { __proto__: null, constructor: 1 },
];

/** Copies of a body with one leaf after another replaced. */
function* spoilt(body: unknown, path: (string | number)[] = []): Generator<() => (string | number)[]> {
  if (body !== null && typeof body === 'object') {
    for (const [key, value] of Object.entries(body)) yield* spoilt(value, [...path, key]);
    return;
  }
  yield () => path;
}

function replaced(body: unknown, path: readonly (string | number)[], odd: unknown): unknown {
  if (path.length === 0) return odd;
  const copy = Array.isArray(body) ? [...body] : { ...(body as object) };
  const [key, ...rest] = path;
  (copy as Record<string, unknown>)[key!] = replaced((body as Record<string, unknown>)[key!], rest, odd);
  return copy;
}

async function fuzz(): Promise<void> {
  let browser = await new Browser().enter();
  const batchId = await browser.beginBatch();
  const planId = randomUUID();
  const bodies: [string, string, unknown][] = [
    [
      'POST',
      '/api/batches',
      { batchId: randomUUID(), fryerName: 'F', document: writePlanFile(FIRST_PLAN), forecast: FORECAST },
    ],
    ['POST', `/api/batches/${batchId}/events`, { events: happened(1) }],
    [
      'PUT',
      `/api/batches/${batchId}/outcome`,
      { crispness: 'crisp', browning: 1, evenness: 'even', faults: ['stuck'], note: 'n', fingerprint: [1, 2] },
    ],
    [
      'PUT',
      `/api/batches/${batchId}/evidence`,
      {
        version: 1,
        toldBy: 'x',
        evidence: { information: new Array(36).fill(0), vector: new Array(6).fill(0), answers: 1 },
      },
    ],
    ['PUT', `/api/batches/${batchId}/place`, { leftOut: true, removed: false }],
    ['PUT', `/api/kitchen/fryers/${randomUUID()}/learning`, { inUse: true, from: 5 }],
    [
      'POST',
      `/api/kitchen/fryers/${randomUUID()}/tests`,
      {
        testId: randomUUID(),
        test: { kind: 'water', dial_c: 180, grams: 250, diameter_cm: 16, minutes: 12, left_g: 210, lamp_out_s: 90 },
      },
    ],
    ['PUT', `/api/kitchen/fryer-tests/${randomUUID()}`, { leftOut: true }],
    ['POST', `/api/batches/${batchId}/invites`, {}],
    ['PUT', `/api/plans/${planId}`, { fryerId: randomUUID(), document: writePlanFile(FIRST_PLAN), base: 0 }],
    ['POST', `/api/plans/${planId}/versions`, {}],
    ['POST', `/api/plans/${planId}/copies`, {}],
    ['POST', `/api/plans/${planId}/archive`, { archived: true }],
    [
      'PUT',
      `/api/kitchen/fryers/${randomUUID()}`,
      { name: 'F', powerW: 1500, basketCm2: 500, basketHeightMm: 90, thermostatOffsetC: 0 },
    ],
    ['PUT', `/api/kitchen/cutters/${randomUUID()}`, { name: 'C', setting: '2', thicknessMm: 3, scatter: 0.05 }],
    ['PUT', '/api/kitchen/units', { unitSystem: 'metric' }],
    ['PUT', '/api/kitchen/removal', { word: 'x' }],
    ['POST', '/api/kitchen/invites', {}],
    ['POST', '/api/devices', { kind: 'dial', command: { dial_c: 180 } }],
    ['POST', '/api/join', { token: 'x'.repeat(32) }],
    ['POST', '/api/session/enter', { kitchen: 'new' }],
    ['POST', '/api/session/switch', { kitchenId: randomUUID() }],
    ['POST', '/api/session/passkey/register', { name: 'Ada' }],
    ['POST', '/api/session/passkey/sign-in', { response: { id: 'x', response: {} } }],
    ['POST', '/api/session/passkey/recover', { code: 'abcd-efgh-jkmn' }],
  ];
  let asked = 0;
  const bad = new Map<string, number>();
  const ask = async (method: string, path: string, body: unknown, more?: Record<string, string>) => {
    const response = await browser.ask(method, path, body, more).catch(() => null);
    asked++;
    if (!response || (response.status >= 500 && response.status !== 502 && response.status !== 503)) {
      const key = `${response?.status ?? 'no answer'} ${method} ${path.replace(/[0-9a-f-]{36}/g, '…')} ${JSON.stringify(body).slice(0, 80)}`;
      bad.set(key, (bad.get(key) ?? 0) + 1);
    }
    await response?.arrayBuffer().catch(() => undefined);
  };
  for (const [method, path, body] of bodies) {
    for (const leaf of spoilt(body)) {
      const at = leaf();
      await Promise.all(ODD.map((odd) => ask(method, path, replaced(body, at, odd))));
    }
    if (path.includes('enter') || path.includes('recover')) browser = await new Browser().enter();
    for (const other of ['GET', 'POST', 'PUT', 'DELETE', 'PATCH', 'OPTIONS']) await ask(other, path, body);
    for (const text of [
      '',
      '{',
      'null',
      '[]',
      '"x"',
      '1e999',
      `${'['.repeat(20_000)}`,
      `{"a":"${'x'.repeat(1_000_000)}"}`,
    ]) {
      await ask(method, path, text);
    }
    await ask(method, path, body, { 'content-type': 'text/plain' });
    await ask(method, path, body, { 'content-type': 'multipart/form-data; boundary=x' });
  }
  for (const path of [
    '/log/%ff',
    '/cook/%00',
    '/plans/..%2f',
    '/%',
    '/?plan=%ff',
    '/enter?next=//x',
    '/join/%ff',
    '/join/x',
    '/api/%ff',
    '/api/batches/x/stream?after=-1e9',
  ]) {
    await ask('GET', path, undefined);
  }
  /* things that meet: sixteen versions at once, events from both ends */
  const own = await new Browser().enter();
  const ownBatch = await own.beginBatch();
  const both = happened(40);
  const meets = await Promise.all([
    ...Array.from({ length: 16 }, () => own.ask('POST', `/api/batches/${ownBatch}/events`, { events: both })),
    ...Array.from({ length: 16 }, () =>
      own.ask('POST', `/api/batches/${ownBatch}/events`, { events: [...both].reverse() }),
    ),
  ]);
  const refused = meets.filter(({ status }) => status >= 500).length;
  console.log(`${asked} odd requests: ${bad.size} kinds of 5xx; 32 that meet: ${refused} 5xx`);
  for (const [key, count] of bad) console.log(`  ${count} × ${key}`);
}

async function serve(count: number, times = '1000'): Promise<ChildProcess[]> {
  const apps = Array.from({ length: count }, (_, n) =>
    spawn(process.execPath, ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', String(PORT + n)], {
      env: { ...process.env, DRUBEK_LIMITS_TIMES: times },
      stdio: ['ignore', 'ignore', 'inherit'],
    }),
  );
  for (let n = 0; n < count; n++) {
    for (let tries = 0; tries < 120; tries++) {
      if ((await fetch(`${addressOf(n)}/api/health`).catch(() => null))?.ok) break;
      await wait(250);
    }
  }
  return apps;
}

async function end(apps: readonly ChildProcess[]): Promise<void> {
  await Promise.all(
    apps.map(
      (app) =>
        new Promise((resolve) => {
          app.once('exit', resolve);
          app.kill('SIGKILL');
        }),
    ),
  );
}

/* views are held against the allowances that everyone has */
const strict = await serve(1, '1');
await floods();
await end(strict);

for (const count of [1, 2, 4]) {
  const apps = await serve(count);
  console.log(count === 1 ? 'One process:' : `${count} processes on one database:`);
  await streams(count);
  await writes(count);
  if (count === 1) {
    await heavyPlans();
    await longLog();
    await bombs();
    await isolation();
    await fuzz();
  }
  await end(apps);
}
process.exit(0);
