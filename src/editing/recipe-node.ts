/** How deep a recipe may lie in lists and graphs, and how many lines of it are read. */
const DEEPEST = 8;
const MOST_LINES = 500;

/** The texts of a node of JSON-LD: itself, or what it says under `text`, `name` and in lists. */
export function texts(value: unknown, depth = 0): string[] {
  if (typeof value === 'string') return [value];
  if (!value || typeof value !== 'object' || depth > DEEPEST) return [];
  if (Array.isArray(value)) return value.slice(0, MOST_LINES).flatMap((one) => texts(one, depth + 1));
  const { text, name, itemListElement } = value as Record<string, unknown>;
  return [...texts(text ?? name, depth + 1), ...texts(itemListElement, depth + 1)];
}

/** The first Recipe in a JSON-LD value, however it is wrapped; null where there is none. */
export function findRecipe(value: unknown, depth = 0): Record<string, unknown> | null {
  if (!value || typeof value !== 'object' || depth > DEEPEST) return null;
  if (Array.isArray(value)) {
    for (const one of value) {
      const found = findRecipe(one, depth + 1);
      if (found) return found;
    }
    return null;
  }
  const node = value as Record<string, unknown>;
  const types = Array.isArray(node['@type']) ? node['@type'] : [node['@type']];
  if (types.includes('Recipe')) return node;
  return findRecipe(node['@graph'], depth + 1);
}

/** Minutes of an ISO 8601 duration in hours and minutes; null where it is none. */
export function minutesOfDuration(duration: unknown): number | null {
  const found = typeof duration === 'string' ? /PT(?:(\d{1,3})H)?(?:(\d{1,4})M)?/.exec(duration.slice(0, 40)) : null;
  return found && (found[1] ?? found[2]) ? Number(found[1] ?? 0) * 60 + Number(found[2] ?? 0) : null;
}
