import { forgetLimits, takeToken } from '@/db/queries/limits';

/** Requests in a burst, and how fast the allowance comes back, per second. Source: chosen; a family at a party stays far below. */
const LIMITS = {
  /** changes by one kitchen: plans, fryers, outcomes */
  change: { burst: 120, perSecond: 10 },
  /** what is told of batches by one kitchen */
  events: { burst: 600, perSecond: 80 },
  /** looks at what its devices say, by one kitchen: each open page looks twice a second */
  devices: { burst: 120, perSecond: 20 },
  /** streams opened by one kitchen */
  stream: { burst: 400, perSecond: 10 },
  /** invitations tried from one address */
  join: { burst: 20, perSecond: 0.2 },
  /** kitchens made and entered from one address */
  enter: { burst: 60, perSecond: 1 },
  /** sign-ins tried from one address */
  'sign-in': { burst: 20, perSecond: 0.2 },
  /** archives taken out or brought in by one kitchen */
  archive: { burst: 6, perSecond: 0.02 },
} as const;

/** What is limited. */
export type Limited = keyof typeof LIMITS;

/** Allowances older than this are full again and forgotten, s; looked for once in so many requests. */
const FORGET_AFTER = 3600;
const FORGET_EVERY = 1000;

let taken = 0;

/** Allowances times this; the tests and the attack of this project ask more than any family would. */
function generosity(): number {
  return Number(process.env.DRUBEK_LIMITS_TIMES) || 1;
}

/**
 * Takes one request from the allowance of a kitchen or an address, the same for all processes on this database; false when it
 * is used up. Where the database is away, the request itself will find out.
 */
export async function mayRequest(what: Limited, key: string): Promise<boolean> {
  const { burst, perSecond } = LIMITS[what];
  const times = generosity();
  try {
    if (++taken % FORGET_EVERY === 0) await forgetLimits(FORGET_AFTER);
    return (await takeToken(`${what} ${key}`.slice(0, 200), burst * times, perSecond * times)) >= 0;
  } catch {
    return true;
  }
}
