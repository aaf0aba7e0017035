import { randomInt } from 'node:crypto';
import type { z } from 'zod';
import { listDishes } from '@/db/queries/batches';
import { listFryers } from '@/db/queries/fryers';
import {
  findTrial,
  insertPair,
  insertTrial,
  listPairs,
  listTastings,
  listTrials,
  setRevealed,
  setTrialEnded,
  type TastingRow,
  type TrialPairRow,
  type TrialRow,
  upsertTasting,
} from '@/db/queries/trials';
import { planFileSchema } from '@/schemas/plan-file';
import {
  type beginTrialSchema,
  type CookedDish,
  type Pick,
  type tasteSchema,
  TASTERS,
  type Trial,
  type TrialPair,
} from '@/schemas/trial';
import { writePlanFile } from '@/schemas/write-plan';
import { fail, type Result, succeed, withKitchen } from './result';

/** Names of bowls: syllables that mean nothing. */
const CODES = ['LUN', 'TOK', 'MIR', 'SAB', 'DOV', 'PEL', 'GUR', 'NIM', 'RAF', 'KOS', 'BEL', 'VAN'] as const;

/** Most pairs of a trial. */
const MOST_PAIRS = 40;

/** A pair as it may be seen: sealed until everyone has tasted. */
function pairOf(row: TrialPairRow, tastings: readonly TastingRow[]): TrialPair {
  const own = tastings.filter(({ pair }) => pair === row.pair);
  const open = TASTERS.every((taster) => own.some((tasting) => tasting.taster === taster));
  const bowls = [row.code_one, row.code_other].toSorted() as [string, string];
  const pick = (code: string): Pick => (code === row.code_one ? 'one' : code === row.code_other ? 'other' : 'alike');
  return {
    pair: row.pair,
    bowls,
    first: row.other_first ? row.code_other : row.code_one,
    sideBySide: row.side_by_side,
    tasted: own.map(({ taster }) => taster),
    codeOne: open ? row.code_one : null,
    peeked: row.revealed_at !== null,
    tastings: open
      ? own.map(({ taster, crisper, rather }) => ({ taster, crisper: pick(crisper), rather: pick(rather) }))
      : [],
  };
}

function trialOf(row: TrialRow, pairs: readonly TrialPairRow[], tastings: readonly TastingRow[]): Trial | null {
  const [one, other] = [planFileSchema.safeParse(row.one), planFileSchema.safeParse(row.other)];
  if (!one.success || !other.success) return null;
  return {
    id: row.trial_id,
    name: row.name,
    fryerId: row.fryer_id,
    one: one.data,
    other: other.data,
    wordOne: row.word_one,
    wordOther: row.word_other,
    begunAt: row.begun_at.getTime(),
    ended: row.ended_at !== null,
    pairs: pairs.map((pair) => pairOf(pair, tastings)),
  };
}

/** One trial of this kitchen. */
export function loadTrial(kitchenId: string, trialId: string): Promise<Result<Trial>> {
  return withKitchen(kitchenId, async () => {
    const row = await findTrial(kitchenId, trialId);
    if (!row) return fail({ code: 'not-found' });
    const [pairs, tastings] = await Promise.all([listPairs(kitchenId, trialId), listTastings(kitchenId, trialId)]);
    const trial = trialOf(row, pairs, tastings);
    return trial ? succeed(trial) : fail({ code: 'unreadable' });
  });
}

/** The kitchen's trials, newest first, by name. */
export function loadTrials(kitchenId: string): Promise<Result<{ id: string; name: string; ended: boolean }[]>> {
  return withKitchen(kitchenId, async () =>
    succeed(
      (await listTrials(kitchenId)).map(({ trial_id, name, ended_at }) => ({
        id: trial_id,
        name,
        ended: ended_at !== null,
      })),
    ),
  );
}

/** Newest batches that say what a kitchen cooks, and the dishes that are worth a trial. Source: chosen. */
const NEWEST = 60;
const MOST_DISHES = 4;

