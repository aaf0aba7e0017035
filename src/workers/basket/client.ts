import { type Remote, wrap } from 'comlink';
import { type MendedService, mendedService } from '../mended-service';
import { faultIfSilent } from '../ready';
import type { DrawerLoad, SettledLoad, SettlingService } from './protocol';

/** Loads whose poses are kept: those of a bench, of its other loads and of a batch under way. */
const KEPT = 24;

const known = new Map<string, Promise<SettledLoad>>();
let service: MendedService<Remote<SettlingService>> | null = null;

/** How a load lies, worked out once in a worker of its own; refused where the worker cannot run. */
export function settledLoad(load: DrawerLoad): Promise<SettledLoad> {
  const key = JSON.stringify(load);
  const before = known.get(key);
  if (before) return before;
  service ??= mendedService(() => {
    const worker = faultIfSilent(new Worker(new URL('./basket.worker.ts', import.meta.url), { type: 'module' }));
    return { worker, service: wrap<SettlingService>(worker) };
  });
  const settled = service.ask((one) => one.settle(load));
  /* one that failed may do better when it is wanted next */
  settled.catch(() => known.delete(key));
  known.set(key, settled);
  if (known.size > KEPT) known.delete(known.keys().next().value!);
  return settled;
}
