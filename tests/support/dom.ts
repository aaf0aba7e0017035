/** What jsdom lacks and the interface needs: an observer of sizes, and a canvas that is left blank. */
export function furnishDom(): void {
  globalThis.ResizeObserver = class {
    observe() {}
    unobserve() {}
    disconnect() {}
  };
  HTMLCanvasElement.prototype.getContext = () => null;
}
