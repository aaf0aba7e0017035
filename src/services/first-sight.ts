import type { FirstSight } from '@/core/forecast/first-sight';
import type { PlanFile } from '@/schemas/plan-file';
import { serverThread } from './apart/server-thread';

/** How long a page waits for it, ms: then it comes without, as the device works it out anyway. Source: chosen. */
const PATIENCE = 300;

/** Answers kept ready. */
const KEPT = 100;
const known = new Map<string, Promise<FirstSight | null>>();

function sightOf(document: PlanFile): Promise<FirstSight | null> {
  const key = JSON.stringify(document);
  const before = known.get(key);
  if (before) return before;
  const asked = serverThread().ask('sight', document);
  known.set(key, asked);
  if (known.size > KEPT) known.delete(known.keys().next().value!);
  void asked.then((sight) => sight ?? known.delete(key));
  return asked;
}

/** What a page shows of a plan at once; null where that is not known soon enough. The request's own thread cooks nothing. */
export async function firstSight(document: PlanFile): Promise<FirstSight | null> {
  let timer: NodeJS.Timeout | undefined;
  const late = new Promise<null>((resolve) => (timer = setTimeout(() => resolve(null), PATIENCE)));
  try {
    return await Promise.race([sightOf(document), late]);
  } finally {
    clearTimeout(timer);
  }
}
