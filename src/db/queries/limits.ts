import { change, get } from '../query';

/** Takes one token from the allowance of a key; tokens left, below zero where there was none. Source: token bucket. */
export async function takeToken(key: string, burst: number, perSecond: number): Promise<number> {
  const { tokens } = await get<{ tokens: number }>(
    `INSERT INTO request_limits AS own (key, tokens) VALUES ($1, $2::real - 1)
     ON CONFLICT (key) DO UPDATE SET
       tokens = greatest(-1, least($2::real, own.tokens + extract(epoch FROM clock_timestamp() - own.at) * $3::real) - 1),
       at = clock_timestamp()
     RETURNING tokens`,
    [key, burst, perSecond],
  );
  return tokens;
}

/** Forgets allowances that have long been full again. */
export async function forgetLimits(olderThan: number): Promise<void> {
  await change(`DELETE FROM request_limits WHERE at < clock_timestamp() - make_interval(secs => $1)`, [olderThan]);
}
