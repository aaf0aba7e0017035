import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import type { z } from 'zod';
import {
  basketCommandSchema,
  DEVICE_KINDS,
  type DeviceKind,
  dialCommandSchema,
  standInSettingsSchema,
} from '../../schemas/device-message';
import { faultsOf } from '../../schemas/faults';
import type { KitchensOfStandIns } from './all-kitchens';
import type { StandIns } from './stand-ins';

/** Largest body, bytes: a plan file and a little. */
const LARGEST_BODY = 96 * 1024;

/** Serves the stand-ins of all kitchens on loopback alone; see docs/formats/devices.md. Rejects when the port is taken. */
export function serveStandIns(kitchens: KitchensOfStandIns, port: number): Promise<Server> {
  const server = createServer((request, response) => {
    answer(kitchens, request, response).catch(() => send(response, 500, { error: 'the stand-in failed' }));
  });
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, '127.0.0.1', () => resolve(server));
  });
}

async function answer(kitchens: KitchensOfStandIns, request: IncomingMessage, response: ServerResponse): Promise<void> {
  /* a page of any other address may send what it likes to loopback, but not with these two */
  if (!/^(127\.0\.0\.1|localhost)(:\d+)?$/.test(request.headers.host ?? '')) {
    return send(response, 403, { error: 'loopback only' });
  }
  if (request.method !== 'GET' && !request.headers['content-type']?.startsWith('application/json')) {
    return send(response, 415, { error: 'send application/json' });
  }
  const [, kitchenId = '', own = ''] = /^(?:\/kitchens\/([\w-]{1,64}))?(\/?.*)$/.exec(request.url ?? '/')!;
  const path = own.split('?')[0] || '/';
  const standIns = kitchens.of(kitchenId);
  const way = `${request.method} ${path}`;
  if (way === 'GET /') return send(response, 200, { devices: DEVICE_KINDS, faults: standIns.faults });
  const kind = DEVICE_KINDS.find((candidate) => way === `GET /${candidate}`);
  if (kind) return report(standIns, kind, response);
  if (way === 'PUT /fryer') {
    return obey(request, response, dialCommandSchema, (command) => standIns.turnDial(command.dial_c));
  }
  if (way === 'POST /fryer/basket') {
    return obey(request, response, basketCommandSchema, (command) => standIns.atBasket(command));
  }
  if (way === 'PUT /stand-ins') {
    return obey(request, response, standInSettingsSchema, (settings) => standIns.set(settings));
  }
  send(response, 404, { error: 'no such device' });
}

/* a silent device takes the question and hangs up */
function report(standIns: StandIns, kind: DeviceKind, response: ServerResponse): void {
  const found = standIns.report(kind);
  if (found) send(response, 200, found);
  else response.destroy();
}

async function obey<Schema extends z.ZodType>(
  request: IncomingMessage,
  response: ServerResponse,
  schema: Schema,
  act: (command: z.output<Schema>) => void,
): Promise<void> {
  const chunks: Buffer[] = [];
  let size = 0;
  for await (const chunk of request) {
    size += (chunk as Buffer).length;
    if (size > LARGEST_BODY) return send(response, 413, { error: 'larger than 96 kB' });
    chunks.push(chunk as Buffer);
  }
  let json: unknown;
  try {
    json = JSON.parse(Buffer.concat(chunks).toString('utf8'));
  } catch {
    return send(response, 400, { error: 'not JSON' });
  }
  const parsed = schema.safeParse(json, { reportInput: true });
  if (!parsed.success) {
    const faults = faultsOf(parsed.error);
    return send(response, 422, { error: faults.map(({ path, message }) => `${path}: ${message}`).join('; ') });
  }
  act(parsed.data);
  send(response, 200, { ok: true });
}

function send(response: ServerResponse, status: number, body: unknown): void {
  response.writeHead(status, { 'content-type': 'application/json', 'cache-control': 'no-store' });
  response.end(JSON.stringify(body));
}
