import { randomUUID } from 'node:crypto';
import { closeDatabase, isDatabaseAway } from '@/db/pool';
import { loadLogLearning } from '@/services/learning';
import { DEMO_BATCHES } from '@/services/demo/demo-batches';
import { seedDemoKitchen } from '@/services/demo/seed-demo-kitchen';
import { findDemoKitchen } from '@/db/queries/kitchens';
import { loadLog } from '@/services/batches';
import { createKitchen } from '@/services/kitchen';
import { closeOwnerDatabase, ownerDatabase } from '../support/owner-database';

afterAll(() => Promise.all([closeDatabase(), closeOwnerDatabase()]));

async function failure(
  text: string,
  values: unknown[],
): Promise<{ constraint?: string; code?: string; message: string }> {
  try {
    await ownerDatabase().query(text, values);
  } catch (error) {
    return error as { constraint?: string; code?: string; message: string };
  }
  throw new Error('the database took it');
}

test.each([
  [
    'fryers_power_range',
    'INSERT INTO fryers (kitchen_id, name, power_w, basket_cm2, basket_height_mm) VALUES ($1, $2, 90, 500, 90)',
    'weak',
  ],
  [
    'fryers_name_length',
    'INSERT INTO fryers (kitchen_id, name, power_w, basket_cm2, basket_height_mm) VALUES ($1, $2, 1500, 500, 90)',
    '',
  ],
  ['kitchens_unit_system', 'UPDATE kitchens SET unit_system = $2 WHERE kitchen_id = $1', 'imperial'],
])('the constraint %s refuses by its name', async (name, text, value) => {
  const kitchen = await createKitchen();
  if (!kitchen.ok) throw new Error('no kitchen');
  expect((await failure(text, [kitchen.value.id, value])).constraint).toBe(name);
});

test('every row is in the kitchen of its parent: no foreign key between two tables of a kitchen leaves the kitchen out', async () => {
  const { rows } = await ownerDatabase().query<{ name: string }>(
    `SELECT conname AS name FROM pg_constraint AS c
     WHERE contype = 'f'
       AND EXISTS (SELECT FROM pg_attribute WHERE attrelid = c.conrelid AND attname = 'kitchen_id')
       AND EXISTS (SELECT FROM pg_attribute WHERE attrelid = c.confrelid AND attname = 'kitchen_id')
       AND NOT EXISTS (
         SELECT FROM unnest(c.conkey, c.confkey) AS pair (own, parent)
         JOIN pg_attribute AS a ON a.attrelid = c.conrelid AND a.attnum = pair.own AND a.attname = 'kitchen_id'
         JOIN pg_attribute AS b ON b.attrelid = c.confrelid AND b.attnum = pair.parent AND b.attname = 'kitchen_id')
     ORDER BY 1`,
  );
  expect(rows).toEqual([]);
});

test('the demo kitchen holds a month of batches from the engine, is kept, and is made anew when asked', async () => {
  const now = new Date('2026-11-20T12:00:00');
  expect(await seedDemoKitchen(now, true)).toBe('made');
  const first = await findDemoKitchen();
  expect(await seedDemoKitchen(now, false)).toBe('kept');
  const log = await loadLog(first!.kitchen_id);
  if (!log.ok) throw new Error('no log');
  expect(log.value.batches.length).toBeGreaterThanOrEqual(12);
  expect(log.value.batches.every((batch) => batch.outcome && batch.fingerprint.length === 16)).toBe(true);

  /* the small fryer runs cool: it is pulled later than forecast, the large one is not */
  const lateness = (name: string) =>
    log.value.batches
      .filter((batch) => batch.fryerName === name)
      .toSorted((a, b) => a.begunAt - b.begunAt)
      .map((batch) => {
        const at = (kind: string) => batch.events.find((event) => event.kind === kind)!.happenedAt;
        return (at('done') - at('loaded')) / 60_000 / batch.forecast.done_min!;
      });
  const small = lateness('Small, borrowed');
  expect(small[0]).toBeGreaterThan(lateness('Large drawer')[0]! + 0.15);
  /* and the forecasts have learnt it: the last came on time */
  expect(Math.abs(small.at(-1)! - 1)).toBeLessThan(0.05);
  const learning = await loadLogLearning(first!.kitchen_id);
  const [surest] = learning.ok ? learning.value.findings : [];
  expect(surest?.about).toEqual({ kind: 'fryer', fryer: 'Small, borrowed', quantity: 'offset' });
  expect(surest!.now.mean).toBeLessThan(-8);

  const changed = await failure('UPDATE batch_events SET kind = $2 WHERE kitchen_id = $1', [first!.kitchen_id, 'done']);
  expect(changed.message).toMatch(/append-only/);
  const deleted = await failure('DELETE FROM batch_events WHERE kitchen_id = $1', [first!.kitchen_id]);
  expect(deleted.message).toMatch(/append-only/);

  expect(await seedDemoKitchen(now, true, DEMO_BATCHES.slice(0, 2))).toBe('made');
  expect((await findDemoKitchen())!.kitchen_id).not.toBe(first!.kitchen_id);
});

test('an event must belong to a batch of its own kitchen', async () => {
  const kitchen = await createKitchen();
  if (!kitchen.ok) throw new Error('no kitchen');
  const { constraint } = await failure(
    'INSERT INTO batch_events (event_id, kitchen_id, batch_id, kind, happened_at, seq) VALUES ($1, $2, $3, $4, now(), 1)',
    [randomUUID(), kitchen.value.id, randomUUID(), 'loaded'],
  );
  expect(constraint).toBe('batch_events_batch_fk');
});

test('a lost database is told from a refusal', () => {
  expect(isDatabaseAway(Object.assign(new Error('x'), { code: 'ECONNREFUSED' }))).toBe(true);
  expect(isDatabaseAway(Object.assign(new Error('x'), { code: '57P01' }))).toBe(true);
  expect(isDatabaseAway(Object.assign(new Error('x'), { code: '23505' }))).toBe(false);
  expect(isDatabaseAway(new Error('Connection terminated unexpectedly'))).toBe(true);
});
