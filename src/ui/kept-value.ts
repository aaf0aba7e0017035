import type { z } from 'zod';

/** Reads what this device has kept under a key; null where there is nothing, or nothing that can be read. */
export function keptValue<Value>(key: string, schema: z.ZodType<Value>): Value | null {
  try {
    const parsed = schema.safeParse(JSON.parse(localStorage.getItem(key) ?? 'null'));
    return parsed.success ? parsed.data : null;
  } catch {
    return null;
  }
}

/** Keeps a value on this device; null removes it. A browser that keeps nothing goes on without. */
export function keepValue(key: string, value: unknown): void {
  try {
    if (value === null) localStorage.removeItem(key);
    else localStorage.setItem(key, JSON.stringify(value));
  } catch {
    /* full, or not allowed */
  }
}
