import type { z } from 'zod';
import { fryerFromLabel } from '@/core/fryer/fryer-from-label';
import { breadPlaces } from '@/core/learn/bread-test';
import { fryerTestEvidence } from '@/core/learn/fryer-test';
import { insertFryerTest, setTestLeftOut } from '@/db/queries/fryer-tests';
import { listFryers } from '@/db/queries/fryers';
import { fryerTestFromFile, type keepFryerTestSchema } from '@/schemas/fryer-test-schema';
import { fail, type Result, succeed, withKitchen } from './result';

/** Keeps what was read in a test of a fryer, with what it says: some milliseconds of an empty fryer, no cook. */
export function keepFryerTest(
  kitchenId: string,
  fryerId: string,
  { testId, test }: z.output<typeof keepFryerTestSchema>,
): Promise<Result<null>> {
  return withKitchen(kitchenId, async () => {
    const fryer = (await listFryers(kitchenId)).find(({ fryer_id }) => fryer_id === fryerId);
    if (!fryer) return fail({ code: 'not-found' });
    const labelled = {
      ...fryerFromLabel(fryer.power_w, fryer.basket_cm2 * 1e-4, fryer.basket_height_mm * 1e-3),
      thermostatOffset: fryer.thermostat_offset_c,
    };
    const read = fryerTestFromFile(test);
    const evidence = {
      ...fryerTestEvidence(labelled, read),
      ...(read.kind === 'bread' ? { places: breadPlaces(labelled, read) } : {}),
    };
    await insertFryerTest(kitchenId, {
      testId,
      fryerId,
      readings: test,
      offsetC: fryer.thermostat_offset_c,
      powerW: fryer.power_w,
      evidence,
    });
    return succeed(null);
  });
}

/** Leaves a test out of what is learnt, or takes it in again. */
export function leaveTestOut(kitchenId: string, testId: string, leftOut: boolean): Promise<Result<null>> {
  return withKitchen(kitchenId, async () =>
    (await setTestLeftOut(kitchenId, testId, leftOut)) ? succeed(null) : fail({ code: 'not-found' }),
  );
}
