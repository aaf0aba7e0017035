/** Requests a kitchen may send in a burst, and how fast the allowance comes back, per second. */
const BURST = 120;
const PER_SECOND = 10;

/** Kitchens remembered at most; the oldest is forgotten first. */
const REMEMBERED = 5000;

const allowances = new Map<string, { left: number; at: number }>();

/** Takes one request from a kitchen's allowance (token bucket of this process); false when it is used up. */
export function mayRequest(key: string, now = Date.now()): boolean {
  const known = allowances.get(key) ?? { left: BURST, at: now };
  const left = Math.min(BURST, known.left + ((now - known.at) / 1000) * PER_SECOND);
  allowances.delete(key);
  allowances.set(key, { left: Math.max(0, left - 1), at: now });
  if (allowances.size > REMEMBERED) allowances.delete(allowances.keys().next().value as string);
  return left >= 1;
}
