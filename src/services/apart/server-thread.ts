import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import type { Answered, Asked, Jobs } from './protocol';

/** How long the thread may work on one question before it is ended, ms. Source: measured, twice the slowest of 150 plans at random. */
const BUDGET = 2000;

/** How long it may take to start and to have its code compiled, ms. Source: chosen; half a second on a quiet machine. */
const STARTING = 20_000;

/** Questions that wait at most; more are not taken. */
const MOST_WAITING = 6;

/** A thread of the server that answers one question after the other, so that no request's own thread simulates or learns. */
export class ServerThread {
  private worker: Worker | null = null;
  private readonly waiting = new Map<number, (answer: Answered['answer']) => void>();
  private watch: NodeJS.Timeout | undefined;
  private count = 0;
  /** the thread has been heard of */
  private ready = false;

  /** @param file bundled by the build @param budget ms for one question */
  constructor(
    private readonly file: string,
    private readonly budget = BUDGET,
  ) {}

  /** The answer; null where it takes too long, too many wait, or it cannot be worked out. */
  ask<Kind extends keyof Jobs>(kind: Kind, of: Jobs[Kind]['of']): Promise<Jobs[Kind]['answer'] | null> {
    if (this.waiting.size >= MOST_WAITING || !this.start()) return Promise.resolve(null);
    return new Promise((resolve) => {
      const id = ++this.count;
      if (this.ready && this.waiting.size === 0) this.watchFor(this.budget);
      this.waiting.set(id, resolve as (answer: Answered['answer']) => void);
      this.worker!.postMessage({ id, kind, of } as Asked);
    });
  }

  /** Starts the thread where none runs; false where the build left none. */
  start(): boolean {
    if (this.worker) return true;
    if (!existsSync(this.file)) return false;
    const worker = new Worker(this.file);
    worker.on('message', (answered: Answered) => {
      if (worker === this.worker) this.settle(answered);
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

  /** Ends the thread with all that waits; the next question begins another. */
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

  private settle({ id, answer }: Answered): void {
    this.ready = true;
    const settle = this.waiting.get(id);
    this.waiting.delete(id);
    clearTimeout(this.watch);
    if (this.waiting.size > 0) this.watchFor(this.budget);
    settle?.(answer);
  }
}

/* one for the process, however often this file is loaded */
const kept = globalThis as { drubekThread?: ServerThread };

/** The server's thread. */
export function serverThread(): ServerThread {
  return (kept.drubekThread ??= new ServerThread(join(process.cwd(), '.next', 'server-thread.cjs')));
}
