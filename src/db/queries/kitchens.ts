import { change, find, get, type Runner } from '../query';

/** A kitchen: everything else belongs to one. */
export interface KitchenRow {
  kitchen_id: string;
  name: string;
  unit_system: 'metric' | 'us';
  is_demo: boolean;
  /** asked to be removed */
  removed_at: Date | null;
}

const COLUMNS = 'kitchen_id, name, unit_system, is_demo, removed_at';

export async function findKitchen(kitchenId: string): Promise<KitchenRow | null> {
  return find<KitchenRow>(`SELECT ${COLUMNS} FROM kitchens WHERE kitchen_id = $1`, [kitchenId]);
}

export async function findDemoKitchen(runner?: Runner): Promise<KitchenRow | null> {
  return find<KitchenRow>(`SELECT ${COLUMNS} FROM kitchens WHERE is_demo`, [], runner);
}

export async function insertKitchen(
  kitchenId: string,
  name: string,
  isDemo: boolean,
  runner?: Runner,
): Promise<KitchenRow> {
  return get<KitchenRow>(
    `INSERT INTO kitchens (kitchen_id, name, is_demo) VALUES ($1, $2, $3) RETURNING ${COLUMNS}`,
    [kitchenId, name, isDemo],
    runner,
  );
}

export async function updateUnitSystem(kitchenId: string, unitSystem: 'metric' | 'us'): Promise<void> {
  await change('UPDATE kitchens SET unit_system = $2 WHERE kitchen_id = $1', [kitchenId, unitSystem]);
}

export async function removeKitchen(kitchenId: string, runner?: Runner): Promise<void> {
  await change('DELETE FROM plans WHERE kitchen_id = $1', [kitchenId], runner);
  await change('DELETE FROM kitchens WHERE kitchen_id = $1', [kitchenId], runner);
}
