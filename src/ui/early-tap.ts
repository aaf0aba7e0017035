/** Attribute of buttons whose tap counts although the page is not alive yet. */
export const EARLY = 'data-early';

declare global {
  interface Window {
    /** what was tapped before the page came alive */
    drubekEarly?: Element | null;
  }
}

/** Runs before anything else on a page: keeps the last tap on such a button until the button asks for it. */
export const EARLY_SCRIPT = `addEventListener('click',function(e){var t=e.target;window.drubekEarly=t&&t.closest?t.closest('[${EARLY}]'):null},true)`;

/** Whether this very button was tapped before it was alive; answers once. */
export function takeEarlyTap(button: Element | null): boolean {
  if (!button || window.drubekEarly !== button) return false;
  window.drubekEarly = null;
  return true;
}
