import type { Reading } from '../../editing/read-plan';

/** What a text or the part of a link behind its # is read as. */
export interface ReadingService {
  text(text: string): Reading;
  link(packed: string): Reading;
}
