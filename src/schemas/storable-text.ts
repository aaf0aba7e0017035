/**
 * Path of the first text in a JSON value that no database keeps: with a NUL in it, or half of a pair of surrogates; null where
 * there is none. Walks without recursion, so that depth costs nothing.
 */
export function unstorableText(value: unknown): string | null {
  const open: { path: string; value: unknown }[] = [{ path: 'the request', value }];
  for (let next = open.pop(); next; next = open.pop()) {
    const { path, value: own } = next;
    if (typeof own === 'string' && !isStorable(own)) return path;
    if (own === null || typeof own !== 'object') continue;
    for (const [key, inner] of Object.entries(own)) {
      if (!isStorable(key)) return path;
      open.push({ path: `${path === 'the request' ? '' : `${path}.`}${key}`.slice(0, 200), value: inner });
    }
  }
  return null;
}

function isStorable(text: string): boolean {
  return !text.includes('\u0000') && text.isWellFormed();
}

/** A text of at most `most` characters as people count them, never cut within one. */
export function cutText(text: string, most: number): string {
  if (text.length <= most) return text;
  let kept = '';
  for (const { segment } of new Intl.Segmenter('en', { granularity: 'grapheme' }).segment(text)) {
    if (kept.length + segment.length > most) break;
    kept += segment;
  }
  return kept;
}
