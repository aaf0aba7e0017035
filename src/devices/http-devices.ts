import { z } from 'zod';
import {
  DEVICE_FAULTS,
  DEVICE_KINDS,
  type DeviceKind,
  type DeviceReading,
  type DeviceReadings,
  REPORT_SCHEMAS,
} from '../schemas/device-message';
import { writePlanFile } from '../schemas/write-plan';
import type { DeviceAdapter, Ordered } from './device-adapter';

/** How long a device may take to answer, ms. */
const PATIENCE = 1200;

const rootSchema = z.object({ faults: z.partialRecord(z.enum(DEVICE_KINDS), z.enum(DEVICE_FAULTS)) });

/** Devices that speak JSON over HTTP as in docs/formats/devices.md. @param address such as http://127.0.0.1:3290 */
export function httpDevices(address: string): DeviceAdapter {
  const ask = async (path: string): Promise<unknown> => {
    const response = await fetch(address + path, { signal: AbortSignal.timeout(PATIENCE), cache: 'no-store' });
    if (!response.ok) throw new Error(`answered ${response.status}`);
    return response.json();
  };
  const read = async <Kind extends DeviceKind>(kind: Kind): Promise<DeviceReading<Kind>> => {
    let answer: unknown;
    try {
      answer = await ask(`/${kind}`);
    } catch {
      return { kind: 'silent', why: 'does not answer' };
    }
    const parsed = REPORT_SCHEMAS[kind].safeParse(answer);
    return parsed.success
      ? ({ kind: 'read', report: parsed.data } as DeviceReading<Kind>)
      : { kind: 'silent', why: 'answers something that is not understood' };
  };
  const order = async (method: 'PUT' | 'POST', path: string, body: unknown): Promise<Ordered> => {
    try {
      const response = await fetch(address + path, {
        method,
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(body),
        signal: AbortSignal.timeout(PATIENCE),
      });
      return response.ok ? { ok: true } : { ok: false, why: `The device refused it (${response.status}).` };
    } catch {
      return { ok: false, why: 'The device does not answer.' };
    }
  };
  return {
    async read(): Promise<DeviceReadings> {
      const root = ask('/')
        .then((answer) => rootSchema.parse(answer).faults)
        .catch(() => null);
      const [fryer, scale, probe, colour] = await Promise.all([
        read('fryer'),
        read('scale'),
        read('probe'),
        read('colour'),
      ]);
      return { readings: { fryer, scale, probe, colour }, faults: await root };
    },
    turnDial: (celsius) => order('PUT', '/fryer', { dial_c: celsius }),
    atBasket: (command) =>
      order(
        'POST',
        '/fryer/basket',
        command.action === 'load' ? { ...command, plan: writePlanFile(command.plan) } : command,
      ),
    set: (settings) => order('PUT', '/stand-ins', settings),
  };
}
