import type { OwnRecipeReading } from '../../editing/own-recipe';
import type { Reading } from '../../editing/read-plan';

/** What a text, the part of a link behind its #, or a recipe for a dish of one's own is read as. */
export interface ReadingService {
  text(text: string): Reading;
  link(packed: string): Reading;
  dish(text: string): OwnRecipeReading;
}
