import { v4, v5 } from 'uuid';

/** A random UUID (version 4), also where a page came over plain HTTP from another device and the browser keeps its own maker back. */
export function newId(): string {
  return v4();
}

/** The UUID (version 5) that always belongs to this name under another UUID: asked twice, the same. */
export function idUnder(parent: string, name: string): string {
  return v5(name, parent);
}
