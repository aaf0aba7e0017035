import { NextResponse } from 'next/server';
import { answerChange } from '@/app/_lib/answer';
import { sessionKitchenId } from '@/app/_lib/session';
import { deviceRequestSchema } from '@/schemas/device-message';
import { askDevices, readDevices } from '@/services/devices';

/** What the kitchen's devices say now. */
export async function GET() {
  const kitchenId = await sessionKitchenId();
  if (!kitchenId) return NextResponse.json({ error: 'no kitchen' }, { status: 401 });
  return NextResponse.json(await readDevices(kitchenId), { headers: { 'cache-control': 'no-store' } });
}

/** An order to a device, or the start of the stand-ins. */
export async function POST(request: Request) {
  return answerChange(request, deviceRequestSchema, askDevices);
}
