import { v5 } from 'uuid';

/** Name space of the keys. Source: chosen at random. */
const NAME_SPACE = '6f0a1c1e-52c8-4e0b-9a55-3d7e0b6c2f14';

/** By which header a page says of which kitchen it is, and the key of a run that was lent. */
export const PLACE_HEADER = 'x-drubek-place';
export const LENT = 'lent';

/** What a kitchen is called between a page, its device and the server: the same for all three, and of no use to come in. */
export function placeKey(kitchenId: string): string {
  return v5(kitchenId, NAME_SPACE);
}
