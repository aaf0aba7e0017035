import type { NextResponse } from 'next/server';
import type { z } from 'zod';
import type { Limited } from '@/services/limits';
import { readJson, refuse } from './answer';
import { refusedByLimit } from './rate-limit';

/** Answers a request that needs no kitchen yet: rate by address, size and form are checked, then the work is done. @param wanted what the body should be, in words */
export async function answerStranger<Schema extends z.ZodType>(
  request: Request,
  limit: Limited,
  schema: Schema,
  wanted: string,
  work: (body: z.output<Schema>) => Promise<NextResponse>,
): Promise<NextResponse> {
  const limited = await refusedByLimit(request, limit);
  if (limited) return limited;
  const body = await readJson(request);
  if ('refusal' in body) return body.refusal;
  const parsed = schema.safeParse(body.json);
  return parsed.success ? work(parsed.data) : refuse(422, wanted);
}
