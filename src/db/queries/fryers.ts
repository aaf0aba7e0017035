import { get, list, type Runner } from '../query';

/** A fryer as measured by its owner. */
export interface FryerRow {
  fryer_id: string;
  name: string;
  power_w: number;
  basket_cm2: number;
  basket_height_mm: number;
  thermostat_offset_c: number;
}

const COLUMNS = 'fryer_id, name, power_w, basket_cm2, basket_height_mm, thermostat_offset_c';

export async function listFryers(kitchenId: string): Promise<FryerRow[]> {
  return list<FryerRow>(`SELECT ${COLUMNS} FROM fryers WHERE kitchen_id = $1 ORDER BY created_at, name`, [kitchenId]);
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
