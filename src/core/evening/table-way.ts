import { type DishWay, HANDS } from './evening-problem';

/** Hands for bringing a dish to the table, and the least that bringing all takes, s. Source: assumed. */
const SERVING = 20;
export const LEAST_SERVING = 60;

/** The one step with which every evening ends, and the dish that it stands for. */
export const TABLE = 'evening';
export const SERVE = `${TABLE}:serve`;

/** All hands bring everything to the table, last of all. */
export function serveWay(dishes: number, cooks: number): DishWay {
  const length = Math.max(LEAST_SERVING, (SERVING * dishes) / cooks);
  return {
    id: 'table',
    steps: [
      {
        id: SERVE,
        kind: 'serve',
        length,
        uses: [{ resource: HANDS, from: 0, length, amount: cooks }],
        endsWithin: 0,
      },
    ],
    lags: [],
    waiting: [],
    loss: 0,
  };
}