/** What this kitchen cooks most, for trials that would be worth their while. */
export function loadCookedDishes(kitchenId: string): Promise<Result<CookedDish[]>> {
  return withKitchen(kitchenId, async () => {
    const [rows, fryers] = await Promise.all([listDishes(kitchenId, NEWEST), listFryers(kitchenId)]);
    const dishes = rows.flatMap(({ document, fryer_name, times, total }): CookedDish[] => {
      const read = planFileSchema.safeParse(document);
      const fryer = fryers.find(({ name }) => name === fryer_name) ?? fryers[0];
      return read.success && fryer ? [{ document: read.data, fryerId: fryer.fryer_id, times, total }] : [];
    });
    return succeed(dishes.slice(0, MOST_DISHES));
  });
}

/** Begins a trial of two ways; the same request again changes nothing. */
export function beginTrial(kitchenId: string, trial: z.output<typeof beginTrialSchema>): Promise<Result<null>> {
  return withKitchen(kitchenId, async () => {
    const fryers = await listFryers(kitchenId);
    if (!fryers.some(({ fryer_id }) => fryer_id === trial.fryerId)) return fail({ code: 'unknown-fryer' });
    await insertTrial(kitchenId, {
      ...trial,
      one: writePlanFile(trial.one),
      other: writePlanFile(trial.other),
    });
    return succeed(null);
  });
}

/** Draws the next pair by chance: what the bowls are called, and which way goes in first, or into which drawer. Nothing is drawn while one is open. */
export function drawPair(kitchenId: string, trialId: string, sideBySide = false): Promise<Result<null>> {
  return withKitchen(kitchenId, async () => {
    if (!(await findTrial(kitchenId, trialId))) return fail({ code: 'not-found' });
    const [pairs, tastings] = await Promise.all([listPairs(kitchenId, trialId), listTastings(kitchenId, trialId)]);
    const last = pairs.at(-1);
    if (last && pairOf(last, tastings).tastings.length === 0) return succeed(null);
    if (pairs.length >= MOST_PAIRS) return fail({ code: 'not-allowed' });
    const at = randomInt(CODES.length);
    const beside = (at + 1 + randomInt(CODES.length - 1)) % CODES.length;
    await insertPair(kitchenId, trialId, {
      pair: pairs.length + 1,
      codeOne: CODES[at]!,
      codeOther: CODES[beside]!,
      otherFirst: randomInt(2) === 1,
      sideBySide,
    });
    return succeed(null);
  });
}

/** Tells whoever asks which bowl holds the one way, so that it can be filled; that it was asked is noted. */
export function revealPair(kitchenId: string, trialId: string, pair: number): Promise<Result<{ codeOne: string }>> {
  return withKitchen(kitchenId, async () => {
    const row = (await listPairs(kitchenId, trialId)).find((one) => one.pair === pair);
    if (!row) return fail({ code: 'not-found' });
    await setRevealed(kitchenId, trialId, pair);
    return succeed({ codeOne: row.code_one });
  });
}

/** What a taster says of a pair; answers name a bowl of it, or alike. Once opened, nothing is said any more. */
export function taste(
  kitchenId: string,
  trialId: string,
  pair: number,
  said: z.output<typeof tasteSchema>,
): Promise<Result<null>> {
  return withKitchen(kitchenId, async () => {
    const rows = await listPairs(kitchenId, trialId);
    const row = rows.find((one) => one.pair === pair);
    if (!row) return fail({ code: 'not-found' });
    const known = [row.code_one, row.code_other, 'alike'];
    if (!known.includes(said.crisper) || !known.includes(said.rather)) return fail({ code: 'not-found' });
    const opened = pairOf(row, await listTastings(kitchenId, trialId)).tastings.length > 0;
    if (opened) return fail({ code: 'not-allowed' });
    await upsertTasting(kitchenId, trialId, { pair, ...said });
    return succeed(null);
  });
}

/** Settles for what is known, or goes on. */
export function endTrial(kitchenId: string, trialId: string, ended: boolean): Promise<Result<null>> {
  return withKitchen(kitchenId, async () =>
    (await setTrialEnded(kitchenId, trialId, ended)) ? succeed(null) : fail({ code: 'not-found' }),
  );
}
