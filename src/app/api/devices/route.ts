import { NextResponse } from 'next/server';
import { answerChange } from '@/app/_lib/answer';
import { answerRead } from '@/app/_lib/answer-read';
import { deviceRequestSchema } from '@/schemas/device-message';
import { askDevices, readDevices } from '@/services/devices';

/** What the kitchen's devices say now. */
export function GET(request: Request) {
  return answerRead(
    request,
    async (kitchenId) => NextResponse.json(await readDevices(kitchenId), { headers: { 'cache-control': 'no-store' } }),
    'devices',
  );
}

/** An order to a device, or the start of the stand-ins. */
export async function POST(request: Request) {
  return answerChange(request, deviceRequestSchema, askDevices);
}
