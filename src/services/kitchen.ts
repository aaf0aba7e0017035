import { randomUUID } from 'node:crypto';
import { type CutterRow, deleteCutter, listCutters, upsertCutter } from '@/db/queries/cutters';
import {
  archiveFryer,
  insertFryer,
  listFryers,
  renameFryerOfBatches,
  upsertFryer,
  type FryerRow,
} from '@/db/queries/fryers';
import { findDemoKitchen, findKitchen, insertKitchen, updateUnitSystem, type KitchenRow } from '@/db/queries/kitchens';
import { inKitchen, transact } from '@/db/query';
import type { Kitchen, KitchenCutter, KitchenFryer } from '@/schemas/kitchen';
import { fail, type Result, succeed, withDatabase, withKitchen } from './result';

function kitchenOf(row: KitchenRow): Kitchen {
  return {
    id: row.kitchen_id,
    name: row.name,
    unitSystem: row.unit_system,
    isDemo: row.is_demo,
    removedAt: row.removed_at?.getTime() ?? null,
  };
}

export function fryerOf(row: FryerRow): KitchenFryer {
  return {
    id: row.fryer_id,
    name: row.name,
    powerW: row.power_w,
    basketCm2: row.basket_cm2,
    basketHeightMm: row.basket_height_mm,
    thermostatOffsetC: row.thermostat_offset_c,
  };
}

/** The kitchen with this id; not-found when it was removed since the cookie was given. */
export function loadKitchen(kitchenId: string): Promise<Result<Kitchen>> {
  return withKitchen(kitchenId, async () => {
    const row = await findKitchen(kitchenId);
    return row ? succeed(kitchenOf(row)) : fail({ code: 'not-found' });
  });
}

/** Its fryers, oldest first. */
export async function loadFryers(kitchenId: string): Promise<KitchenFryer[]> {
  return (await inKitchen(kitchenId, () => listFryers(kitchenId))).map(fryerOf);
}

/** The kitchen a browser without a cookie enters: the demo kitchen where one is shown, else a new one. */
export function enterKitchen(): Promise<Result<Kitchen>> {
  return withDatabase(async () => {
    const demo = process.env.DRUBEK_DEMO === '1' ? await findDemoKitchen() : null;
    return demo ? succeed(kitchenOf(demo)) : succeed(await makeKitchen());
  });
}

/** A new, empty kitchen with one ordinary fryer to begin with. */
export function createKitchen(): Promise<Result<Kitchen>> {
  return withDatabase(async () => succeed(await makeKitchen()));
}

function makeKitchen(): Promise<Kitchen> {
  const kitchenId = randomUUID();
  return inKitchen(kitchenId, () =>
    transact(async (client) => {
      const row = await insertKitchen(kitchenId, 'My kitchen', false, client);
      await insertFryer(
        kitchenId,
        { name: 'My fryer', power_w: 1500, basket_cm2: 500, basket_height_mm: 90, thermostat_offset_c: 0 },
        client,
      );
      return kitchenOf(row);
    }),
  );
}

/** Switches a kitchen's units. */
export function chooseUnits(kitchenId: string, unitSystem: 'metric' | 'us'): Promise<Result<null>> {
  return withKitchen(kitchenId, async () => {
    await updateUnitSystem(kitchenId, unitSystem);
    return succeed(null);
  });
}

function cutterOf(row: CutterRow): KitchenCutter {
  return {
    id: row.cutter_id,
    name: row.name,
    setting: row.setting,
    thicknessMm: Math.round(row.thickness_mm * 100) / 100,
    scatter: row.scatter,
  };
}

/** Its cutter settings, by name and thickness. */
export async function loadCutters(kitchenId: string): Promise<KitchenCutter[]> {
  return (await inKitchen(kitchenId, () => listCutters(kitchenId))).map(cutterOf);
}

/** Stores a cutter setting under the id its device chose. */
export function saveCutter(kitchenId: string, cutter: KitchenCutter): Promise<Result<null>> {
  return withKitchen(kitchenId, async () => {
    const { id, name, setting, thicknessMm, scatter } = cutter;
    const stored = await upsertCutter(kitchenId, { cutter_id: id, name, setting, thickness_mm: thicknessMm, scatter });
    return stored ? succeed(null) : fail({ code: 'other-kitchen' });
  });
}

/** Removes a cutter setting. */
export function removeCutter(kitchenId: string, cutterId: string): Promise<Result<null>> {
  return withKitchen(kitchenId, async () =>
    (await deleteCutter(kitchenId, cutterId)) ? succeed(null) : fail({ code: 'not-found' }),
  );
}

/** Stores a fryer under the id its device chose. */
export function saveFryer(kitchenId: string, fryer: KitchenFryer): Promise<Result<null>> {
  return withKitchen(kitchenId, async () => {
    await renameFryerOfBatches(kitchenId, fryer.id, fryer.name);
    const stored = await upsertFryer(kitchenId, {
      fryer_id: fryer.id,
      name: fryer.name,
      power_w: fryer.powerW,
      basket_cm2: fryer.basketCm2,
      basket_height_mm: fryer.basketHeightMm,
      thermostat_offset_c: fryer.thermostatOffsetC,
    });
    return stored ? succeed(null) : fail({ code: 'other-kitchen' });
  });
}

/** Takes a fryer out of the kitchen; the last one stays. */
export function removeFryer(kitchenId: string, fryerId: string): Promise<Result<null>> {
  return withKitchen(kitchenId, async () =>
    (await archiveFryer(kitchenId, fryerId)) ? succeed(null) : fail({ code: 'last-fryer' }),
  );
}
