import { httpDevices } from '@/devices/http-devices';
import { serveStandIns } from '@/devices/stand-ins/server';
import { createStandIns } from '@/devices/stand-ins/stand-ins';
import type { DeviceReadings, DeviceRequest } from '@/schemas/device-message';
import { fail, type Result, succeed } from './result';

/** Port of the stand-ins where DRUBEK_DEVICES names no other address. */
const STAND_IN_PORT = 3290;

/** Where the kitchen's devices answer. Set by whoever starts the app, never by a page. */
function address(): string {
  return process.env.DRUBEK_DEVICES ?? `http://127.0.0.1:${STAND_IN_PORT}`;
}

/** What all devices say now. */
export function readDevices(): Promise<DeviceReadings> {
  return httpDevices(address()).read();
}

/** Carries out what a page asks of the devices. */
export async function askDevices(request: DeviceRequest): Promise<Result<null>> {
  const devices = httpDevices(address());
  switch (request.kind) {
    case 'start':
      return startStandIns();
    case 'dial':
      return ordered(await devices.turnDial(request.command.dial_c));
    case 'basket':
      return ordered(await devices.atBasket(request.command));
    case 'settings':
      return ordered(await devices.set(request.settings));
  }
}

function ordered({ ok }: { ok: boolean }): Result<null> {
  return ok ? succeed(null) : fail({ code: 'device-away' });
}

/** Starts the stand-ins within this process, unless something answers at their address already. */
async function startStandIns(): Promise<Result<null>> {
  const { faults } = await readDevices();
  if (faults) return succeed(null);
  const { hostname, port } = new URL(address());
  if (hostname !== '127.0.0.1' && hostname !== 'localhost') return fail({ code: 'device-away' });
  try {
    const server = await serveStandIns(createStandIns(Date.now() % 1000), Number(port));
    server.unref();
    return succeed(null);
  } catch {
    return fail({ code: 'device-away' });
  }
}
