import { expose } from 'comlink';

/** What a worker says once its script has come and it listens; comlink itself passes over it. */
const READY = 'ready';

/**
 * Half of the time that the script of a worker may take to come and to begin, ms. Source: chosen. In two halves, since a device that wakes finds a timer run out before what the worker said meanwhile is delivered.
 */
const HALF_PATIENCE = 7500;

/** Answers with `service` in a worker, and says that it listens. */
export function serve(service: object): void {
  expose(service);
  globalThis.postMessage(READY);
}

/**
 * Lets a worker whose script never comes end by a fault like any other, by an `error` event: a browser says nothing of a request that
 * hangs. `onReady` is called once it listens.
 */
export function faultIfSilent(worker: Worker, onReady?: () => void): Worker {
  const fault = () => worker.dispatchEvent(new Event('error'));
  let timer = setTimeout(() => (timer = setTimeout(fault, HALF_PATIENCE)), HALF_PATIENCE);
  const quieten = () => clearTimeout(timer);
  worker.addEventListener('error', quieten, { once: true });
  worker.addEventListener(
    'message',
    () => {
      quieten();
      onReady?.();
    },
    { once: true },
  );
  return worker;
}
