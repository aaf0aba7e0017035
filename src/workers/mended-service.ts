/**
 * Rest before workers that failed twice are started again, ms: their script may have been out of reach on a bad network. Source:
 * chosen.
 */
const ASK_AGAIN = 10_000;

class WorkerEnded extends Error {}

/** A worker and what it answers. */
export interface Started<Service> {
  readonly worker: Pick<Worker, 'addEventListener' | 'terminate'>;
  readonly service: Service;
}

/** A service in a worker that is started anew where the worker ends by a fault: its answers would never come. */
export interface MendedService<Service> {
  /** Asks, and asks a second worker where the first ends meanwhile. Throws what the service throws, and where the second ends too. */
  ask<Answer>(question: (service: Service) => Promise<Answer>): Promise<Answer>;
  /** Asks like `ask`, and where the second ends too again after a rest, for as long as the answer is wanted; null once it is not. */
  askWhile<Answer>(isWanted: () => boolean, question: (service: Service) => Promise<Answer>): Promise<Answer | null>;
  end(): void;
}

function watch<Service>({ worker, service }: Started<Service>) {
  const watched = { worker, service, isOver: false, over: Promise.resolve() as Promise<never> };
  watched.over = new Promise<never>((_, reject) => {
    worker.addEventListener('error', () => {
      watched.isOver = true;
      reject(new WorkerEnded('The worker ended by a fault.'));
    });
  });
  /* it may end while nothing is asked */
  watched.over.catch(() => undefined);
  return watched;
}

/** Starts the worker. A script that could not be fetched, on a bad network, is such a fault. */
export function mendedService<Service>(start: () => Started<Service>): MendedService<Service> {
  let running = watch(start());
  let ended = false;
  const renew = () => {
    if (!running.isOver) return;
    running.worker.terminate();
    running = watch(start());
  };
  async function ask<Answer>(question: (service: Service) => Promise<Answer>): Promise<Answer> {
    renew();
    const first = running;
    try {
      return await Promise.race([question(first.service), first.over]);
    } catch (problem) {
      if (!first.isOver || ended) throw problem;
      renew();
      return Promise.race([question(running.service), running.over]);
    }
  }
  return {
    ask,
    async askWhile(isWanted, question) {
      while (!ended && isWanted()) {
        try {
          return await ask(question);
        } catch (problem) {
          if (!(problem instanceof WorkerEnded)) throw problem;
          await new Promise((resolve) => setTimeout(resolve, ASK_AGAIN));
        }
      }
      return null;
    },
    end() {
      ended = true;
      running.worker.terminate();
    },
  };
}
