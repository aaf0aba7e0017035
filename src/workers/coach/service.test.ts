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
  await coach.correct(FIRST_PLAN, [], [], 0, 1170, report);
  const before = heard.at(-1)!;
  expect(before).toMatchObject({ taken: 0, advice: null });
  await coach.correct(FIRST_PLAN, [paler], [FIRST_PLAN], 900, 1170, report);
  const [atOnce, , advised] = heard.slice(1);
  expect(atOnce!.taken).toBe(1);
  expect(atOnce!.interval.p50!).toBeGreaterThan(before.interval.p50! + 30);
  expect(advised!.advice).not.toBeNull();
  heard.length = 0;
  await coach.correct(FIRST_PLAN, [], [], 900, 1170, report);
  expect(heard.at(-1)!.interval).toEqual(before.interval);
});

test('a newer call ends the older one', async () => {
  const coach = createCoachService();
  const heard: number[] = [];
  await Promise.all([
    coach.correct(FIRST_PLAN, [paler], [FIRST_PLAN], 900, 1170, () => heard.push(1)),
    coach.correct(FIRST_PLAN, [], [], 900, 1170, () => heard.push(2)),
  ]);
  expect(new Set(heard)).toEqual(new Set([2]));
});

test('a device that takes in a whole run at once learns to the second what one learnt that was there', async () => {
  const openings = (...minutes: number[]): typeof FIRST_PLAN => ({
    ...FIRST_PLAN,
    cook: { ...FIRST_PLAN.cook, events: minutes.map((minute) => ({ minute, action: 'shake' as const })) },
  });
  const [first, second, last] = [openings(7, 12), openings(7.5, 12), openings(7.5, 13.2)];
  const darker = { kind: 'swatch', time: 960, browning: 1.6 } as const;
  const light = { kind: 'weight', time: 700, mass: 0.3 } as const;
  const reports = (into: Correction[]) => (correction: Correction) => void into.push(correction);
  const live: Correction[] = [];
  const there = createCoachService();
  await there.correct(first, [], [], 300, 1170, reports(live));
  await there.correct(second, [], [], 600, 1170, reports(live));
  await there.correct(second, [light], [second], 700, 1170, reports(live));
  await there.correct(last, [light], [second], 900, 1170, reports(live));
  await there.correct(last, [light, darker], [second, last], 960, 1170, reports(live));
  const reloaded: Correction[] = [];
  await createCoachService().correct(last, [light, darker], [second, last], 960, 1170, reports(reloaded));
  expect(reloaded.at(-1)).toEqual(live.at(-1));
});
