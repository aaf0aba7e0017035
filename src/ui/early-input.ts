/** A tap (no key) or an arrow key on a control of a page that is not alive yet. */
interface EarlyInput {
  readonly target: HTMLElement;
  readonly key: string | null;
}

declare global {
  interface Window {
    /** in the order made; null once the page is alive */
    drubekEarly?: EarlyInput[] | null;
  }
}

/**
 * Keeps taps and arrow keys on controls until the page is alive. Runs before anything else on a page, as text in its HTML: it
 * may use nothing from outside itself. Enter and the space bar become taps by the browser's own hand.
 */
export function keepEarlyInput(): void {
  const kept: EarlyInput[] = (window.drubekEarly = []);
  const controlOf = (event: Event) => (event.target as Element).closest<HTMLElement>('button, [role=slider]');
  /* what a finger went down on before the page was alive, until it comes up */
  let pressed: HTMLElement | null = null;
  const press = (event: Event) => void (pressed = window.drubekEarly ? controlOf(event) : null);
  const keep = (event: Event) => {
    const down = pressed;
    pressed = null;
    if (!window.drubekEarly) {
      /* it went down before and comes up after: tabs, which answer to the button going down, have not heard of it */
      if (event.type === 'click' && down?.contains(event.target as Node)) {
        down.dispatchEvent(new MouseEvent('mousedown', { bubbles: true, button: 0 }));
      }
      return;
    }
    const target = controlOf(event);
    const key = event.type === 'keydown' ? (event as KeyboardEvent).key : null;
    if (target && (key === null || key.startsWith('Arrow'))) kept.push({ target, key });
  };
  /* React may come alive for this very event and see to it itself: it listens between window and html */
  const check = (event: Event) => {
    const last = kept.at(-1);
    if (!last || !last.target.contains(event.target as Node)) return;
    if (window.drubekEarly) event.preventDefault();
    else kept.pop();
  };
  window.addEventListener('mousedown', press, true);
  for (const type of ['click', 'keydown']) {
    window.addEventListener(type, keep, true);
    document.documentElement.addEventListener(type, check, true);
  }
}

const aTick = () => new Promise((resolve) => setTimeout(resolve));

/** Makes what was kept again, in its order; for when the page is alive. Answers when all is made. */
export async function replayEarlyInput(): Promise<void> {
  const early = window.drubekEarly;
  window.drubekEarly = null;
  await aTick();
  for (const { target, key } of [...(early ?? [])]) {
    if (!target.isConnected) continue;
    if (key === null) {
      /* tabs answer to the button going down */
      target.dispatchEvent(new MouseEvent('mousedown', { bubbles: true, button: 0 }));
      target.click();
    } else {
      /* an arrow before it may have moved the focus within the group */
      const group = target.closest('[role=radiogroup], [role=tablist]');
      const on = group?.contains(document.activeElement) ? document.activeElement! : target;
      on.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
      await aTick();
      on.dispatchEvent(new KeyboardEvent('keyup', { key, bubbles: true }));
    }
    await aTick();
  }
}
