/** The address a request came from. Behind a proxy it is what the proxy nearest to us wrote; see docs/hosting.md. */
export function addressOf({ headers }: Pick<Request, 'headers'>): string {
  return headers.get('x-forwarded-for')?.split(',').at(-1)?.trim().slice(0, 64) || 'unknown';
}
