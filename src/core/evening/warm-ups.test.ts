import { HANDS } from './evening-problem';
import { OVEN } from './places';
import { OVEN_WARM_UP, warmUps } from './warm-ups';

const load = (id: string, begin: number, fryer: string, kept: boolean) => ({
  id,
  begin,
  uses: [
    { resource: HANDS, from: 0, length: 60 },
    { resource: fryer, from: 0, length: 900 },
    ...(kept ? [{ resource: OVEN, from: 870, length: Infinity }] : []),
  ],
});
const heatOf = () => ({ duration: 240, temperature: 468 });

test('each fryer is on before the first that goes into it, the oven before food is kept there, warm', () => {
  const steps = [load('b:load-1', 2000, 'fryer:a', false), load('a:load-1', 3000, 'fryer:a', true)];
  expect(warmUps(steps, ['fryer:a', 'fryer:b'], heatOf, 393)).toEqual([
    { resource: 'fryer:a', begin: 3240, until: 3000, step: 'a:load-1', temperature: 468 },
    { resource: OVEN, begin: 2130 + OVEN_WARM_UP, until: 2130, step: 'a:load-1', temperature: 393 },
  ]);
});

test('an oven in which something bakes is the cook’s own heat', () => {
  const bake = { id: 'bread:own-1', begin: 5000, uses: [{ resource: OVEN, from: 0, length: 1800 }] };
  expect(warmUps([bake, load('a:load-1', 3000, 'fryer:a', true)], [], heatOf, 393)).toEqual([
    { resource: OVEN, begin: 5600, until: 5000, step: 'bread:own-1', temperature: null },
  ]);
});
