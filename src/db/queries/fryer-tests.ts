import { change, list, type Runner } from '../query';

/** A test of a fryer as kept; readings and evidence are not yet trusted. */
export interface FryerTestRow {
  test_id: string;
  fryer_id: string;
  fryer_name: string;
  readings: unknown;
  thermostat_offset_c: number;
  power_w: number;
  evidence: unknown;
  made_at: Date;
  left_out: boolean;
}

/** Tests of the kitchen's fryers, oldest first. */
export async function listFryerTests(kitchenId: string): Promise<FryerTestRow[]> {
  return list<FryerTestRow>(
    `SELECT t.test_id, t.fryer_id, f.name AS fryer_name, t.readings, t.thermostat_offset_c, t.power_w, t.evidence, t.made_at,
       t.left_out_at IS NOT NULL AS left_out
     FROM fryer_tests AS t JOIN fryers AS f USING (kitchen_id, fryer_id)
     WHERE t.kitchen_id = $1 ORDER BY t.made_at, t.test_id`,
    [kitchenId],
  );
}

/** Keeps a test under the id its device chose; the same again changes nothing. */
export async function insertFryerTest(
  kitchenId: string,
  test: {
    testId: string;
    fryerId: string;
    readings: unknown;
    offsetC: number;
    powerW: number;
    evidence: unknown;
    /** now unless given */
    madeAt?: Date;
  },
  runner?: Runner,
): Promise<void> {
  await change(
    `INSERT INTO fryer_tests (test_id, kitchen_id, fryer_id, readings, thermostat_offset_c, power_w, evidence, made_at)
     VALUES ($1, $2, $3, $4, $5, $6, $7, COALESCE($8, clock_timestamp())) ON CONFLICT (test_id) DO NOTHING`,
    [
      test.testId,
      kitchenId,
      test.fryerId,
      JSON.stringify(test.readings),
      test.offsetC,
      test.powerW,
      JSON.stringify(test.evidence),
      test.madeAt ?? null,
    ],
    runner,
  );
}

/** Leaves a test out of what is learnt, or takes it in again. */
export async function setTestLeftOut(kitchenId: string, testId: string, leftOut: boolean): Promise<boolean> {
  const changed = await change(
    `UPDATE fryer_tests SET left_out_at = CASE WHEN $3 THEN clock_timestamp() END WHERE kitchen_id = $1 AND test_id = $2`,
    [kitchenId, testId, leftOut],
  );
  return changed === 1;
}
