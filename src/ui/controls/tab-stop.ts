/** Where Tab stops in a row of tabs: at the open one, from the page's HTML on, which of itself has none before the page is alive. */
export function tabStop(isOpen: boolean): 0 | -1 {
  return isOpen ? 0 : -1;
}
