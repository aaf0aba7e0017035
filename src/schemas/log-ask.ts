import { z } from 'zod';
import { OUTCOME_NEXT } from './batch';

/** Orders of the log. */
export const LOG_ORDERS = ['newest', 'oldest', 'dish'] as const;

/** Time spans of the log, days back from today. */
export const LOG_SPANS = { week: 7, month: 31, year: 366 } as const;

const word = z.string().trim().max(80).catch('');

/** What an address asks of the log; what it asks wrongly is not asked. */
export const logAskSchema = z.object({
  words: word,
  food: word,
  shape: word,
  fryer: word,
  next: z
    .enum([...OUTCOME_NEXT, 'none'])
    .or(z.literal(''))
    .catch(''),
  span: z
    .enum(Object.keys(LOG_SPANS) as [keyof typeof LOG_SPANS])
    .or(z.literal(''))
    .catch(''),
  order: z.enum(LOG_ORDERS).catch('newest'),
  page: z.coerce.number().int().min(1).max(1000).catch(1),
});

/** @see logAskSchema */
export type LogAsk = z.output<typeof logAskSchema>;
