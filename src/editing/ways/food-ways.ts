import { OTHER_WAYS } from './other-ways';
import { ROOT_WAYS } from './root-ways';
import { VEGETABLE_WAYS } from './vegetable-ways';
import type { Way } from './way';

/** The usual ways of every food of the catalogue, the most usual first. General cookery; minutes are computed from them. */
export const FOOD_WAYS: Readonly<Record<string, readonly Way[]>> = { ...ROOT_WAYS, ...VEGETABLE_WAYS, ...OTHER_WAYS };
