/* the package that shows messages comes with the first message: a page needs none to be drawn */

/** Says something at the foot of the page. */
export function notify(words: string): void {
  void import('sonner').then(({ toast }) => toast(words));
}

/** Says what went wrong, until it is read. */
export function notifyError(words: string): void {
  void import('sonner').then(({ toast }) => toast.error(words));
}
