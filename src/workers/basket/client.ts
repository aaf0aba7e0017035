import { wrap } from 'comlink';
import type { DrawerLoad, SettledLoad, SettlingService } from './protocol';

/** Loads whose poses are kept: those of a bench, of its other loads and of a batch under way. */
const KEPT = 24;

const known = new Map<string, Promise<SettledLoad>>();
let service: ReturnType<typeof wrap<SettlingService>> | null = null;

/** How a load lies, worked out once in a worker of its own; refused where the worker cannot run. */
export function settledLoad(load: DrawerLoad): Promise<SettledLoad> {
  const key = JSON.stringify(load);
  const before = known.get(key);
  if (before) return before;
  service ??= wrap<SettlingService>(new Worker(new URL('./basket.worker.ts', import.meta.url), { type: 'module' }));
  const settling = Promise.resolve(service.settle(load));
  known.set(key, settling);
  if (known.size > KEPT) known.delete(known.keys().next().value!);
  return settling;
}
