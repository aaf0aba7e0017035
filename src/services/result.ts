import { isDatabaseAway, isRefusedValue, isTooMany, isWalledOff, mayTryAgain } from '@/db/pool';
import { inKitchen } from '@/db/query';

/** Why a use-case could not be carried out; the words are made at the edge. */
export type Failure =
  | { readonly code: 'database-away' }
  | { readonly code: 'not-found' }
  | { readonly code: 'unknown-fryer' }
  | { readonly code: 'last-fryer' }
  | { readonly code: 'other-kitchen' }
  | { readonly code: 'device-away' }
  /** a row that today's format cannot read */
  | { readonly code: 'unreadable'; readonly why?: string }
  /** a value that the database cannot keep */
  | { readonly code: 'unstorable' }
  /** an id that another batch has already */
  | { readonly code: 'id-taken' }
  /** none of the events told could be read; why */
  | { readonly code: 'bad-events'; readonly refused: readonly { readonly id: string; readonly error: string }[] }
  /** another batch cooks in this fryer */
  | { readonly code: 'fryer-busy'; readonly batchId: string; readonly name: string; readonly loadedAt: number }
  | { readonly code: 'last-owner' }
  | { readonly code: 'last-passkey' }
  /** it takes someone who can sign in */
  | { readonly code: 'no-passkey' }
  /** the page that asks is of another kitchen than the one its browser is in now */
  | { readonly code: 'other-session' }
  | { readonly code: 'not-allowed' }
  | { readonly code: 'enough-photos' }
  /** others are being served with the same; once more in a moment */
  | { readonly code: 'busy' }
  | { readonly code: 'sign-in-failed' }
  /** the plan was changed since; as it is now */
  | { readonly code: 'changed-elsewhere'; readonly revision: number; readonly document: unknown };

/** What a use-case returns: a value, or why not. */
export type Result<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly failure: Failure };

export function succeed<T>(value: T): Result<T> {
  return { ok: true, value };
}

export function fail<T>(failure: Failure): Result<T> {
  return { ok: false, failure };
}

/** How often a use-case that met another one is tried. */
const TRIES = 3;

/** Runs a use-case and turns what a database may say into a failure: away, full, met by another, or a value it cannot keep. The rest still throws. */
export async function withDatabase<T>(work: () => Promise<Result<T>>): Promise<Result<T>> {
  for (let tries = 1; ; tries++) {
    try {
      return await work();
    } catch (error) {
      if (mayTryAgain(error) && tries < TRIES) continue;
      if (isWalledOff(error)) return fail({ code: 'other-kitchen' });
      if (isDatabaseAway(error) || isTooMany(error)) return fail({ code: 'database-away' });
      /* a doublet that stays one is a fault of the value, not of the moment */
      if (isRefusedValue(error)) return fail({ code: 'unstorable' });
      if (mayTryAgain(error)) return fail({ code: 'database-away' });
      throw error;
    }
  }
}

/** The same with the database opened to one kitchen and no other. */
export function withKitchen<T>(kitchenId: string, work: () => Promise<Result<T>>): Promise<Result<T>> {
  return withDatabase(() => inKitchen(kitchenId, work));
}
