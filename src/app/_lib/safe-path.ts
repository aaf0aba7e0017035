/** A path of this app to go on to, or the start page: nothing with another host, a control character or a backslash in it. */
export function safePath(next: string | null | undefined): string {
  if (!next || !next.startsWith('/') || /[\u0000-\u001f\u007f\\]/.test(next)) return '/';
  try {
    const url = new URL(next, 'http://app.invalid');
    if (url.host !== 'app.invalid' || url.pathname.startsWith('//') || url.pathname.startsWith('/enter')) return '/';
    return url.pathname + url.search + url.hash;
  } catch {
    return '/';
  }
}
