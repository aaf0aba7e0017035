import type { z } from 'zod';

/** What this device has kept under a key, unlooked at; null where there is nothing, or nothing that can be read. */
export function keptUnread(key: string): unknown {
  try {
    return JSON.parse(localStorage.getItem(key) ?? 'null');
  } catch {
    return null;
  }
}

/** Reads what this device has kept under a key; null where there is nothing, or nothing that can be read. */
export function keptValue<Value>(key: string, schema: z.ZodType<Value>): Value | null {
  const parsed = schema.safeParse(keptUnread(key));
  return parsed.success ? parsed.data : null;
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
