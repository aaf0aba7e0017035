import { percentText } from './format';

/** A difference that nobody would notice, share of the pieces. Source: chosen. */
export const UNNOTICED = 0.005;

/** What the model expects of two ways, in a few words. @param difference share of the pieces by which the other way has more right */
export function differenceText(difference: number, wordOne: string, wordOther: string): string {
  if (Math.abs(difference) < UNNOTICED) return 'no difference';
  return `${percentText(Math.abs(difference))} more right by “${difference > 0 ? wordOther : wordOne}”`;
}

/** How many pairs it takes to tell. @param pairs null where more than anyone cooks */
export function pairsText(pairs: number | null): string {
  if (pairs === null) return 'So small a difference would take more than a dozen pairs to tell; nobody would taste it.';
  return `It takes about ${pairs} ${pairs === 1 ? 'pair' : 'pairs'} to tell, 8 times in 10.`;
}
