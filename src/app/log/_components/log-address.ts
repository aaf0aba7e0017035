import type { LogAsk } from '@/schemas/log-ask';

/** What is asked of the log, as an address; what is not asked is left out. Used by the page on the server and by its filters in the browser. */
export function logAddress(ask: Partial<LogAsk>): '/log' | `/log?${string}` {
  const { order, page, ...rest } = ask;
  const asked = new URLSearchParams(Object.entries(rest).filter(([, value]) => value) as [string, string][]);
  if (order && order !== 'newest') asked.set('order', order);
  if (page && page > 1) asked.set('page', String(page));
  return asked.size > 0 ? `/log?${asked}` : '/log';
}
