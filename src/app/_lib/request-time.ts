/** ms since 1970 at which a page is asked for; a page is made once, so it may look at the clock. */
export function requestTime(): number {
  return Date.now();
}
