'use client';

import type { Food } from '@/core/food/food';
import { planOfWay, waysOf } from '@/editing/ways/plan-of-way';
import type { Way } from '@/editing/ways/way';
import type { PlanFile } from '@/schemas/plan-file';
import { Button } from '@/ui/controls/button';
import { useUnits } from '@/ui/units-context';
import { sizesIn } from '@/ui/words/format';

/** Asked once another food is chosen: to go on with the plan as it stands, or to take one of the food's usual ways. */
export function UsualWayOffer({
  food,
  document,
  onTake,
  onKeep,
}: {
  food: Food;
  document: PlanFile;
  onTake: (document: PlanFile) => void;
  onKeep: () => void;
}) {
  const units = useUnits();
  const { fryer, portions } = document;
  const own = {
    id: '',
    name: '',
    powerW: fryer.power_w,
    basketCm2: fryer.basket_cm2,
    basketHeightMm: fryer.basket_height_mm,
    thermostatOffsetC: fryer.thermostat_offset_c,
  };
  const take = (way: Way) => {
    const made = planOfWay(food, way, { people: portions, each: way.each }, own);
    onTake({ ...made, name: sizesIn(made.name, units) });
  };
  return (
    <div role="group" aria-label="Usual ways" className="rounded-part border-2 border-rim p-3">
      <p className="text-[15px]">
        Cut, amount, preparation and dial are still those of the plan before. {food.name} is usually made so:
      </p>
      <ul className="mt-2 flex flex-wrap gap-2">
        {waysOf(food.id).map((way) => (
          <li key={way.id}>
            <Button onClick={() => take(way)}>{sizesIn(way.name, units)}</Button>
          </li>
        ))}
        <li>
          <Button look="quiet" onClick={onKeep}>
            Keep the settings
          </Button>
        </li>
      </ul>
    </div>
  );
}
