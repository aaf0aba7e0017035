import type { Evidence } from './evidence';
import type { CoatName } from '../plan/coat-laid';
import type { Kin } from './kin';
import type { PlaceEvidence } from './place-map';

/** Which of the kitchen's things a batch was made with. */
export interface MadeWith {
  /** name of the fryer */
  readonly fryer: string;
  /** which drawer of it, from 1 on, where it has two; else null */
  readonly drawer: number | null;
  /** the food's id, or the name of one's own; null where the fryer alone was tested */
  readonly food: string | null;
  /** the coat that browns in its place; null for bare pieces */
  readonly coat: CoatName | null;
  readonly kin: Kin;
  /** quarter of the year it was made in, 0 from January on */
  readonly season: number;
}

/** A finished batch with what it says. */
export interface ToldBatch extends MadeWith {
  readonly id: string;
  /** against the fryer as its label says, dial as it stands */
  readonly evidence: Evidence;
  /** what it says of the places of the floor, where slices of bread lay on them */
  readonly places?: PlaceEvidence | undefined;
}

/** The quarter of the year of a day: produce changes with it. */
export function seasonOf(date: Date): number {
  return Math.floor(date.getMonth() / 3);
}
