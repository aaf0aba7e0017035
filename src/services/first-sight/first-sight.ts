import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import type { PlanFile } from '@/schemas/plan-file';
import type { FirstSight } from '@/core/forecast/first-sight';
import type { Asked, Seen } from './protocol';

/** How long a page waits for it, ms: then it comes without, as the device works it out anyway. Source: chosen. */
const PATIENCE = 300;

/** How long the thread may work on one plan before it is ended, ms. Source: measured, twice the slowest of 150 plans at random. */
const BUDGET = 2000;

/** Plans that wait at most; more are not asked for. */
const MOST_WAITING = 6;

/** Answers kept ready. */
const KEPT = 100;

/** How long the thread may take to start and to have its code compiled, ms. Source: chosen; half a second on a quiet machine. */
const STARTING = 20_000;

/** A thread that works out first sights, one after the other. */
export class FirstSightThread {
  private worker: Worker | null = null;
  private readonly waiting = new Map<number, (sight: FirstSight | null) => void>();
  private readonly kept = new Map<string, Promise<FirstSight | null>>();
  private watch: NodeJS.Timeout | undefined;
  private count = 0;
  /** the thread has been heard of */
  private ready = false;

  /** @param file bundled by the build @param budget ms for one plan */
  constructor(
    private readonly file: string,
    private readonly budget = BUDGET,
  ) {}

  /** What is seen first of a plan; null where it takes too long or cannot be worked out. */
  of(document: PlanFile): Promise<FirstSight | null> {
    const key = JSON.stringify(document);
    const known = this.kept.get(key);
    if (known) return known;
    if (this.waiting.size >= MOST_WAITING || !this.start()) return Promise.resolve(null);
    const asked = new Promise<FirstSight | null>((resolve) => {
      const id = ++this.count;
      if (this.ready && this.waiting.size === 0) this.watchFor(this.budget);
      this.waiting.set(id, resolve);
      this.worker!.postMessage({ id, document } satisfies Asked);
    });
    this.kept.set(key, asked);
    if (this.kept.size > KEPT) this.kept.delete(this.kept.keys().next().value!);
    void asked.then((sight) => sight ?? this.kept.delete(key));
    return asked;
  }

  /** Starts the thread where none runs; false where the build left none. */
  start(): boolean {
    if (this.worker) return true;
    if (!existsSync(this.file)) return false;
    const worker = new Worker(this.file);
    worker.on('message', (seen: Seen) => {
      if (worker === this.worker) this.settle(seen);
    });
    worker.on('error', () => {
      if (worker === this.worker) this.end();
    });
    worker.unref();
    this.worker = worker;
    this.ready = false;
    this.watchFor(STARTING);
    return true;
  }

  /** Ends the thread with all that waits; the next page begins another. */
  end(): void {
    clearTimeout(this.watch);
    void this.worker?.terminate();
    this.worker = null;
    const left = [...this.waiting.values()];
    this.waiting.clear();
    for (const answer of left) answer(null);
  }

  /** Ends the thread unless it is heard of within this time. */
  private watchFor(milliseconds: number): void {
    clearTimeout(this.watch);
    this.watch = setTimeout(() => this.end(), milliseconds);
    this.watch.unref();
  }

  private settle({ id, sight }: Seen): void {
    this.ready = true;
    const answer = this.waiting.get(id);
    this.waiting.delete(id);
    clearTimeout(this.watch);
    if (this.waiting.size > 0) this.watchFor(this.budget);
    answer?.(sight);
  }
}

/* one for the process, however often this file is loaded */
const kept = globalThis as { drubekFirstSight?: FirstSightThread };

function thread(): FirstSightThread {
  return (kept.drubekFirstSight ??= new FirstSightThread(join(process.cwd(), '.next', 'first-sight.cjs')));
}

/** Has the thread ready before the first page is asked for. */
export function prepareFirstSight(): void {
  thread().start();
}

/** What a page shows of a plan at once; null where that is not known soon enough. The request's own thread cooks nothing. */
export async function firstSight(document: PlanFile): Promise<FirstSight | null> {
  let timer: NodeJS.Timeout | undefined;
  const late = new Promise<null>((resolve) => (timer = setTimeout(() => resolve(null), PATIENCE)));
  try {
    return await Promise.race([thread().of(document), late]);
  } finally {
    clearTimeout(timer);
  }
}
