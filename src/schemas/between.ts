import { z } from 'zod';

/** A number within limits, both included. */
export function between(limits: readonly [number, number]) {
  return z.number().min(limits[0]).max(limits[1]);
}
