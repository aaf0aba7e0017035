import { change, get, list, type Runner } from '../query';

/** A fryer as measured by its owner. */
export interface FryerRow {
  fryer_id: string;
  name: string;
  power_w: number;
  basket_cm2: number;
  basket_height_mm: number;
  thermostat_offset_c: number;
}

/** How far a fryer is learnt from. */
export interface FryerLearningRow {
  /** begun afresh then */
  learns_from: Date | null;
  /** taken as its label says since */
  not_learnt_at: Date | null;
}

const COLUMNS = 'fryer_id, name, power_w, basket_cm2, basket_height_mm, thermostat_offset_c';

export async function listFryers(kitchenId: string): Promise<(FryerRow & FryerLearningRow)[]> {
  return list<FryerRow & FryerLearningRow>(
    `SELECT ${COLUMNS}, learns_from, not_learnt_at FROM fryers WHERE kitchen_id = $1 AND archived_at IS NULL ORDER BY created_at, name`,
    [kitchenId],
  );
}

export async function insertFryer(
  kitchenId: string,
  fryer: Omit<FryerRow, 'fryer_id'>,
  runner?: Runner,
): Promise<FryerRow> {
  return get<FryerRow>(
    `INSERT INTO fryers (kitchen_id, name, power_w, basket_cm2, basket_height_mm, thermostat_offset_c, created_at)
     VALUES ($1, $2, $3, $4, $5, $6, clock_timestamp()) RETURNING ${COLUMNS}`,
    [kitchenId, fryer.name, fryer.power_w, fryer.basket_cm2, fryer.basket_height_mm, fryer.thermostat_offset_c],
    runner,
  );
}

/** Stores a fryer under the id its device chose, back in the kitchen if it was taken out; one of another kitchen is left alone and false returned. */
export async function upsertFryer(kitchenId: string, fryer: FryerRow): Promise<boolean> {
  const changed = await change(
    `INSERT INTO fryers (fryer_id, kitchen_id, name, power_w, basket_cm2, basket_height_mm, thermostat_offset_c, created_at)
     VALUES ($1, $2, $3, $4, $5, $6, $7, clock_timestamp())
     ON CONFLICT (fryer_id) DO UPDATE
       SET name = EXCLUDED.name, power_w = EXCLUDED.power_w, basket_cm2 = EXCLUDED.basket_cm2,
           basket_height_mm = EXCLUDED.basket_height_mm, thermostat_offset_c = EXCLUDED.thermostat_offset_c,
           archived_at = NULL
       WHERE fryers.kitchen_id = EXCLUDED.kitchen_id`,
    [
      fryer.fryer_id,
      kitchenId,
      fryer.name,
      fryer.power_w,
      fryer.basket_cm2,
      fryer.basket_height_mm,
      fryer.thermostat_offset_c,
    ],
  );
  return changed === 1;
}

/** Batches keep the name of their fryer: where that is to change, theirs does. */
export async function renameFryerOfBatches(kitchenId: string, fryerId: string, name: string): Promise<void> {
  await change(
    `UPDATE batches SET fryer_name = $3 FROM fryers
     WHERE fryers.fryer_id = $2 AND fryers.kitchen_id = $1 AND batches.kitchen_id = $1
       AND batches.fryer_name = fryers.name AND fryers.name <> $3`,
    [kitchenId, fryerId, name],
  );
}

/** Takes a fryer out of the kitchen unless it is the last; false when nothing was taken. */
export async function archiveFryer(kitchenId: string, fryerId: string): Promise<boolean> {
  const changed = await change(
    `UPDATE fryers SET archived_at = clock_timestamp()
     WHERE kitchen_id = $1 AND fryer_id = $2 AND archived_at IS NULL
       AND (SELECT count(*) FROM fryers AS others WHERE others.kitchen_id = $1 AND others.archived_at IS NULL) > 1`,
    [kitchenId, fryerId],
  );
  return changed === 1;
}
