import { eventOfKind } from '../run/batch-event';
import { eveningRun } from './evening-run';
import { toldByBatch } from './told-by-batch';

const LOAD = { step: 'chips:load-1', fryers: 'fryer:a' };
const LOADED = eventOfKind('loaded', { id: 'l', happenedAt: 100_000 });
const PULLED = eventOfKind('done', { id: 'd', happenedAt: 1_000_000 });
const kinds = new Map([
  ['l', 'loaded' as const],
  ['d', 'done' as const],
  ['s', 'shaken' as const],
]);
const told = (...events: Parameters<typeof toldByBatch>[2]) =>
  toldByBatch('batch', LOAD, events, (id) => kinds.get(id));

test('loaded is begun when filling began, pulled is done; the evening knows the batch and the fryer', () => {
  const run = eveningRun(told(LOADED, eventOfKind('shaken', { id: 's', happenedAt: 400_000 }), PULLED));
  expect(run.steps.get('chips:load-1')).toEqual({ begun: 40_000, done: 1_000_000, batch: 'batch' });
  expect(run.fryers.get('chips')).toBe('fryer:a');
});

test('what is undone of loading and pulling is taken back, a shake that is undone says nothing', () => {
  const undone = (event: string) => eventOfKind('undone', { id: `u${event}`, happenedAt: 1_100_000 }, { event });
  expect(told(undone('s'))).toEqual([]);
  expect(eveningRun(told(LOADED, PULLED, undone('d'))).steps.get('chips:load-1')).toMatchObject({ done: null });
  expect(eveningRun(told(LOADED, undone('l'))).steps.size).toBe(0);
});

test('a load that was marked by hand keeps its beginning when it is told by Cook too', () => {
  const byHand = { kind: 'begun' as const, happenedAt: 30_000, detail: { step: 'chips:load-1' } };
  expect(eveningRun([byHand, ...told(LOADED)]).steps.get('chips:load-1')).toEqual({
    begun: 30_000,
    done: null,
    batch: 'batch',
  });
});
