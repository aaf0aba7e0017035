import { type EveningFile, eveningFileSchema } from '../schemas/evening-file';
import { faultsOf } from '../schemas/faults';
import { inFryers } from './edit-evening';

/** The largest evening file that is read, bytes. Source: chosen; one with eight plans is a twentieth of it. */
export const LARGEST_EVENING = 1_000_000;

/** What came of an evening file: the evening, or what is wrong with it and where. */
export type EveningReading =
  | { readonly kind: 'evening'; readonly evening: EveningFile }
  | { readonly kind: 'refused'; readonly lines: readonly string[] };

const LINES = 5;

/** Reads an evening file for a kitchen with these fryers: those of another kitchen give way to its own, in their order. */
export function readEvening(text: string, fryerIds: readonly string[]): EveningReading {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch (error) {
    return { kind: 'refused', lines: [`This is not JSON: ${(error as Error).message}. An evening file is needed.`] };
  }
  const parsed = eveningFileSchema.safeParse(value, { reportInput: true });
  if (parsed.success) return { kind: 'evening', evening: inFryers(parsed.data, fryerIds) };
  const lines = faultsOf(parsed.error).map(({ path, message }) => `${path || 'the file'}: ${message}`);
  return { kind: 'refused', lines: lines.slice(0, LINES) };
}
