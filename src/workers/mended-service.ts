/** A worker and what it answers. */
export interface Started<Service> {
  readonly worker: Pick<Worker, 'addEventListener' | 'terminate'>;
  readonly service: Service;
}

/** A service in a worker that is started anew where the worker ends by a fault: its answers would never come. */
export interface MendedService<Service> {
  /** Asks, and asks a second worker where the first ends meanwhile. Throws what the service throws, and where the second ends too. */
  ask<Answer>(question: (service: Service) => Promise<Answer>): Promise<Answer>;
  end(): void;
}

function watch<Service>({ worker, service }: Started<Service>) {
  const watched = { worker, service, isOver: false, over: Promise.resolve() as Promise<never> };
  watched.over = new Promise<never>((_, reject) => {
    worker.addEventListener('error', () => {
      watched.isOver = true;
      reject(new Error('The worker ended by a fault.'));
    });
  });
  /* it may end while nothing is asked */
  watched.over.catch(() => undefined);
  return watched;
}

/** Starts the worker. A script that could not be fetched, on a bad network, is such a fault. */
export function mendedService<Service>(start: () => Started<Service>): MendedService<Service> {
  let running = watch(start());
  const renew = () => {
    if (!running.isOver) return;
    running.worker.terminate();
    running = watch(start());
  };
  return {
    async ask(question) {
      renew();
      const first = running;
      try {
        return await Promise.race([question(first.service), first.over]);
      } catch (problem) {
        if (!first.isOver) throw problem;
        renew();
        return Promise.race([question(running.service), running.over]);
      }
    },
    end: () => running.worker.terminate(),
  };
}
