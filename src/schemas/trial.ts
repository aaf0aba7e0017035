import { z } from 'zod';
import { type PlanFile, planFileSchema } from './plan-file';

/** Those who taste, each without seeing what the other said. */
export const TASTERS = ['A', 'B'] as const;

/** @see TASTERS */
export type Taster = (typeof TASTERS)[number];

const word = z.string().trim().min(1).max(60);

/** Body of a request that begins a trial of two ways. */
export const beginTrialSchema = z.strictObject({
  trialId: z.uuid(),
  fryerId: z.uuid(),
  name: z.string().trim().min(1).max(120),
  one: planFileSchema,
  other: planFileSchema,
  wordOne: word,
  wordOther: word,
});

/** Body of a request that draws a pair; both at once where the fryer has a drawer for each. */
export const drawPairSchema = z.strictObject({ sideBySide: z.boolean().default(false) });

/** Body of a request by which a taster answers: the code of a bowl, or alike. */
export const tasteSchema = z.strictObject({ taster: z.enum(TASTERS), crisper: word, rather: word });

/** Which way an answer stands for, once it is opened. */
export type Pick = 'one' | 'other' | 'alike';

/** What a taster said of a pair, opened. */
export interface OpenTasting {
  readonly taster: Taster;
  readonly crisper: Pick;
  readonly rather: Pick;
}

/** A pair as it may be seen: which bowl holds what only once both have tasted, or someone looked. */
export interface TrialPair {
  readonly pair: number;
  /** the two bowls, by their codes, in the order of the alphabet */
  readonly bowls: readonly [string, string];
  /** which of them goes in first, or lies in drawer 1 */
  readonly first: string;
  /** both at once, a drawer each */
  readonly sideBySide: boolean;
  /** who has tasted */
  readonly tasted: readonly Taster[];
  /** the bowl of the one way, once opened */
  readonly codeOne: string | null;
  /** someone looked which bowl holds what before both had tasted, to fill them */
  readonly peeked: boolean;
  /** opened once both have tasted */
  readonly tastings: readonly OpenTasting[];
}

/** A trial with its pairs. */
export interface Trial {
  readonly id: string;
  readonly name: string;
  readonly fryerId: string;
  readonly one: PlanFile;
  readonly other: PlanFile;
  readonly wordOne: string;
  readonly wordOther: string;
  /** ms since 1970 */
  readonly begunAt: number;
  readonly ended: boolean;
  readonly pairs: readonly TrialPair[];
}

/** A dish that the kitchen cooks, as it was cooked last. */
export interface CookedDish {
  readonly document: PlanFile;
  readonly fryerId: string;
  /** batches of it, and of all dishes, among the newest */
  readonly times: number;
  readonly total: number;
}
