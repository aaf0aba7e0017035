import { PAGES_CACHES } from '@/workers/offline/protocol';

/** What this device keeps of a kitchen under names that begin so. */
const OF_A_KITCHEN = ['drubek.run.', 'drubek.saved', 'drubek-under-way', 'drubek-evening-'] as const;

/** What an evening still waits to send; kept by its own name, and sent only from its own page. */
const WAITING = /^drubek-evening-[0-9a-f-]{36}(-document)?$/;

/** Forgets all that this device keeps of a kitchen besides what still waits to be sent: pages, runs, plans. */
export async function forgetKitchenHere(): Promise<void> {
  try {
    for (const key of Object.keys(localStorage))
      if (OF_A_KITCHEN.some((name) => key.startsWith(name)) && !WAITING.test(key)) localStorage.removeItem(key);
    const names = await caches.keys();
    await Promise.all(names.filter((name) => name.startsWith(PAGES_CACHES)).map((name) => caches.delete(name)));
  } catch {
    /* a browser that keeps nothing */
  }
}
