/** Pages that one browser may ask for in a burst, and how fast the allowance comes back, per second; what is only fetched ahead costs less. Source: chosen; who reads fast asks for two a second, each with seven to keep. */
const OF_BROWSER = { burst: 60, perSecond: 5 } as const;

/** The same of one address, behind which a school may sit. */
const OF_ADDRESS = { burst: 240, perSecond: 20 } as const;

/** What a page that is fetched ahead costs of a whole one: the server makes its frame alone. */
const AHEAD = 0.1;

/** Allowances that are kept; the oldest are full again long before so many others came. */
const MOST_KEPT = 10_000;

interface Allowance {
  left: number;
  at: number;
}

/** Allowances for pages of one process: asked for on every page, so that no database is. */
export class PageAllowance {
  private readonly kept = new Map<string, Allowance>();

  /** @param times all of it times this */
  constructor(private readonly times = Number(process.env.DRUBEK_LIMITS_TIMES) || 1) {}

  /** Takes a page from the allowances of a browser and of its address; false where one is used up. @param now ms */
  mayOpen(browser: string | null, address: string, ahead: boolean, now = Date.now()): boolean {
    const cost = ahead ? AHEAD : 1;
    const ofAddress = this.take(`address ${address}`, OF_ADDRESS, cost, now);
    return (browser === null || this.take(`browser ${browser}`, OF_BROWSER, cost, now)) && ofAddress;
  }

  private take(key: string, { burst, perSecond }: typeof OF_BROWSER | typeof OF_ADDRESS, cost: number, now: number) {
    const most = burst * this.times;
    const before = this.kept.get(key);
    const left = before ? Math.min(most, before.left + ((now - before.at) / 1000) * perSecond * this.times) : most;
    const may = left >= cost;
    this.kept.delete(key);
    this.kept.set(key, { left: may ? left - cost : left, at: now });
    if (this.kept.size > MOST_KEPT) this.kept.delete(this.kept.keys().next().value!);
    return may;
  }
}
