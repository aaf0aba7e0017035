import { MessageChannel } from 'node:worker_threads';

/** What jsdom lacks and the interface needs: an observer of sizes, one for which all is in view, a screen that is wide, a canvas that is left blank, and channels. */
export function furnishDom(): void {
  globalThis.ResizeObserver = class {
    observe() {}
    unobserve() {}
    disconnect() {}
  };
  globalThis.IntersectionObserver = class {
    constructor(seen: (entries: { isIntersecting: boolean }[]) => void) {
      queueMicrotask(() => seen([{ isIntersecting: true }]));
    }
    observe() {}
    unobserve() {}
    disconnect() {}
  } as never;
  window.matchMedia = () =>
    ({ matches: false, addEventListener: () => undefined, removeEventListener: () => undefined }) as never;
  HTMLCanvasElement.prototype.getContext = () => null;
  globalThis.MessageChannel = MessageChannel as never;
}
