const SAFE_METHODS = new Set(['GET', 'HEAD', 'OPTIONS']);

/** Whether a request changes something and does not come from a page of this very address. */
export function isForeignChange({ method, headers }: Pick<Request, 'method' | 'headers'>): boolean {
  if (SAFE_METHODS.has(method)) return false;
  const origin = headers.get('origin');
  const host = headers.get('host');
  if (!origin) return headers.get('sec-fetch-site') !== 'same-origin';
  try {
    return new URL(origin).host !== host;
  } catch {
    return true;
  }
}

/** Whether the app goes by this name: loopback and bare addresses, which no foreign name can be made to point at, and those of DRUBEK_HOSTS. */
export function isKnownHost(host: string): boolean {
  const name = host.replace(/:\d+$/, '').toLowerCase();
  if (name === 'localhost' || /^\d{1,3}(\.\d{1,3}){3}$/.test(name) || /^\[[0-9a-f:.]+\]$/.test(name)) return true;
  return (process.env.DRUBEK_HOSTS ?? '')
    .toLowerCase()
    .split(/[\s,]+/)
    .includes(name);
}

/** Why a request is not let in at all, or null. */
export function refusedAtTheGate(
  request: Pick<Request, 'method' | 'headers'>,
): { readonly status: number; readonly error: string } | null {
  if (!isKnownHost(request.headers.get('host') ?? ''))
    return { status: 421, error: 'This app is not known by that name; see DRUBEK_HOSTS.' };
  if (isForeignChange(request)) return { status: 403, error: 'This request came from another site and was refused.' };
  return null;
}
