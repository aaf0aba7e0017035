import { traceAt, traceOf } from '../../core/coach/trace';
import { planFromFile } from '../../schemas/plan-from-file';
import { FIRST_PLAN } from '../../schemas/first-plan';
import type { Correction } from './protocol';
import { createCoachService } from './service';

const trace = traceOf(planFromFile(FIRST_PLAN), 1);
const paler = { kind: 'look', time: 900, look: 'paler', shown: traceAt(trace, trace.browning, 900) } as const;

test('an answer moves the done time at once, then advice follows; taking it back starts over', async () => {
  const coach = createCoachService();
  const heard: Correction[] = [];
  const report = (correction: Correction) => void heard.push(correction);
  await coach.correct(FIRST_PLAN, [], 0, 1170, report);
  const before = heard.at(-1)!;
  expect(before).toMatchObject({ taken: 0, advice: null });
  await coach.correct(FIRST_PLAN, [paler], 900, 1170, report);
  const [atOnce, , advised] = heard.slice(1);
  expect(atOnce!.taken).toBe(1);
  expect(atOnce!.interval.p50!).toBeGreaterThan(before.interval.p50! + 30);
  expect(advised!.advice).not.toBeNull();
  heard.length = 0;
  await coach.correct(FIRST_PLAN, [], 900, 1170, report);
  expect(heard.at(-1)!.interval).toEqual(before.interval);
}, 60_000);

test('a newer call ends the older one', async () => {
  const coach = createCoachService();
  const heard: number[] = [];
  await Promise.all([
    coach.correct(FIRST_PLAN, [paler], 900, 1170, () => heard.push(1)),
    coach.correct(FIRST_PLAN, [], 900, 1170, () => heard.push(2)),
  ]);
  expect(new Set(heard)).toEqual(new Set([2]));
}, 60_000);
