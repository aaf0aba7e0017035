import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { createServer } from 'node:http';
import { FIRST_PLAN } from '../schemas/first-plan';
import { httpDevices } from './http-devices';
import { createKitchensOfStandIns } from './stand-ins/all-kitchens';
import { serveStandIns } from './stand-ins/server';

let server: Server;
const addressOf = (one: Server) => `http://127.0.0.1:${(one.address() as AddressInfo).port}`;

beforeEach(async () => {
  server = await serveStandIns(createKitchensOfStandIns(2), 0);
});
afterEach(() => new Promise<void>((resolve) => void server.close(() => resolve())));

test('all devices are read over HTTP, take orders and are told what hands did', async () => {
  const devices = httpDevices(addressOf(server));
  expect(await devices.turnDial(190)).toEqual({ ok: true });
  expect(await devices.atBasket({ action: 'load', plan: FIRST_PLAN })).toEqual({ ok: true });
  const { readings, faults } = await devices.read();
  expect(faults).toEqual({});
  expect(readings.fryer).toMatchObject({ kind: 'read', report: { dial_c: 190, drawer: 'in' } });
  expect(readings.scale).toMatchObject({ kind: 'read' });
  expect(readings.colour).toMatchObject({ kind: 'read' });
});

test('each kitchen has a fryer of its own: one kitchen’s order turns no other’s dial, nor is their hidden truth the same', async () => {
  const kitchen = (id: string) => httpDevices(`${addressOf(server)}/kitchens/${id}`);
  await kitchen('ours').turnDial(200);
  await kitchen('ours').set({ faults: { scale: 'silent' } });
  const { readings, faults } = await kitchen('theirs').read();
  expect(readings.fryer).toMatchObject({ kind: 'read', report: { dial_c: null } });
  expect(faults).toEqual({});
  expect((await kitchen('ours').read()).readings.fryer).toMatchObject({ report: { dial_c: 200 } });
});

test('a silent device is a reading of its own; the others go on', async () => {
  const devices = httpDevices(addressOf(server));
  await devices.set({ faults: { scale: 'silent' } });
  const { readings, faults } = await devices.read();
  expect(readings.scale).toEqual({ kind: 'silent', why: 'does not answer' });
  expect(readings.probe.kind).toBe('read');
  expect(faults).toEqual({ scale: 'silent' });
});

test('with nothing at the address every device is silent, and an order says so', async () => {
  const devices = httpDevices('http://127.0.0.1:9');
  const { readings, faults } = await devices.read();
  expect(Object.values(readings).map(({ kind }) => kind)).toEqual(['silent', 'silent', 'silent', 'silent']);
  expect(faults).toBeNull();
  expect(await devices.turnDial(200)).toEqual({ ok: false, why: 'The device does not answer.' });
});

test('a device that speaks nonsense is silent, and is not believed', async () => {
  const odd = createServer((_, response) => response.end('{"device":"drubek.scale","version":1,"grams":"heavy"}'));
  await new Promise<void>((resolve) => odd.listen(0, '127.0.0.1', () => resolve()));
  const { readings } = await httpDevices(addressOf(odd)).read();
  expect(readings.scale).toEqual({ kind: 'silent', why: 'answers something that is not understood' });
  await new Promise((resolve) => odd.close(resolve));
});

test('the stand-ins refuse what they do not understand, with a reason', async () => {
  const put = (path: string, body: string, headers: Record<string, string> = { 'content-type': 'application/json' }) =>
    fetch(addressOf(server) + path, { method: 'PUT', headers, body });
  const hot = await put('/fryer', '{"dial_c":900}');
  expect(hot.status).toBe(422);
  expect(((await hot.json()) as { error: string }).error).toMatch(/^dial_c/);
  expect((await put('/fryer', 'hot')).status).toBe(400);
  expect((await put('/fryer', '{"dial_c":180}', { 'content-type': 'text/plain' })).status).toBe(415);
  expect((await put('/stand-ins', `"${'x'.repeat(100_000)}"`)).status).toBe(413);
  expect((await put('/oven', '{}')).status).toBe(404);
});
