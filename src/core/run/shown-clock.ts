/** A clock that may run faster than real time, for rehearsals: at `real` ms it showed `shown` ms. */
export interface ShownClock {
  readonly real: number;
  readonly shown: number;
  readonly speed: number;
}

/** A clock that shows the time. */
export const REAL_TIME: ShownClock = { real: 0, shown: 0, speed: 1 };

/** What the clock shows at `real` ms since 1970; it never goes back before the moment it was set. */
export function shownAt(clock: ShownClock, real: number): number {
  return clock.shown + Math.max(0, real - clock.real) * clock.speed;
}
