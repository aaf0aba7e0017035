import { isDatabaseAway } from '@/db/pool';

/** Why a use-case could not be carried out; the words are made at the edge. */
export type Failure =
  | { readonly code: 'database-away' }
  | { readonly code: 'not-found' }
  | { readonly code: 'unknown-fryer' }
  | { readonly code: 'last-fryer' }
  | { readonly code: 'other-kitchen' }
  | { readonly code: 'device-away' };

/** What a use-case returns: a value, or why not. */
export type Result<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly failure: Failure };

export function succeed<T>(value: T): Result<T> {
  return { ok: true, value };
}

export function fail<T>(failure: Failure): Result<T> {
  return { ok: false, failure };
}

/** Runs a use-case and turns a database that is away into a failure; everything else still throws. */
export async function withDatabase<T>(work: () => Promise<Result<T>>): Promise<Result<T>> {
  try {
    return await work();
  } catch (error) {
    if (isDatabaseAway(error)) return fail({ code: 'database-away' });
    throw error;
  }
}
