import { setTimeout as wait } from 'node:timers/promises';
import { httpDevices } from '@/devices/http-devices';
import { spawnStandIns } from '@/devices/stand-ins/spawn-stand-ins';
import type { DeviceReadings, DeviceRequest } from '@/schemas/device-message';
import { fail, type Result, succeed } from './result';

/** Where the stand-ins of a kitchen answer unless DRUBEK_DEVICES names another address. */
const STAND_INS = 'http://127.0.0.1:3290/kitchens/{kitchen}';

/** How long stand-ins may take to come up, ms, and how often they are asked. */
const COMING_UP = 8000;
const ASK_EVERY = 200;

/** Where a kitchen's devices answer. Set by whoever starts the app, never by a page; without `{kitchen}` in it all kitchens share them. */
function address(kitchenId: string): string {
  return (process.env.DRUBEK_DEVICES ?? STAND_INS).replace('{kitchen}', kitchenId);
}

/** What all devices of a kitchen say now. */
export function readDevices(kitchenId: string): Promise<DeviceReadings> {
  return httpDevices(address(kitchenId)).read();
}

/** Carries out what a page asks of its kitchen's devices. */
export async function askDevices(kitchenId: string, request: DeviceRequest): Promise<Result<null>> {
  const devices = httpDevices(address(kitchenId));
  switch (request.kind) {
    case 'start':
      return startStandIns(kitchenId);
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

/** Starts the stand-ins, unless something answers at their address already. */
async function startStandIns(kitchenId: string): Promise<Result<null>> {
  const answers = async () => (await readDevices(kitchenId)).faults !== null;
  if (await answers()) return succeed(null);
  const { hostname, port } = new URL(address(kitchenId));
  if (hostname !== '127.0.0.1' && hostname !== 'localhost') return fail({ code: 'device-away' });
  spawnStandIns(Number(port));
  for (const until = Date.now() + COMING_UP; Date.now() < until; await wait(ASK_EVERY)) {
    if (await answers()) return succeed(null);
  }
  return fail({ code: 'device-away' });
}
