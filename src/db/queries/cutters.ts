import { change, list, type Runner } from '../query';

/** A cutter setting as measured by its owner. */
export interface CutterRow {
  cutter_id: string;
  name: string;
  setting: string;
  thickness_mm: number;
  scatter: number;
}

export async function listCutters(kitchenId: string): Promise<CutterRow[]> {
  return list<CutterRow>(
    `SELECT cutter_id, name, setting, thickness_mm, scatter FROM cutters
     WHERE kitchen_id = $1 ORDER BY name, thickness_mm, created_at`,
    [kitchenId],
  );
}

/** Stores a setting under the id its device chose; one of another kitchen is left alone and false returned. */
export async function upsertCutter(kitchenId: string, cutter: CutterRow, runner?: Runner): Promise<boolean> {
  const changed = await change(
    `INSERT INTO cutters (cutter_id, kitchen_id, name, setting, thickness_mm, scatter) VALUES ($1, $2, $3, $4, $5, $6)
     ON CONFLICT (cutter_id) DO UPDATE
       SET name = EXCLUDED.name, setting = EXCLUDED.setting, thickness_mm = EXCLUDED.thickness_mm, scatter = EXCLUDED.scatter
       WHERE cutters.kitchen_id = EXCLUDED.kitchen_id`,
    [cutter.cutter_id, kitchenId, cutter.name, cutter.setting, cutter.thickness_mm, cutter.scatter],
    runner,
  );
  return changed === 1;
}

/** Removes a setting; false when this kitchen has none of that id. */
export async function deleteCutter(kitchenId: string, cutterId: string): Promise<boolean> {
  return (await change('DELETE FROM cutters WHERE kitchen_id = $1 AND cutter_id = $2', [kitchenId, cutterId])) === 1;
}
