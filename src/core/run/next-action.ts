import type { Forecast } from '../forecast/forecast';
import type { CookAction, CookEvent } from '../plan/plan';

/** What to do next at the fryer, and when, s after loading. */
export interface NextAction {
  readonly verb: CookAction | 'check' | 'probe' | 'pull';
  readonly at: number;
}

/** How long a call to check stands before the next action takes its place, s. Source: assumed. */
const CHECK_STANDS = 45;

/**
 * The next thing to do: the earliest of the openings to come, the first check, and the forecast's moment to pull plus what the
 * cook added. After its time the pull stands until it is done. Where a safe heart has not been probed yet, probing takes its place: never colour ends such a
 * run.
 */
export function nextAction(
  forecast: Pick<Forecast, 'pull' | 'firstCheck'>,
  toCome: readonly CookEvent[],
  extra: number,
  elapsed: number,
  mustProbe = false,
): NextAction {
  const pullAt = forecast.pull.time + extra;
  const candidates: NextAction[] = toCome
    .filter((opening) => opening.time < pullAt - CHECK_STANDS)
    .map((opening) => ({ verb: opening.action, at: opening.time }));
  const check = forecast.firstCheck + extra;
  if (elapsed < check + CHECK_STANDS) candidates.push({ verb: 'check', at: check });
  candidates.push({ verb: mustProbe ? 'probe' : 'pull', at: pullAt });
  return candidates.reduce((first, candidate) => (candidate.at < first.at ? candidate : first));
}
