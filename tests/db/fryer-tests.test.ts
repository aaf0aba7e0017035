import { randomUUID } from 'node:crypto';
import { closeDatabase } from '@/db/pool';
import type { FryerTestFile } from '@/schemas/fryer-test-schema';
import { loadFryerCards } from '@/services/fryer-cards';
import { keepFryerTest, leaveTestOut } from '@/services/fryer-tests';
import { createKitchen, loadFryers } from '@/services/kitchen';

import { closeOwnerDatabase, ownerDatabase } from '../support/owner-database';
import { value } from '../support/value';

afterAll(() => Promise.all([closeDatabase(), closeOwnerDatabase()]));

async function kitchen() {
  const { id } = await value(createKitchen());
  const [fryer] = await loadFryers(id);
  return { id, fryerId: fryer!.id };
}

const cardOf = async (id: string) => (await value(loadFryerCards(id)))[0]!;

/** An oven thermometer in the empty drawer, dial at 180 °C, that reads this much less than it should. */
const thermometer = (less: number): FryerTestFile => ({
  kind: 'thermometer',
  drawer: null,
  dial_c: 180,
  readings: [
    { minute: 8, celsius: 178 - less },
    { minute: 10, celsius: 180 - less },
  ],
});

test('a thermometer that reads low says that the fryer runs under its dial, and narrows it', async () => {
  const { id, fryerId } = await kitchen();
  const { before } = await cardOf(id);
  await value(keepFryerTest(id, fryerId, { testId: randomUUID(), test: thermometer(14) }));
  const card = await cardOf(id);
  expect(card).toMatchObject({ testsCounting: 1, counting: 0 });
  expect(card.now.offset.mean).toBeLessThan(-6);
  expect(card.now.offset.deviation).toBeLessThan(0.7 * before.offset.deviation);
  expect(card.batches).toMatchObject([{ isTest: true, leftOut: false }]);
});

test('one that reads as it should leaves the mean where it was, and narrows all the same', async () => {
  const { id, fryerId } = await kitchen();
  const { before } = await cardOf(id);
  await value(keepFryerTest(id, fryerId, { testId: randomUUID(), test: thermometer(0) }));
  const { now } = await cardOf(id);
  expect(Math.abs(now.offset.mean)).toBeLessThan(3);
  expect(now.offset.deviation).toBeLessThan(0.7 * before.offset.deviation);
});

test('a test that is left out takes its evidence back, and can be taken in again', async () => {
  const { id, fryerId } = await kitchen();
  const testId = randomUUID();
  await value(keepFryerTest(id, fryerId, { testId, test: thermometer(14) }));
  const narrowed = await cardOf(id);
  await value(leaveTestOut(id, testId, true));
  const without = await cardOf(id);
  expect(without.now).toEqual(without.before);
  expect(without).toMatchObject({ testsCounting: 0, batches: [{ leftOut: true, after: null }] });
  await value(leaveTestOut(id, testId, false));
  expect((await cardOf(id)).now).toEqual(narrowed.now);
});

test('the same test told twice counts once; one of another kitchen’s fryer is refused', async () => {
  const { id, fryerId } = await kitchen();
  const own = { testId: randomUUID(), test: thermometer(10) };
  await value(keepFryerTest(id, fryerId, own));
  const once = await cardOf(id);
  await value(keepFryerTest(id, fryerId, own));
  expect((await cardOf(id)).now).toEqual(once.now);
  const other = await kitchen();
  expect(await keepFryerTest(other.id, fryerId, { ...own, testId: randomUUID() })).toMatchObject({
    failure: { code: 'not-found' },
  });
  expect(await leaveTestOut(other.id, own.testId, true)).toMatchObject({ failure: { code: 'not-found' } });
});

test('what boils off a dish of water says how much heat the air brings: much lost is a strong fan', async () => {
  const water = (left_g: number): FryerTestFile => ({
    kind: 'water',
    drawer: null,
    dial_c: 200,
    grams: 250,
    diameter_cm: 15,
    minutes: 10,
    left_g,
    lamp_out_s: null,
  });
  const heatOf = async (left: number) => {
    const { id, fryerId } = await kitchen();
    await value(keepFryerTest(id, fryerId, { testId: randomUUID(), test: water(left) }));
    return (await cardOf(id)).now;
  };
  const [weak, strong] = [await heatOf(240), await heatOf(190)];
  expect(strong.heatTransfer.mean).toBeGreaterThan(weak.heatTransfer.mean);
});

test('the evidence is kept with the label of its time', async () => {
  const { id, fryerId } = await kitchen();
  await value(keepFryerTest(id, fryerId, { testId: randomUUID(), test: thermometer(5) }));
  const { rows } = await ownerDatabase().query<{ power_w: number; thermostat_offset_c: number; readings: unknown }>(
    'SELECT power_w, thermostat_offset_c, readings FROM fryer_tests WHERE kitchen_id = $1',
    [id],
  );
  const [fryer] = await loadFryers(id);
  expect(rows).toEqual([
    { power_w: fryer!.powerW, thermostat_offset_c: fryer!.thermostatOffsetC, readings: thermometer(5) },
  ]);
});

test('slices of bread tell the places of a drawer; left out, they are unknown again', async () => {
  const { id, fryerId } = await kitchen();
  const bread = (drawer: 1 | 2): FryerTestFile => ({
    kind: 'bread',
    drawer,
    dial_c: 180,
    minutes: 6,
    shades: [1.4, 1.4, 1.2, 1.2, 1, 1, 1, 0.85, null],
  });
  const testId = randomUUID();
  await value(keepFryerTest(id, fryerId, { testId, test: bread(2) }));
  const { places } = await cardOf(id);
  expect(places).toMatchObject([{ drawer: 2 }]);
  const { strengths, deviations } = places[0]!;
  expect(strengths[0]).toBeGreaterThan(1.05);
  expect(strengths[7]).toBeLessThan(0.96);
  expect(deviations[8]).toBeGreaterThan(deviations[0]!);
  await value(keepFryerTest(id, fryerId, { testId: randomUUID(), test: bread(1) }));
  expect((await cardOf(id)).places.map(({ drawer }) => drawer)).toEqual([2, 1]);
  await value(leaveTestOut(id, testId, true));
  expect((await cardOf(id)).places).toMatchObject([{ drawer: 1 }]);
});
